package ablemedic.radio;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FailsafeSettings.AfterGuardTime;
import ablemedic.craft.FailsafeSettings.HomeAt;
import ablemedic.craft.ReceiverSettings;
import ablemedic.craft.ReceiverSettings.WhenLost;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Item;
import ablemedic.diagnosis.Answers.Mixed;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.FixedWord;
import ablemedic.diagnosis.Gaussian;
import ablemedic.diagnosis.Joint;
import ablemedic.diagnosis.Prediction;
import ablemedic.family.CheckBuilder;
import ablemedic.family.CheckList;
import ablemedic.family.Observer;
import ablemedic.family.SettingTrouble;
import ablemedic.radio.FailsafeTimeline.End;
import ablemedic.radio.LostLink.Moment;
import ablemedic.radio.RadioOff.Does;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** The checks of what happens when the radio is switched off. Observers' error rates are common practice. */
public final class FailsafeChecks {
    /** The radio-off test. */
    public static final String RADIO_OFF = "radio-off";
    /** Its questions: what the motors do, and after how many seconds. */
    public static final String DOES = "does";

    public static final String AFTER = "after";
    /** The word for motors of which nothing changes. */
    public static final String NEVER = "never";

    static final String HOME = "home-arrow";
    static final String HEADING = "heading";
    static final String RETURN_TRY = "return-try";
    static final Choices CAME = CheckBuilder.asked(
            Radio.WORDS.check(RETURN_TRY), Radio.WORDS.check(RETURN_TRY).outcomes());

    private static final double MISREAD = Observer.READS.slips();
    /** The page that the settings of failsafe share. */
    private static final String SETTINGS = "read-failsafe";

    private static final double LONGEST_S = 60;
    /** A watch in the hand. */
    private static final double WATCH_S = 0.4;

    private static final double WATCH_SHARE = 0.1;
    private static final double COARSE = 0.05;

    private final CheckList checks;
    private final RadioChain chain;

    private FailsafeChecks(CheckList checks, RadioChain chain) {
        this.checks = checks;
        this.chain = chain;
    }

    static void addTo(CheckList checks, RadioChain chain) {
        FailsafeChecks all = new FailsafeChecks(checks, chain);
        all.tested();
        all.watched();
        all.read();
        if (chain.sound().setting(FailsafeSettings.STAGE_2) == AfterGuardTime.RETURN_HOME && chain.hasPositioning()) {
            all.home();
            all.tryReturn();
        }
    }

    static List<Outcome> motors() {
        return Arrays.stream(Does.values())
                .map(does -> Outcome.written(id(does), does.label()))
                .toList();
    }

    static String id(Does does) {
        return does.name().toLowerCase(Locale.ROOT);
    }

    private void tested() {
        checks.ask(Radio.WORDS.check(RADIO_OFF))
                .shows(
                        words -> new Mixed(List.of(
                                Item.of(DOES, words.line("ask " + DOES), motors()), new Item(AFTER, after(words)))),
                        asked -> from(Facet.of("motors-radio-off", RadioOff::of), off -> seen(asked, off)))
                .needs(BenchNeeds.POWERED_AND_RADIO_ALONE)
                .minutes(3)
                .risk(0.4)
                .add();
    }

    private static Scale after(Words words) {
        return new Scale(
                words.line("measure " + AFTER).plain(),
                "s",
                0,
                LONGEST_S,
                Double.POSITIVE_INFINITY,
                CheckBuilder.named(words, List.of(NEVER)));
    }

    private static Distribution seen(Mixed asked, RadioOff off) {
        Choices what = (Choices) asked.items().get(0).form();
        Scale after = (Scale) asked.items().get(1).form();
        return Joint.of(asked, Categorical.expecting(what, id(off.does()), MISREAD), seconds(after, off));
    }

    private static Distribution seconds(Scale after, RadioOff off) {
        return Double.isInfinite(off.afterS())
                ? new FixedWord(after, NEVER, MISREAD)
                : new Gaussian(after, off.afterS(), WATCH_S + WATCH_SHARE * off.afterS(), MISREAD);
    }

    private void watched() {
        checks.ask(Radio.WORDS.check("bars-radio-off"))
                .with("usb", Param.when(chain.receiverByComputer()))
                .shows(
                        Facet.of("bars-radio-off", craft -> craft.setting(ReceiverSettings.WHEN_LOST)),
                        lost -> lost == WhenLost.HOLD ? "stay" : lost == WhenLost.PRESETS ? "presets" : "lost",
                        Observer.READS)
                .needs(chain.barsNeed())
                .minutes(0.6)
                .risk(0.05)
                .add();
    }

    private void read() {
        BindChecks.atRadio(checks, "receiver-failsafe-setting").minutes(1).reads(FailsafeFaults.WHEN_LOST);
        atBoard("stage-2-setting").reads(FailsafeFaults.STAGE_2);
        number("guard-setting", FailsafeFaults.GUARD, 20);
        if (chain.sound().setting(FailsafeSettings.STAGE_2) != AfterGuardTime.DROP) {
            number("landing-throttle-setting", FailsafeFaults.LANDING_THROTTLE, 100);
            number("landing-time-setting", FailsafeFaults.LANDING_TIME, 600);
        }
    }

    private CheckBuilder atBoard(String id) {
        return checks.ask(Radio.WORDS.check(id))
                .kind(SETTINGS)
                .needs(BenchNeeds.COMPUTER)
                .minutes(0.5);
    }

    private void number(String id, SettingTrouble<Double> trouble, double high) {
        atBoard(id)
                .reads(
                        trouble,
                        chain.sound().setting(trouble.setting()),
                        0,
                        high,
                        is -> COARSE + 0.01 * is,
                        Observer.READS);
    }

    private void home() {
        number("least-distance-setting", FailsafeFaults.LEAST_DISTANCE, 1000);
        int wanted = chain.sound().setting(FailsafeSettings.LEAST_SATELLITES);
        atBoard("satellites-wanted-setting")
                .with("right", new Param.Count(wanted))
                .reads(FailsafeFaults.LEAST_SATELLITES, is -> is <= wanted ? "as-told" : "more", Observer.READS);
        atBoard("home-at-setting").reads(FailsafeFaults.HOME_AT);
        checks.ask(Radio.WORDS.check(HEADING))
                .shows(
                        Facet.of("heading", craft -> craft.setting(FailsafeSettings.COMPASS_OFF)),
                        off -> Math.abs(off) < 45 ? "north" : Math.abs(off) < 135 ? "side" : "south",
                        Observer.READS)
                .needs(BenchNeeds.OUTDOORS)
                .minutes(2)
                .risk(0.15)
                .add();
        checks.ask(Radio.WORDS.check(HOME))
                .with("satellites", new Param.Count(wanted))
                .shows(Facet.of("home-point", this::noted), at -> at, Observer.READS)
                .needs(BenchNeeds.OUTDOORS)
                .minutes(6)
                .risk(0.3)
                .add();
    }

    private record Return(End end, boolean elsewhere) {}

    /** What a return comes to, told by somebody who is wrong so often. */
    static Prediction<Craft, ?> came(RadioChain chain, double wrong) {
        return from(
                Facet.<Craft, Return>of(
                        "return-end", craft -> new Return(chain.end(craft), RadioChain.goesElsewhere(craft))),
                end -> Categorical.expecting(
                        CAME,
                        switch (end.end()) {
                            case HOME, BACK -> end.elsewhere() ? "elsewhere" : "home";
                            case LANDS -> "lands";
                            case FALLS -> "falls";
                            case STRAYS -> "away";
                            case FLIES_ON, CLIMBS -> "on";
                        },
                        wrong));
    }

    private void tryReturn() {
        checks.ask(Radio.WORDS.check(RETURN_TRY))
                .shows(words -> CAME, asked -> came(chain, MISREAD))
                .needs(BenchNeeds.FLIGHT)
                .minutes(5)
                .risk(1)
                .exploresNothing()
                .add();
    }

    private String noted(Craft craft) {
        return !chain.isFixed(craft)
                        || craft.setting(FailsafeSettings.LEAST_SATELLITES)
                                > Moment.usual(true).satellites()
                ? "none"
                : craft.setting(FailsafeSettings.HOME_AT) == HomeAt.POWER ? "power" : "armed";
    }
}

package ablemedic.radio;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FailsafeSettings.HomeAt;
import ablemedic.craft.FailsafeSettings.Stage2;
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
import ablemedic.family.CheckList;
import ablemedic.family.CraftCheck;
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
    static final Choices CAME = Choices.of(
            "What did it do?",
            List.of(
                    new Outcome("home", "it came home"),
                    new Outcome("lands", "it landed where it was"),
                    new Outcome("falls", "its motors stopped"),
                    new Outcome("elsewhere", "it went to another place"),
                    new Outcome("away", "it flew away from home"),
                    new Outcome("on", "nothing, it flew on or climbed")));

    private static final double MISREAD = 0.05;
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
        if (chain.sound().told(FailsafeSettings.STAGE_2) == Stage2.RETURN_HOME && chain.hasPositioning()) {
            all.home();
            all.tryReturn();
        }
    }

    static List<Outcome> motors() {
        return Arrays.stream(Does.values())
                .map(does -> new Outcome(id(does), does.label()))
                .toList();
    }

    static String id(Does does) {
        return does.name().toLowerCase(Locale.ROOT);
    }

    private void tested() {
        Scale after = new Scale(
                "after how many seconds",
                "s",
                0,
                LONGEST_S,
                Double.POSITIVE_INFINITY,
                List.of(new Outcome(NEVER, "never")));
        Mixed answers = new Mixed(List.of(Item.of(DOES, "What do the motors do?", motors()), new Item(AFTER, after)));
        Choices what = (Choices) answers.items().get(0).form();
        checks.add(
                RADIO_OFF,
                "radio-off",
                "Radio-off test: switch the radio off and watch the motors",
                "PROPS OFF, craft held down or strapped. Pack in, radio on, arm, throttle a third. Switch the radio off and count until the motors do "
                        + "what they end with: what is it, and after how many seconds? Wait half a minute. Then radio on, arm switch off. Motors that go on as before are stopped by the pack's plug: keep a hand at it.",
                answers,
                from(
                        Facet.of("motors without the radio", RadioOff::of),
                        off -> Joint.of(
                                answers, Categorical.expecting(what, id(off.does()), MISREAD), seconds(after, off))),
                3,
                0.4,
                BenchNeeds.POWERED_AND_RADIO_ALONE);
    }

    private static Distribution seconds(Scale after, RadioOff off) {
        return Double.isInfinite(off.afterS())
                ? new FixedWord(after, NEVER, MISREAD)
                : new Gaussian(after, off.afterS(), WATCH_S + WATCH_SHARE * off.afterS(), MISREAD);
    }

    private void watched() {
        Choices bars = Choices.of(
                "What do the bars do?",
                List.of(
                        new Outcome("lost", "the board says that it has lost its receiver"),
                        new Outcome("stay", "they stand as they were, and the board says nothing"),
                        new Outcome("presets", "they jump to other values, and the board says nothing")));
        checks.add(
                "bars-radio-off",
                "bars-radio-off",
                "Switch the radio off and watch the bars",
                "Computer joined" + (chain.receiverByComputer() ? "" : ", pack in and props off")
                        + ", a stick held half to one side, radio off. No motor turns.",
                bars,
                from(
                        Facet.of("bars without the radio", craft -> craft.told(ReceiverSettings.WHEN_LOST)),
                        lost -> Categorical.expecting(
                                bars,
                                lost == WhenLost.HOLD ? "stay" : lost == WhenLost.PRESETS ? "presets" : "lost",
                                MISREAD)),
                0.6,
                0.05,
                chain.barsNeed());
    }

    private void read() {
        checks.add(FailsafeFaults.WHEN_LOST
                .read(
                        "receiver-failsafe-setting",
                        "read-at-radio",
                        "What is the receiver told to do when it hears nothing?",
                        "In the radio's menu of the receiver, or its own page.",
                        1)
                .needing(BenchNeeds.RADIO));
        checks.add(FailsafeFaults.STAGE_2.read(
                "stage-2-setting",
                "read-failsafe",
                "What does the board do when the link stays lost?",
                "On its page of failsafe: stage 2.",
                0.5));
        number(
                FailsafeFaults.GUARD,
                "guard-setting",
                "Read the guard time, seconds",
                "On the board's page of failsafe.",
                0,
                20,
                chain.sound().told(FailsafeSettings.GUARD));
        if (chain.sound().told(FailsafeSettings.STAGE_2) != Stage2.DROP) {
            number(
                    FailsafeFaults.LANDING_THROTTLE,
                    "landing-throttle-setting",
                    "Read the landing throttle, percent",
                    "On the board's page of failsafe; 1000 µs is 0, 2000 is 100.",
                    0,
                    100,
                    chain.sound().told(FailsafeSettings.LANDING_THROTTLE));
            number(
                    FailsafeFaults.LANDING_TIME,
                    "landing-time-setting",
                    "Read how long a landing lasts, seconds",
                    "On the board's page of failsafe.",
                    0,
                    600,
                    chain.sound().told(FailsafeSettings.LANDING_TIME));
        }
    }

    private void home() {
        number(
                FailsafeFaults.LEAST_DISTANCE,
                "least-distance-setting",
                "Read the least distance of a return, metres",
                "On the board's page of return home.",
                0,
                1000,
                chain.sound().told(FailsafeSettings.LEAST_DISTANCE));
        int wanted = chain.sound().told(FailsafeSettings.LEAST_SATELLITES);
        Choices satellites = Choices.of(
                "How many?",
                List.of(new Outcome("as-told", wanted + " or fewer"), new Outcome("more", "more than " + wanted)));
        checks.add(FailsafeFaults.LEAST_SATELLITES.read(
                "satellites-wanted-setting",
                "read-failsafe",
                c -> "How many satellites does a return want?",
                c -> "On the board's page of return home.",
                satellites,
                told -> Categorical.expecting(satellites, told <= wanted ? "as-told" : "more", MISREAD),
                0.5));
        checks.add(FailsafeFaults.HOME_AT.read(
                "home-at-setting",
                "read-failsafe",
                "When does it note where home is?",
                "On the board's page of return home.",
                0.5));
        Choices heading = Choices.of(
                "What heading does it read?",
                List.of(
                        new Outcome("north", "north, within twenty degrees"),
                        new Outcome("side", "east or west"),
                        new Outcome("south", "south")));
        checks.add(
                HEADING,
                "heading",
                "Point its nose north: what heading does it read?",
                "Outdoors, away from cars and fences, level; north by a compass in the hand. Then carry it twenty metres off: the arrow to home points back.",
                heading,
                from(
                        Facet.of("north off by", craft -> craft.told(FailsafeSettings.COMPASS_OFF)),
                        off -> Categorical.expecting(
                                heading,
                                Math.abs(off) < 45 ? "north" : Math.abs(off) < 135 ? "side" : "south",
                                MISREAD)),
                2,
                0.15,
                BenchNeeds.OUTDOORS);
        Choices noted = Choices.of(
                "Where does it take home to be?",
                List.of(
                        new Outcome("armed", "where it was armed"),
                        new Outcome("power", "where it got its power"),
                        new Outcome("none", "no distance shows, or it says that it cannot return")));
        checks.add(
                HOME,
                "home-arrow",
                "Carry it twenty metres, arm, look at the distance to home",
                "PROPS OFF, outdoors, with a fix: power at one place, wait for " + wanted
                        + " satellites, arm at another. The distance to home begins at "
                        + "nothing where it was armed. Disarm at once.",
                noted,
                from(Facet.of("home noted", this::noted), at -> Categorical.expecting(noted, at, MISREAD)),
                6,
                0.3,
                BenchNeeds.OUTDOORS);
    }

    private record Return(End end, boolean elsewhere) {}

    /** What a return comes to, told by somebody who is wrong so often. */
    static Prediction<Craft, ?> came(RadioChain chain, double wrong) {
        return from(
                Facet.<Craft, Return>of(
                        "end of a return", craft -> new Return(chain.end(craft), RadioChain.goesElsewhere(craft))),
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
        checks.add(new CraftCheck(
                RETURN_TRY,
                "return-try",
                c -> "Try the return for the first time",
                c ->
                        "In the open, nobody below, a thumb on the switch that ends it. Beyond its least distance and above every tree: switch the "
                                + "return on, watch which way it turns, and take over before it is overhead.",
                CAME,
                came(chain, MISREAD),
                5,
                1,
                BenchNeeds.FLIGHT,
                false));
    }

    private String noted(Craft craft) {
        return !chain.isFixed(craft)
                        || craft.told(FailsafeSettings.LEAST_SATELLITES)
                                > Moment.usual(true).satellites()
                ? "none"
                : craft.told(FailsafeSettings.HOME_AT) == HomeAt.POWER ? "power" : "armed";
    }

    private void number(
            SettingTrouble<Double> trouble,
            String id,
            String title,
            String how,
            double low,
            double high,
            double expected) {
        Scale scale = new Scale("what is set", "", low, high);
        checks.add(trouble.read(
                id,
                "read-failsafe",
                c -> title,
                c -> how,
                scale,
                expected,
                told -> new Gaussian(scale, told, COARSE + 0.01 * told, MISREAD),
                0.5));
    }
}

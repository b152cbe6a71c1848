package ablemedic.radio;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FailsafeSettings.AfterGuardTime;
import ablemedic.craft.LinkSettings;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.ReceiverSettings;
import ablemedic.craft.ReceiverSettings.WhenLost;
import ablemedic.craft.Stick;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Prediction;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.family.CheckBuilder;
import ablemedic.family.Complaint;
import ablemedic.family.Observer;
import ablemedic.physics.FreeSpace;
import ablemedic.radio.FailsafeTimeline.End;
import ablemedic.uart.Reach;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What an owner can say of radio, switches and a lost link, and how a craft with each fault would look to an owner. */
final class RadioComplaints {
    private static final double TOLD_WRONG = Observer.TELLS.slips();
    /** That it fell or flew away nobody gets wrong; how, some do. */
    private static final double FELL_WRONG = 0.02;
    /**
     * How often a link is lost on a usual flight of a craft whose link is as it should be, and sooner or later of one
     * that is heard a third as far. Common practice.
     */
    private static final double LOST = 0.01;

    private static final double LOST_FAR = 0.95;
    /** How often a gap of the link shows that any board would bridge and presets do not. Common practice. */
    private static final double LOST_BRIEFLY = 0.5;

    /** Nobody calls less than this late, seconds. Common practice. */
    private static final double LATE_S = 6;

    private static final String LATE = "late";

    private final RadioChain chain;
    private final List<Check<Craft>> checks;
    private final List<Complaint> complaints = new ArrayList<>();

    private RadioComplaints(RadioChain chain, List<Check<Craft>> checks) {
        this.chain = chain;
        this.checks = checks;
    }

    static List<Complaint> of(RadioChain chain, List<Check<Craft>> checks) {
        RadioComplaints all = new RadioComplaints(chain, checks);
        all.bind();
        all.sticks();
        all.switches();
        all.failsafe();
        all.flewAway();
        all.dropped();
        all.home();
        all.range();
        return List.copyOf(all.complaints);
    }

    private void bind() {
        Words words = Radio.WORDS.complaint("will-not-bind");
        Choices lamp = CheckBuilder.asked(words, words.outcomes());
        add(
                words,
                lamp,
                from(
                        Facet.of(
                                "receiver-led",
                                craft -> !chain.isAlive(craft)
                                        ? "dark"
                                        : !chain.isLinked(craft)
                                                ? "slow"
                                                : chain.heard(craft, false) == Reach.NONE ? "solid" : "linked"),
                        seen -> Categorical.expecting(lamp, seen, TOLD_WRONG)),
                Chosen.of("linked"),
                BindChecks.MOVES);
    }

    private void sticks() {
        Words words = Radio.WORDS.complaint("sticks-wrong");
        Choices seen = CheckBuilder.asked(words, words.outcomes());
        add(
                words,
                seen,
                from(Facet.of("sticks", this::amiss), amiss -> told(seen, amiss)),
                Chosen.of("right"),
                StickChecks.MIDDLES,
                StickChecks.ENDS);
    }

    /** All that is amiss with the sticks; an owner tells of one. */
    private List<String> amiss(Craft craft) {
        if (!chain.isHeard(craft)) {
            return List.of("nothing");
        }
        List<String> amiss = new ArrayList<>();
        Craft sound = chain.sound();
        for (Stick stick : Stick.values()) {
            if (craft.functionOf(stick) != sound.functionOf(stick)) {
                amiss.add("axis");
            }
            if (!craft.setting(RadioSettings.reversed(stick)).equals(sound.setting(RadioSettings.reversed(stick)))) {
                amiss.add("reversed");
            }
            if (Math.abs(craft.setting(RadioSettings.trim(stick))) > 10) {
                amiss.add("middle");
            }
            if (craft.setting(RadioSettings.travel(stick)) < 0.93 * sound.setting(RadioSettings.travel(stick))) {
                amiss.add("ends");
            }
        }
        if (craft.setting(LinkSettings.MODEL_TYPE).mixes()) {
            amiss.add("several");
        }
        return amiss.stream().distinct().toList();
    }

    private static Categorical told(Choices answers, List<String> amiss) {
        if (amiss.isEmpty()) {
            return Categorical.expecting(answers, "right", TOLD_WRONG);
        }
        Categorical ways = Categorical.expecting(answers, amiss.get(0), TOLD_WRONG);
        for (int i = 1; i < amiss.size(); i++) {
            ways = ways.or(1.0 / (i + 1), Categorical.expecting(answers, amiss.get(i), TOLD_WRONG));
        }
        return ways;
    }

    private void switches() {
        if (checks.stream().noneMatch(check -> check.id().equals(SwitchChecks.SWITCHES))) {
            return;
        }
        Choices does = SwitchChecks.does();
        add(
                Radio.WORDS.complaint("switch-wrong"),
                does,
                from(SwitchChecks.facet(chain), both -> SwitchChecks.does(does, both, TOLD_WRONG)),
                new Chosen(Map.of("arm", "works", "level", "works")),
                SwitchChecks.SWITCHES);
    }

    private void failsafe() {
        Words words = Radio.WORDS.complaint("failsafe-wrong");
        List<Outcome> outcomes = new ArrayList<>(FailsafeChecks.motors());
        outcomes.addAll(CheckBuilder.named(words, List.of(LATE)));
        Choices does = Choices.of(words.line("ask"), outcomes);
        add(
                words,
                does,
                from(
                        Facet.of("motors-radio-off", RadioOff::of),
                        off -> Categorical.expecting(does, said(off), TOLD_WRONG)),
                Chosen.of(said(RadioOff.of(chain.sound()))),
                FailsafeChecks.RADIO_OFF);
    }

    private static String said(RadioOff off) {
        return off.afterS() > LATE_S && Double.isFinite(off.afterS()) ? LATE : FailsafeChecks.id(off.does());
    }

    private void flewAway() {
        Words words = Radio.WORDS.complaint("flew-away");
        Choices flew = CheckBuilder.asked(words, words.outcomes());
        add(
                words,
                flew,
                from(
                        Facet.of("lost-link-end", chain::end),
                        end -> Categorical.expecting(
                                flew,
                                end == End.FLIES_ON
                                        ? "on"
                                        : end == End.CLIMBS ? "up" : end == End.STRAYS ? "off" : "came",
                                FELL_WRONG)),
                Chosen.of("came"),
                FailsafeChecks.RADIO_OFF);
    }

    private record Flight(double lost, End end) {}

    private double lost(Craft craft) {
        if (craft.setting(ReceiverSettings.WHEN_LOST) == WhenLost.PRESETS
                && !craft.setting(ReceiverSettings.PRESET_ARM)) {
            return LOST_BRIEFLY;
        }
        return chain.heard(craft, false) == Reach.FLAKY || FreeSpace.reach(chain.lossDb(craft)) < 0.4 ? LOST_FAR : LOST;
    }

    private void dropped() {
        Words words = Radio.WORDS.complaint("dropped");
        Choices fell = CheckBuilder.asked(words, words.outcomes());
        add(
                words,
                fell,
                from(
                        Facet.of("lost-link-flight", craft -> new Flight(lost(craft), chain.end(craft))),
                        flight -> Categorical.expecting(fell, "flies", FELL_WRONG)
                                .or(
                                        flight.lost(),
                                        Categorical.expecting(
                                                fell,
                                                flight.end() == End.FALLS
                                                        ? "stopped"
                                                        : flight.end() == End.LANDS ? "sank" : "flies",
                                                FELL_WRONG))),
                Chosen.of("flies"),
                RangeChecks.STRENGTH,
                FailsafeChecks.RADIO_OFF);
    }

    private void home() {
        if (chain.sound().setting(FailsafeSettings.STAGE_2) != AfterGuardTime.RETURN_HOME || !chain.hasPositioning()) {
            return;
        }
        add(
                Radio.WORDS.complaint("no-return"),
                FailsafeChecks.CAME,
                FailsafeChecks.came(chain, TOLD_WRONG),
                Chosen.of("home"),
                FailsafeChecks.RADIO_OFF,
                FailsafeChecks.HOME,
                FailsafeChecks.HEADING);
    }

    private void range() {
        Words words = Radio.WORDS.complaint("poor-range");
        Choices reaches = CheckBuilder.asked(words, words.outcomes());
        add(
                words,
                reaches,
                from(
                        Facet.of("reach", craft -> FreeSpace.reach(chain.lossDb(craft))),
                        share -> Categorical.expecting(
                                reaches,
                                share > 0.7 ? "as-far" : share > 0.4 ? "half" : share > 0.15 ? "third" : "tenth",
                                0.15)),
                Chosen.of("as-far"),
                RangeChecks.STRENGTH);
    }

    private void add(Words words, Choices answers, Prediction<Craft, ?> prediction, Reading fine, String... proof) {
        complaints.add(Complaint.told(
                words.id(),
                words.title(),
                answers,
                prediction,
                Optional.of(fine),
                Arrays.stream(proof)
                        .map(wanted -> checks.stream()
                                .filter(check -> check.id().equals(wanted))
                                .findFirst()
                                .orElseThrow())
                        .toList()));
    }
}

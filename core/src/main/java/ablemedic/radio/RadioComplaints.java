package ablemedic.radio;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FailsafeSettings.Stage2;
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
import ablemedic.family.Complaint;
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
    private static final double TOLD_WRONG = 0.08;
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
        Choices lamp = Choices.of(
                "What does the receiver's lamp do?",
                List.of(
                        new Outcome("linked", "solid, and the sticks are heard"),
                        new Outcome("solid", "solid, and nothing is heard"),
                        new Outcome("slow", "it blinks and waits"),
                        new Outcome("dark", "dark")));
        add(
                "will-not-bind",
                "It will not bind",
                lamp,
                from(
                        Facet.of(
                                "lamp of a receiver that is to bind",
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
        Choices seen = Choices.of(
                "What is wrong with them?",
                List.of(
                        new Outcome("right", "nothing, they are right"),
                        new Outcome("axis", "a stick moves the wrong axis"),
                        new Outcome("reversed", "one goes the wrong way"),
                        new Outcome("middle", "one is off centre"),
                        new Outcome("ends", "one does not reach its ends"),
                        new Outcome("several", "one moves several axes"),
                        new Outcome("nothing", "nothing moves")));
        add(
                "sticks-wrong",
                "Sticks on the wrong axes, reversed, off centre or short",
                seen,
                from(Facet.of("how the sticks look", this::amiss), amiss -> told(seen, amiss)),
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
            if (!craft.told(RadioSettings.reversed(stick)).equals(sound.told(RadioSettings.reversed(stick)))) {
                amiss.add("reversed");
            }
            if (Math.abs(craft.told(RadioSettings.trim(stick))) > 10) {
                amiss.add("middle");
            }
            if (craft.told(RadioSettings.travel(stick)) < 0.93 * sound.told(RadioSettings.travel(stick))) {
                amiss.add("ends");
            }
        }
        if (craft.told(LinkSettings.MODEL_TYPE).mixes()) {
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
                "switch-wrong",
                "A switch does nothing, or arms at the wrong end",
                does,
                from(SwitchChecks.facet(chain), both -> SwitchChecks.does(does, both, TOLD_WRONG)),
                new Chosen(Map.of("arm", "works", "level", "works")),
                SwitchChecks.SWITCHES);
    }

    private void failsafe() {
        List<Outcome> outcomes = new ArrayList<>(FailsafeChecks.motors());
        outcomes.add(new Outcome(LATE, "what they should, but many seconds later"));
        Choices does = Choices.of("What did the motors do when the radio went off?", outcomes);
        add(
                "failsafe-wrong",
                "Failsafe does nothing, or the wrong thing",
                does,
                from(
                        Facet.of("motors without the radio", RadioOff::of),
                        off -> Categorical.expecting(does, said(off), TOLD_WRONG)),
                Chosen.of(said(RadioOff.of(chain.sound()))),
                FailsafeChecks.RADIO_OFF);
    }

    private static String said(RadioOff off) {
        return off.afterS() > LATE_S && Double.isFinite(off.afterS()) ? LATE : FailsafeChecks.id(off.does());
    }

    private void flewAway() {
        Choices flew = Choices.of(
                "How did it go?",
                List.of(
                        new Outcome("on", "straight on, as the sticks were"),
                        new Outcome("up", "up, and out of sight"),
                        new Outcome("off", "it turned and flew off another way"),
                        new Outcome("came", "it came down, or came back")));
        add(
                "flew-away",
                "It flew away",
                flew,
                from(
                        Facet.of("end of a flight that lost its link", chain::end),
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
        if (craft.told(ReceiverSettings.WHEN_LOST) == WhenLost.PRESETS && !craft.told(ReceiverSettings.PRESET_ARM)) {
            return LOST_BRIEFLY;
        }
        return chain.heard(craft, false) == Reach.FLAKY || FreeSpace.reach(chain.lossDb(craft)) < 0.4 ? LOST_FAR : LOST;
    }

    private void dropped() {
        Choices fell = Choices.of(
                "How did it drop?",
                List.of(
                        new Outcome("stopped", "its motors stopped, and it fell"),
                        new Outcome("sank", "it sank on its motors"),
                        new Outcome("flies", "it did not, it flew on")));
        add(
                "dropped",
                "It dropped out of the air",
                fell,
                from(
                        Facet.of("flights that lose their link", craft -> new Flight(lost(craft), chain.end(craft))),
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
        if (chain.sound().told(FailsafeSettings.STAGE_2) != Stage2.RETURN_HOME || !chain.hasPositioning()) {
            return;
        }
        add(
                "no-return",
                "Return home does not start, or goes the wrong way",
                FailsafeChecks.CAME,
                FailsafeChecks.came(chain, TOLD_WRONG),
                Chosen.of("home"),
                FailsafeChecks.RADIO_OFF,
                FailsafeChecks.HOME,
                FailsafeChecks.HEADING);
    }

    private void range() {
        Choices reaches = Choices.of(
                "How far does it reach against before, or against others like it?",
                List.of(
                        new Outcome("as-far", "as far"),
                        new Outcome("half", "about half"),
                        new Outcome("third", "a third or a quarter"),
                        new Outcome("tenth", "a tenth, some tens of metres")));
        add(
                "poor-range",
                "Range is poor",
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

    private void add(
            String id, String label, Choices answers, Prediction<Craft, ?> prediction, Reading fine, String... proof) {
        complaints.add(Complaint.told(
                id,
                label,
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

package ablemedic.takeoff;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.Spin;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.family.CheckBuilder;
import ablemedic.family.CraftCheck;
import ablemedic.family.InOneGo;
import ablemedic.family.Observer;
import ablemedic.physics.Drives;
import ablemedic.physics.FedArm;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** What the motors do without props: each alone, all together, and one after the other. */
final class MotorChecks {
    /** How often somebody names the stutter of a motor, and not which way it turns in the end. */
    private static final double STUTTER_IS_NAMED = 0.7;
    /**
     * How often a motor that labours, stutters or stands is named when all run alike otherwise. Common practice, no
     * source.
     */
    private static final double LABOURING_IS_NAMED = 0.8;

    private static final double STANDING_IS_NAMED = 0.95;
    private static final String STUTTERS = "stutters";
    private static final String TOGETHER = "together";

    private final TakeOffChecks checks;

    MotorChecks(TakeOffChecks checks) {
        this.checks = checks;
    }

    void add() {
        alone();
        checks.ask("start-together")
                .id("start")
                .shows(
                        MotorChecks::starts,
                        asked -> from(Facet.of("motors-starting", MotorChecks::starting), seen -> starts(asked, seen)))
                .needs(BenchNeeds.MOTORS_POWERED)
                .minutes(1)
                .risk(0.35)
                .add();
        checks.ask(TakeOffChecks.ALIKE)
                .shows(
                        TakeOffChecks::oddCorner,
                        asked -> from(
                                Facet.of("motors-running", MotorChecks::running),
                                surely -> TakeOffChecks.odd(asked, surely)))
                .needs(BenchNeeds.MOTORS_POWERED)
                .minutes(1.5)
                .risk(0.35)
                .add();
    }

    private void alone() {
        List<CraftCheck> each = IntStream.rangeClosed(1, Corner.ALL.size())
                .mapToObj(motor -> checks.ask("spin-alone")
                        .id("spin-" + motor)
                        .with("motor", Param.whole(motor, ""))
                        .with("corner", craft -> Param.written(craft.name(meant(craft, motor))))
                        .with("spin", craft -> Param.written(spin(craft, motor)))
                        .shows(
                                MotorChecks::turning,
                                asked -> from(
                                        Facet.of("turns-as-motor-" + motor, (Craft c) -> turned(c, motor)),
                                        turned -> turned.seen(asked)))
                        .needs(BenchNeeds.MOTORS_POWERED)
                        .minutes(0.6)
                        .risk(0.3)
                        .made())
                .toList();
        Words words = TakeOffChecks.words(TakeOffChecks.MOTORS);
        InOneGo all = new InOneGo(
                words,
                craft -> words.with("motors", Param.written(byChart(words, craft))),
                IntStream.rangeClosed(1, Corner.ALL.size())
                        .mapToObj(motor ->
                                words.with("motor", Param.whole(motor, "")).line("part"))
                        .toList(),
                each,
                1.6);
        checks.add(all);
        all.parts().forEach(checks::add);
    }

    private static Corner meant(Craft craft, int motor) {
        return craft.setting(FcSettings.NUMBERING).corner(motor);
    }

    private static String spin(Craft craft, int motor) {
        return craft.arm(meant(craft, motor)).motor().spin().label();
    }

    private static String byChart(Words words, Craft craft) {
        return IntStream.rangeClosed(1, Corner.ALL.size())
                .mapToObj(motor -> words.with("motor", Param.whole(motor, ""))
                        .with("corner", Param.written(craft.name(meant(craft, motor))))
                        .with("spin", Param.written(spin(craft, motor)))
                        .line("by-chart")
                        .plain())
                .collect(Collectors.joining("; "));
    }

    private static Choices turning(Words words) {
        List<Outcome> outcomes = new ArrayList<>();
        for (Corner corner : Corner.ALL) {
            for (Spin spin : Spin.values()) {
                outcomes.add(new Outcome(
                        turns(corner, spin),
                        words.with("corner", TakeOffChecks.corner(corner))
                                .with("spin", Param.written(spin.label()))
                                .outcome("turns")));
            }
        }
        outcomes.addAll(CheckBuilder.named(words, List.of("none", STUTTERS)));
        return Choices.of(words.line("ask"), outcomes);
    }

    private static String turns(Corner corner, Spin spin) {
        return TakeOffSeen.id(corner) + "-" + rotation(spin);
    }

    /** A rotation as outcomes are named by it. */
    static String rotation(Spin spin) {
        return spin == Spin.CLOCKWISE ? "cw" : "ccw";
    }

    private static Turned turned(Craft craft, int motor) {
        Corner corner = craft.reached(meant(craft, motor));
        FedArm arm = Drives.at(craft, corner);
        return new Turned(arm.turns() ? turns(corner, arm.spin()) : "none", arm.startsLate());
    }

    /** What turns when one motor is driven, and whether it stutters first; either may be what is named. */
    private record Turned(String what, boolean stutters) {
        Distribution seen(Choices answers) {
            Categorical clean = Categorical.expecting(answers, what, Observer.READS.slips());
            return stutters
                    ? clean.or(STUTTER_IS_NAMED, Categorical.expecting(answers, STUTTERS, Observer.READS.slips()))
                    : clean;
        }
    }

    private static Choices starts(Words words) {
        List<Outcome> outcomes = new ArrayList<>(CheckBuilder.named(words, List.of(TOGETHER)));
        for (String how : List.of("late", "dead")) {
            for (Corner corner : Corner.ALL) {
                outcomes.add(new Outcome(
                        how + "-" + TakeOffSeen.id(corner),
                        words.with("corner", TakeOffChecks.corner(corner)).outcome(how)));
            }
        }
        return Choices.of(words.line("ask"), outcomes);
    }

    private static List<String> starting(Craft craft) {
        List<String> seen = new ArrayList<>();
        for (Corner corner : Corner.ALL) {
            FedArm arm = Drives.at(craft, corner);
            if (!arm.turns()) {
                seen.add("dead-" + TakeOffSeen.id(corner));
            } else if (arm.startsLate()) {
                seen.add("late-" + TakeOffSeen.id(corner));
            }
        }
        return seen.isEmpty() ? List.of(TOGETHER) : seen;
    }

    /** With two at fault, either may be the one that is named. */
    private static Distribution starts(Choices answers, List<String> seen) {
        double[] p = new double[answers.questions().get(0).outcomes().size()];
        Arrays.fill(p, Observer.READS.slips() / p.length);
        for (String one : seen) {
            p[answers.questions().get(0).indexOf(one).orElseThrow()] += (1 - Observer.READS.slips()) / seen.size();
        }
        return Categorical.of(answers, p);
    }

    /**
     * How surely each motor would be named as not running like the others; without props a slightly bad joint is not
     * heard.
     */
    private static List<Double> running(Craft craft) {
        return Corner.ALL.stream()
                .map(corner -> Drives.at(craft, corner))
                .map(arm -> !arm.turns()
                        ? STANDING_IS_NAMED
                        : arm.arm().motor().strength() < 1
                                ? LABOURING_IS_NAMED
                                : arm.startsLate() ? STUTTER_IS_NAMED : 0.0)
                .toList();
    }
}

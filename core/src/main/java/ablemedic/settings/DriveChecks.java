package ablemedic.settings;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.DriveSettings;
import ablemedic.craft.MotorProtocol;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Item;
import ablemedic.diagnosis.Answers.Mixed;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Gaussian;
import ablemedic.diagnosis.Joint;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.family.Complaint;
import ablemedic.family.CraftCheck;
import ablemedic.physics.Drives;
import ablemedic.physics.FedArm;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The checks of how motors start, and of what board and controllers say to one another. Error rates are common
 * practice.
 */
final class DriveChecks {
    static final String EVEN = "starts-even";

    private static final double MISREAD = 0.05;
    private static final double TOLD_WRONG = 0.08;
    /** Where a sound motor starts and keeps on, percent of throttle, and by how much motors differ. From memory. */
    private static final double STARTS_AT = 3.5;

    private static final double ALIKE = 0.7;
    private static final double LATE_AT = 8;
    private static final double UNLIKE = 3;
    private static final Choices STARTS = Choices.of(
            "How do they start?",
            List.of(
                    new Outcome("together", "all together, smoothly"),
                    new Outcome("own", "each at a throttle of its own"),
                    new Outcome("one", "one late, or it stutters"),
                    new Outcome("stutter", "all stutter"),
                    new Outcome("still", "none turns"),
                    new Outcome("dead", "one or more stay still")));

    private final Craft sound;
    private final List<Check<Craft>> checks = new ArrayList<>();

    private DriveChecks(Craft sound) {
        this.sound = sound;
    }

    static List<Check<Craft>> of(Craft sound) {
        DriveChecks all = new DriveChecks(sound);
        all.seen();
        all.thresholds();
        all.read();
        return List.copyOf(all.checks);
    }

    private void seen() {
        checks.add(new CraftCheck(
                EVEN,
                "start-together",
                c -> "Bring all four up from nothing: how do they start?",
                c -> "Props off. From the computer, slowly, all four at once, twice.",
                STARTS,
                from(
                        Facet.of("how all start", DriveChecks::starts),
                        seen -> Categorical.expecting(STARTS, seen, MISREAD)),
                0.8,
                0.35,
                BenchNeeds.MOTORS_POWERED,
                true));
        Choices tones = Choices.of(
                "Which tones come?",
                List.of(
                        new Outcome("both", "the first, and the second after a moment"),
                        new Outcome("first", "only the first"),
                        new Outcome("none", "none at all")));
        checks.add(new CraftCheck(
                "second-tones",
                "second-tones",
                c -> "Listen when the pack goes in: do the second tones come?",
                c -> "Props off. The first say that the controllers have power, "
                        + "the second that they hear the board.",
                tones,
                from(Facet.of("tones", DriveChecks::tones), heard -> Categorical.expecting(tones, heard, MISREAD)),
                0.4,
                0.15,
                BenchNeeds.POWERED,
                true));
        if (sound.told(DriveSettings.PROTOCOL).isDigital()) {
            Choices comes = Choices.of(
                    "How do the motors start on pulses?",
                    List.of(
                            new Outcome("run", "they run, evenly or not"),
                            new Outcome("same", "no better than before")));
            checks.add(new CraftCheck(
                    "pulses-try",
                    "pulses-try",
                    c -> "Try pulses: choose " + MotorProtocol.ONESHOT125.label() + " and bring the motors up",
                    c -> "Props off. Note what is set. Choose " + MotorProtocol.ONESHOT125.label()
                            + ", save, restart, bring the motors up slowly. Then set back what was set, whatever came of it.",
                    comes,
                    from(
                            Facet.of("how all start on pulses", DriveChecks::onPulses),
                            runs -> Categorical.expecting(comes, runs ? "run" : "same", MISREAD)),
                    3,
                    0.35,
                    BenchNeeds.MOTORS_POWERED,
                    true));
        }
    }

    private static boolean onPulses(Craft craft) {
        return Drives.of(craft.with(DriveSettings.PROTOCOL, MotorProtocol.ONESHOT125)
                        .with(DriveSettings.TWO_WAY, false))
                .stream()
                .allMatch(arm -> arm.turns() && arm.feed() > 0.9);
    }

    /** What is seen when all four are brought up together. */
    private static String starts(Craft craft) {
        List<FedArm> arms = Drives.of(craft);
        long turning = arms.stream().filter(FedArm::turns).count();
        long late = arms.stream().filter(FedArm::startsLate).count();
        if (turning == 0) {
            return "still";
        } else if (turning < arms.size()) {
            return "dead";
        }
        return late == 0 ? "together" : late < arms.size() ? "one" : Drives.understood(craft) < 1 ? "stutter" : "own";
    }

    private static String tones(Craft craft) {
        boolean powered = Drives.feeds(craft).stream().anyMatch(feed -> feed > 0);
        return !powered ? "none" : Drives.understood(craft) == 1 ? "both" : "first";
    }

    private void thresholds() {
        Scale percent = new Scale("the lowest throttle that starts it and keeps it on, percent", "", 0, 25);
        Mixed answers = new Mixed(Corner.ALL.stream()
                .map(corner -> new Item(sound.airframe().shape().shortName(corner), percent))
                .toList());
        checks.add(new CraftCheck(
                "start-thresholds",
                "start-thresholds",
                c -> "Find where each motor starts and keeps on",
                c -> "Props off. From the computer, one motor at a time, half a percent of throttle at a time. "
                        + "Leave open one that never starts.",
                answers,
                from(
                        Facet.of("thresholds", DriveChecks::kept),
                        late -> Joint.of(
                                answers,
                                late.stream()
                                        .map(one -> (Distribution) one.map(isLate -> new Gaussian(
                                                        percent,
                                                        isLate ? LATE_AT : STARTS_AT,
                                                        isLate ? UNLIKE : ALIKE,
                                                        MISREAD))
                                                .orElseGet(() -> new Gaussian(percent, 20, 6, 0.5)))
                                        .toArray(Distribution[]::new))),
                3,
                0.35,
                BenchNeeds.MOTORS_POWERED,
                true));
    }

    /** Whether each motor starts late; nothing for one that never starts. */
    private static List<Optional<Boolean>> kept(Craft craft) {
        return Drives.of(craft).stream()
                .map(arm -> arm.turns() ? Optional.of(arm.startsLate()) : Optional.<Boolean>empty())
                .toList();
    }

    private void read() {
        checks.add(DriveFaults.PROTOCOL.read(
                "protocol-setting",
                "read-motor-protocol",
                "Which motor protocol is set?",
                "On the board's page of motors. The sheet says " + sound.told().said(DriveSettings.PROTOCOL) + ".",
                0.5));
        checks.add(DriveFaults.TWO_WAY.read(
                "two-way-setting",
                "read-motor-protocol",
                "Is the two-way motor protocol on?",
                "On the board's page of motors; it shows speeds of motors where the controllers answer.",
                0.5));
        checks.add(DriveFaults.KNOWN
                .read(
                        "controllers-firmware",
                        "read-controllers",
                        "What do the controllers know?",
                        "By their papers, the print on them, or what their own program says of their firmware.",
                        4)
                .needing(BenchNeeds.MOTORS_POWERED));
        Scale idle = new Scale("idle, percent", "", 0, 30);
        checks.add(DriveFaults.IDLE.read(
                "idle-setting",
                "read-motor-protocol",
                c -> "Which idle is set?",
                c -> "On the board's page of motors. " + sound.told().said(DriveSettings.IDLE) + " by the sheet.",
                idle,
                sound.told(DriveSettings.IDLE),
                told -> new Gaussian(idle, told, 0.1, MISREAD),
                0.5));
        if (sound.told(DriveSettings.PROTOCOL).needsEndPoints()) {
            Choices taught = Choices.of(
                    "Were they?",
                    List.of(
                            new Outcome("yes", "yes, all four, since they or the board were changed"),
                            new Outcome("no", "no, or nobody knows")));
            checks.add(DriveFaults.ENDS
                    .read(
                            "ends-asked",
                            "ask-ends",
                            c -> "Were the controllers taught the ends of the throttle?",
                            c -> "Ask or remember.",
                            taught,
                            ends -> Categorical.of(taught, ends ? 0.8 : 0.1, ends ? 0.2 : 0.9),
                            0.2)
                    .needing(BenchNeeds.NOTHING));
        }
    }

    /** “Motors stutter, start late or unevenly.” */
    static Complaint complaint(List<Check<Craft>> checks) {
        return Complaint.told(
                "motors-start",
                "Motors stutter, start late or unevenly",
                STARTS,
                from(
                        Facet.of("how all start, told", DriveChecks::starts),
                        seen -> Categorical.expecting(STARTS, seen, TOLD_WRONG)),
                Optional.of(Chosen.of("together")),
                List.of(checks.stream()
                        .filter(check -> check.id().equals(EVEN))
                        .findFirst()
                        .orElseThrow()));
    }
}

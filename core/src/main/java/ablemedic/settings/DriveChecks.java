package ablemedic.settings;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.DriveSettings;
import ablemedic.craft.MotorProtocol;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Item;
import ablemedic.diagnosis.Answers.Mixed;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Gaussian;
import ablemedic.diagnosis.Joint;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.family.CheckBuilder;
import ablemedic.family.CheckList;
import ablemedic.family.Complaint;
import ablemedic.family.Observer;
import ablemedic.physics.Drives;
import ablemedic.physics.FedArm;
import java.util.List;
import java.util.Optional;

/**
 * The checks of how motors start, and of what board and controllers say to one another. Error rates are common
 * practice.
 */
final class DriveChecks {
    static final String EVEN = "starts-even";

    private static final double MISREAD = Observer.READS.slips();
    /** Where a sound motor starts and keeps on, percent of throttle, and by how much motors differ. From memory. */
    private static final double STARTS_AT = 3.5;

    private static final double ALIKE = 0.7;
    private static final double LATE_AT = 8;
    private static final double UNLIKE = 3;
    /** The page of what is read of motors and ESCs. */
    private static final String PROTOCOL_PAGE = "read-motor-protocol";

    private final Craft sound;
    private final CheckList checks = new CheckList();

    private DriveChecks(Craft sound) {
        this.sound = sound;
    }

    static List<Check<Craft>> of(Craft sound) {
        DriveChecks all = new DriveChecks(sound);
        all.seen();
        all.thresholds();
        all.read();
        return all.checks.all();
    }

    private void seen() {
        checks.ask(SettingsAndFirmware.WORDS.check(EVEN))
                .kind("start-together")
                .shows(Facet.of("motors-start", DriveChecks::starts), seen -> seen, Observer.READS)
                .needs(BenchNeeds.MOTORS_POWERED)
                .minutes(0.8)
                .risk(0.35)
                .add();
        checks.ask(SettingsAndFirmware.WORDS.check("second-tones"))
                .shows(Facet.of("esc-beeps", DriveChecks::tones), heard -> heard, Observer.READS)
                .needs(BenchNeeds.POWERED)
                .minutes(0.4)
                .risk(0.15)
                .add();
        if (sound.setting(DriveSettings.PROTOCOL).isDigital()) {
            checks.ask(SettingsAndFirmware.WORDS.check("pulses-try"))
                    .with("pulses", Param.written(MotorProtocol.ONESHOT125.label()))
                    .shows(
                            Facet.of("motors-start-pulses", DriveChecks::onPulses),
                            runs -> runs ? "run" : "same",
                            Observer.READS)
                    .needs(BenchNeeds.MOTORS_POWERED)
                    .minutes(3)
                    .risk(0.35)
                    .add();
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
        checks.ask(SettingsAndFirmware.WORDS.check("start-thresholds"))
                .shows(
                        this::percents,
                        asked -> from(Facet.of("start-thresholds", DriveChecks::kept), late -> starting(asked, late)))
                .needs(BenchNeeds.MOTORS_POWERED)
                .minutes(3)
                .risk(0.35)
                .add();
    }

    private Mixed percents(Words words) {
        Scale percent = new Scale(words.line("measure").plain(), "", 0, 25);
        return new Mixed(Corner.ALL.stream()
                .map(corner -> new Item(sound.airframe().shape().shortName(corner), percent))
                .toList());
    }

    private static Distribution starting(Mixed asked, List<Optional<Boolean>> late) {
        Scale percent = (Scale) asked.items().get(0).form();
        return Joint.of(
                asked,
                late.stream()
                        .map(one -> (Distribution) one.map(isLate -> new Gaussian(
                                        percent, isLate ? LATE_AT : STARTS_AT, isLate ? UNLIKE : ALIKE, MISREAD))
                                .orElseGet(() -> new Gaussian(percent, 20, 6, 0.5)))
                        .toArray(Distribution[]::new));
    }

    /** Whether each motor starts late; nothing for one that never starts. */
    private static List<Optional<Boolean>> kept(Craft craft) {
        return Drives.of(craft).stream()
                .map(arm -> arm.turns() ? Optional.of(arm.startsLate()) : Optional.<Boolean>empty())
                .toList();
    }

    private void read() {
        checks.ask(SettingsAndFirmware.WORDS.check("protocol-setting"))
                .kind(PROTOCOL_PAGE)
                .with("right", Param.written(sound.configuration().said(DriveSettings.PROTOCOL)))
                .needs(BenchNeeds.COMPUTER)
                .minutes(0.5)
                .reads(DriveFaults.PROTOCOL);
        checks.ask(SettingsAndFirmware.WORDS.check("two-way-setting"))
                .kind(PROTOCOL_PAGE)
                .needs(BenchNeeds.COMPUTER)
                .minutes(0.5)
                .reads(DriveFaults.TWO_WAY);
        checks.ask(SettingsAndFirmware.WORDS.check("controllers-firmware"))
                .kind("read-controllers")
                .needs(BenchNeeds.MOTORS_POWERED)
                .minutes(4)
                .reads(DriveFaults.KNOWN);
        checks.ask(SettingsAndFirmware.WORDS.check("idle-setting"))
                .kind(PROTOCOL_PAGE)
                .with("right", Param.written(sound.configuration().said(DriveSettings.IDLE)))
                .needs(BenchNeeds.COMPUTER)
                .minutes(0.5)
                .reads(DriveFaults.IDLE, sound.setting(DriveSettings.IDLE), 0, 30, is -> 0.1, Observer.READS);
        if (sound.setting(DriveSettings.PROTOCOL).needsEndPoints()) {
            checks.ask(SettingsAndFirmware.WORDS.check("ends-asked"))
                    .kind("ask-ends")
                    .minutes(0.2)
                    .reads(
                            DriveFaults.ENDS,
                            (asked, ends) -> Categorical.of(asked, ends ? 0.8 : 0.1, ends ? 0.2 : 0.9));
        }
    }

    /** “Motors stutter, start late or unevenly.” */
    static Complaint complaint(List<Check<Craft>> checks) {
        Words check = SettingsAndFirmware.WORDS.check(EVEN);
        Choices asked = CheckBuilder.asked(check, check.outcomes());
        Words words = SettingsAndFirmware.WORDS.complaint("motors-start");
        return Complaint.told(
                words.id(),
                words.title(),
                asked,
                from(
                        Facet.of("motors-start-told", DriveChecks::starts),
                        seen -> Categorical.expecting(asked, seen, Observer.TELLS.slips())),
                Optional.of(Chosen.of("together")),
                checks.stream().filter(one -> one.id().equals(EVEN)).toList());
    }
}

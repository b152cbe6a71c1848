package ablemedic;

import ablemedic.capture.CaptureReport;
import ablemedic.configuration.Device;
import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinConvention;
import ablemedic.diagnosis.BeforeFlight;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Case;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Evidence;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Posterior;
import ablemedic.diagnosis.Reading;
import ablemedic.family.BlockerBelief;
import ablemedic.family.Complaint;
import ablemedic.family.Family;
import ablemedic.family.PrePowerConvention;
import ablemedic.family.RecordedBook;
import ablemedic.family.RoutineVerdict;
import ablemedic.family.SomethingElse;
import ablemedic.handbook.Handbook;
import ablemedic.power.PlugOhms;
import ablemedic.power.Power;
import ablemedic.radio.Radio;
import ablemedic.reading.Meter;
import ablemedic.requirement.Recorded;
import ablemedic.requirement.Required;
import ablemedic.requirement.Requirement;
import ablemedic.requirement.Violation;
import ablemedic.serial.Serial;
import ablemedic.settings.SettingsAndFirmware;
import ablemedic.takeoff.TakeOff;
import ablemedic.video.Video;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** All families together. */
public final class Families {
    private Families() {}

    /** All there are, in the order in which an owner thinks of them. A new one is added here and nowhere else. */
    public static final List<Family> ALL = List.of(
            TakeOff.FAMILY, Power.FAMILY, Serial.FAMILY, SettingsAndFirmware.FAMILY, Radio.FAMILY, Video.FAMILY);

    /** All pages of the handbook: those of every family, then those that belong to none. */
    public static Handbook handbook() {
        return HANDBOOK;
    }

    /** What is done before the battery goes in, on a craft as it should be. */
    public static List<Check<Craft>> prePowerRoutine(Craft craft, Meter meter, PrePowerConvention convention) {
        return ALL.stream()
                .flatMap(one -> one.prePowerRoutine(craft, meter, convention).stream())
                .toList();
    }

    /**
     * What a reading of a pre-power check says, where no single value is right; nothing where it is held against what
     * is expected.
     */
    public static Optional<RoutineVerdict> routineVerdict(Check<Craft> step, Craft craft, Reading reading) {
        return PlugOhms.of(step, craft, reading);
    }

    /** What such a check should give, in words. */
    public static Optional<String> routineExpectation(Check<Craft> step, Craft craft) {
        return PlugOhms.expected(step, craft);
    }

    /** What has to be seen at the bench before a craft of a case flies. */
    public static BeforeFlight<Craft> beforeFlight(Case<Craft> known) {
        boolean flipped = known.occasion() == Occasion.CRASH
                || known.evidence().stream()
                        .anyMatch(one -> one instanceof Evidence.CameDown<Craft>
                                || one instanceof Evidence.Finding<Craft> finding
                                        && crashed(finding.check(), finding.reading()));
        return new BeforeFlight<>(
                flight(),
                ALL.stream()
                        .flatMap(one -> one.beforeFlight(known.sound(), known.repairs(), flipped).stream())
                        .toList(),
                repair -> opens(known.sound(), repair.fault(), repair.fix()),
                finding -> crashed(finding.check(), finding.reading()));
    }

    /** Whether a fix changes more than settings, so that the craft is under the iron or the driver. */
    public static boolean opens(Craft sound, Fault<Craft> fault, Fix<Craft> fix) {
        Craft faulty = fault.applyTo(sound);
        Craft fixed = fix.applyTo(faulty);
        return !faulty.arms().equals(fixed.arms())
                || !faulty.outputs().equals(fixed.outputs())
                || !faulty.mount().equals(fixed.mount())
                || !faulty.electrics().defects().equals(fixed.electrics().defects());
    }

    /** What may keep a craft from arming, for a complaint of that, each with how likely it is by all that is known. */
    public static List<BlockerBelief> armingBlockers(String complaint, Posterior<Craft> posterior) {
        return ALL.stream()
                .flatMap(one -> one.armingBlockers(complaint, posterior).stream())
                .toList();
    }

    /** Whether a recording of a pad answers checks of a kind. */
    public static boolean isAnsweredByRecording(String kind) {
        return ALL.stream().anyMatch(one -> one.isAnsweredByRecording(kind));
    }

    /** The outcome of a check for a recording; nothing where the check is none that a recording answers. */
    public static Optional<String> outcomeOf(CaptureReport recording, String checkId, Craft sound) {
        return ALL.stream()
                .flatMap(one -> one.outcomeOf(recording, checkId, sound).stream())
                .findFirst();
    }

    /** Whether firmware is flashed in a check. */
    public static boolean flashes(Check<Craft> check) {
        return ALL.stream().anyMatch(one -> one.flashes(check));
    }

    /** Whether a fault is put right by a flash: what stands in the firmware differs. */
    public static boolean flashes(Craft sound, Fault<Craft> fault) {
        return sound.configuration().differencesTo(fault.applyTo(sound).configuration()).stream()
                .anyMatch(one -> one.setting().device() == Device.FIRMWARE);
    }

    /** Whether a craft flies in a check, be it the flight that proves it or another. */
    public static boolean isFlight(Check<Craft> check) {
        return check.needs().equals(flight().needs());
    }

    /**
     * Whether a craft takes off as it should though it has a fault, such as one of what happens when its link is lost.
     */
    public static boolean takesOffWith(Craft sound, Fault<Craft> fault) {
        Facet<Craft, ?> flying = flight().reads();
        return flying.of(fault.applyTo(sound)).equals(flying.of(sound));
    }

    private static Check<Craft> flight() {
        return ALL.stream().flatMap(one -> one.flight().stream()).findFirst().orElseThrow();
    }

    /** Whether the craft came down hard in a check that gave this. */
    public static boolean crashed(Check<Craft> check, Reading reading) {
        return ALL.stream().anyMatch(one -> one.crashed(check, reading));
    }

    /** Everything known of a craft like this, for a technician with this meter. */
    public static Book<Craft> book(Craft craft, Meter meter) {
        Book<Craft> all = new Book<>(List.of(), List.of());
        for (Family one : ALL) {
            all = all.and(one.book(craft, meter));
        }
        Book<Craft> known = all;
        List<Check<Craft>> told = complaints(craft, meter).stream()
                .flatMap(one -> Stream.concat(Stream.of(one.seen()), one.amiss().stream()))
                .filter(seen -> known.check(seen.id()).isEmpty())
                .toList();
        return all.and(new Book<>(List.of(), told));
    }

    /**
     * Everything known of a craft as required, with what of its record conflicts: each conflict is a suspect, and the
     * ordinary fault of the same effect is left out.
     */
    public static Book<Craft> book(Required required, Meter meter) {
        Craft craft = required.craft();
        Book<Craft> book = book(craft, meter);
        return required.conflicts().isEmpty()
                ? book
                : RecordedBook.of(book, required.conflicts(), craft, fault -> !takesOffWith(craft, fault));
    }

    /** What an owner of a craft like this can complain of, the usual first, and last what no family has. */
    public static List<Complaint> complaints(Craft craft, Meter meter) {
        Check<Craft> flight = flight();
        return Stream.concat(
                        ALL.stream().flatMap(one -> one.complaints(craft, meter, flight).stream()),
                        Stream.of(SomethingElse.complaint(flight)))
                .toList();
    }

    private static final List<Requirement> REQUIREMENTS =
            ALL.stream().flatMap(one -> one.requirements().stream()).toList();

    /** What a safe, working craft satisfies, in the order in which conflicts are put right. */
    public static List<Requirement> requirements() {
        return REQUIREMENTS;
    }

    /** Everything of a craft as recorded that violates a requirement, the gravest first. */
    public static List<Violation> violations(Craft recorded) {
        return Required.violations(recorded, REQUIREMENTS);
    }

    /** A craft with every conflict of its record put right. */
    public static Required required(Recorded recorded) {
        return Required.of(recorded, REQUIREMENTS);
    }

    /** A craft that stands for any whose parts and wires nobody entered. */
    public static Craft anyCraft() {
        return ANY;
    }

    /** What is known of every craft, whatever its parts and wires. */
    public static Book<Craft> bookOfAnyCraft() {
        return book(ANY, Meter.USUAL);
    }

    /** The usual complaint, which every craft can give cause for. */
    public static Complaint usualComplaint() {
        return complaints(ANY, Meter.USUAL).get(0);
    }

    private static final Handbook HANDBOOK =
            new Handbook(Stream.concat(ALL.stream().flatMap(one -> one.pages().stream()), Handbook.general().stream())
                    .toList());

    private static final Craft ANY =
            CraftClass.INCH_5.sound(SpinConvention.INWARD, MotorNumbering.REAR_RIGHT_FIRST, Rotation.NONE);
}

package ablemedic;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FcSettings;
import ablemedic.craft.FirmwareSettings;
import ablemedic.craft.LinkSettings;
import ablemedic.craft.ModeRange;
import ablemedic.craft.ReceiverSettings;
import ablemedic.craft.ReceiverSettings.WhenLost;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinConvention;
import ablemedic.craft.SpokenSettings;
import ablemedic.craft.StickOrder;
import ablemedic.craft.UartSettings;
import ablemedic.craft.VideoSettings;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.BenchState;
import ablemedic.diagnosis.Case;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Posterior;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Sureness;
import ablemedic.diagnosis.Suspect;
import ablemedic.family.Complaint;
import ablemedic.power.PowerCrafts;
import ablemedic.reading.Meter;
import ablemedic.requirement.Conflict;
import ablemedic.requirement.Recorded;
import ablemedic.requirement.Required;
import ablemedic.serial.SerialCrafts;
import ablemedic.video.VideoCrafts;
import ablemedic.wiring.ElectricSheet;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.UartFunction;
import ablemedic.wiring.Wire;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** A conflict of the record is a suspect from the start: a craft that has it is told in at most one look. */
@Tag("thorough")
class RecordedConflictTest {

    static Stream<Arguments> recordedWrong() {
        Craft shared = SerialCrafts.shared();
        return Stream.of(
                Arguments.of("stick order", shared.with(FcSettings.STICK_ORDER, StickOrder.TAER), "take-off"),
                Arguments.of("voltage scale", PowerCrafts.stack().with(FcSettings.VOLTAGE_SCALE, 15.0), "voltage"),
                Arguments.of("hold-last failsafe", shared.with(ReceiverSettings.WHEN_LOST, WhenLost.HOLD), "flew-away"),
                Arguments.of("spins", shared.with(FcSettings.SPINS, SpinConvention.OUTWARD), "take-off"),
                Arguments.of("channels", shared.with(LinkSettings.CHANNELS, 5), "switch-wrong"),
                Arguments.of("no arm switch", shared.with(ArmingSettings.ARM, ModeRange.NONE), "will-not-arm"),
                Arguments.of("alignment", shared.withMounted(Rotation.UPSIDE_DOWN), "take-off"),
                Arguments.of("transmitter power", VideoCrafts.strong().with(VideoSettings.POWER, 600), "picture-goes"),
                Arguments.of("tilt", shared.with(ArmingSettings.STANDS, 30.0), "will-not-arm"),
                Arguments.of("ten positions a second", shared.with(SpokenSettings.GNSS_HZ, 10), "positioning"),
                Arguments.of("GNSS at the computer's UART", atTheComputersUart(), "positioning"),
                Arguments.of("GNSS joined to nothing", withoutGnssWire(), "positioning"),
                Arguments.of(
                        "compass left out",
                        shared.with(FailsafeSettings.STAGE_2, FailsafeSettings.AfterGuardTime.RETURN_HOME)
                                .with(FcSettings.COMPASS, true)
                                .with(FirmwareSettings.COMPASS_BUILT, false),
                        "no-return"));
    }

    /** The module's wires on the UART that the computer takes, while others are free. */
    private static Craft atTheComputersUart() {
        Craft craft = SerialCrafts.with("board-f1", "gnss");
        ElectricSheet sheet = craft.electrics().sheet();
        List<Wire> wires = sheet.wires().stream()
                .map(wire -> new Wire(
                        atFirst(wire.from()), atFirst(wire.to()), wire.gauge(), wire.lengthMm(), wire.plugged()))
                .toList();
        Craft moved = craft.withElectrics(new Electrics(new ElectricSheet(sheet.parts(), wires, sheet.battery())));
        return moved.with(UartSettings.jobsOf("2"), List.of())
                .with(UartSettings.jobsOf("1"), List.of(UartFunction.GNSS));
    }

    private static String atFirst(String pad) {
        return pad.equals("FC.R2") ? "FC.R1" : pad.equals("FC.T2") ? "FC.T1" : pad;
    }

    private static Craft withoutGnssWire() {
        Craft craft = SerialCrafts.shared();
        ElectricSheet sheet = craft.electrics().sheet();
        List<Wire> left = sheet.wires().stream()
                .filter(wire -> !(wire.from() + wire.to()).contains("GNSS.T"))
                .toList();
        assertThat(left).hasSizeLessThan(sheet.wires().size());
        return craft.withElectrics(new Electrics(new ElectricSheet(sheet.parts(), left, sheet.battery())));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("recordedWrong")
    void aCraftThatHasItIsToldInAtMostOneLook(String name, Craft recorded, String kind) {
        Required required = Families.required(Recorded.of(recorded));
        assertThat(required.conflicts()).as("conflicts").isNotEmpty();
        Conflict conflict = required.conflicts().get(0);
        Craft truth = conflict.on(required.craft());
        Diagnosis<Craft> diagnosis = new Diagnosis<>(Families.book(required, Meter.USUAL), Assumptions.USUAL);
        Complaint complaint = Families.complaints(required.craft(), Meter.USUAL).stream()
                .filter(one -> one.id().equals(kind))
                .findFirst()
                .orElseThrow();
        Check<Craft> told = diagnosis.book().check(complaint.seen().id()).orElse(complaint.seen());
        Case<Craft> known = new Case<>(required.craft(), Occasion.BUILD, List.of(), List.of())
                .with(told, given(told, truth), Sureness.SURE);
        Posterior<Craft> posterior = diagnosis.posterior(known);
        int looks = 0;
        while (!isFound(posterior, conflict) && looks < 3) {
            Check<Craft> next = diagnosis
                    .planner(posterior)
                    .plan(BenchState.AT_INTAKE, Set.of())
                    .next()
                    .orElseThrow()
                    .check();
            known = known.with(next, given(next, truth), Sureness.SURE);
            posterior = diagnosis.posterior(known);
            looks++;
        }
        assertThat(looks).as(() -> "looks " + diagnosisOf(diagnosis, kind)).isLessThanOrEqualTo(1);
    }

    private static String diagnosisOf(Diagnosis<Craft> diagnosis, String kind) {
        return kind + " in a book of " + diagnosis.book().faults().size();
    }

    private static boolean isFound(Posterior<Craft> posterior, Conflict conflict) {
        Optional<Suspect<Craft>> first = posterior.standsOut();
        return first.filter(suspect -> suspect.faults().stream()
                        .anyMatch(blamed -> blamed.fault().id().equals(conflict.id())))
                .isPresent();
    }

    /** What a craft most probably gives. */
    private static Reading given(Check<Craft> check, Craft truth) {
        return Sound.reading(check.outlook(truth));
    }

    @Test
    void aRecordThatIsOutOfDateIsNotTakenForAFault() {
        Craft recorded = SerialCrafts.shared().withMounted(Rotation.UPSIDE_DOWN);
        Required required = Families.required(Recorded.of(recorded));
        Diagnosis<Craft> diagnosis = new Diagnosis<>(Families.book(required, Meter.USUAL), Assumptions.USUAL);
        Check<Craft> arrow = diagnosis.book().check("arrow").orElseThrow();
        Check<Craft> alignment = diagnosis.book().checks().stream()
                .filter(check -> check.kind().equals("read-alignment"))
                .findFirst()
                .orElseThrow();
        Complaint complaint = Families.usualComplaint();
        Case<Craft> known = new Case<>(required.craft(), Occasion.BUILD, List.of(), List.of());
        for (Check<Craft> check : List.of(complaint.seen(), alignment, arrow)) {
            known = known.with(check, given(check, required.craft()), Sureness.SURE);
        }
        Posterior<Craft> posterior = diagnosis.posterior(known);
        assertThat(posterior.everHeld("recorded-alignment")).isLessThan(0.1);
    }
}

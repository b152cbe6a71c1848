package ablemedic;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.configuration.Configuration;
import ablemedic.configuration.Device;
import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.OutputOrder;
import ablemedic.craft.UartSettings;
import ablemedic.diagnosis.Fault;
import ablemedic.power.PowerCrafts;
import ablemedic.reading.Meter;
import ablemedic.requirement.Severity;
import ablemedic.requirement.Violation;
import ablemedic.serial.SerialCrafts;
import ablemedic.wiring.UartFunction;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What a craft as recorded violates of what a safe, working craft satisfies. */
@Tag("thorough")
class RequirementsTest {
    private static final List<Craft> CRAFTS = List.of(
            SerialCrafts.shared(),
            SerialCrafts.polled(),
            SerialCrafts.modem(),
            PowerCrafts.stack(),
            PowerCrafts.separate());
    /** What only somebody who is asked can tell from a mistake: either may be meant. */
    private static final Set<String> MAY_BE_MEANT =
            Set.of("mode", "current-read", "telemetry-bytes", "arm-waits-for-fix", "failsafe-stage-2");

    @Test
    void ofASoundCraftThereIsNothingToSay() {
        for (Craft craft : CRAFTS) {
            assertThat(Families.violations(craft)).isEmpty();
        }
    }

    @Test
    void everyFaultThatIsASettingOfTheBoardIsSaidWithTheSettingThatItTouches() {
        for (Craft craft : CRAFTS) {
            for (Fault<Craft> fault : Families.book(craft, Meter.USUAL).faults()) {
                Craft faulty = fault.applyTo(craft);
                List<Configuration.Difference> differences =
                        craft.configuration().differencesTo(faulty.configuration());
                if (faulty.with(craft.configuration()).equals(craft)
                        && differences.stream().anyMatch(one -> one.setting().device() == Device.FLIGHT_BOARD)
                        && differences.stream()
                                .noneMatch(one ->
                                        MAY_BE_MEANT.contains(one.setting().id()))) {
                    Set<Setting<?>> said = new TreeSet<>();
                    Families.violations(faulty).forEach(lint -> said.addAll(lint.settings()));
                    assertThat(differences)
                            .as(fault.describe(craft).plain())
                            .anyMatch(one -> said.contains(one.setting()));
                }
            }
        }
    }

    @Test
    void aFirmwareOfTheOtherNumberingSchoolNeedsTheOrderThatUndoesIt() {
        Craft craft = PowerCrafts.stack().with(FcSettings.NUMBERING, MotorNumbering.FRONT_RIGHT_FIRST);
        Violation lint = Families.violations(craft).get(0);
        assertThat(lint.severity()).isEqualTo(Severity.HAZARD);
        String order = lint.remedy().plain().replace("Enter the output order ", "");
        assertThat(Families.violations(craft.with(FcSettings.OUTPUT_ORDER, OutputOrder.parse(order))))
                .as("entered, it is silent")
                .isEmpty();
    }

    @Test
    void aJobWithoutItsPartAndAPartWithoutItsJobAreSaid() {
        Craft craft = SerialCrafts.shared();
        assertThat(Families.violations(craft.with(UartSettings.jobsOf("6"), List.of(UartFunction.DISPLAY))))
                .extracting(one -> one.cause().plain())
                .anyMatch(cause -> cause.contains("UART 6 has the function OSD, and no part for it is there"));
        assertThat(Families.violations(craft.with(UartSettings.jobsOf("1"), List.of())))
                .extracting(Violation::complaint)
                .contains("no-sticks");
        assertThat(Families.violations(craft.with(UartSettings.jobsOf("1"), List.of())))
                .filteredOn(lint -> lint.complaint().equals("no-sticks"))
                .isNotEmpty()
                .allSatisfy(lint -> assertThat(lint.pads()).isNotEmpty().allSatisfy(pad -> assertThat(
                                craft.electrics().sheet().wires().stream()
                                        .filter(wire -> wire.from().equals(pad)
                                                || wire.to().equals(pad)))
                        .as("a pad of the sheet that has a lead")
                        .isNotEmpty()));
    }

    @Test
    void aScaleThatIsTooHighForTheDividerSaysWhatAPackWouldShow() {
        Craft craft = PowerCrafts.stack();
        double right = craft.setting(FcSettings.VOLTAGE_SCALE);
        assertThat(Families.violations(craft.with(FcSettings.VOLTAGE_SCALE, 1.1 * right)))
                .singleElement()
                .satisfies(lint -> assertThat(lint.cause().plain()).contains("17.6 V"));
        assertThat(Families.violations(craft.with(FcSettings.VOLTAGE_SCALE, 1.02 * right)))
                .as("trimmed to the meter")
                .isEmpty();
        assertThat(Families.violations(craft.with(FcSettings.CELLS, 6)))
                .singleElement()
                .satisfies(lint -> assertThat(lint.cause().plain()).contains("flies with 4"));
    }
}

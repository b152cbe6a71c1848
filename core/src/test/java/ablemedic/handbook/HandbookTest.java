package ablemedic.handbook;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.Families;
import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.DriveSettings;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FailsafeSettings.AfterGuardTime;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.MotorProtocol;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinConvention;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Fault;
import ablemedic.family.PrePowerConvention;
import ablemedic.family.RecordLook;
import ablemedic.handbook.Handbook.Chapter;
import ablemedic.handbook.Handbook.Page;
import ablemedic.parts.WiringLayout;
import ablemedic.power.PrePowerChecks;
import ablemedic.protocol.Format;
import ablemedic.reading.Meter;
import ablemedic.requirement.ConflictFault;
import ablemedic.serial.SerialCrafts;
import ablemedic.snapshot.ExportAsEvidence;
import ablemedic.snapshot.ExportCheck;
import ablemedic.video.VideoCrafts;
import ablemedic.wiring.BatteryType;
import ablemedic.wiring.Chemistry;
import ablemedic.wiring.Electrics;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class HandbookTest {
    private static java.util.Set<String> ids(Chapter chapter) {
        return Families.handbook().pages().stream()
                .filter(p -> p.chapter() == chapter)
                .map(Page::id)
                .collect(Collectors.toSet());
    }

    /** One craft of each layout, with every part from the parts library that it takes. */
    private static Stream<Craft> wired() {
        return Stream.concat(
                Stream.concat(
                        Stream.concat(
                                SerialCrafts.all().stream(),
                                Stream.of(
                                        SerialCrafts.shared()
                                                .with(DriveSettings.PROTOCOL, MotorProtocol.ONESHOT125)
                                                .with(FailsafeSettings.STAGE_2, AfterGuardTime.RETURN_HOME),
                                        SerialCrafts.polled().with(FailsafeSettings.STAGE_2, AfterGuardTime.LAND))),
                        Arrays.stream(WiringLayout.values()).map(layout -> {
                            Craft craft = CraftClass.INCH_5.sound(
                                    SpinConvention.INWARD, MotorNumbering.REAR_RIGHT_FIRST, Rotation.NONE);
                            return craft.withElectrics(new Electrics(layout.sheet(
                                    List.of(1, 0, 2, 3),
                                    List.of("FR", "RR", "RL", "FL"),
                                    85,
                                    new BatteryType(4, Chemistry.LIPO, 1500, 4),
                                    List.of("receiver", "camera", "display", "capacitor-470"))));
                        })),
                VideoCrafts.all().stream());
    }

    @Test
    void everySortOfFaultHasAPageAndEveryPageAFault() {
        assertThat(ids(Chapter.FAULTS))
                .isEqualTo(Stream.concat(
                                wired().flatMap(craft -> Families.book(craft, Meter.USUAL).faults().stream())
                                        .map(Fault::kind),
                                Stream.of(ExportAsEvidence.KIND, ConflictFault.KIND))
                        .collect(Collectors.toSet()));
    }

    @Test
    void everySortOfCheckHasAPageAndEveryPageACheck() {
        assertThat(ids(Chapter.CHECKS))
                .isEqualTo(Stream.concat(
                                wired().flatMap(craft -> Stream.of(
                                                        Families.book(craft, Meter.USUAL).checks().stream(),
                                                        Families.book(craft, Meter.USUAL).surveys().stream()
                                                                .flatMap(survey -> survey.routine().stream()),
                                                        PrePowerChecks.of(craft, Meter.USUAL, PrePowerConvention.FULL)
                                                                .stream(),
                                                        Stream.of(ExportCheck.planned(craft, List.of())))
                                                .flatMap(checks -> checks))
                                        .map(Check::kind),
                                Stream.of(RecordLook.KIND))
                        .collect(Collectors.toSet()));
    }

    @Test
    void everyFormatHasAPageAndEveryPageAFormat() {
        assertThat(ids(Chapter.FORMATS))
                .isEqualTo(Arrays.stream(Format.values())
                        .map(format -> "format-" + format.id())
                        .collect(Collectors.toSet()));
    }

    @Test
    void everyPageHasATitleAndSomethingToSay() {
        assertThat(Families.handbook().pages()).allSatisfy(page -> {
            assertThat(page.title()).isNotBlank();
            assertThat(page.paragraphs()).isNotEmpty().allSatisfy(p -> assertThat(p)
                    .isNotBlank());
        });
    }
}

package ablemedic.settings;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.craft.Craft;
import ablemedic.craft.DriveSettings;
import ablemedic.craft.MotorProtocol;
import ablemedic.firmware.DialectTable;
import ablemedic.firmware.FirmwareDialect;
import ablemedic.firmware.FirmwareDialects;
import ablemedic.power.PowerCrafts;
import ablemedic.serial.SerialCrafts;
import ablemedic.settings.BuildNeeds.Met;
import ablemedic.settings.BuildNeeds.Need;
import java.util.List;
import org.junit.jupiter.api.Test;

class BuildNeedsTest {
    private static final FirmwareDialect ALDER = FirmwareDialects.shipped().get(0);

    private static Need need(Craft craft, FirmwareDialect family, String version, String label) {
        return BuildNeeds.of(craft, family, version).stream()
                .filter(one -> one.label().equals(label))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theProtocolOfTheMotorsIsNeededAndTheVersionsThatHaveItAreNamed() {
        Craft fast = PowerCrafts.stack().with(DriveSettings.PROTOCOL, MotorProtocol.DSHOT600);
        Need old = need(fast, ALDER, "1", "DSHOT600 to the motors");
        assertThat(old.met()).isEqualTo(Met.NO);
        assertThat(old.versions()).containsExactly("2");
        assertThat(need(fast, ALDER, "2", "DSHOT600 to the motors").met()).isEqualTo(Met.YES);
        assertThat(BuildNeeds.violations(fast, ALDER, "1"))
                .singleElement()
                .satisfies(lint -> assertThat(lint.cause().plain()).isEqualTo("Alder 1 has no DSHOT600 to the motors"));
        assertThat(BuildNeeds.violations(fast, ALDER, "2")).isEmpty();
    }

    @Test
    void whatABuildMayLeaveOutSaysWhichSettingsGoWithIt() {
        Need positioning = need(SerialCrafts.shared(), ALDER, "2", "GNSS");
        assertThat(positioning.met()).isEqualTo(Met.IF_BUILT_IN);
        assertThat(positioning.taken())
                .anyMatch(one -> one.startsWith("functions of UART"))
                .anyMatch(one -> one.contains("protocol of GNSS"));
    }

    @Test
    void aTableThatDoesNotSayIsNotTakenForANo() {
        FirmwareDialect bare =
                DialectTable.read("family,oak,Oak,,1\nname,setting,since,until,times,values\nx,cells,1,,,\n");
        assertThat(BuildNeeds.of(SerialCrafts.shared(), bare, "1"))
                .isNotEmpty()
                .allSatisfy(need -> assertThat(need.met()).isEqualTo(Met.NOT_SAID));
        assertThat(BuildNeeds.violations(SerialCrafts.shared(), bare, "1")).isEmpty();
    }

    @Test
    void everyLineOfACraftIsAskedFor() {
        for (Craft craft : List.of(SerialCrafts.shared(), SerialCrafts.polled(), SerialCrafts.modem())) {
            assertThat(BuildNeeds.of(craft, ALDER, "2")).extracting(Need::met).doesNotContain(Met.NO, Met.NOT_SAID);
        }
    }
}

package ablemedic.export;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.catalogue.Rejected;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import io.dronefleet.mavlink.MavlinkConnection;
import io.dronefleet.mavlink.common.MavParamType;
import io.dronefleet.mavlink.common.ParamValue;
import io.dronefleet.mavlink.minimal.Heartbeat;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a board answers when its parameters are asked for, as the library writes it, read as a settings export. */
@OutsideCheck(
        kind = Kind.REFERENCE_LIBRARY,
        source = "io.dronefleet.mavlink 1.1.11, PARAM_VALUE of the common message set")
class ParameterMessagesTest {
    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final MavlinkConnection link = MavlinkConnection.create(new ByteArrayInputStream(new byte[0]), out);

    private void tell(String name, float value, MavParamType type, boolean second) throws IOException {
        ParamValue payload = ParamValue.builder()
                .paramId(name)
                .paramValue(value)
                .paramType(type)
                .paramCount(3)
                .paramIndex(0)
                .build();
        if (second) {
            link.send2(1, 1, payload);
        } else {
            link.send1(1, 1, payload);
        }
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void everyParameterIsReadAmongOtherPacketsAndNoise(boolean second) throws IOException {
        Random random = new Random(4);
        Map<String, String> told = new LinkedHashMap<>();
        for (int i = 0; i < 200; i++) {
            String name = "SER" + i + "_BAUD";
            int value = random.nextInt(100_000) - 50_000;
            MavParamType type = i % 3 == 0 ? MavParamType.MAV_PARAM_TYPE_REAL32 : MavParamType.MAV_PARAM_TYPE_INT32;
            // Every other whole number by its bits, as some senders do.
            boolean bits = type == MavParamType.MAV_PARAM_TYPE_INT32 && i % 2 == 0 && value > 0;
            float sent = type == MavParamType.MAV_PARAM_TYPE_REAL32
                    ? value / 8f
                    : bits ? Float.intBitsToFloat(value) : value;
            tell(name, sent, type, second);
            told.put(name, type == MavParamType.MAV_PARAM_TYPE_REAL32 ? plain(value / 8.0) : String.valueOf(value));
            if (i % 5 == 0) {
                link.send2(
                        1,
                        1,
                        Heartbeat.builder().customMode(i).mavlinkVersion(3).build());
                out.write(random.nextInt(200));
            }
        }
        SettingsExport export = SettingsExport.read(out.toByteArray());
        assertThat(export.form()).isEqualTo(ExportForm.MESSAGES);
        Map<String, String> read = new LinkedHashMap<>();
        export.entries().forEach(entry -> read.put(entry.name(), entry.value()));
        assertThat(read).isEqualTo(told);
    }

    private static String plain(double value) {
        return new java.math.BigDecimal(String.valueOf(value))
                .stripTrailingZeros()
                .toPlainString();
    }

    @Test
    void aParameterThatIsToldAgainCountsAsTheLastAndSaysSo() throws IOException {
        tell("MOT_SPIN", 0, MavParamType.MAV_PARAM_TYPE_INT8, true);
        tell("MOT_SPIN", 1, MavParamType.MAV_PARAM_TYPE_INT8, true);
        SettingsExport export = SettingsExport.read(out.toByteArray());
        assertThat(export.value("MOT_SPIN")).contains("1");
        assertThat(export.odd()).singleElement().satisfies(odd -> assertThat(odd.why())
                .contains("the last one counts"));
    }

    @Test
    void brokenAndCutRecordingsGiveWhatIsWholeInThemOrAreNoListing() throws IOException {
        for (int i = 0; i < 40; i++) {
            tell("P" + i, i, MavParamType.MAV_PARAM_TYPE_REAL32, true);
        }
        byte[] whole = out.toByteArray();
        Random random = new Random(6);
        for (int i = 0; i < 500; i++) {
            byte[] broken = Arrays.copyOf(whole, 1 + random.nextInt(whole.length));
            for (int hits = random.nextInt(6); hits > 0; hits--) {
                broken[random.nextInt(broken.length)] = (byte) random.nextInt(256);
            }
            try {
                SettingsExport.read(broken).entries().forEach(entry -> assertThat(entry.name())
                        .isNotBlank());
            } catch (Rejected e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }
}

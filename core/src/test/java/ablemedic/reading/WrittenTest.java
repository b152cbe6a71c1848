package ablemedic.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.data.Offset.offset;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class WrittenTest {
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
        assertThat(Written.read(text, dimension, unitless))
                .isInstanceOfSatisfying(Written.Amount.class, amount -> assertThat(amount.value())
                        .isCloseTo(value, offset(1e-9)));
    }

    @Test
    void aSmallMIsMilliAndALargeMIsMega() {
        assertThat(Written.read("3 mohm", Dimension.RESISTANCE, "ohm")).isEqualTo(new Written.Amount(0.003));
        assertThat(Written.read("3 Mohm", Dimension.RESISTANCE, "ohm")).isEqualTo(new Written.Amount(3e6));
    }

    @ParameterizedTest
    @ValueSource(strings = {"OL", "ol", " O.L "})
    void beyondRangeIsAReadingToo(String text) {
        assertThat(Written.read(text, Dimension.RESISTANCE, "ohm")).isEqualTo(new Written.OverLimit());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "volts", "1.2.3", "12 V", "1e5", "--3", "NaN", "12 furlongs"})
    void whatCannotBeReadIsRefusedWithAnExample(String text) {
        assertThatExceptionOfType(Written.UnreadableException.class)
                .isThrownBy(() -> Written.read(text, Dimension.MASS, "g"))
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
                Written.read(text.toString(), Dimension.VOLTAGE, "V");
            } catch (Written.UnreadableException e) {
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
        assertThat(Written.read(text, Dimension.RESISTANCE, "ohm")).isEqualTo(new Written.Amount(ohms));
    }

    @ParameterizedTest
    @ValueSource(strings = {"OL", "ol", "O.L", "open", "Overload"})
    void beyondRangeIsRead(String text) {
        assertThat(Written.read(text, Dimension.RESISTANCE, "ohm")).isEqualTo(new Written.OverLimit());
    }

    @ParameterizedTest
    @ValueSource(strings = {"climbing", "rising", "counts up", "Charging"})
    void aReadingThatDoesNotSettleIsRead(String text) {
        assertThat(Written.read(text, Dimension.RESISTANCE, "ohm")).isEqualTo(new Written.Climbing());
    }
}

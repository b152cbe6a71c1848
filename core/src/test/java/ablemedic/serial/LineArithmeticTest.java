package ablemedic.serial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.protocol.Format;
import ablemedic.protocol.Framing;
import ablemedic.protocol.Sender;
import ablemedic.serial.ByteBudget.Hop;
import ablemedic.serial.ByteBudget.Message;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LineArithmeticTest {

    @OutsideCheck(
            kind = Kind.FROM_MEMORY,
            source =
                    "Tables of rates in the USART chapter of a data sheet of an 8-bit processor, in tenths of a percent")
    @ParameterizedTest
    @CsvSource({
        "16e6, 16, 9600, 0.2",
        "16e6, 16, 57600, 2.1",
        "16e6, 16, 115200, -3.5",
        "16e6, 8, 115200, 2.1",
        "8e6, 16, 38400, 0.2",
        "8e6, 16, 57600, -3.5",
        "8e6, 8, 57600, 2.1",
        "1e6, 16, 4800, 0.2"
    })
    void aClockMakesTheRatesOfTheTable(double clockHz, int oversampling, double baud, double percent) {
        assertThat(100 * BaudError.of(clockHz, oversampling, baud, Framing.N1).off())
                .isCloseTo(percent, within(0.06));
    }

    /** Half a bit less a tick of sixteen, over nine and a half bits. */
    @OutsideCheck(kind = Kind.PUBLISHED, source = "Worked by hand: (1/2 − 1/16) / 9.5")
    @Test
    void aByteOfTenBitsBearsFourAndAHalfPercent() {
        BaudError exact = BaudError.of(16 * 115_200, 16, 115_200, Framing.N1);
        assertThat(exact.tolerance()).isCloseTo(0.04605, within(1e-5));
        assertThat(exact.off()).isZero();
        assertThat(exact.holds(0.045)).isTrue();
        assertThat(exact.holds(-0.049)).isFalse();
        assertThat(BaudError.of(16 * 115_200, 16, 115_200, Framing.E2).tolerance())
                .isLessThan(exact.tolerance());
        assertThat(BaudError.of(100, 16, 115_200, Framing.N1).divider()).isEqualTo(1);
    }

    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source = "Two sentences of 75 letters ten times a second: too much for 9600 baud, tight at 19 200")
    @Test
    void sentencesTenTimesASecondAreTooMuchFor9600() {
        List<Message> messages = List.of(new Message("two sentences", 10, 150, 0));
        ByteBudget budget = ByteBudget.of(
                messages,
                List.of(new Hop("module", 9600, 10), new Hop("module", 19_200, 10), new Hop("module", 38_400, 10)));
        assertThat(budget.bytesPerS()).isEqualTo(1500);
        assertThat(budget.hops()).extracting(ByteBudget.Loaded::share).containsExactly(1.5625, 0.78125, 0.390625);
        assertThat(budget.hops()).extracting(ByteBudget.Loaded::fits).containsExactly(false, false, true);
        assertThat(budget.divideBy()).isCloseTo(1.5625 / 0.7, within(1e-12));
        assertThat(ByteBudget.baudFor(1500, 10)).isEqualTo(38_400);
        assertThat(ByteBudget.of(List.of(), List.of()).divideBy()).isEqualTo(1);
    }

    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source = "Link quality on channel 12 is auxiliary 8, strength on channel 16 auxiliary 12")
    @Test
    void auxiliaryChannelsBeginAfterTheFourSticks() {
        assertThat(new ChannelNumber(12).auxiliary()).contains(8);
        assertThat(new ChannelNumber(16).auxiliary()).contains(12);
        assertThat(new ChannelNumber(5).auxiliary()).contains(1);
        assertThat(new ChannelNumber(4).auxiliary()).isEmpty();
    }

    @OutsideCheck(kind = Kind.PUBLISHED, source = "Worked by hand: 1000, 1500 and 2000 µs of 3.3 V in 20 ms")
    @Test
    void aServoLineShowsTheShareOfItsPulse() {
        SignalOnMeter shown = SignalOnMeter.of(Format.PWM, false, 3.3, 0, 0.02);
        assertThat(shown.idleV()).isZero();
        assertThat(shown.leastV()).isCloseTo(0.165, within(1e-9));
        assertThat(shown.mostV()).isCloseTo(0.33, within(1e-9));
        assertThat(shown.away(0.25)).isZero();
        assertThat(shown.away(0.5)).isCloseTo(0.17, within(1e-9));
    }

    /** The zeros of every byte, its start bit and its even parity bit, counted one by one. */
    @Test
    void anInvertedLineShowsTheShareOfItsZeros() {
        double[] averages = new double[3];
        for (int i = 0; i < 3; i++) {
            int high = 0;
            for (byte value : Sender.usual(Format.SBUS).bytes(Collections.nCopies(16, 1000.0 + 500 * i), 0)) {
                int ones = Integer.bitCount(value & 0xFF);
                high += 1 + 8 - ones + (ones % 2 == 0 ? 1 : 0);
            }
            averages[i] = 3.3 * high * 10e-6 / 0.009;
        }
        SignalOnMeter shown = SignalOnMeter.of(Format.SBUS, true, 3.3, 0, 0);
        assertThat(shown.idleV()).isZero();
        assertThat(shown.leastV()).isCloseTo(Math.min(averages[0], Math.min(averages[1], averages[2])), within(1e-6));
        assertThat(shown.mostV()).isCloseTo(Math.max(averages[0], Math.max(averages[1], averages[2])), within(1e-6));
    }

    @Test
    void whatIdlesHighAndWhatIdlesLowAreToldApartByTheMeter() {
        for (Format format : Sender.FORMATS) {
            SignalOnMeter plain = SignalOnMeter.of(format, false, 3.3, 0, 0);
            SignalOnMeter turned = SignalOnMeter.of(format, true, 3.3, 0, 0);
            assertThat(plain.leastV() + turned.mostV()).as("%s", format).isCloseTo(3.3, within(1e-9));
        }
    }
}

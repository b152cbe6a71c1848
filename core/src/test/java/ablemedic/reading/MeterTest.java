package ablemedic.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ablemedic.catalogue.Rejected;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MeterTest {
    private static final Meter PLAIN = new Meter(6000, 0.005, 2, 0.008, 3, 0, 40e6, 0.4);

    @ParameterizedTest
    @CsvSource({
        "1.000, 0.005 * 1 + 2 steps of 0.001, 0.007", "5.999, below 6 V, 0.031995", "16.40, steps of 0.01, 0.102",
        "-16.40, the sign does not matter, 0.102", "59.9, up to 60 V, 0.3195", "60.1, steps of 0.1, 0.5005"
    })
    @OutsideCheck(
            kind = Kind.PUBLISHED,
            source =
                    "JCGM 100:2008, 4.3.7: limits ±a without more give u = a/√3; a meter's limits are share of reading plus steps")
    void aVoltageIsKnownToTheLimitsOverRootThree(double volts, String why, double limit) {
        assertThat(PLAIN.ofVolts(volts).u()).as(why).isCloseTo(limit / Math.sqrt(3), within(1e-9));
        assertThat(PLAIN.ofVolts(volts).value()).isEqualTo(volts);
    }

    @Test
    void whatItShowsOfAResistanceContainsItsLeads() {
        Meter withWires = new Meter(6000, 0.005, 2, 0.008, 3, 0.3, 40e6, 0.4);
        for (double ohms : new double[] {0, 0.2, 4.7, 680, 4_700, 1e6}) {
            assertThat(withWires.ofOhms(ohms).value() - PLAIN.ofOhms(ohms).value())
                    .isCloseTo(0.3, within(1e-9));
        }
    }

    @Test
    void anUncertaintyNeverShrinksWithTheReading() {
        double before = 0;
        for (double ohms :
                DoubleStream.iterate(0.1, r -> r < 30e6, r -> r * 1.7).toArray()) {
            double now = PLAIN.ofOhms(ohms).u();
            assertThat(now).as("at %s ohm", ohms).isGreaterThanOrEqualTo(before);
            before = now;
        }
    }

    @Test
    void aCoarserDisplayKnowsLess() {
        Meter coarse = new Meter(2000, 0.005, 2, 0.008, 3, 0, 40e6, 0.4);
        for (double volts : new double[] {0.5, 3.3, 5, 16.8, 25}) {
            assertThat(coarse.ofVolts(volts).u())
                    .isGreaterThan(PLAIN.ofVolts(volts).u());
        }
    }

    @Test
    void aLowTestVoltageDoesNotOpenAJunction() {
        assertThat(PLAIN.ofJunctionOhms()).isInfinite();
        Meter high = new Meter(6000, 0.005, 2, 0.008, 3, 0.3, 40e6, 2.5);
        Meter higher = new Meter(6000, 0.005, 2, 0.008, 3, 0.3, 40e6, 3.2);
        assertThat(high.ofJunctionOhms()).isPositive().isLessThan(20_000);
        assertThat(higher.ofJunctionOhms())
                .as("more voltage drives more current")
                .isLessThan(high.ofJunctionOhms());
    }

    @ParameterizedTest
    @CsvSource({
        "999, 0.005, 2, 0.008, 3, 0.3, 4e7, 0.4, counts", "6000, 0.2, 2, 0.008, 3, 0.3, 4e7, 0.4, voltsShare",
        "6000, -0.1, 2, 0.008, 3, 0.3, 4e7, 0.4, voltsShare", "6000, 0.005, -1, 0.008, 3, 0.3, 4e7, 0.4, voltsDigits",
        "6000, 0.005, 2, 0.5, 3, 0.3, 4e7, 0.4, ohmsShare", "6000, 0.005, 2, 0.008, 100, 0.3, 4e7, 0.4, ohmsDigits",
        "6000, 0.005, 2, 0.008, 3, 10, 4e7, 0.4, leadOhms", "6000, 0.005, 2, 0.008, 3, NaN, 4e7, 0.4, leadOhms",
        "6000, 0.005, 2, 0.008, 3, 0.3, 1e4, 0.4, highestOhms", "6000, 0.005, 2, 0.008, 3, 0.3, 4e7, 0, testVolts"
    })
    void aMeterThatCannotBeIsRefusedWithThePlace(
            int counts,
            double voltsShare,
            int voltsDigits,
            double ohmsShare,
            int ohmsDigits,
            double wires,
            double highest,
            double test,
            String where) {
        assertThatThrownBy(
                        () -> new Meter(counts, voltsShare, voltsDigits, ohmsShare, ohmsDigits, wires, highest, test))
                .isInstanceOfSatisfying(
                        Rejected.class, e -> assertThat(e.where()).isEqualTo(where));
    }
}

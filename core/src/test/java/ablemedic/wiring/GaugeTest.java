package ablemedic.wiring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GaugeTest {
    @ParameterizedTest
    @CsvSource({
        "10, 2.588, 5.261, 3.277",
        "12, 2.053, 3.309, 5.211",
        "14, 1.628, 2.081, 8.286",
        "16, 1.291, 1.309, 13.17",
        "18, 1.024, 0.8230, 20.95",
        "20, 0.8118, 0.5177, 33.31",
        "22, 0.6438, 0.3255, 52.96",
        "24, 0.5106, 0.2047, 84.22",
        "26, 0.4049, 0.1288, 133.9",
        "28, 0.3211, 0.0810, 212.9",
        "30, 0.2546, 0.0509, 338.6"
    })
    @OutsideCheck(
            kind = Kind.PUBLISHED,
            source =
                    "Wire table of solid copper at 20 °C (ASTM B258 diameters, IEC 60028 copper): mm, mm², milliohm per metre")
    void aGaugeHasTheDiameterAreaAndResistanceOfTheWireTable(int awg, double mm, double mm2, double milliohmPerM) {
        Gauge gauge = new Gauge(awg);
        assertThat(gauge.diameterMm()).isCloseTo(mm, within(0.002 * mm));
        assertThat(gauge.areaMm2()).isCloseTo(mm2, within(0.003 * mm2));
        assertThat(1000 * gauge.ohmsPerM(20)).isCloseTo(milliohmPerM, within(0.003 * milliohmPerM));
    }

    @Test
    @OutsideCheck(
            kind = Kind.PUBLISHED,
            source = "ASTM B258: 4/0 is 0.4600 in, 36 is 0.0050 in; 6 gauges double the diameter nearly")
    void theTwoGaugesThatDefineTheScaleAreExact() {
        assertThat(new Gauge(36).diameterMm()).isCloseTo(0.127, within(1e-12));
        assertThat(new Gauge(0).diameterMm() * Math.pow(92, 3.0 / 39)).isCloseTo(11.684, within(1e-9));
        assertThat(new Gauge(10).diameterMm() / new Gauge(16).diameterMm()).isCloseTo(2.005, within(0.001));
    }

    @Test
    @OutsideCheck(kind = Kind.PUBLISHED, source = "IEC 60028: 0.00393 per kelvin at 20 °C")
    void warmCopperResistsMore() {
        assertThat(new Gauge(16).ohmsPerM(120) / new Gauge(16).ohmsPerM(20)).isCloseTo(1.393, within(1e-9));
    }

    @Test
    @OutsideCheck(kind = Kind.PUBLISHED, source = "IEC 60063, E96: some of its values")
    void theE96SeriesHoldsItsPublishedValues() {
        assertThat(ESeries.e96()).hasSize(96).contains(1.00, 1.02, 1.47, 2.21, 3.32, 4.75, 6.81, 8.25, 9.76);
        assertThat(ESeries.atLeast(10_000)).isCloseTo(10_000, within(1e-6));
        assertThat(ESeries.atLeast(11_450)).isCloseTo(11_500, within(1e-6));
        assertThat(ESeries.atLeast(9_900)).isCloseTo(10_000, within(1e-6));
    }

    @Test
    void noSuchGaugeIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Gauge(41)).withMessageContaining("0 to 40");
    }
}

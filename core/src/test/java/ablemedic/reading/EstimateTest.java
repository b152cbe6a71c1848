package ablemedic.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import ablemedic.catalogue.Rejected;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import org.junit.jupiter.api.Test;

class EstimateTest {
    /** Five sets of simultaneous observations: volts, milliamperes, radians. */
    private static final double[][] OBSERVED = {
        {5.007, 4.994, 5.005, 4.990, 4.999},
        {19.663, 19.639, 19.640, 19.685, 19.678},
        {1.0456, 1.0438, 1.0468, 1.0428, 1.0433}
    };

    private static double mean(double[] x) {
        return java.util.Arrays.stream(x).average().orElseThrow();
    }

    private static double covarianceOfMeans(double[] x, double[] y) {
        double sum = 0;
        for (int i = 0; i < x.length; i++) {
            sum += (x[i] - mean(x)) * (y[i] - mean(y));
        }
        return sum / (x.length - 1) / x.length;
    }

    @Test
    @OutsideCheck(
            kind = Kind.PUBLISHED,
            source =
                    "JCGM 100:2008 (GUM), example H.2, tables H.2 to H.4: R = 127.732 ± 0.071, X = 219.847 ± 0.295, Z = 254.260 ± 0.236")
    void theResistanceAndReactanceExampleOfTheGuideComesOut() {
        double[] u = new double[3];
        double[][] r = new double[3][3];
        for (int i = 0; i < 3; i++) {
            u[i] = Math.sqrt(covarianceOfMeans(OBSERVED[i], OBSERVED[i]));
        }
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                r[i][j] = covarianceOfMeans(OBSERVED[i], OBSERVED[j]) / u[i] / u[j];
            }
        }
        assertThat(u[0]).isCloseTo(0.0032, within(5e-5));
        assertThat(u[1]).isCloseTo(0.0095, within(5e-5));
        assertThat(u[2]).isCloseTo(0.00075, within(5e-6));
        assertThat(r[0][1]).isCloseTo(-0.36, within(0.005));
        assertThat(r[0][2]).isCloseTo(0.86, within(0.005));
        assertThat(r[1][2]).isCloseTo(-0.65, within(0.005));

        double v = mean(OBSERVED[0]);
        double i = mean(OBSERVED[1]) / 1000;
        double phi = mean(OBSERVED[2]);
        double[] si = {u[0], u[1] / 1000, u[2]};
        double resistance = v / i * Math.cos(phi);
        double reactance = v / i * Math.sin(phi);
        assertThat(resistance).isCloseTo(127.732, within(0.0005));
        assertThat(reactance).isCloseTo(219.847, within(0.0005));
        assertThat(v / i).isCloseTo(254.260, within(0.0005));
        assertThat(Estimate.combined(new double[] {resistance / v, -resistance / i, -reactance}, si, r))
                .isCloseTo(0.071, within(0.0005));
        // One in the last printed figure: the guide rounds what it carries on.
        assertThat(Estimate.combined(new double[] {reactance / v, -reactance / i, resistance}, si, r))
                .isCloseTo(0.295, within(0.001));
        assertThat(Estimate.combined(new double[] {1 / i, -v / i / i, 0}, si, r))
                .isCloseTo(0.236, within(0.0005));
    }

    @Test
    void theArithmeticIsThatOfTheLawForIndependentInputs() {
        Estimate a = new Estimate(12, 0.3);
        Estimate b = new Estimate(4, 0.2);
        double[][] independent = {{1, 0}, {0, 1}};
        double[] u = {0.3, 0.2};
        assertThat(a.over(b).u())
                .isCloseTo(Estimate.combined(new double[] {1 / 4.0, -12 / 16.0}, u, independent), within(1e-12));
        assertThat(a.times(b).u()).isCloseTo(Estimate.combined(new double[] {4, 12}, u, independent), within(1e-12));
        assertThat(a.minus(b).u()).isEqualTo(a.plus(b).u()).isCloseTo(Math.hypot(0.3, 0.2), within(1e-12));
    }

    @Test
    @OutsideCheck(kind = Kind.PUBLISHED, source = "JCGM 100:2008 (GUM) 4.3.7: u = a/√3 between limits ±a")
    void limitsBecomeAStandardUncertainty() {
        assertThat(Estimate.within(5, 0.3).u()).isCloseTo(0.3 / Math.sqrt(3), within(1e-12));
    }

    @Test
    void aMeterReadsItsLeadsToo() {
        assertThat(Meter.USUAL.ofOhms(0).value()).isEqualTo(0.3);
        assertThat(Meter.USUAL.ofOhms(12_000).u()).isCloseTo((0.008 * 12_000.3 + 3 * 10) / Math.sqrt(3), within(0.1));
        assertThat(Meter.USUAL.ofVolts(15.2).u()).isCloseTo((0.005 * 15.2 + 2 * 0.01) / Math.sqrt(3), within(1e-9));
    }

    @Test
    void aLowTestVoltageOpensNoJunction() {
        assertThat(Meter.USUAL.ofJunctionOhms()).isInfinite();
        assertThat(new Meter(6000, 0.005, 2, 0.008, 3, 0.3, 40e6, 2).ofJunctionOhms())
                .isBetween(1_000.0, 10_000.0);
    }

    @Test
    void aMeterThatCannotBeIsRefusedWithThePlace() {
        assertThatExceptionOfType(Rejected.class)
                .isThrownBy(() -> new Meter(6000, 0.005, 2, 0.8, 3, 0.3, 40e6, 0.4))
                .withMessageContaining("0.8 % is 0.008")
                .satisfies(e -> assertThat(e.where()).isEqualTo("ohmsShare"));
    }

    @Test
    @OutsideCheck(kind = Kind.PUBLISHED, source = "JCGM 100:2008 (GUM), table G.2, column of 95.45 %")
    void theCoverageOfFewIsStudents() {
        for (int degrees : new int[] {1, 2, 3, 5, 8, 10, 12, 20, 50}) {
            assertThat(held(degrees, Estimate.coverage(degrees)))
                    .as("%d degrees", degrees)
                    .isCloseTo(0.9545, within(0.001));
        }
    }

    /** The share of Student's distribution within ±t, by summing its density. */
    private static double held(int degrees, double t) {
        double inside = 0;
        double all = 0;
        // x = tan(angle) takes the whole line into a finite interval.
        for (double angle = 0.00005; angle < Math.PI / 2; angle += 0.0001) {
            double x = Math.tan(angle);
            double density = Math.pow(1 + x * x / degrees, -(degrees + 1) / 2.0) * (1 + x * x);
            all += density;
            inside += x <= t ? density : 0;
        }
        return inside / all;
    }
}

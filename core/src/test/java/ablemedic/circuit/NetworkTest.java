package ablemedic.circuit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import ablemedic.circuit.Network.Capacitor;
import ablemedic.circuit.Network.Link;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.ejml.simple.SimpleMatrix;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class NetworkTest {
    private static Link ohms(int a, int b, double ohms) {
        return new Link(a, b, 1 / ohms);
    }

    private static Network of(int nodes, Link... links) {
        return Network.of(nodes, List.of(links), List.of());
    }

    @Test
    @OutsideCheck(
            kind = Kind.PUBLISHED,
            source = "Wheatstone bridge, any textbook of circuits: balanced when R1/R2 = R3/Rx")
    void aBalancedBridgeCarriesNoCurrentInItsGalvanometer() {
        for (double galvanometer : new double[] {0.1, 50, 1e6}) {
            Network bridge =
                    of(4, ohms(0, 1, 100), ohms(1, 3, 200), ohms(0, 2, 150), ohms(2, 3, 300), ohms(1, 2, galvanometer));
            double[] v = bridge.volts(new double[] {1, 0, 0, -1});
            assertThat(v[1] - v[2]).isCloseTo(0, within(1e-9));
            assertThat(bridge.ohms(0, 3)).isCloseTo(180, within(1e-6));
        }
    }

    @Test
    @OutsideCheck(
            kind = Kind.PUBLISHED,
            source =
                    "Unbalanced bridge: V = Vs·(R2/(R1+R2) − R4/(R3+R4)) with an open galvanometer, any textbook of circuits")
    void anUnbalancedBridgeShowsTheTextbooksVoltage() {
        Network bridge = of(4, ohms(0, 1, 100), ohms(1, 3, 110), ohms(0, 2, 100), ohms(2, 3, 100));
        double amps = 10 / bridge.ohms(0, 3);
        double[] v = bridge.volts(new double[] {amps, 0, 0, -amps});
        assertThat(v[1] - v[2]).isCloseTo(10 * (110.0 / 210 - 0.5), within(1e-9));
    }

    @Test
    @OutsideCheck(
            kind = Kind.PUBLISHED,
            source =
                    "An endless ladder of one-ohm resistors has the golden ratio as its resistance, any textbook of circuits")
    void aLongLadderTendsToTheGoldenRatio() {
        List<Link> links = new ArrayList<>();
        int rungs = 40;
        for (int n = 0; n < rungs; n++) {
            links.add(ohms(n == 0 ? 1 : n + 1, n + 2, 1));
            links.add(ohms(n + 2, 0, 1));
        }
        assertThat(Network.of(rungs + 2, links, List.of()).ohms(1, 0)).isCloseTo((1 + Math.sqrt(5)) / 2, within(1e-9));
    }

    @Test
    @OutsideCheck(
            kind = Kind.PUBLISHED,
            source = "Resistance across the body diagonal of a cube of equal resistors: 5/6 R")
    void aCubeOfResistorsHasFiveSixthsAcross() {
        List<Link> edges = new ArrayList<>();
        for (int a = 0; a < 8; a++) {
            for (int bit = 1; bit < 8; bit <<= 1) {
                if ((a & bit) == 0) {
                    edges.add(ohms(a, a | bit, 1));
                }
            }
        }
        Network cube = Network.of(8, edges, List.of());
        assertThat(cube.ohms(0, 7)).isCloseTo(5.0 / 6, within(1e-9));
        assertThat(cube.ohms(0, 1)).isCloseTo(7.0 / 12, within(1e-9));
        assertThat(cube.ohms(0, 3)).isCloseTo(3.0 / 4, within(1e-9));
    }

    @Test
    @OutsideCheck(kind = Kind.PUBLISHED, source = "Elmore 1948: the mean delay of a step into R and C is R·C")
    void aCapacitorBehindAResistorSettlesInTheirProduct() {
        Network network =
                Network.of(3, List.of(ohms(0, 1, 100), ohms(1, 2, 10_000)), List.of(new Capacitor(1, 2, 1e-4)));
        assertThat(network.settlingS(1, 2)).isCloseTo(1, within(1e-6));
        assertThat(network.settlingS(0, 1)).isCloseTo(0, within(1e-9));
        assertThat(network.withoutCapacitor(0).settlingS(1, 2)).isZero();
    }

    private static List<Link> random(Random random, int nodes, int links) {
        List<Link> all = new ArrayList<>();
        for (int i = 0; i < links; i++) {
            int a = random.nextInt(nodes);
            int b = (a + 1 + random.nextInt(nodes - 1)) % nodes;
            all.add(ohms(a, b, Math.pow(10, random.nextInt(7) - 2)));
        }
        return all;
    }

    /** Resistance by a second library: the pseudo-inverse of the Laplacian needs no tie to earth. */
    private static double second(int nodes, List<Link> links, int a, int b) {
        SimpleMatrix laplacian = new SimpleMatrix(nodes, nodes);
        for (Link link : links) {
            laplacian.set(link.a(), link.a(), laplacian.get(link.a(), link.a()) + link.siemens());
            laplacian.set(link.b(), link.b(), laplacian.get(link.b(), link.b()) + link.siemens());
            laplacian.set(link.a(), link.b(), laplacian.get(link.a(), link.b()) - link.siemens());
            laplacian.set(link.b(), link.a(), laplacian.get(link.b(), link.a()) - link.siemens());
        }
        SimpleMatrix z = laplacian
                .plus(SimpleMatrix.ones(nodes, nodes).scale(1.0 / nodes))
                .invert();
        return z.get(a, a) + z.get(b, b) - 2 * z.get(a, b);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    @OutsideCheck(kind = Kind.REFERENCE_LIBRARY, source = "EJML: inverse of the Laplacian plus J/n")
    void everyPairReadsAsWithASecondLibrary(long seed) {
        Random random = new Random(seed);
        List<Link> links = random(random, 12, 20);
        for (int n = 0; n + 1 < 12; n++) {
            links.add(ohms(n, n + 1, 10));
        }
        Network network = Network.of(12, links, List.of());
        for (int a = 0; a < 12; a++) {
            for (int b = a + 1; b < 12; b++) {
                double ohms = second(12, links, a, b);
                assertThat(network.ohms(a, b)).isCloseTo(ohms, within(1e-6 + 1e-6 * ohms));
            }
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 21, 22})
    void anAlteredNetworkReadsAsOneSolvedFromScratch(long seed) {
        Random random = new Random(seed);
        int nodes = 14;
        List<Link> links = random(random, nodes, 16);
        Network altered = Network.of(nodes, links, List.of());
        List<Link> changed = new ArrayList<>(links);
        for (int step = 0; step < 4; step++) {
            int i = random.nextInt(links.size());
            if (step < 3) {
                double siemens = step == 0 ? 0 : Math.pow(10, random.nextInt(5) - 3);
                altered = altered.with(i, siemens);
                changed.set(i, new Link(changed.get(i).a(), changed.get(i).b(), siemens));
            } else {
                altered = altered.bridged(0, nodes - 1, 20);
                changed.add(new Link(0, nodes - 1, 20));
            }
            Network scratch = Network.of(nodes, changed, List.of());
            for (int a = 0; a < nodes; a++) {
                for (int b = a + 1; b < nodes; b++) {
                    assertThat(altered.connected(a, b)).isEqualTo(scratch.connected(a, b));
                    if (scratch.connected(a, b)) {
                        double ohms = scratch.ohms(a, b);
                        // Corrections cancel over seven decades; half a percent is below what any handheld meter
                        // resolves.
                        assertThat(altered.ohms(a, b)).isCloseTo(ohms, within(1e-3 + 5e-3 * ohms));
                    }
                }
            }
        }
    }

    @Test
    void aCutBeforeAnotherWayOfManyKilohmsIsSeenAsThose() {
        Network joined = of(3, ohms(0, 1, 0.002), ohms(1, 2, 5_000), ohms(0, 2, 6_000));
        assertThat(joined.with(0, 0).ohms(0, 1)).isCloseTo(11_000, within(60.0));
        assertThat(of(2, ohms(0, 1, 0.002)).with(0, 0).ohms(0, 1)).isInfinite();
    }

    @Test
    void whatHangsOnNothingReadsInfinite() {
        Network parted = of(4, ohms(0, 1, 5), ohms(2, 3, 7));
        assertThat(parted.ohms(0, 2)).isInfinite();
        assertThat(parted.bridged(1, 2, 1).ohms(0, 3)).isCloseTo(13, within(1e-3));
    }

    @Test
    void aNegativeOrEndlessConductanceIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Link(0, 1, -1));
        assertThatIllegalArgumentException().isThrownBy(() -> new Link(0, 1, Double.POSITIVE_INFINITY));
    }
}

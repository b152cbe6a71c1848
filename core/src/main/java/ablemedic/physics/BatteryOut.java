package ablemedic.physics;

import ablemedic.circuit.Network;
import ablemedic.reading.Meter;
import ablemedic.wiring.ElectricSheet;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Wiring;
import java.util.function.IntBinaryOperator;

/** A craft with its battery out, under the probes of a meter set to resistance. */
public final class BatteryOut {
    /** A reading that takes longer than this to settle is seen to climb, seconds. Common practice. */
    public static final double CLIMBS_S = 0.8;

    private static final int KEPT = 1_500;
    private static final Memory<ElectricSheet, Network> SOUND = new Memory<>(64);
    private static final Memory<Under, BatteryOut> KNOWN = new Memory<>(KEPT);

    /** A craft under the probes of a meter. */
    private record Under(Electrics electrics, Meter meter) {}

    private final Network network;
    private final Meter meter;
    private final int points;
    /** A class of the reading for each pair of points, one more than it is; 0 where nobody has asked yet. */
    private byte[] classes = {};

    private BatteryOut(Network network, Meter meter, int points) {
        this.network = network;
        this.meter = meter;
        this.points = points;
    }

    /** The craft with what is wrong with it. */
    public static BatteryOut of(Electrics electrics, Meter meter) {
        return KNOWN.of(
                new Under(electrics, meter),
                key -> new BatteryOut(
                        network(electrics, meter),
                        meter,
                        electrics.wiring().points().size()));
    }

    private static Network network(Electrics electrics, Meter meter) {
        Wiring wiring = electrics.wiring();
        Network sound = SOUND.of(
                electrics.sheet(),
                sheet -> Network.of(wiring.points().size(), Circuits.links(wiring), Circuits.capacitors(wiring)));
        Network network = Circuits.altered(sound, electrics);
        double junction = meter.ofJunctionOhms();
        if (Double.isInfinite(junction)) {
            return network;
        }
        for (Wiring.At<InnerCircuit.Drive> d : wiring.all(InnerCircuit.Drive.class)) {
            if (electrics.isSupplyExchanged(d.part().id())) {
                network = network.bridged(
                        Circuits.node(wiring, d, d.of().plus()),
                        Circuits.node(wiring, d, d.of().minus()),
                        1 / junction);
            }
        }
        return network;
    }

    /** Resistance between two points without the meter's wires, ohms; infinite where nothing joins them. */
    public double ohms(int a, int b) {
        return network.ohms(a, b);
    }

    /** Whether the meter shows OL between two points. */
    public boolean over(int a, int b) {
        return network.ohms(a, b) > meter.highestOhms();
    }

    /**
     * The class of the reading between two points, remembered: a survey asks for thousands of pairs again and again.
     *
     * @param classing gives 0 to 126, always the same for the same points
     */
    public int classed(int a, int b, IntBinaryOperator classing) {
        byte[] known = classes;
        if (known.length == 0) {
            known = new byte[points * points];
            classes = known;
        }
        byte at = known[a * points + b];
        if (at == 0) {
            at = (byte) (classing.applyAsInt(a, b) + 1);
            known[a * points + b] = at;
        }
        return at - 1;
    }

    /** How long a reading takes to settle while capacitors charge, seconds. */
    public double settlingS(int a, int b) {
        return network.settlingS(a, b);
    }

    /** Whether the reading climbs while capacitors charge. */
    public boolean climbs(int a, int b) {
        return network.settlingS(a, b) > CLIMBS_S;
    }
}

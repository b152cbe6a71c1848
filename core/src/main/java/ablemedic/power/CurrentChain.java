package ablemedic.power;

import ablemedic.physics.BatteryOut;
import ablemedic.reading.Meter;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Pad;
import ablemedic.wiring.Wire;

/** From the current sensor to the board. */
final class CurrentChain {
    private static final double LOST_OHMS = 20_000;
    private static final double POOR_OHMS = 500;
    /** What a corroded wire leaves of the sensor's signal. From memory. */
    private static final double POOR_SHARE = 0.8;

    private CurrentChain() {}

    /** The share of the sensor's reading that reaches the board, 0 when its wire is off. */
    static double share(Electrics electrics) {
        for (Wire wire : electrics.sheet().wires()) {
            if (electrics.sheet().pad(wire.from()).kind() == Pad.Kind.CURRENT) {
                double ohms = BatteryOut.of(electrics, Meter.USUAL)
                        .ohms(
                                electrics.wiring().node(wire.from()),
                                electrics.wiring().node(wire.to()));
                return ohms > LOST_OHMS ? 0 : ohms > POOR_OHMS ? POOR_SHARE : 1;
            }
        }
        return 0;
    }
}

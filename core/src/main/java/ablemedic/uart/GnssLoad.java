package ablemedic.uart;

import ablemedic.catalogue.Param;
import ablemedic.protocol.Format;
import ablemedic.wiring.UartFunction;
import java.util.List;
import java.util.Map;

/**
 * How full a GNSS module's line is: positions a second times the bytes of each, ten bits a byte, over the bits a second
 * of the line. Two sentences of 75 bytes make a position in NMEA 0183, one frame of 100 bytes in a binary format; up to
 * 70 % of a line is used. Common practice, no source.
 *
 * @param share of the line that is taken; 0 for a line that carries no positions
 */
public record GnssLoad(int hz, int baud, double share) {
    private static final int NMEA_BYTES = 150;
    private static final int BINARY_BYTES = 100;
    private static final int BITS_A_BYTE = 10;
    private static final double FILL = 0.7;

    /** @param hz positions a second that the module is set to */
    public static GnssLoad of(JoinedPart joined, int hz) {
        boolean positions = joined.part().job() == UartFunction.GNSS && joined.baud() > 0;
        int bytes = joined.part().format() == Format.BINARY_GNSS ? BINARY_BYTES : NMEA_BYTES;
        return new GnssLoad(hz, joined.baud(), positions ? (double) hz * bytes * BITS_A_BYTE / joined.baud() : 0);
    }

    /** The most positions a second that a line of this rate carries; at least one. */
    public int fits() {
        return share == 0 ? hz : Math.max(1, (int) Math.floor(FILL * hz / share));
    }

    /** How what is sent arrives: where more is sent than the line carries, sentences are cut off. */
    Reach through(Reach wire) {
        return share > 1 && wire == Reach.GOOD ? Reach.FLAKY : wire;
    }

    /** What is wrong with it; nothing where it fits. */
    public List<Judged> judged() {
        if (share <= FILL) {
            return List.of();
        }
        return List.of(new Judged(
                Rule.OVERLOADED,
                share > 1 ? Grade.WRONG : Grade.DOUBTFUL,
                Way.HEARD,
                Map.of(
                        "hz", Param.whole(hz, ""),
                        "share", Param.whole(Math.round(100 * share), ""),
                        "baud", Param.whole(baud, ""),
                        "cut", Param.when(share > 1),
                        "fits", Param.whole(fits(), ""))));
    }
}

package ablemedic.power;

import ablemedic.wiring.Gauge;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Voltage lost in a wire there and back, and the power that heats it.
 *
 * @param ohms of both wires, ohms
 * @param dropV volts
 * @param watts heat
 */
public record WireDrop(double ohms, double dropV, double watts) {

    /**
     * U = I·R with R of two copper wires (IEC 60028) of a gauge (ASTM B258).
     *
     * @param lengthMm of the wire one way, millimetres, greater than 0
     * @param amps amperes, 0 or more
     * @param celsius temperature of the copper
     */
    public static WireDrop of(Gauge gauge, double lengthMm, double amps, double celsius) {
        double ohms = 2 * gauge.ohmsPerM(celsius) * lengthMm / 1000;
        return new WireDrop(ohms, amps * ohms, amps * amps * ohms);
    }

    /** The thinnest gauge from 0 to 36 that keeps the drop at or below a number of volts; nothing where none does. */
    public static Optional<Gauge> thinnest(double lengthMm, double amps, double celsius, double mostV) {
        return IntStream.iterate(36, awg -> awg >= 0, awg -> awg - 1)
                .mapToObj(Gauge::new)
                .filter(gauge -> of(gauge, lengthMm, amps, celsius).dropV() <= mostV)
                .findFirst();
    }
}

package ablemedic.radio;

import ablemedic.craft.Airframe;

/**
 * A craft that falls, or sinks under less thrust than its weight, with drag that grows with the square of the speed.
 * Closed forms of any textbook of mechanics: v = vₜ √(1 − e^(−2gh/vₜ²)), t = vₜ/g · arcosh e^(gh/vₜ²).
 *
 * @param massKg of the craft
 * @param terminalMs speed at which drag carries its weight, metres a second
 */
public record Fall(double massKg, double terminalMs) {
    /** Of air at sea level, kg/m³; ISO 2533. */
    private static final double AIR = 1.225;
    /**
     * Drag of a falling frame over that of a plate as large as the square of its motors. From memory; the speeds go
     * with its root.
     */
    private static final double DRAG_SHARE = 0.35;

    /** That of a frame. */
    public static Fall of(Airframe frame) {
        return of(frame, 1);
    }

    /** The same with so many times the usual drag. */
    static Fall of(Airframe frame, double drag) {
        double kg = frame.massG() / 1000;
        double edge = Math.sqrt(2) * frame.reachMm() / 1000;
        return new Fall(kg, Math.sqrt(2 * kg * Airframe.GRAVITY / (AIR * DRAG_SHARE * drag * edge * edge)));
    }

    /** The same carried in part by its motors. */
    Fall carried(double shareOfWeight) {
        return new Fall(massKg, terminalMs * Math.sqrt(Math.max(0, 1 - shareOfWeight)));
    }

    private double gravity(double shareOfWeight) {
        return Airframe.GRAVITY * (1 - shareOfWeight);
    }

    /** Speed after a height, metres a second, with a share of its weight carried. */
    public double speedAfter(double heightM, double shareOfWeight) {
        double terminal = carried(shareOfWeight).terminalMs;
        return terminal * Math.sqrt(1 - Math.exp(-2 * gravity(shareOfWeight) * heightM / (terminal * terminal)));
    }

    /** Time that a height takes, seconds, with a share of its weight carried. */
    public double timeFor(double heightM, double shareOfWeight) {
        double terminal = carried(shareOfWeight).terminalMs;
        double x = gravity(shareOfWeight) * heightM / (terminal * terminal);
        // arcosh e^x without the overflow of e^x.
        return terminal
                / gravity(shareOfWeight)
                * (x > 30 ? x + Math.log(2) : Math.log(Math.exp(x) + Math.sqrt(Math.exp(2 * x) - 1)));
    }

    /** Energy at a speed, joule. */
    public double energyJ(double speedMs) {
        return massKg * speedMs * speedMs / 2;
    }

    /** How far it comes down in a time, metres: by halving, since the time for a height grows with the height. */
    double heightIn(double seconds, double mostM, double carried) {
        double low = mostM;
        double high = 0;
        for (int i = 0; i < 60; i++) {
            double middle = (low + high) / 2;
            if (timeFor(middle, carried) > seconds) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }
}

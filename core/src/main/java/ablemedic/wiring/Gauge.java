package ablemedic.wiring;

/**
 * A round copper wire by its American wire gauge.
 *
 * @param awg 0 to 40; the larger, the thinner
 */
public record Gauge(int awg) {
    /** Resistivity of annealed copper at 20 °C, ohm·mm²/m: IEC 60028. */
    public static final double COPPER = 0.017241;
    /** Its change with temperature at 20 °C, per kelvin: IEC 60028. */
    public static final double COPPER_PER_K = 0.00393;

    public Gauge {
        if (awg < 0 || awg > 40) {
            throw new IllegalArgumentException("wire gauges run from 0 to 40, not " + awg);
        }
    }

    /** Diameter, millimetres: 0.127 mm · 92^((36−n)/39), ASTM B258. */
    public double diameterMm() {
        return 0.127 * Math.pow(92, (36 - awg) / 39.0);
    }

    /** Cross-section, mm². */
    public double areaMm2() {
        return Math.PI * diameterMm() * diameterMm() / 4;
    }

    /** Resistance of a metre at a temperature in °C, ohms. */
    public double ohmsPerM(double celsius) {
        return COPPER * (1 + COPPER_PER_K * (celsius - 20)) / areaMm2();
    }
}

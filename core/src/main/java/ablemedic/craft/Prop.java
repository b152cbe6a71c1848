package ablemedic.craft;

/**
 * A propeller as it is fitted.
 *
 * @param hand the way it must turn to push air down
 * @param upsideDown fitted with its top side down
 * @param damaged bent, nicked or cracked
 */
public record Prop(Spin hand, boolean upsideDown, boolean damaged) {
    /**
     * Thrust of a blade that runs backwards, over that of a good one: it pushes up and badly. From memory; the sign is
     * what matters.
     */
    private static final double BACKWARDS = -0.5;
    /** Thrust of a blade with its top side down: same hand, poor profile. From memory. */
    private static final double TOP_DOWN = 0.6;
    /** Thrust of a bent or nicked blade. From memory. */
    private static final double DAMAGED = 0.88;

    public static Prop good(Spin hand) {
        return new Prop(hand, false, false);
    }

    /** Thrust over that of a good prop turned the right way; less than 0 where it pulls the craft down. */
    public double factor(Spin turned) {
        return (turned == hand ? 1 : BACKWARDS) * (upsideDown ? TOP_DOWN : 1) * (damaged ? DAMAGED : 1);
    }
}

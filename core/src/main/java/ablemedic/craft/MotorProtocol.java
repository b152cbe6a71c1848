package ablemedic.craft;

import ablemedic.catalogue.Names;

/**
 * What a flight board speaks to its speed controllers. Pulses tell the throttle by their length, so both ends must
 * agree on the ends of it; frames of bits tell it as a number, and need no such agreement. Lengths and rates are common
 * practice with no source.
 */
public enum MotorProtocol {
    PWM(1000, 2000, 0),
    ONESHOT125(125, 250, 0),
    SHORT_PULSES(5, 25, 0),
    DSHOT150(0, 0, 150_000),
    DSHOT300(0, 0, 300_000),
    DSHOT600(0, 0, 600_000);

    /** Eleven bits of throttle, one that asks for telemetry, four of a checksum. */
    private static final int FRAME_BITS = 16;

    private final double stoppedUs;
    private final double fullUs;
    private final int bitsPerS;

    MotorProtocol(double stoppedUs, double fullUs, int bitsPerS) {
        this.stoppedUs = stoppedUs;
        this.fullUs = fullUs;
        this.bitsPerS = bitsPerS;
    }

    public String label() {
        return Names.of(this);
    }

    /**
     * Whether controllers that know another understand it: each knows those that came before its own, and none that
     * came after.
     */
    public boolean isKnownTo(MotorProtocol fastest) {
        return compareTo(fastest) <= 0;
    }

    /**
     * Whether it sends frames of bits, which a controller that lacks it takes for noise: it stutters or stays still.
     */
    public boolean isDigital() {
        return bitsPerS > 0;
    }

    /** Whether both ends must be told the ends of the throttle: full throttle, power, wait for the tones, low. */
    public boolean needsEndPoints() {
        return !isDigital();
    }

    /** The pulse at no throttle, microseconds; 0 for frames. */
    public double stoppedUs() {
        return stoppedUs;
    }

    /** The pulse at full throttle, microseconds; 0 for frames. */
    public double fullUs() {
        return fullUs;
    }

    /** The longest that one value takes on the wire, microseconds. */
    public double longestUs() {
        return isDigital() ? FRAME_BITS * 1e6 / bitsPerS : fullUs;
    }

    /** Whether a value is over before the next one is due. */
    public boolean keepsUpWith(double loopHz) {
        return longestUs() < 1e6 / loopHz;
    }
}

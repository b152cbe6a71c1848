package ablemedic.physics;

/**
 * What becomes of radio waves in the open, in dB and dBm. Loss is that of Rec. ITU-R P.525: 32.44 dB + 20 lg km + 20 lg
 * MHz.
 */
public final class FreeSpace {
    /** What two short antennas add; that of a half-wave dipole is 2.15 dB each, of any textbook. */
    private static final double ANTENNAS_DB = 4.3;

    private FreeSpace() {}

    /** Loss in the open, dB. */
    public static double lossDb(double metres, double megahertz) {
        return 32.44 + 20 * Math.log10(metres / 1000) + 20 * Math.log10(megahertz);
    }

    /** What a receiver hears of so many milliwatts, dBm, if nothing is wrong. */
    public static double heardDbm(double milliwatts, double metres, double megahertz) {
        return 10 * Math.log10(milliwatts) + ANTENNAS_DB - lossDb(metres, megahertz);
    }

    /** How far it reaches against before: 20 dB make a tenth. */
    public static double reach(double lossDb) {
        return Math.pow(10, -lossDb / 20);
    }
}

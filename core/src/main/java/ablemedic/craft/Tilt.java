package ablemedic.craft;

/** A tilt in degrees: right side down and nose up count positive. */
public record Tilt(double rollDeg, double pitchDeg) {
    public static final Tilt NONE = new Tilt(0, 0);

    /** Reads {@code roll/pitch}, as {@link #written} writes it. */
    static Tilt parse(String written) {
        String[] both = written.split("/", -1);
        if (both.length != 2) {
            throw new IllegalArgumentException("a tilt is roll/pitch in degrees, such as 2/-1.5");
        }
        return new Tilt(Double.parseDouble(both[0]), Double.parseDouble(both[1]));
    }

    String written() {
        return rollDeg + "/" + pitchDeg;
    }
}

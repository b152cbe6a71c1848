package ablemedic.craft;

import java.util.regex.Pattern;

/** A tilt in degrees: right side down and nose up count positive. */
public record Tilt(double rollDeg, double pitchDeg) {
    public static final Tilt NONE = new Tilt(0, 0);

    private static final Pattern WRITTEN = Pattern.compile("( *-?\\d{1,6}(\\.\\d{1,12})? *(/(?!$)|$)){2}");

    /** Reads {@code roll/pitch}, as {@link #written} writes it. */
    static Tilt parse(String written) {
        if (!WRITTEN.matcher(written).matches()) {
            throw CraftRefusals.rejected("", "tilt", written);
        }
        String[] both = written.split("/", -1);
        return new Tilt(Double.parseDouble(both[0]), Double.parseDouble(both[1]));
    }

    String written() {
        return rollDeg + "/" + pitchDeg;
    }
}

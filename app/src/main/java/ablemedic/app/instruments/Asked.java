package ablemedic.app.instruments;

import ablemedic.app.http.Refusal;

/** Bounds of what an instrument is asked. */
final class Asked {
    private Asked() {}

    /** The number itself. @throws Refusal where it is outside its bounds or no number */
    static double within(String where, double value, double low, double high, String unit) {
        if (!(value >= low && value <= high)) {
            throw Refusal.wrong(
                    where,
                    where + " lies between " + plain(low) + " and " + plain(high) + " " + unit + ", not " + plain(value)
                            + ".");
        }
        return value;
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? String.valueOf(Math.round(value)) : String.valueOf(value);
    }
}

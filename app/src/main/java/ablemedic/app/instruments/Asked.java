package ablemedic.app.instruments;

import ablemedic.app.http.Refusal;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;

/** Bounds of what an instrument is asked. */
final class Asked {
    private static final Words REFUSALS =
            Catalogue.beside(Asked.class, "refusals").of("asked");

    private Asked() {}

    /** The number itself. @throws Refusal where it is outside its bounds or no number */
    static double within(String where, double value, double low, double high, String unit) {
        if (!(value >= low && value <= high)) {
            throw Refusal.wrong(
                    where,
                    REFUSALS.with("where", where)
                            .with("low", plain(low))
                            .with("high", plain(high))
                            .with("unit", unit)
                            .with("value", plain(value)),
                    "range");
        }
        return value;
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? String.valueOf(Math.round(value)) : String.valueOf(value);
    }
}

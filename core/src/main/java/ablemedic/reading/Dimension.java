package ablemedic.reading;

import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** What a number measures, its SI unit and the units that people write for it. Factors take the unit to SI. */
public enum Dimension {
    MASS("kg", Map.of("kg", 1.0, "g", 1e-3)),
    LENGTH("m", Map.of("m", 1.0, "cm", 1e-2, "mm", 1e-3)),
    VOLTAGE("V", Map.of("v", 1.0, "vdc", 1.0, "volt", 1.0, "volts", 1.0, "mv", 1e-3, "kv", 1e3)),
    RESISTANCE(
            "ohm",
            Map.of(
                    "ohm", 1.0, "ohms", 1.0, "ω", 1.0, "r", 1.0, "k", 1e3, "kohm", 1e3, "kω", 1e3, "m", 1e6, "mohm",
                    1e6, "mω", 1e6)),
    CURRENT("A", Map.of("a", 1.0, "ma", 1e-3)),
    CHARGE("Ah", Map.of("ah", 1.0, "mah", 1e-3)),
    RATIO("", Map.of("", 1.0, "%", 1e-2)),
    TIME("s", Map.of("s", 1.0, "ms", 1e-3, "min", 60.0)),
    ANGLE("deg", Map.of("deg", 1.0, "°", 1.0));

    private final String unit;
    private final Map<String, Double> factors;

    Dimension(String unit, Map<String, Double> factors) {
        this.unit = unit;
        this.factors = factors;
    }

    /** The SI unit that values are kept in; degrees for angles. */
    public String unit() {
        return unit;
    }

    Map<String, Double> factors() {
        return factors;
    }

    /** The dimension that people write this unit for, where there is one. */
    static Optional<Dimension> measuredIn(String written) {
        return Arrays.stream(values())
                .filter(d -> d.factors.containsKey(written.toLowerCase(Locale.ROOT)))
                .findFirst();
    }

    /** The dimension whose SI unit this is. */
    public static Dimension ofUnit(String unit) {
        for (Dimension dimension : values()) {
            if (dimension.unit.equals(unit)) {
                return dimension;
            }
        }
        throw new IllegalArgumentException("no dimension is kept in " + unit);
    }
}

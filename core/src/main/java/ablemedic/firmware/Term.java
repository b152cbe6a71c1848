package ablemedic.firmware;

import ablemedic.configuration.Setting;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * One name of a firmware family.
 *
 * @param name as it stands in a settings export, whatever its case
 * @param since the first version that has it, counted from 1
 * @param until the last version that has it; 0 where it still stands
 * @param times what a settings export has for one of the setting's unit, such as 100 for a share that is listed in
 *     percent
 * @param values what a settings export has for a value as the setting writes it; empty where both write it alike
 */
public record Term(
        String name, Setting<?> setting, int since, int until, BigDecimal times, Map<String, String> values) {
    public Term {
        values = Collections.unmodifiableMap(new LinkedHashMap<>(values));
    }

    /** Whether a version, counted from 1, has it. */
    public boolean isIn(int version) {
        return version >= since && (until == 0 || version <= until);
    }

    /** What the setting would write for what a settings export has; nothing where that stands for no value of it. */
    Optional<String> written(String listed) {
        String plain = listed.strip();
        if (!values.isEmpty()) {
            return values.entrySet().stream()
                    .filter(one -> one.getValue().equalsIgnoreCase(plain))
                    .map(Map.Entry::getKey)
                    .findFirst();
        }
        return times.compareTo(BigDecimal.ONE) == 0
                ? Optional.of(plain)
                : number(plain).map(n -> plain(n.divide(times, MathContext.DECIMAL64)));
    }

    /** What a settings export has for what the setting writes. */
    String listed(String written) {
        if (!values.isEmpty()) {
            return values.getOrDefault(written, written);
        }
        return times.compareTo(BigDecimal.ONE) == 0
                ? written
                : number(written)
                        .map(n -> plain(n.multiply(times).setScale(6, RoundingMode.HALF_EVEN)))
                        .orElse(written);
    }

    private static Optional<BigDecimal> number(String text) {
        try {
            return Optional.of(new BigDecimal(text));
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    private static String plain(BigDecimal number) {
        return number.signum() == 0 ? "0" : number.stripTrailingZeros().toPlainString();
    }
}

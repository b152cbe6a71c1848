package ablemedic.catalogue;

import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * What the values of an enum are called: in the file {@code names.md} beside its package, in an entry with the enum's
 * own name (after that of the type around it, where two share one), under the value's, all in kebab case.
 */
public final class Names {
    private static final Map<Enum<?>, String> KNOWN = new ConcurrentHashMap<>();

    private Names() {}

    public static String of(Enum<?> value) {
        return KNOWN.computeIfAbsent(value, v -> words(v.getDeclaringClass()).name(v));
    }

    /** All that is said of an enum, such as how each of its values is done. */
    public static Words words(Class<? extends Enum<?>> type) {
        Catalogue names = Catalogue.beside(type, "names");
        String own = kebab(type.getSimpleName());
        Class<?> outer = type.getEnclosingClass();
        String qualified = outer == null ? own : kebab(outer.getSimpleName()) + "-" + own;
        return names.of(names.has(qualified) ? qualified : own);
    }

    /** The id of a value: its name in kebab case. */
    public static String id(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static String kebab(String name) {
        return name.replaceAll("(?<=.)([A-Z])", "-$1").toLowerCase(Locale.ROOT);
    }
}

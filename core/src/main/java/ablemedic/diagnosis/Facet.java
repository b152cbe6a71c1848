package ablemedic.diagnosis;

import java.util.function.Function;

/**
 * A part of a system, or something that follows from it, from which predictions are made: what a board was told of its
 * outputs, what each drive is fed. Systems equal in a facet are predicted alike by every check that reads it, however
 * they differ otherwise. Each facet is one of its own, so it is made once and kept.
 *
 * @param <S> the system
 * @param <V> what is read of it, equal by value
 */
public final class Facet<S, V> {
    private static final Facet<Object, Object> WHOLE = new Facet<>("everything", system -> system);

    private static final Facet<Object, Boolean> NOTHING = new Facet<>("nothing", system -> Boolean.TRUE);

    private final String name;
    private final Function<S, V> reading;

    private Facet(String name, Function<S, V> reading) {
        this.name = name;
        this.reading = reading;
    }

    /** @param reading depends on nothing but the system */
    public static <S, V> Facet<S, V> of(String name, Function<S, V> reading) {
        return new Facet<>(name, reading);
    }

    /** The whole system: for a check that has not said what it reads. */
    @SuppressWarnings("unchecked")
    public static <S> Facet<S, S> whole() {
        return (Facet<S, S>) (Facet<?, ?>) WHOLE;
    }

    /** Nothing at all: for a check that every system answers alike. */
    @SuppressWarnings("unchecked")
    public static <S> Facet<S, Boolean> nothing() {
        return (Facet<S, Boolean>) (Facet<?, ?>) NOTHING;
    }

    public V of(S system) {
        return reading.apply(system);
    }

    @Override
    public String toString() {
        return name;
    }
}

package ablemedic.diagnosis;

import java.util.function.Function;

/**
 * What a check predicts from a facet of the system. It is handed nothing else, so it cannot depend on more.
 *
 * @param <S> the system
 * @param <V> what is read of it
 */
public record Prediction<S, V>(Facet<S, V> facet, Function<V, Distribution> from) {
    public static <S, V> Prediction<S, V> from(Facet<S, V> facet, Function<V, Distribution> from) {
        return new Prediction<>(facet, from);
    }

    public Distribution of(S system) {
        return from.apply(facet.of(system));
    }
}

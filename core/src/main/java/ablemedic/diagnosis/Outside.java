package ablemedic.diagnosis;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Trouble that the book does not hold.
 *
 * @param like the fault of the book that it shows like, without being cured by what cures that
 * @param shows whether more checks than the complaint and the flight may be odd
 */
public record Outside<S>(Optional<Fault<S>> like, boolean shows) {
    /**
     * Both sorts that look like nothing in the book: one that shows here and there, and one that shows nowhere else.
     */
    static <S> List<Outside<S>> sorts() {
        return Stream.of(true, false)
                .map(shows -> new Outside<S>(Optional.empty(), shows))
                .toList();
    }

    static <S> Outside<S> like(Fault<S> fault) {
        return new Outside<>(Optional.of(fault), true);
    }
}

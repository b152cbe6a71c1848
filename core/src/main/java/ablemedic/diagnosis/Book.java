package ablemedic.diagnosis;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * All faults and checks that are known for a system. The order of the faults is the order in which two of them are
 * applied together, the order of the checks is that of an unhurried routine.
 *
 * @param surveys families of checks that are too many to list
 */
public record Book<S>(List<Fault<S>> faults, List<Check<S>> checks, List<Survey<S>> surveys) {
    public Book {
        faults = List.copyOf(faults);
        checks = List.copyOf(checks);
        surveys = List.copyOf(surveys);
        Set<String> ids = new HashSet<>();
        faults.forEach(fault -> claim(ids, "fault " + fault.id()));
        checks.forEach(check -> claim(ids, "check " + check.id()));
    }

    public Book(List<Fault<S>> faults, List<Check<S>> checks) {
        this(faults, checks, List.of());
    }

    /** This book with all that another holds after it. */
    public Book<S> and(Book<S> other) {
        return new Book<>(both(faults, other.faults), both(checks, other.checks), both(surveys, other.surveys));
    }

    private static <T> List<T> both(List<T> one, List<T> other) {
        return Stream.concat(one.stream(), other.stream()).toList();
    }

    private static void claim(Set<String> ids, String id) {
        if (!ids.add(id)) {
            throw new IllegalArgumentException("the book has two entries named " + id);
        }
    }

    public Optional<Fault<S>> fault(String id) {
        return faults.stream().filter(fault -> fault.id().equals(id)).findFirst();
    }

    /** The check of this id, one of a survey included. */
    public Optional<Check<S>> check(String id) {
        return checks.stream()
                .filter(check -> check.id().equals(id))
                .findFirst()
                .or(() -> surveys.stream()
                        .flatMap(survey -> survey.check(id).stream())
                        .findFirst());
    }
}

package ablemedic.diagnosis;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * One complete story of what is wrong: no known fault, one, two together, these on top of what was put right, and
 * trouble that is not in the book, alone or beside what was put right.
 *
 * @param faults in the order of the book; empty for none
 * @param outside what is wrong that no fault in the book tells
 */
public record Hypothesis<S>(List<Fault<S>> faults, Optional<Outside<S>> outside) {
    public Hypothesis {
        faults = List.copyOf(faults);
    }

    /** One that the book tells. */
    public Hypothesis(List<Fault<S>> faults) {
        this(faults, Optional.empty());
    }

    static <S> Hypothesis<S> none() {
        return new Hypothesis<>(List.of());
    }

    /** The same faults, and trouble besides that the book does not hold. */
    Hypothesis<S> and(Outside<S> besides) {
        return new Hypothesis<>(faults, Optional.of(besides));
    }

    static <S> Hypothesis<S> of(Fault<S> one) {
        return new Hypothesis<>(List.of(one));
    }

    /** Whether the book tells all of it. */
    public boolean inBook() {
        return outside.isEmpty();
    }

    public boolean holds(String faultId) {
        return faults.stream().anyMatch(fault -> fault.id().equals(faultId));
    }

    /** The system were this story true. */
    public S applyTo(S sound) {
        S state = sound;
        for (Fault<S> fault : shown()) {
            state = fault.applyTo(state);
        }
        return state;
    }

    /** The faults that show: those that are there, and one that what is not in the book shows like. */
    List<Fault<S>> shown() {
        return like().map(
                        like -> Stream.concat(faults.stream(), Stream.of(like)).toList())
                .orElse(faults);
    }

    private Optional<Fault<S>> like() {
        return outside.flatMap(Outside::like);
    }

    /**
     * The repairs that change anything were this story true: what only looks like a fault is not cured by what cures
     * that.
     */
    List<Repair<S>> felt(S sound, List<Repair<S>> repairs) {
        return like().map(like -> {
                    Set<String> cures =
                            like.fixes(sound).stream().map(Fix::remedy).collect(Collectors.toSet());
                    return repairs.stream()
                            .filter(repair -> !cures.contains(repair.remedy()))
                            .toList();
                })
                .orElse(repairs);
    }

    /**
     * The remedies still owed after the repairs made, in alphabetical order. What is not in the book owes one that
     * nobody knows.
     */
    Set<String> owed(Remedies<S> remedies, List<Repair<S>> repairs) {
        Set<String> owed = new TreeSet<>();
        for (Fault<S> fault : faults) {
            if (!fault.isHarmless() && !remedies.healed(fault, repairs)) {
                owed.add(remedies.of(fault));
            }
        }
        return owed;
    }
}

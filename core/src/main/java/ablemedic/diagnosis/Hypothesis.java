package ablemedic.diagnosis;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * One complete story of what is wrong: no known fault, one, two together, these on top of what was put right, or
 * something that is not in the book.
 *
 * @param faults  in the order of the book; empty for none; of what is not in the book the one that it looks like, if any
 * @param inBook  false for a story that no fault in the book tells
 * @param shows   whether more checks than the complaint and the flight may be odd; of what is not in the book alone
 */
public record Hypothesis<S>(List<Fault<S>> faults, boolean inBook, boolean shows) {
  public Hypothesis {
    faults = List.copyOf(faults);
  }

  /** One that the book tells. */
  public Hypothesis(List<Fault<S>> faults) {
    this(faults, true, true);
  }

  static <S> Hypothesis<S> none() {
    return new Hypothesis<>(List.of());
  }

  /** Both sorts of trouble that the book does not hold: one that shows here and there, and one that shows nowhere else. */
  static <S> List<Hypothesis<S>> notInBook() {
    return List.of(new Hypothesis<>(List.of(), false, true), new Hypothesis<>(List.of(), false, false));
  }

  /** A trouble that the book does not hold, which shows like a fault that it holds and is not cured by what cures that. */
  static <S> Hypothesis<S> like(Fault<S> fault) {
    return new Hypothesis<>(List.of(fault), false, true);
  }

  static <S> Hypothesis<S> of(Fault<S> one) {
    return new Hypothesis<>(List.of(one));
  }

  public boolean holds(String faultId) {
    return inBook && faults.stream().anyMatch(fault -> fault.id().equals(faultId));
  }

  /** The system were this story true. */
  public S applyTo(S sound) {
    S state = sound;
    for (Fault<S> fault : faults) {
      state = fault.applyTo(state);
    }
    return state;
  }

  /** The repairs that change anything were this story true: what only looks like a fault is not cured by what cures that. */
  List<Repair<S>> felt(S sound, List<Repair<S>> repairs) {
    if (inBook || faults.isEmpty()) {
      return repairs;
    }
    Set<String> cures = faults.get(0).fixes(sound).stream().map(Fix::remedy).collect(Collectors.toSet());
    return repairs.stream().filter(repair -> !cures.contains(repair.remedy())).toList();
  }

  /** The remedies still owed after the repairs made, in alphabetical order; none for what is not in the book. */
  Set<String> owed(Remedies<S> remedies, List<Repair<S>> repairs) {
    Set<String> owed = new TreeSet<>();
    for (Fault<S> fault : faults) {
      if (inBook && !remedies.healed(fault, repairs)) {
        owed.add(remedies.of(fault));
      }
    }
    return owed;
  }
}

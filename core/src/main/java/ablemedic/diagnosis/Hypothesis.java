package ablemedic.diagnosis;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * One complete story of what is wrong: no known fault, one, two together, these on top of what was put right, or
 * something that is not in the book.
 *
 * @param faults  in the order of the book; empty for none
 * @param inBook  false for the story that no fault in the book tells
 */
public record Hypothesis<S>(List<Fault<S>> faults, boolean inBook) {
  public Hypothesis {
    faults = List.copyOf(faults);
  }

  static <S> Hypothesis<S> none() {
    return new Hypothesis<>(List.of(), true);
  }

  static <S> Hypothesis<S> notInBook() {
    return new Hypothesis<>(List.of(), false);
  }

  static <S> Hypothesis<S> of(Fault<S> one) {
    return new Hypothesis<>(List.of(one), true);
  }

  public boolean holds(String faultId) {
    return faults.stream().anyMatch(fault -> fault.id().equals(faultId));
  }

  /** The system were this story true. */
  public S applyTo(S sound) {
    S state = sound;
    for (Fault<S> fault : faults) {
      state = fault.applyTo(state);
    }
    return state;
  }

  /** The remedies still owed after the repairs made, in alphabetical order. */
  Set<String> owed(Remedies<S> remedies, List<Repair<S>> repairs) {
    Set<String> owed = new TreeSet<>();
    for (Fault<S> fault : faults) {
      if (!remedies.healed(fault, repairs)) {
        owed.add(remedies.of(fault));
      }
    }
    return owed;
  }
}

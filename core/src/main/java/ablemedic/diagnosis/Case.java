package ablemedic.diagnosis;

import java.util.ArrayList;
import java.util.List;

/**
 * What is known of one work-up.
 *
 * @param sound    the system as it should be when the work-up was opened
 * @param occasion what happened since it last worked
 * @param evidence in the order it came
 * @param repairs  those in force now, in the order they were made
 */
public record Case<S>(S sound, Occasion occasion, List<Evidence<S>> evidence, List<Repair<S>> repairs) {
  public Case {
    evidence = List.copyOf(evidence);
    repairs = List.copyOf(repairs);
  }

  /** The same case with one more finding, made now. */
  public Case<S> with(Check<S> check, Reading reading, Sureness sureness) {
    return withEvidence(new Evidence.Finding<>(check, reading, sureness, repairs));
  }

  public Case<S> withEvidence(Evidence<S> more) {
    return new Case<>(sound, occasion, append(evidence, more), repairs);
  }

  public Case<S> withRepair(Fault<S> fault, Fix<S> fix) {
    return new Case<>(sound, occasion, evidence, append(repairs, new Repair<>(fault, fix)));
  }

  /** What a check gave on the system as it is now, in the order it came. */
  List<Evidence.Finding<S>> madeNow(Check<S> check) {
    List<Evidence.Finding<S>> made = new ArrayList<>();
    for (Evidence<S> each : evidence) {
      if (each instanceof Evidence.Finding<S> finding && finding.check().id().equals(check.id()) && finding.repairs().equals(repairs)) {
        made.add(finding);
      }
    }
    return made;
  }

  /** The system as it should be by now: with the faults that were put right, and what put them right. */
  public S soundNow() {
    S state = sound;
    for (Repair<S> repair : repairs) {
      state = repair.fault().applyTo(state);
    }
    return after(repairs, state);
  }

  static <S> S after(List<Repair<S>> repairs, S system) {
    S state = system;
    for (Repair<S> repair : repairs) {
      state = repair.fix().applyTo(state);
    }
    return state;
  }

  private static <T> List<T> append(List<T> list, T more) {
    return java.util.stream.Stream.concat(list.stream(), java.util.stream.Stream.of(more)).toList();
  }
}

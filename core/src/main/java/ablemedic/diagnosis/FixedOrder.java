package ablemedic.diagnosis;

import ablemedic.diagnosis.Evidence.Finding;
import java.util.List;
import java.util.Optional;

/**
 * What a search took, beside that of somebody who makes every check of a family in the order of its book until one shows what a sound
 * system would not. Minutes are those of the checks alone: getting the bench ready, fixes and proof come on any way. The fixed order
 * is given that it reads everything right and stops at the first sign, so what is saved is rather more than this says.
 */
public final class FixedOrder {
  private FixedOrder() {}

  /** Minutes of the checks until the first that shows the fault; nothing where none shows it. */
  public static <S> Optional<Double> minutes(List<Check<S>> inOrder, S sound, Fault<S> fault) {
    S faulty = fault.applyTo(sound);
    double minutes = 0;
    for (Check<S> check : inOrder) {
      if (check.planned()) {
        minutes += check.minutes();
        if (!Proof.expected(check, faulty).equals(Proof.expected(check, sound))) {
          return Optional.of(minutes);
        }
      }
    }
    return Optional.empty();
  }

  /** Minutes of the checks that were made before the last fix, without those that proved one before it. */
  public static <S> double took(Case<S> known) {
    return known.evidence().stream().filter(one -> one.repairs().size() < Math.max(1, known.repairs().size())).filter(Finding.class::isInstance)
        .map(one -> (Finding<S>) one).filter(one -> one.check().explores()).mapToDouble(one -> one.check().minutes()).sum();
  }
}

package ablemedic.diagnosis;

import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Remembers what every check predicts on every system asked about, since a prediction depends on nothing else and may
 * be costly. Checks of a survey are not remembered: they are many, and a survey keeps what is costly about them. Safe for
 * several threads; forgets everything when it has grown past its bound. Breaks off when its thread is interrupted.
 */
final class Predictions<S> {
  private static final int BOUND = 2_000;
  /** How often a check shows anything at all when the trouble is not in the book. Common practice, no source. */
  static final double ODDLY = 0.2;

  private final Map<String, Integer> index = new ConcurrentHashMap<>();
  private final List<Check<S>> checks;
  private final Map<S, Outlook[]> rows = new ConcurrentHashMap<>();

  Predictions(List<Check<S>> checks) {
    this.checks = checks;
    for (int i = 0; i < checks.size(); i++) {
      index.put(checks.get(i).id(), i);
    }
  }

  /** The row of predictions for one system; fill it through {@link #in}. */
  Outlook[] row(S state) {
    if (rows.size() > BOUND) {
      rows.clear();
    }
    return rows.computeIfAbsent(state, s -> new Outlook[checks.size()]);
  }

  /**
   * What a check predicts were the hypothesis true. What is not in the book leaves most checks as on a sound system, but
   * may show as anything.
   */
  Outlook of(Hypothesis<S> hypothesis, Outlook[] row, S state, Check<S> check) {
    Outlook predicted = in(row, state, check);
    return hypothesis.inBook() ? predicted : predicted.loosened(ODDLY);
  }

  private Outlook in(Outlook[] row, S state, Check<S> check) {
    if (Thread.currentThread().isInterrupted()) {
      throw new CancellationException("nobody waits for this any more");
    }
    Integer i = index.get(check.id());
    if (i == null) {
      return check.outlook(state);
    }
    Outlook known = row[i];
    if (known == null) {
      known = check.outlook(state);
      row[i] = known;
    }
    return known;
  }
}

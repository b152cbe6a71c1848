package ablemedic.diagnosis;

import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Outlook.Spread;
import ablemedic.diagnosis.Outlook.Way;
import ablemedic.diagnosis.Outlook.Ways;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import org.hipparchus.special.Erf;

/**
 * Cuts what a check can give into cells, to reckon what it would tell. Named outcomes are cells as they are; a scale is
 * cut between the values that the stories predict.
 */
final class Cells {
  private final double[] edges;
  private final int count;

  private Cells(double[] edges, int count) {
    this.edges = edges;
    this.count = count;
  }

  static Cells of(Answers answers, List<Outlook> outlooks) {
    if (answers instanceof Choices choices) {
      return new Cells(new double[0], choices.combinations());
    }
    double[] edges = between(outlooks, (Scale) answers);
    return new Cells(edges, edges.length + 1);
  }

  private static double[] between(List<Outlook> outlooks, Scale scale) {
    TreeSet<Double> means = new TreeSet<>();
    double spread = Double.POSITIVE_INFINITY;
    for (Outlook outlook : outlooks) {
      Spread s = (Spread) outlook;
      if (s.blunder() < 1) {
        means.add(s.mean());
        spread = Math.min(spread, s.spread());
      }
    }
    List<Double> edges = new ArrayList<>();
    Double last = null;
    for (double mean : means) {
      if (last == null) {
        edges.add(Math.max(scale.low(), mean - 2 * spread));
      } else if (mean - last > spread) {
        edges.add((mean + last) / 2);
      } else {
        continue;
      }
      last = mean;
    }
    if (last != null) {
      edges.add(Math.min(scale.high(), last + 2 * spread));
    }
    return edges.stream().mapToDouble(Double::doubleValue).toArray();
  }

  int count() {
    return count;
  }

  /** The probability of each cell; they sum to 1. */
  double[] probabilities(Outlook outlook) {
    double[] p = new double[count];
    if (outlook instanceof Ways ways) {
      for (Way way : ways.ways()) {
        addJoint(p, way.probabilities(), 0, 0, way.share());
      }
      return p;
    }
    Spread spread = (Spread) outlook;
    double before = 0;
    for (int i = 0; i < count; i++) {
      double upTo = i < edges.length ? cumulative(spread, edges[i]) : 1;
      p[i] = upTo - before;
      before = upTo;
    }
    return p;
  }

  private static void addJoint(double[] p, double[][] questions, int q, int cell, double share) {
    if (q == questions.length) {
      p[cell] += share;
      return;
    }
    for (int o = 0; o < questions[q].length; o++) {
      addJoint(p, questions, q + 1, cell * questions[q].length + o, share * questions[q][o]);
    }
  }

  private static double cumulative(Spread spread, double x) {
    double normal = 0.5 * (1 + Erf.erf((x - spread.mean()) / (spread.spread() * Math.sqrt(2))));
    double even = (x - spread.scale().low()) / (spread.scale().high() - spread.scale().low());
    return (1 - spread.blunder()) * normal + spread.blunder() * Math.max(0, Math.min(1, even));
  }
}

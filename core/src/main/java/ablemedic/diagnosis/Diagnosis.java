package ablemedic.diagnosis;

import ablemedic.diagnosis.Evidence.Finding;
import ablemedic.diagnosis.Evidence.Opinion;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Weighs every story of what is wrong by all that was found: Bayes' rule over no fault, each fault, pairs of faults and
 * something not in the book. Faults come independently, findings are independent given the story; within those
 * assumptions the result is exact but for the pairs left out (see {@link Assumptions#pairs}).
 */
public final class Diagnosis<S> {
  private static final int REMEDIES_KEPT = 50;

  private final Book<S> book;
  private final Assumptions assumptions;
  private final Predictions<S> predictions;
  private final Map<S, Remedies<S>> remedies = new ConcurrentHashMap<>();

  public Diagnosis(Book<S> book, Assumptions assumptions) {
    this.book = book;
    this.assumptions = assumptions;
    this.predictions = new Predictions<>();
  }

  public Book<S> book() {
    return book;
  }

  public Assumptions assumptions() {
    return assumptions;
  }

  /** What to believe of the case as it stands. */
  public Standing<S> standing(Case<S> known) {
    List<Story<S>> stories = stories(known);
    double[] logWeights = new double[stories.size()];
    double greatest = Double.NEGATIVE_INFINITY;
    for (int i = 0; i < logWeights.length; i++) {
      logWeights[i] = stories.get(i).logWeight();
      greatest = Math.max(greatest, logWeights[i]);
    }
    double total = 0;
    for (double logWeight : logWeights) {
      total += Math.exp(logWeight - greatest);
    }
    List<Standing.Weighed<S>> weighed = new ArrayList<>();
    for (int i = 0; i < logWeights.length; i++) {
      Story<S> story = stories.get(i);
      double belief = Math.exp(logWeights[i] - greatest) / total;
      weighed.add(new Standing.Weighed<>(story.hypothesis, story.logPrior, story.logLikelihoods, belief));
    }
    return new Standing<>(known, assumptions, weighed, remedies(known.sound()), predictions);
  }

  private Remedies<S> remedies(S sound) {
    if (remedies.size() > REMEDIES_KEPT) {
      remedies.clear();
    }
    return remedies.computeIfAbsent(sound, s -> new Remedies<>(book, s));
  }

  /** Plans the next checks for a standing that this diagnosis has made. */
  public Planner<S> planner(Standing<S> standing) {
    return new Planner<>(book, predictions, standing);
  }

  /** What a check predicts of a hypothesis, with the repairs of the case made. */
  public Outlook outlook(Case<S> known, Hypothesis<S> hypothesis, Check<S> check) {
    return predictions.of(hypothesis, predictions.state(known.sound(), hypothesis, known.repairs()), check);
  }

  private List<Story<S>> stories(Case<S> known) {
    Weighing weighing = new Weighing(known);
    List<Story<S>> stories = new ArrayList<>();
    stories.add(weighing.story(Hypothesis.none()));
    stories.add(weighing.story(Hypothesis.notInBook()));
    List<Story<S>> singles = new ArrayList<>();
    for (Fault<S> fault : book.faults()) {
      singles.add(weighing.story(Hypothesis.of(fault)));
    }
    stories.addAll(singles);
    for (Hypothesis<S> pair : promisingPairs(singles)) {
      stories.add(weighing.story(pair));
    }
    return stories;
  }

  /** Pairs in the order of a forecast: each finding explained by whichever of the two explains it better. */
  private List<Hypothesis<S>> promisingPairs(List<Story<S>> singles) {
    record Forecast<S>(Story<S> one, Story<S> other, double score) {}
    if (assumptions.pairs() == 0) {
      return List.of();
    }
    PriorityQueue<Forecast<S>> best = new PriorityQueue<>(Comparator.comparingDouble(Forecast::score));
    for (int i = 0; i < singles.size(); i++) {
      Story<S> one = singles.get(i);
      for (int j = i + 1; j < singles.size(); j++) {
        Story<S> other = singles.get(j);
        double score = one.logPrior + other.logPrior;
        for (int k = 0; k < one.logLikelihoods.length; k++) {
          score += Math.max(one.logLikelihoods[k], other.logLikelihoods[k]);
        }
        boolean full = best.size() >= assumptions.pairs();
        if ((!full || score > best.element().score) && !one.fault().site().equals(other.fault().site())) {
          best.add(new Forecast<>(one, other, score));
          if (full) {
            best.remove();
          }
        }
      }
    }
    return best.stream()
        .sorted(Comparator.comparingDouble((Forecast<S> f) -> f.score).reversed())
        .map(f -> Hypothesis.of(f.one.fault(), f.other.fault()))
        .toList();
  }

  /** Weighs the stories of one case. A likelihood is taken once for all stories that predict a finding alike. */
  private final class Weighing {
    private final Case<S> known;
    private final List<Map<Outlook, Double>> likelihoods = new ArrayList<>();

    Weighing(Case<S> known) {
      this.known = known;
      known.evidence().forEach(evidence -> likelihoods.add(new IdentityHashMap<>()));
    }

    Story<S> story(Hypothesis<S> hypothesis) {
      double logPrior = 0;
      if (!hypothesis.inBook()) {
        logPrior = Math.log(assumptions.notInBookOdds());
      } else if (hypothesis.faults().isEmpty()) {
        logPrior = Math.log(assumptions.nothingWrongOdds());
      }
      for (Fault<S> fault : hypothesis.faults()) {
        logPrior += Math.log(fault.odds(known.occasion()));
      }
      double[] logLikelihoods = new double[known.evidence().size()];
      List<Repair<S>> repairs = null;
      Predictions.State<S> state = null;
      for (int k = 0; k < logLikelihoods.length; k++) {
        Evidence<S> evidence = known.evidence().get(k);
        if (evidence instanceof Finding<S> finding) {
          if (state == null || !finding.repairs().equals(repairs)) {
            repairs = finding.repairs();
            state = predictions.state(known.sound(), hypothesis, repairs);
          }
          logLikelihoods[k] = likelihoods.get(k).computeIfAbsent(predictions.of(hypothesis, state, finding.check()),
              outlook -> Math.log(finding.likelihood(outlook)));
        } else if (evidence instanceof Opinion<S> opinion && hypothesis.holds(opinion.faultId())) {
          logLikelihoods[k] = Math.log(opinion.ratio());
        }
      }
      return new Story<>(hypothesis, logPrior, logLikelihoods);
    }
  }

  private record Story<S>(Hypothesis<S> hypothesis, double logPrior, double[] logLikelihoods) {
    Fault<S> fault() {
      return hypothesis.faults().get(0);
    }

    double logWeight() {
      double sum = logPrior;
      for (double logLikelihood : logLikelihoods) {
        sum += logLikelihood;
      }
      return sum;
    }
  }
}

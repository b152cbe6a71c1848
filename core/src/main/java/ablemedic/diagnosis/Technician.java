package ablemedic.diagnosis;

import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Question;
import ablemedic.diagnosis.Outlook.Branch;
import ablemedic.diagnosis.Outlook.Branches;
import ablemedic.diagnosis.Outlook.Spread;
import ablemedic.diagnosis.Outlook.Way;
import ablemedic.diagnosis.Outlook.Ways;
import ablemedic.diagnosis.Outlook.Worded;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Measured;
import ablemedic.diagnosis.Reading.Several;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A simulated technician, to measure the reasoning: works on a system with a hidden fault, reads checks with the errors
 * that their outlooks allow, fixes what stands out and proves it by the flight. The same seed gives the same walk.
 */
public final class Technician<S> {
  private static final int PATIENCE = 60;

  private final Diagnosis<S> diagnosis;
  private final Check<S> complaint;
  private final Check<S> flight;

  /**
   * @param complaint the check that opens a work-up
   * @param flight    the check that proves one by giving what a sound system gives
   */
  public Technician(Diagnosis<S> diagnosis, Check<S> complaint, Check<S> flight) {
    this.diagnosis = diagnosis;
    this.complaint = complaint;
    this.flight = flight;
  }

  /** How the next check is chosen. */
  public enum Habit {
    /** As the plan says. */
    PLAN,
    /** The book's order, from first to last. */
    ROUTINE,
    /** Any check that tells something. */
    AT_RANDOM
  }

  /**
   * How a work-up went.
   *
   * @param solved  whether every remedy owed was made, or nothing of the faults is left, and the flight passed
   * @param checks  made, without complaint and flights
   * @param minutes of checks, flights and getting the bench ready
   * @param fixes   made, the wrong ones too
   * @param bits    entropy of the remedy after the complaint
   */
  public record Walk(boolean solved, int checks, double minutes, int fixes, double bits) {}

  /** Works on a system with the given faults until it is proven or patience ends. */
  public Walk workUp(S sound, List<Fault<S>> faults, Occasion occasion, Habit habit, long seed) {
    Random random = new Random(seed);
    S truth = new Hypothesis<>(faults, true).applyTo(sound);
    Case<S> known = new Case<>(sound, occasion, List.of(), List.of())
        .with(complaint, sample(complaint.outlook(truth), random), Sureness.SURE);
    BenchState bench = BenchState.AT_INTAKE;
    double minutes = complaint.minutes();
    double bits = entropy(diagnosis.standing(known));
    int checks = 0;
    int fixes = 0;
    Set<String> done = new HashSet<>();
    while (checks < PATIENCE) {
      Standing<S> standing = diagnosis.standing(known);
      Optional<Check<S>> next = choose(standing, bench, done, habit, random);
      if (next.isPresent()) {
        Check<S> check = next.get();
        BenchRoute route = BenchRoute.from(bench, check.needs()).orElseThrow();
        bench = route.end();
        minutes += route.minutes() + check.minutes();
        checks++;
        done.add(check.id());
        S state = Case.after(known.repairs(), truth);
        known = known.with(check, sample(check.outlook(state), random), Sureness.SURE);
        continue;
      }
      if (standing.suspects().isEmpty() || fixes >= 6) {
        break;
      }
      known = known.withRepair(standing.suspects().get(0).leading(),
          standing.suspects().get(0).leading().fixes(sound).get(0));
      fixes++;
      done.clear();
      BenchRoute route = BenchRoute.from(bench, flight.needs()).orElseThrow();
      bench = route.end();
      minutes += route.minutes() + flight.minutes();
      Reading seen = sample(flight.outlook(Case.after(known.repairs(), truth)), random);
      known = known.with(flight, seen, Sureness.SURE);
      if (Proof.asExpected(flight, seen, sound)) {
        return new Walk(healed(sound, truth, faults, known.repairs()), checks, minutes, fixes, bits);
      }
      if (diagnosis.standing(known).astray() > 0.5) {
        known = new Case<>(sound, occasion, known.evidence(), known.repairs().subList(0, known.repairs().size() - 1));
      }
    }
    return new Walk(false, checks, minutes, fixes, bits);
  }

  /** A new part with its leads as they should be also mends leads that were crossed: what is left of the system decides. */
  private boolean healed(S sound, S truth, List<Fault<S>> faults, List<Repair<S>> repairs) {
    return Case.after(repairs, truth).equals(sound) || faults.stream().allMatch(fault ->
        repairs.stream().anyMatch(repair -> repair.remedy().equals(fault.fixes(sound).get(0).remedy())));
  }

  private Optional<Check<S>> choose(
      Standing<S> standing, BenchState bench, Set<String> done, Habit habit, Random random) {
    if (habit == Habit.PLAN) {
      Planner<S> planner = diagnosis.planner(standing);
      Plan<S> plan = planner.plan(bench, done);
      return planner.worthFixing(plan).isPresent() ? Optional.empty() : plan.next().map(Plan.Step::check);
    }
    if (standing.standsOut().isPresent()) {
      return Optional.empty();
    }
    List<Check<S>> open = Stream.concat(diagnosis.book().checks().stream(),
            diagnosis.book().surveys().stream().flatMap(survey -> survey.routine().stream()))
        .filter(Check::explores)
        .filter(check -> !done.contains(check.id()))
        .toList();
    if (open.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(open.get(habit == Habit.ROUTINE ? 0 : random.nextInt(open.size())));
  }

  /** Entropy of what is owed, in bits. */
  static <S> double entropy(Standing<S> standing) {
    Map<Object, Double> byOwed = new LinkedHashMap<>();
    standing.stories().forEach(story -> byOwed.merge(
        story.hypothesis().inBook() ? standing.owed(story.hypothesis()) : "not in the book",
        story.belief(), Double::sum));
    return byOwed.values().stream().filter(p -> p > 0).mapToDouble(p -> -p * Math.log(p) / Math.log(2)).sum();
  }

  private static Reading sample(Outlook outlook, Random random) {
    if (outlook instanceof Spread spread) {
      return new Measured(random.nextDouble() < spread.blunder() ? spread.scale().at(random.nextDouble())
          : spread.mean() + spread.spread() * random.nextGaussian());
    }
    if (outlook instanceof Worded worded) {
      return random.nextDouble() < worded.blunder() ? new Measured(worded.scale().at(random.nextDouble()))
          : Chosen.of(worded.word());
    }
    if (outlook instanceof Branches several) {
      Branch branch = several.branches().get(pick(several.branches().stream().mapToDouble(Branch::share).toArray(), random));
      Map<String, Reading> parts = new LinkedHashMap<>();
      for (int q = 0; q < branch.parts().size(); q++) {
        parts.put(several.mixed().items().get(q).id(), sample(branch.parts().get(q), random));
      }
      return new Several(parts);
    }
    Ways ways = (Ways) outlook;
    Choices choices = ways.choices();
    Way way = ways.ways().get(pick(ways.ways().stream().mapToDouble(Way::share).toArray(), random));
    Map<String, String> outcomes = new LinkedHashMap<>();
    for (int q = 0; q < choices.questions().size(); q++) {
      Question question = choices.questions().get(q);
      outcomes.put(question.id(), question.outcomes().get(pick(way.probabilities()[q], random)).id());
    }
    return new Chosen(outcomes);
  }

  private static int pick(double[] probabilities, Random random) {
    double at = random.nextDouble();
    for (int i = 0; i < probabilities.length; i++) {
      at -= probabilities[i];
      if (at < 0) {
        return i;
      }
    }
    return probabilities.length - 1;
  }
}

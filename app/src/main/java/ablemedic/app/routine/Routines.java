package ablemedic.app.routine;

import ablemedic.app.chart.CraftStore;
import ablemedic.app.entry.Entered;
import ablemedic.app.entry.Expected;
import ablemedic.app.http.Refusal;
import ablemedic.app.meter.MeterStore;
import ablemedic.app.routine.RoutineStore.Read;
import ablemedic.app.routine.RoutineStore.Run;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.BenchState.ShortTest;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Proof;
import ablemedic.power.PrePowerRoutine;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The routine of a craft: what it is, how it stands, and a run of it. */
@Service
public class Routines {
  private final RoutineStore store;
  private final CraftStore crafts;
  private final MeterStore meters;
  private final ApplicationEventPublisher publisher;

  Routines(RoutineStore store, CraftStore crafts, MeterStore meters, ApplicationEventPublisher publisher) {
    this.store = store;
    this.crafts = crafts;
    this.meters = meters;
    this.publisher = publisher;
  }

  /** Tells that a run was made on a craft. */
  public record RunMade(String mark, Run run) {}

  /**
   * How the routine of a craft stands.
   *
   * @param state passed, failed, or not done since it was last due
   * @param why   what made it due, in words
   */
  public record Standing(ShortTest state, String why, Optional<Run> newest) {}

  public List<Check<Craft>> steps(Craft craft) {
    return PrePowerRoutine.of(craft, meters.get());
  }

  public Standing standing(String mark) {
    Optional<Run> newest = store.newest(mark);
    Optional<RoutineStore.Due> due = store.due(mark);
    boolean since = newest.isPresent() && due.map(d -> !newest.get().at().isBefore(d.at())).orElse(true);
    if (!since) {
      return new Standing(ShortTest.NOT_DONE, due.map(RoutineStore.Due::text).orElse("never done"), newest);
    }
    return new Standing(newest.get().passed() ? ShortTest.PASSED : ShortTest.FAILED, "", newest);
  }

  /**
   * Records a run: a reading for each step up to the first that fails, or for all.
   *
   * @param readings outcomes and number as written, by the id of the step
   * @throws Refusal where a step is left out or a reading cannot be read
   */
  @Transactional
  public Run run(String mark, Map<String, Given> readings, double minutes, Instant at) {
    Craft craft = crafts.newestCraft(mark);
    List<Read> read = new ArrayList<>();
    boolean passed = true;
    for (Check<Craft> step : steps(craft)) {
      if (!passed) {
        break;
      }
      Given given = readings.get(step.id());
      if (given == null) {
        throw Refusal.wrong("readings." + step.id(), "The step “" + step.title(craft)
            + "” is left out: the routine holds only as a whole.");
      }
      Entered entered = entered(step, craft, given);
      passed = Proof.asExpected(step, entered.reading(), craft);
      read.add(new Read(step.id(), step.title(craft), Expected.of(step, craft), entered, passed));
    }
    Run run = new Run(at, passed, minutes, read);
    store.add(mark, run);
    Read last = read.get(read.size() - 1);
    crafts.log(mark, at, passed ? "routine" : "routine-failed", passed
        ? "Pre-power routine passed, " + Math.round(minutes) + " min"
        : "Pre-power routine failed at: " + last.title(), null);
    publisher.publishEvent(new RunMade(mark, run));
    return run;
  }

  private static Entered entered(Check<Craft> step, Craft craft, Given given) {
    Entered entered = Entered.at(step, given.outcomes(), given.written());
    if (entered.value() == null && entered.outcomes().isEmpty()) {
      throw Refusal.wrong("readings." + step.id(), "Say what “" + step.title(craft) + "” gave.");
    }
    return entered;
  }

  /** Whether a reading of a step is what a sound craft gives. */
  static boolean passes(Check<Craft> step, Craft craft, Given given) {
    return Proof.asExpected(step, entered(step, craft, given).reading(), craft);
  }

  /** What was given for a step. */
  public record Given(Map<String, String> outcomes, @org.jspecify.annotations.Nullable String written) {}
}

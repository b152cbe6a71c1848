package ablemedic.app.setup;

import ablemedic.Specialities;
import ablemedic.app.chart.CraftLog.LogEntry;
import ablemedic.app.chart.CraftLog;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.Due;
import ablemedic.app.entry.Entered;
import ablemedic.app.entry.Expected;
import ablemedic.app.http.Refusal;
import ablemedic.app.meter.MeterStore;
import ablemedic.app.radiooff.RadioOffTests;
import ablemedic.app.routine.Routines;
import ablemedic.app.setup.SetUpStore.Given;
import ablemedic.app.setup.SetUpStore.Run;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.BenchNeeds.Want;
import ablemedic.diagnosis.BenchRoute;
import ablemedic.diagnosis.BenchState;
import ablemedic.diagnosis.BenchState.ShortTest;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Proof;
import ablemedic.radio.FailsafeChecks;
import ablemedic.setup.SetUp;
import ablemedic.setup.SetUp.Made;
import ablemedic.setup.SetUpOccasion;
import ablemedic.setup.SetUpOrder;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Set-ups of the crafts: what is still to be made and in which order, and what a step gave. */
@Service
public class SetUps implements Due.Source {
  private static final String BEGUN = "Set-up begun: ";
  /** Lines of the log after which nothing that was passed counts any more. */
  private static final Set<String> TOUCHES = Set.of("entered", "crash", "part", "opened", "repair", "fix", "sheet", "snapshot", "bundle");

  /** After so long the pack is out, the craft on the shelf, and the next sitting begins as at intake. */
  private static final Duration BREAK = Duration.ofHours(2);

  private final SetUpStore store;
  private final CraftStore crafts;
  private final CraftLog log;
  private final MeterStore meters;
  private final Routines routines;

  SetUps(SetUpStore store, CraftStore crafts, CraftLog log, MeterStore meters, Routines routines) {
    this.store = store;
    this.crafts = crafts;
    this.log = log;
    this.meters = meters;
    this.routines = routines;
  }

  /**
   * A set-up as it stands.
   *
   * @param order of what is still to be made
   */
  public record Standing(Run run, Craft craft, SetUp setUp, SetUpOrder order) {
    /** A step that is still to be made before another; nothing where that one is ready. */
    Optional<Made> waitsFor(Made made) {
      return order.steps().stream().map(SetUpOrder.Placed::made).filter(other -> !other.equals(made) && made.comesAfter(other)).findFirst();
    }
  }

  @Override
  public Optional<Due> of(String mark) {
    return store.open(mark).map(run -> new Due("set-up", "begun, " + run.occasion().label(), "set-up"));
  }

  @Override
  public int place() {
    return 0;
  }

  /** How a set-up would be: what it makes and leaves out, and how long that takes. */
  public SetUp composed(String mark, SetUpOccasion occasion) {
    return SetUp.of(Specialities.book(crafts.newestCraft(mark), meters.get()), occasion);
  }

  /** The order on a craft as it comes in. */
  public SetUpOrder ordered(String mark, List<Made> todo) {
    return SetUpOrder.of(todo, withRoutine(mark, BenchState.AT_INTAKE));
  }

  /** The pre-power routine counts where it was passed and is not due. */
  private BenchState withRoutine(String mark, BenchState bench) {
    return bench.with(routines.standing(mark).state() == ShortTest.PASSED ? ShortTest.PASSED : ShortTest.NOT_DONE);
  }

  /** @param at the moment it is looked at: after a while nobody knows any more how the bench was left */
  public Standing standing(Run run, Instant at) {
    SetUp setUp = composed(run.mark(), run.occasion());
    List<Made> todo = setUp.steps().stream().filter(made -> !run.hasPassed(made.id())).toList();
    return new Standing(run, crafts.newestCraft(run.mark()), setUp, SetUpOrder.of(todo, withRoutine(run.mark(), left(run, setUp, at))));
  }

  /** How the steps of this sitting left the bench, one after the other; at its beginning a craft is as it comes in. */
  private BenchState left(Run run, SetUp setUp, Instant at) {
    BenchState bench = withRoutine(run.mark(), BenchState.AT_INTAKE);
    for (int i = run.given().size() - sitting(run, at); i < run.given().size(); i++) {
      String id = run.given().get(i).stepId();
      BenchState before = bench;
      bench = setUp.steps().stream().filter(made -> made.id().equals(id)).findFirst()
          .flatMap(made -> BenchRoute.from(before, made.check().needs())).map(BenchRoute::end).orElse(before);
    }
    return bench;
  }

  /** How many of the last readings were made without a long break, up to now. */
  private static int sitting(Run run, Instant at) {
    Instant after = at;
    int made = 0;
    for (int i = run.given().size() - 1; i >= 0; i--) {
      Instant given = run.given().get(i).at();
      if (given.isBefore(run.begunAt()) || Duration.between(given, after).compareTo(BREAK) > 0) {
        break;
      }
      after = given;
      made++;
    }
    return made;
  }

  public void begin(String mark, SetUpOccasion occasion, Instant at) {
    List<Given> carried = stillPassed(mark, occasion);
    store.begin(mark, occasion, carried, at);
    log.add(mark, at, "set-up", BEGUN + occasion.label() + (carried.isEmpty() ? "" : "; " + carried.size() + " steps stay passed"), null);
  }

  /** What the last set-up for this occasion passed, where nothing was touched since it was begun. */
  private List<Given> stillPassed(String mark, SetUpOccasion occasion) {
    return store.ended(mark).stream().findFirst().filter(last -> last.occasion() == occasion && !isTouchedSince(mark, last))
        .map(last -> last.given().stream().filter(given -> given.passed() && last.newest(given.stepId()).filter(given::equals).isPresent()).toList()).orElse(List.of());
  }

  /** By the order of the log's lines, whatever the clock said. */
  private boolean isTouchedSince(String mark, Run run) {
    for (LogEntry line : log.of(mark)) {
      if (line.kind().equals("set-up") && line.text().startsWith(BEGUN) && line.at().equals(run.begunAt())) {
        return false;
      } else if (TOUCHES.contains(line.kind())) {
        return true;
      }
    }
    return true;
  }

  /**
   * Records what a step gave.
   *
   * @throws Refusal where the step is not one of this set-up, must wait for another, or the answer cannot be read
   */
  @Transactional
  public Given give(Run run, String stepId, Map<String, String> outcomes, Map<String, String> numbers, @Nullable String told, Instant at) {
    Standing standing = standing(run, at);
    Made made = standing.setUp().steps().stream().filter(one -> one.id().equals(stepId)).findFirst()
        .orElseThrow(() -> Refusal.unknown("step", "This set-up has no step “" + stepId + "”."));
    waits(standing, made);
    Check<Craft> asked = made.check();
    Check<Craft> check = asked.toTell().map(scale -> asked.told(Entered.told(scale, told))).orElse(asked);
    Craft craft = standing.craft();
    if (check.needs().pack() == Want.YES && routines.standing(run.mark()).state() != ShortTest.PASSED) {
      throw Refusal.conflict("step", "The pack goes in for “" + check.title(craft) + "”, and the pre-power routine is due: make that first.");
    }
    Entered entered = Entered.at(check, outcomes, numbers);
    if (entered.answersNothing()) {
      throw Refusal.wrong("outcomes", "Say what “" + check.title(craft) + "” gave.");
    }
    var reading = entered.reading(check.answers()).orElseThrow();
    if (!reading.isWhole(check.answers())) {
      throw Refusal.wrong("outcomes", "Answer every question of “" + check.title(craft) + "”.");
    }
    Given given = new Given(stepId, check.id(), check.title(craft), Expected.of(check, craft), told, entered, Proof.asExpected(check, reading, craft), at);
    store.add(run, given);
    if (check.id().equals(FailsafeChecks.RADIO_OFF)) {
      RadioOffTests.line(craft, entered).ifPresent(line -> log.add(run.mark(), at, line.kind(), line.text(), null));
    }
    if (given.passed() && check.id().equals(MotorStarts.CHECK)) {
      log.add(run.mark(), at, MotorStarts.PASSED, "Every motor starts together at its idle", null);
    }
    if (!given.passed()) {
      log.add(run.mark(), at, Specialities.crashed(check, reading) ? "crash" : "set-up", "Set-up, “" + given.title() + "”: not as it should be", null);
    }
    return given;
  }

  private static void waits(Standing standing, Made made) {
    standing.waitsFor(made).ifPresent(other -> {
      throw Refusal.conflict("step", "“" + made.check().title(standing.craft()) + "” comes after “" + other.check().title(standing.craft()) + "”.");
    });
  }

  @Transactional
  public void end(Run run, String why, Instant at) {
    int left = standing(run, at).order().steps().size();
    store.end(run, at);
    log.add(run.mark(), at, "set-up", left == 0 ? "Set-up passed: " + run.occasion().label() : "Set-up ended with " + left + " steps open" + (why.isBlank() ? "" : ": " + why), null);
  }
}

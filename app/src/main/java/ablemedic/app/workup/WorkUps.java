package ablemedic.app.workup;

import ablemedic.app.chart.BuildSheet;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.entry.Entered;
import ablemedic.app.entry.Expected;
import ablemedic.app.http.Refusal;
import ablemedic.app.ledger.LedgerStore;
import ablemedic.app.routine.RoutineStore;
import ablemedic.app.routine.Routines;
import ablemedic.app.workup.WorkUpEvent.BenchSet;
import ablemedic.app.workup.WorkUpEvent.Closed;
import ablemedic.app.workup.WorkUpEvent.End;
import ablemedic.app.workup.WorkUpEvent.Fixed;
import ablemedic.app.workup.WorkUpEvent.Found;
import ablemedic.app.workup.WorkUpEvent.Reopened;
import ablemedic.app.workup.WorkUpEvent.TakenBack;
import ablemedic.app.workup.WorkUpStore.Opened;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.BenchState;
import ablemedic.diagnosis.BenchState.ShortTest;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Proof;
import ablemedic.diagnosis.Sureness;
import ablemedic.speciality.Complaint;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What can be done to a work-up, with the rules about when. */
@Service
public class WorkUps {
  private final WorkUpStore store;
  private final CraftStore crafts;
  private final LedgerStore ledger;
  private final Routines routines;
  private final Diagnoses diagnoses;

  WorkUps(WorkUpStore store, CraftStore crafts, LedgerStore ledger, Routines routines, Diagnoses diagnoses) {
    this.store = store;
    this.crafts = crafts;
    this.ledger = ledger;
    this.routines = routines;
    this.diagnoses = diagnoses;
  }

  /** The reasoning for the craft of a work-up. */
  Diagnosis<Craft> diagnosis(WorkUp workUp) {
    return diagnoses.of(workUp.known().sound());
  }

  WorkUp get(long id) {
    Opened opened = store.get(id);
    Craft sound = crafts.craft(opened.mark(), opened.revision());
    return new WorkUp(opened, sound, diagnoses.of(sound).book(), store.events(id));
  }

  /** The sort of complaint that a work-up was opened with. */
  Complaint complaint(WorkUp workUp) {
    return complaint(workUp.known().sound(), workUp.opened().complaintKind());
  }

  private Complaint complaint(Craft craft, String kind) {
    List<Complaint> all = diagnoses.complaints(craft);
    return all.stream().filter(c -> c.id().equals(kind)).findFirst().orElseThrow(() -> Refusal.wrong("kind",
        "There is no sort of complaint “" + kind + "” for this craft; there is "
            + String.join(", ", all.stream().map(Complaint::id).toList()) + "."));
  }

  /** The mark as the chart has it, whatever its case. */
  String mark(String mark) {
    return crafts.get(mark).mark();
  }

  /** The craft of a mark as on its newest sheet. */
  Craft craft(String mark) {
    return crafts.newestCraft(mark(mark));
  }

  List<Complaint> complaints(Craft craft) {
    return diagnoses.complaints(craft);
  }

  /** Everything that is known of a craft's faults and checks. */
  public Book<Craft> book(String mark) {
    return diagnoses.of(craft(mark)).book();
  }

  /** How the bench of a work-up stands. */
  public BenchState bench(long id) {
    return get(id).bench();
  }

  /** The number of the last event, on which the next write builds. */
  public long version(long id) {
    return get(id).version();
  }

  /** Opens a work-up with what was seen; questions that nobody could answer are left out. */
  @Transactional
  public long open(String mark, String kind, String complaint, Occasion occasion, Map<String, String> seen, Instant at) {
    CraftStore.Row craft = crafts.get(mark);
    for (Opened other : store.of(craft.mark())) {
      if (store.isOpen(other.id())) {
        throw Refusal.conflict("mark", "Craft " + craft.mark() + " has an open work-up already, number " + other.id()
            + ". Go on with that one, or close it first.");
      }
    }
    CraftStore.Revision sheet = crafts.newestSheet(craft.mark());
    Check<Craft> check = complaint(sheet.sheet().toCraft(), kind).seen();
    Entered entered = Entered.at(check, seen, null);
    Routines.Standing before = routines.standing(craft.mark());
    long id = store.open(craft.mark(), sheet.number(), kind, complaint, occasion, at);
    long version = 0;
    if (!entered.outcomes().isEmpty()) {
      store.add(id, version++, new Found(check.id(), entered.outcomes(), null, "", Sureness.SURE), at);
    }
    crafts.log(craft.mark(), at, logKind(occasion), "Work-up opened: " + complaint + " (" + occasion.label() + ")", id);
    if (before.state() == ShortTest.FAILED) {
      version = readings(id, version, before.newest().orElseThrow());
    }
    ShortTest test = routines.standing(craft.mark()).state();
    if (test != ShortTest.NOT_DONE) {
      store.add(id, version, new BenchSet(BenchState.AT_INTAKE.with(test), ""), at);
    }
    return id;
  }

  /** Records the readings of a routine that are checks of the craft's book too; gives the version after them. */
  private long readings(long id, long version, RoutineStore.Run run) {
    WorkUp workUp = get(id);
    long next = version;
    for (RoutineStore.Read read : run.steps()) {
      if (workUp.book().check(read.checkId()).isPresent()) {
        store.add(id, next++, new Found(read.checkId(), read.entered().outcomes(), read.entered().value(),
            read.entered().written(), Sureness.SURE), run.at());
      }
    }
    return next;
  }

  /** What happened since it last flew right may make the pre-power routine due. */
  private static String logKind(Occasion occasion) {
    return switch (occasion) {
      case CRASH -> "crash";
      case PART_SWAP -> "part";
      case BUILD, WATER -> "opened";
      default -> "work-up";
    };
  }

  /** A run of the routine on a craft with an open work-up counts there: its result for the bench, its readings as found. */
  @EventListener
  @Transactional
  public void routineRun(Routines.RunMade made) {
    for (Opened opened : store.of(made.mark())) {
      if (!store.isOpen(opened.id())) {
        continue;
      }
      WorkUp workUp = get(opened.id());
      long version = readings(opened.id(), workUp.version(), made.run());
      BenchState bench = workUp.bench();
      BenchState after = new BenchState(bench.propsOn() && !made.run().passed(), false, bench.limiterIn(), bench.usbIn(),
          bench.antennaOn(), bench.radioOn(), false, made.run().passed() ? ShortTest.PASSED : ShortTest.FAILED);
      store.add(opened.id(), version, new BenchSet(after, ""), made.run().at());
    }
  }

  /**
   * Records what a check gave.
   *
   * @param written  a number as written, for a check on a scale
   * @param told     the number that has to be told along with some checks, as written
   * @param override why a locked check was made all the same; empty when it was not
   */
  @Transactional
  public void find(long id, long version, String checkId, Map<String, String> outcomes, @Nullable String written,
      @Nullable String told, Sureness sureness, String override, Instant at) {
    WorkUp workUp = open(id);
    Check<Craft> check = withTold(check(workUp, checkId), told);
    Entered entered = Entered.at(check, outcomes, written);
    if (entered.value() == null && entered.outcomes().isEmpty()) {
      throw Refusal.wrong("outcomes", "Choose an outcome of “" + check.title(workUp.known().sound()) + "”: "
          + ((Choices) check.answers()).questions().get(0).outcomes().stream().map(o -> o.id()).toList() + ".");
    }
    long next = version;
    if (!check.needs().metBy(workUp.bench())) {
      if (override.isBlank()) {
        throw Refusal.conflict("benchState", "This check is locked: the bench is not ready for it. Do the steps that it "
            + "shows and record them, or say why it was made all the same.");
      }
      store.add(id, next, new BenchSet(workUp.bench(), override), at);
      next++;
    }
    store.add(id, next, new Found(check.id(), entered.outcomes(), entered.value(), entered.written(), sureness), at);
  }

  /** The check as it stands with the number that has to be told along with it. */
  private static Check<Craft> withTold(Check<Craft> check, @Nullable String told) {
    if (check.toTell().isEmpty()) {
      return check;
    }
    double number = Entered.told(check.toTell().get(), told);
    return check.told(String.format(Locale.ROOT, "%.3f", number)).orElseThrow();
  }

  /** Records an event that needs no rule of its own but an open work-up and names that exist. */
  @Transactional
  public void record(long id, long version, WorkUpEvent event, Instant at) {
    WorkUp workUp = open(id);
    if (event instanceof WorkUpEvent.Skipped skipped) {
      check(workUp, skipped.checkId());
    } else if (event instanceof WorkUpEvent.Suspected suspected) {
      fault(workUp, suspected.faultId());
    } else if (event instanceof WorkUpEvent.Tested tested) {
      fault(workUp, tested.faultId());
    }
    store.add(id, version, event, at);
  }

  /** Sets the bench state. A dangerous one needs a reason, which is logged. */
  @Transactional
  public void setBench(long id, long version, BenchState state, String override, Instant at) {
    WorkUp workUp = open(id);
    String objection = objection(workUp, state);
    if (!objection.isEmpty() && override.isBlank()) {
      throw Refusal.conflict("benchState", objection);
    }
    store.add(id, version, new BenchSet(state, override), at);
    if (!override.isBlank()) {
      crafts.log(workUp.opened().mark(), at, "override", "Guard overridden (" + objection + "): " + override, id);
    }
  }

  /** What makes a state dangerous, or says more of the pre-power routine than was done. */
  private String objection(WorkUp workUp, BenchState state) {
    String mark = workUp.opened().mark();
    Routines.Standing routine = routines.standing(mark);
    if (state.shortTest() == ShortTest.PASSED && workUp.bench().shortTest() != ShortTest.PASSED
        && routine.state() != ShortTest.PASSED) {
      return routine.state() == ShortTest.FAILED ? "The pre-power routine of " + mark + " failed: find the trouble, then run it "
          + "again." : "The pre-power routine of " + mark + " is due (" + routine.why() + "): run it before the pack goes in.";
    }
    return state.objection();
  }

  /** Takes an event back: a finding, a skip, a suspicion or a fix. */
  @Transactional
  public void takeBack(long id, long version, int n, Instant at) {
    WorkUp workUp = open(id);
    WorkUpEvent event = workUp.events().stream().filter(e -> e.n() == n).map(WorkUpStore.Numbered::event).findFirst()
        .orElseThrow(() -> Refusal.unknown("n", "Nothing numbered " + n + " was recorded in this work-up."));
    if (event instanceof TakenBack || event instanceof BenchSet || event instanceof Closed
        || event instanceof Reopened || workUp.isTakenBack(n)) {
      throw Refusal.conflict("n", "Number " + n + " cannot be taken back" + (workUp.isTakenBack(n) ? " twice." : "."));
    }
    store.add(id, version, new TakenBack(n), at);
    if (event instanceof Fixed) {
      reviseChart(id, "a fix was taken back", at);
    }
  }

  /** Records that a fix was made; the craft's chart takes it over. */
  @Transactional
  public void fix(long id, long version, String faultId, String fixId, Instant at) {
    WorkUp workUp = open(id);
    Fault<Craft> fault = fault(workUp, faultId);
    List<Fix<Craft>> fixes = fault.fixes(workUp.known().sound());
    Fix<Craft> fix = fixes.stream().filter(f -> f.id().equals(fixId)).findFirst()
        .orElseThrow(() -> Refusal.wrong("fixId", "This fault is not fixed by “" + fixId + "”; choose one of "
            + fixes.stream().map(Fix::id).toList() + "."));
    if (workUp.repairs().values().stream().anyMatch(r -> r.remedy().equals(fix.remedy()))) {
      throw Refusal.conflict("faultId", "This was put right already. Take that fix back first if it was not done.");
    }
    store.add(id, version, new Fixed(faultId, fixId), at);
    boolean opened = opens(fault, fix, workUp.known().sound());
    crafts.log(workUp.opened().mark(), at, opened ? "repair" : "fix", fix.title(), id);
    if (opened && workUp.bench().shortTest() != ShortTest.NOT_DONE) {
      store.add(id, version + 1, new BenchSet(workUp.bench().with(ShortTest.NOT_DONE), ""), at);
    }
    reviseChart(id, fix.title(), at);
  }

  /** Whether a fix changes more than settings, so that the craft was under the iron or the driver. */
  private static boolean opens(Fault<Craft> fault, Fix<Craft> fix, Craft sound) {
    Craft faulty = fault.applyTo(sound);
    Craft fixed = fix.applyTo(faulty);
    return !faulty.arms().equals(fixed.arms()) || !faulty.wiring().equals(fixed.wiring())
        || !faulty.mounted().equals(fixed.mounted())
        || !faulty.electrics().harm().equals(fixed.electrics().harm());
  }

  private void reviseChart(long id, String reason, Instant at) {
    WorkUp now = get(id);
    crafts.revise(now.opened().mark(), BuildSheet.of(now.known().soundNow()), "work-up " + id + ": " + reason, at);
  }

  Proof<Craft> proof(WorkUp workUp) {
    return Proof.of(workUp.known(), workUp.book(), complaint(workUp).proof());
  }

  /** Closes a work-up: as solved only when the proof has passed, otherwise with a reason. */
  @Transactional
  public void close(long id, long version, End end, String reason, Instant at) {
    WorkUp workUp = open(id);
    if (end == End.SOLVED && !proof(workUp).passes()) {
      throw Refusal.conflict("end", workUp.repairs().isEmpty()
          ? "Nothing was put right yet: a work-up is solved by a fix that is proven."
          : "The proof has not passed: every test of it must have given what a sound craft gives.");
    }
    if (end != End.SOLVED && reason.isBlank()) {
      throw Refusal.wrong("reason", "Say why: a work-up that is not solved is closed with a reason.");
    }
    store.add(id, version, new Closed(end, reason), at);
    ledger.add(entry(get(id), end, reason, at));
    crafts.log(workUp.opened().mark(), at, "closed", "Work-up closed: " + end.label()
        + (reason.isBlank() ? "" : " (" + reason + ")"), id);
  }

  private LedgerStore.LedgerEntry entry(WorkUp workUp, End end, String reason, Instant at) {
    Craft sound = workUp.known().sound();
    List<String> causes = new ArrayList<>();
    List<String> kinds = new ArrayList<>();
    List<String> fixes = new ArrayList<>();
    List<String> changes = new ArrayList<>();
    workUp.repairs().values().forEach(repair -> {
      causes.add(repair.fault().describe(sound));
      kinds.add(repair.fault().kind());
      fixes.add(repair.fix().title());
      repair.fix().values().forEach(v -> changes.add(v.what() + ": " + v.before() + " → " + v.after()));
    });
    String proof = String.join("; ", proof(workUp).tests().stream()
        .map(t -> t.check().title(sound) + ": " + Expected.of(t.check(), sound)
            + switch (t.state()) {
              case PASSED -> " – passed";
              case FAILED -> " – failed";
              case TO_DO -> " – not done";
            }).toList());
    return new LedgerStore.LedgerEntry(0, workUp.opened().id(), workUp.opened().mark(), at, workUp.opened().complaint(),
        end.label(), reason, String.join("; ", causes), String.join(" ", kinds), String.join("; ", fixes),
        String.join("; ", changes), proof, workUp.minutes());
  }

  /** Opens a closed work-up again, since the trouble came back. */
  @Transactional
  public void reopen(long id, long version, String reason, Instant at) {
    WorkUp workUp = get(id);
    if (workUp.closed().isEmpty()) {
      throw Refusal.conflict("id", "Work-up " + id + " is open.");
    }
    if (reason.isBlank()) {
      throw Refusal.wrong("reason", "Say what came back.");
    }
    store.add(id, version, new Reopened(reason), at);
    crafts.log(workUp.opened().mark(), at, "work-up", "Work-up opened again: " + reason, id);
  }

  private WorkUp open(long id) {
    WorkUp workUp = get(id);
    if (workUp.closed().isPresent()) {
      throw Refusal.conflict("id", "Work-up " + id + " is closed. Open it again first if the trouble came back.");
    }
    return workUp;
  }

  static Check<Craft> check(WorkUp workUp, String id) {
    return workUp.book().check(id).orElseThrow(() -> Refusal.wrong("checkId", "There is no check “" + id
        + "” for this craft. GET /api/checks lists them."));
  }

  static Fault<Craft> fault(WorkUp workUp, String id) {
    return workUp.book().fault(id).orElseThrow(() -> Refusal.wrong("faultId", "There is no fault “" + id
        + "” for this craft. GET /api/faults lists them."));
  }
}

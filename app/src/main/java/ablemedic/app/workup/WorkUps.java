package ablemedic.app.workup;

import ablemedic.Specialities;
import ablemedic.app.chart.BuildSheet;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.http.Refusal;
import ablemedic.app.ledger.LedgerStore;
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
import ablemedic.diagnosis.Answers.Question;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.BenchState;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Proof;
import ablemedic.diagnosis.Sureness;
import ablemedic.reading.Dimension;
import ablemedic.reading.Written;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What can be done to a work-up, with the rules about when. */
@Service
public class WorkUps {
  private final WorkUpStore store;
  private final CraftStore crafts;
  private final LedgerStore ledger;
  private final Diagnosis<Craft> diagnosis = new Diagnosis<>(Specialities.book(), Assumptions.USUAL);

  WorkUps(WorkUpStore store, CraftStore crafts, LedgerStore ledger) {
    this.store = store;
    this.crafts = crafts;
    this.ledger = ledger;
  }

  Diagnosis<Craft> diagnosis() {
    return diagnosis;
  }

  WorkUp get(long id) {
    Opened opened = store.get(id);
    return new WorkUp(opened, crafts.sheet(opened.mark(), opened.revision()).toCraft(), store.events(id));
  }

  /** The number of the last event, on which the next write builds. */
  public long version(long id) {
    return get(id).version();
  }

  /** Opens a work-up with what was seen; questions that nobody could answer are left out. */
  @Transactional
  public long open(String mark, String complaint, Occasion occasion, Map<String, String> seen, Instant at) {
    CraftStore.Row craft = crafts.get(mark);
    for (Opened other : store.of(craft.mark())) {
      if (store.isOpen(other.id())) {
        throw Refusal.conflict("mark", "Craft " + craft.mark() + " has an open work-up already, number " + other.id()
            + ". Go on with that one, or close it first.");
      }
    }
    Check<Craft> check = Specialities.complaint();
    Map<String, String> outcomes = outcomes(check, seen);
    long id = store.open(craft.mark(), crafts.newestSheet(craft.mark()).number(), complaint, occasion, at);
    if (!outcomes.isEmpty()) {
      store.add(id, 0, new Found(check.id(), outcomes, null, "", Sureness.SURE), at);
    }
    crafts.log(craft.mark(), at, "work-up", "Work-up opened: " + complaint, id);
    return id;
  }

  /**
   * Records what a check gave.
   *
   * @param written  a number as written, for a check on a scale
   * @param override why a locked check was made all the same; empty when it was not
   */
  @Transactional
  public void find(long id, long version, String checkId, Map<String, String> outcomes, @Nullable String written,
      Sureness sureness, String override, Instant at) {
    WorkUp workUp = open(id);
    Check<Craft> check = check(checkId);
    Found found = check.answers() instanceof Scale scale
        ? new Found(checkId, Map.of(), amount(scale, written), String.valueOf(written), sureness)
        : new Found(checkId, outcomes(check, outcomes), null, "", sureness);
    if (found.value() == null && found.outcomes().isEmpty()) {
      throw Refusal.wrong("outcomes", "Choose an outcome of “" + check.title(workUp.known().sound()) + "”: "
          + ids(((Choices) check.answers()).questions().get(0)) + ".");
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
    store.add(id, next, found, at);
  }

  private static double amount(Scale scale, @Nullable String written) {
    if (written == null || written.isBlank()) {
      throw Refusal.wrong("written", "Write what it shows, as a number with its unit.");
    }
    Dimension dimension = Dimension.ofUnit(scale.unit());
    if (!(Written.read(written, dimension, handyUnit(dimension)) instanceof Written.Amount amount)) {
      throw Refusal.wrong("written", "“OL” is no answer here: write the number that it shows.");
    }
    if (amount.value() < scale.low() || amount.value() > scale.high()) {
      throw Refusal.wrong("written", String.format(Locale.ROOT,
          "“%s” is outside what can be: the %s lies between %s and %s.", written, scale.quantity(),
          handy(scale.low(), dimension), handy(scale.high(), dimension)));
    }
    return amount.value();
  }

  /** The unit that a bench uses where none is written. */
  static String handyUnit(Dimension dimension) {
    return switch (dimension) {
      case MASS -> "g";
      case LENGTH -> "mm";
      default -> dimension.unit();
    };
  }

  static String handy(double value, Dimension dimension) {
    double factor = dimension == Dimension.MASS || dimension == Dimension.LENGTH ? 1000 : 1;
    return String.format(Locale.ROOT, "%.0f %s", value * factor, handyUnit(dimension));
  }

  private static Map<String, String> outcomes(Check<Craft> check, Map<String, String> chosen) {
    Choices choices = (Choices) check.answers();
    chosen.forEach((questionId, outcome) -> {
      Question question = choices.questions().stream().filter(q -> q.id().equals(questionId)).findFirst()
          .orElseThrow(() -> Refusal.wrong("outcomes." + questionId, "There is no question “" + questionId
              + "” in this check; there is " + choices.questions().stream().map(Question::id).toList() + "."));
      if (question.indexOf(outcome).isEmpty()) {
        throw Refusal.wrong("outcomes." + questionId,
            "“" + outcome + "” is no outcome of this question; choose one of " + ids(question) + ".");
      }
    });
    return chosen;
  }

  private static List<String> ids(Question question) {
    return question.outcomes().stream().map(o -> o.id()).toList();
  }

  /** Records an event that needs no rule of its own but an open work-up and names that exist. */
  @Transactional
  public void record(long id, long version, WorkUpEvent event, Instant at) {
    open(id);
    if (event instanceof WorkUpEvent.Skipped skipped) {
      check(skipped.checkId());
    } else if (event instanceof WorkUpEvent.Suspected suspected) {
      fault(suspected.faultId());
    } else if (event instanceof WorkUpEvent.Tested tested) {
      fault(tested.faultId());
    }
    store.add(id, version, event, at);
  }

  /** Sets the bench state. A dangerous one needs a reason, which is logged. */
  @Transactional
  public void setBench(long id, long version, BenchState state, String override, Instant at) {
    WorkUp workUp = open(id);
    String objection = state.objection();
    if (!objection.isEmpty() && override.isBlank()) {
      throw Refusal.conflict("benchState", objection);
    }
    store.add(id, version, new BenchSet(state, override), at);
    if (!override.isBlank()) {
      crafts.log(workUp.opened().mark(), at, "override", "Guard overridden (" + objection + "): " + override, id);
    }
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
    Fault<Craft> fault = fault(faultId);
    List<Fix<Craft>> fixes = fault.fixes(workUp.known().sound());
    Fix<Craft> fix = fixes.stream().filter(f -> f.id().equals(fixId)).findFirst()
        .orElseThrow(() -> Refusal.wrong("fixId", "This fault is not fixed by “" + fixId + "”; choose one of "
            + fixes.stream().map(Fix::id).toList() + "."));
    if (workUp.repairs().values().stream().anyMatch(r -> r.remedy().equals(fix.remedy()))) {
      throw Refusal.conflict("faultId", "This was put right already. Take that fix back first if it was not done.");
    }
    store.add(id, version, new Fixed(faultId, fixId), at);
    crafts.log(workUp.opened().mark(), at, "fix", fix.title(), id);
    reviseChart(id, fix.title(), at);
  }

  private void reviseChart(long id, String reason, Instant at) {
    WorkUp now = get(id);
    crafts.revise(now.opened().mark(), BuildSheet.of(now.known().soundNow()), "work-up " + id + ": " + reason, at);
  }

  Proof<Craft> proof(WorkUp workUp) {
    return Proof.of(workUp.known(), Specialities.book(), Specialities.flight());
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
        .map(t -> t.check().title(sound) + ": " + Specialities.inWordsOf(sound, t.expected())
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

  static Check<Craft> check(String id) {
    return Specialities.book().check(id).orElseThrow(() -> Refusal.wrong("checkId", "There is no check “" + id
        + "”. GET /api/checks lists them."));
  }

  static Fault<Craft> fault(String id) {
    return Specialities.book().fault(id).orElseThrow(() -> Refusal.wrong("faultId", "There is no fault “" + id
        + "”. GET /api/faults lists them."));
  }
}

package ablemedic.app.workup;

import ablemedic.Specialities;
import ablemedic.app.chart.BuildSheet;
import ablemedic.app.chart.CraftLog;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.SnapshotStore;
import ablemedic.app.chart.SnapshotStore.Row;
import ablemedic.app.entry.Entered;
import ablemedic.app.http.Refusal;
import ablemedic.app.ledger.LedgerStore;
import ablemedic.app.radiooff.RadioOffTests;
import ablemedic.app.routine.RoutineStore;
import ablemedic.app.routine.Routines;
import ablemedic.app.workup.WorkUpEvent.BenchSet;
import ablemedic.app.workup.WorkUpEvent.Closed;
import ablemedic.app.workup.WorkUpEvent.End;
import ablemedic.app.workup.WorkUpEvent.Fixed;
import ablemedic.app.workup.WorkUpEvent.Found;
import ablemedic.app.workup.WorkUpEvent.Reopened;
import ablemedic.app.workup.WorkUpEvent.TakenBack;
import ablemedic.app.workup.WorkUpStore.Numbered;
import ablemedic.app.workup.WorkUpStore.Opened;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.BenchState;
import ablemedic.diagnosis.BenchState.ShortTest;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Case;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Evidence;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Proof;
import ablemedic.diagnosis.Standing;
import ablemedic.diagnosis.Sureness;
import ablemedic.radio.FailsafeChecks;
import ablemedic.settings.ReadBack;
import ablemedic.snapshot.ListingCheck;
import ablemedic.snapshot.TakenListing;
import ablemedic.speciality.Complaint;
import ablemedic.speciality.LiesIn;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What can be done to a work-up, with the rules about when. Nothing is written here: each rule gives a draft. */
@Service
public class WorkUps implements Routines.Follower {
  /** A craft is flown when nothing wrong any more is at least so likely. */
  private static final double LIKELY_SOUND = 0.5;

  private final WorkUpStore store;
  private final CraftStore crafts;
  private final SnapshotStore snapshots;
  private final CraftLog log;
  private final Routines routines;
  private final Diagnoses diagnoses;

  WorkUps(WorkUpStore store, CraftStore crafts, SnapshotStore snapshots, CraftLog log, Routines routines, Diagnoses diagnoses) {
    this.store = store;
    this.crafts = crafts;
    this.snapshots = snapshots;
    this.log = log;
    this.routines = routines;
    this.diagnoses = diagnoses;
  }

  /** The reasoning for the craft of a work-up. */
  Diagnosis<Craft> diagnosis(WorkUp workUp) {
    // A listing that nobody took for a finding makes no suspect.
    List<String> taken = workUp.events().stream().flatMap(WorkUps::found).map(TakenListing::faultId).toList();
    return diagnoses.of(workUp.known().sound(), workUp.book().check(ListingCheck.KIND).isPresent(), workUp.book().faults().stream()
        .filter(fault -> taken.contains(fault.id())).toList());
  }

  WorkUp get(long id) {
    Opened opened = store.get(id);
    Craft sound = crafts.craft(opened.mark(), opened.revision(), revisedBy(id));
    List<Numbered> events = store.events(id);
    List<String> taken = events.stream().flatMap(WorkUps::found).toList();
    Book<Craft> plain = diagnoses.of(sound).book();
    List<TakenListing> listings = snapshots.toTake(opened.mark(), taken, sound, () -> complaint(sound, opened.complaintKind()).amiss(), plain.faults());
    Book<Craft> book = diagnoses.of(sound, !listings.isEmpty(), List.of()).book();
    return new WorkUp(opened, sound, listings.isEmpty() ? book : book.and(new Book<>(listings.stream().flatMap(one -> one.fault().stream()).toList(),
        listings.stream().map(TakenListing::check).toList())), events, routines.standing(opened.mark()));
  }

  private static Stream<String> found(Numbered numbered) {
    return numbered.event() instanceof Found found ? Stream.of(found.checkId()) : Stream.empty();
  }

  /** What the open work-up of a craft is about, in its owner's words. */
  public Optional<String> openComplaint(String mark) {
    return store.openOf(mark).map(Opened::complaint);
  }

  /** What is known of the open work-up of a craft. */
  public Optional<Case<Craft>> openCase(String mark) {
    return store.openOf(mark).map(opened -> get(opened.id()).known());
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
    return store.version(id);
  }

  /**
   * A work-up to be opened.
   *
   * @param line    for the craft's log
   * @param lastLog the newest line of that log when this was worked out
   */
  public record Opening(String mark, int revision, String kind, String complaint, Occasion occasion, Instant at,
      List<Numbered> events, String logKind, String line, long lastLog) {}

  /**
   * Something that was seen before a work-up was opened, as the answer of a check.
   *
   * @param outcomes by question
   * @param written  numbers by question, as written
   * @param told     the number that has to be told along with some checks, as written
   */
  public record SeenBefore(String checkId, Map<String, String> outcomes, Map<String, String> written, @Nullable String told) {}

  /** The checks that somebody may have made before a work-up is opened: those of the book that the plan would offer. */
  List<Check<Craft>> mayBeSeenBefore(Craft craft) {
    return diagnoses.of(craft).book().checks().stream().filter(Check::planned).toList();
  }

  /**
   * A work-up with what was seen; questions that nobody could answer are left out.
   *
   * @param seen    outcomes by question
   * @param written numbers by question, as written
   * @param before  what was found out besides
   */
  public Opening open(String mark, String kind, String complaint, Occasion occasion, Map<String, String> seen,
      Map<String, String> written, List<SeenBefore> before, Instant at) {
    CraftStore.Row row = crafts.get(mark);
    long lastLog = log.newest(row.mark());
    int revision = crafts.newestRevision(row.mark());
    Craft craft = crafts.craft(row.mark(), revision);
    Complaint complained = complaint(craft, kind);
    Check<Craft> check = complained.seen();
    Entered entered = Entered.at(check, seen, written);
    List<Numbered> events = new ArrayList<>();
    if (!entered.answersNothing()) {
      events.add(new Numbered(1, at, new Found(check.id(), null, entered, Sureness.SURE)));
    } else {
      complained.amiss().ifPresent(so -> events.add(new Numbered(1, at,
          new Found(so.id(), null, Entered.at(so, Map.of("seen", Complaint.TRUE), Map.of()), Sureness.SURE))));
    }
    for (int i = 0; i < before.size(); i++) {
      events.add(new Numbered(events.size() + 1, at, seenBefore(craft, before.get(i), "before[" + i + "]")));
    }
    Routines.Standing routine = routines.standing(row.mark());
    if (routine.state() == ShortTest.FAILED) {
      routine.newest().ifPresent(run -> found(diagnoses.of(craft).book(), run).forEach(
          found -> events.add(new Numbered(events.size() + 1, run.at(), found))));
    }
    return new Opening(row.mark(), revision, kind, complaint, occasion, at, events, crashed(check, entered) ? "crash" : logKind(occasion),
        "Work-up opened: " + complaint + " (" + occasion.label() + ")", lastLog);
  }

  private Found seenBefore(Craft craft, SeenBefore seen, String where) {
    Check<Craft> check = mayBeSeenBefore(craft).stream().filter(c -> c.id().equals(seen.checkId())).findFirst()
        .orElseThrow(() -> Refusal.wrong(where + ".checkId", "There is no check “" + seen.checkId() + "” that this craft may have had."));
    Entered entered = Entered.at(check, seen.outcomes(), seen.written());
    if (entered.answersNothing()) {
      throw Refusal.wrong(where + ".outcomes", "Say what “" + check.title(craft) + "” gave, or leave it out.");
    }
    return new Found(check.id(), check.toTell().map(scale -> Entered.told(scale, seen.told())).orElse(null), entered, Sureness.SURE);
  }

  private static boolean crashed(Check<Craft> check, Entered entered) {
    return entered.reading(check.answers()).filter(reading -> Specialities.crashed(check, reading)).isPresent();
  }

  /** The readings of a routine that are checks of the craft's book too. */
  private static List<WorkUpEvent> found(Book<Craft> book, RoutineStore.Run run) {
    return run.steps().stream().filter(read -> book.check(read.checkId()).isPresent())
        .<WorkUpEvent>map(read -> new Found(read.checkId(), null, read.entered(), Sureness.SURE)).toList();
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
  @Override
  public Runnable following(String mark, RoutineStore.Run run) {
    Optional<Opened> opened = store.openOf(mark);
    if (opened.isEmpty()) {
      return () -> {};
    }
    WorkUp workUp = get(opened.get().id());
    Draft.Builder draft = Draft.on(workUp, run.at());
    found(workUp.book(), run).forEach(draft::add);
    BenchState bench = workUp.bench();
    draft.add(new BenchSet(new BenchState(bench.propsOn() && !run.passed(), false, bench.limiterIn(), bench.usbIn(),
        bench.antennaOn(), bench.radioOn(), false, run.passed() ? ShortTest.PASSED : ShortTest.FAILED), "",
        log.newest(mark)));
    Draft made = draft.done();
    return () -> store.add(workUp.opened().id(), made.version(), made.events());
  }

  /**
   * Records what a check gave.
   *
   * @param written  numbers by question, as written
   * @param told     the number that has to be told along with some checks, as written
   * @param override why a locked check was made all the same; empty when it was not
   */
  public Draft find(long id, long version, String checkId, Map<String, String> outcomes, Map<String, String> written,
      @Nullable String told, Sureness sureness, String override, Instant at) {
    WorkUp workUp = open(id, version);
    Check<Craft> check = check(workUp, checkId);
    Double number = check.toTell().map(scale -> Entered.told(scale, told)).orElse(null);
    Entered entered = Entered.at(check, outcomes, written);
    String title = check.title(workUp.known().sound());
    if (entered.answersNothing()) {
      throw Refusal.wrong("outcomes", "Answer a question of “" + title + "”" + (check.answers() instanceof Choices choices
          ? ": " + choices.questions().get(0).outcomes().stream().map(o -> o.id()).toList() : "") + ".");
    }
    Draft.Builder draft = Draft.on(workUp, at);
    if (check.id().equals(FailsafeChecks.RADIO_OFF)) {
      RadioOffTests.line(workUp.known().sound(), entered).ifPresent(line -> draft.log(line.kind(), line.text()));
    }
    String locked = locked(workUp, check);
    if (!locked.isEmpty()) {
      if (override.isBlank()) {
        throw Refusal.conflict("benchState", locked);
      }
      draft.add(new BenchSet(workUp.bench(), override, log.newest(workUp.opened().mark())));
      draft.log("override", "Made while locked (" + title + "): " + override);
    }
    draft.add(new Found(check.id(), number, entered, sureness));
    if (crashed(check, entered)) {
      draft.log("crash", "It came down in “" + title + "”");
    }
    return draft.done();
  }

  /** Why a check cannot be made as things stand; empty where it can. */
  private String locked(WorkUp workUp, Check<Craft> check) {
    String flight = Specialities.isFlight(check) ? notYetFlown(workUp) : "";
    if (!flight.isEmpty()) {
      return flight;
    }
    return check.needs().metBy(workUp.bench()) ? "" : "This check is locked: the bench is not ready for it. Do the steps that it "
        + "shows and record them, or say why it was made all the same.";
  }

  /** Records an event that needs no rule of its own but an open work-up and names that exist. */
  public Draft record(long id, long version, WorkUpEvent event, Instant at) {
    WorkUp workUp = open(id, version);
    if (event instanceof WorkUpEvent.Skipped skipped) {
      check(workUp, skipped.checkId());
    } else if (event instanceof WorkUpEvent.Suspected suspected) {
      fault(workUp, suspected.faultId());
    } else if (event instanceof WorkUpEvent.Tested tested) {
      fault(workUp, tested.faultId());
    }
    return Draft.on(workUp, at).add(event).done();
  }

  /** Sets the bench state. A dangerous one needs a reason, which is logged. */
  public Draft setBench(long id, long version, BenchState state, String override, Instant at) {
    WorkUp workUp = open(id, version);
    String objection = objection(workUp, state);
    if (!objection.isEmpty() && override.isBlank()) {
      throw Refusal.conflict("benchState", objection);
    }
    Draft.Builder draft = Draft.on(workUp, at).add(new BenchSet(state, override, log.newest(workUp.opened().mark())));
    if (!override.isBlank()) {
      draft.log("override", "Guard overridden (" + objection + "): " + override);
    }
    return draft.done();
  }

  /** What makes a state dangerous, or says more of the pre-power routine than was done. */
  private String objection(WorkUp workUp, BenchState state) {
    String mark = workUp.opened().mark();
    List<String> destroyed = routines.destroyed(mark);
    if (!destroyed.isEmpty() && (state.packIn() || state.shortTest() == ShortTest.PASSED)) {
      return destroyed.get(0);
    }
    Routines.Standing routine = routines.standing(mark);
    if (state.shortTest() == ShortTest.PASSED && workUp.bench().shortTest() != ShortTest.PASSED
        && routine.state() != ShortTest.PASSED) {
      return routine.state() == ShortTest.FAILED ? "The pre-power routine of " + mark + " failed: find the trouble, then run it "
          + "again." : "The pre-power routine of " + mark + " is due (" + routine.why() + "): run it before the pack goes in.";
    }
    return state.objection();
  }

  /** Takes an event back: a finding, a skip, a suspicion or a fix. */
  public Draft takeBack(long id, long version, int n, Instant at) {
    WorkUp workUp = open(id, version);
    WorkUpEvent event = workUp.events().stream().filter(e -> e.n() == n).map(Numbered::event).findFirst()
        .orElseThrow(() -> Refusal.unknown("n", "Nothing numbered " + n + " was recorded in this work-up."));
    if (event instanceof TakenBack || event instanceof BenchSet || event instanceof Closed
        || event instanceof Reopened || workUp.isTakenBack(n)) {
      throw Refusal.conflict("n", "Number " + n + " cannot be taken back" + (workUp.isTakenBack(n) ? " twice." : "."));
    }
    Draft.Builder draft = Draft.on(workUp, at).add(new TakenBack(n));
    return (event instanceof Fixed ? revisedChart(workUp, draft, "a fix was taken back") : draft).done();
  }

  /** Records that a fix was made; the craft's chart takes it over. */
  public Draft fix(long id, long version, String faultId, String fixId, Instant at) {
    WorkUp workUp = open(id, version);
    Fault<Craft> fault = fault(workUp, faultId);
    List<Fix<Craft>> fixes = fault.fixes(workUp.known().sound());
    Fix<Craft> fix = fixes.stream().filter(f -> f.id().equals(fixId)).findFirst()
        .orElseThrow(() -> Refusal.wrong("fixId", "This fault is not fixed by “" + Refusal.shortened(fixId)
            + "”; choose one of " + fixes.stream().map(Fix::id).toList() + "."));
    if (workUp.repairs().values().stream().anyMatch(r -> r.remedy().equals(fix.remedy()))) {
      throw Refusal.conflict("faultId", "This was put right already. Take that fix back first if it was not done.");
    }
    Draft.Builder draft = Draft.on(workUp, at).add(new Fixed(faultId, fixId));
    draft.log(Specialities.opens(workUp.known().sound(), fault, fix) ? "repair" : "fix", fix.title());
    return revisedChart(workUp, draft, fix.title()).done();
  }

  /** What the reasons begin with of revisions that a work-up makes. */
  private static String revisedBy(long id) {
    return "work-up " + id + ": ";
  }

  /** Has the newest sheet take over what a fix, or taking one back, changes on the craft. */
  private Draft.Builder revisedChart(WorkUp before, Draft.Builder draft, String reason) {
    String mark = before.opened().mark();
    int onto = crafts.newestRevision(mark);
    BuildSheet changed = crafts.newestWith(mark, BuildSheet.of(before.known().soundNow()),
        BuildSheet.of(draft.after().known().soundNow()));
    return draft.sheet(changed, onto, revisedBy(before.opened().id()) + reason);
  }

  Proof<Craft> proof(WorkUp workUp) {
    return Proof.of(workUp.known(), workUp.book(), readBackFirst(workUp, complaint(workUp).proof()), Specialities.beforeFlight(workUp.known()));
  }

  /** A listing that had shown the fault is made again: what was entered into the board is read back before anything else proves it. */
  private List<Check<Craft>> readBackFirst(WorkUp workUp, List<Check<Craft>> proof) {
    boolean entered = workUp.known().repairs().stream().anyMatch(repair -> ReadBack.isOwed(workUp.known().sound(), repair));
    boolean listed = workUp.known().evidence().stream().anyMatch(one -> one instanceof Evidence.Finding<Craft> finding && finding.check().kind().equals(ListingCheck.KIND));
    return !entered || !listed || proof.stream().anyMatch(check -> check.id().equals(ReadBack.CHECK)) ? proof
        : Stream.concat(workUp.book().check(ReadBack.CHECK).stream(), proof.stream()).toList();
  }

  /**
   * A snapshot read back in a work-up.
   *
   * @throws Refusal where its family is not known any more
   */
  ReadBack readBack(WorkUp workUp, int snapshot) {
    Row row = snapshots.get(workUp.opened().mark(), snapshot);
    return ReadBack.of(snapshots.read(row).snapshot().orElseThrow(() -> Refusal.conflict("snapshot", "The family “" + row.family()
        + "” of this snapshot is not known any more.")), workUp.known().sound(), workUp.known().soundNow());
  }

  /**
   * Why a craft is not to be flown yet; empty where nothing speaks against it.
   *
   * @param standing what is believed of it
   */
  static String notYetFlown(WorkUp workUp, Standing<Craft> standing) {
    Craft sound = workUp.known().soundNow();
    List<Check<Craft>> missing = Specialities.beforeFlight(workUp.known()).missing(workUp.known());
    if (!missing.isEmpty()) {
      return "Not into the air yet. First, props off: " + String.join("; ", missing.stream().map(check -> check.title(sound))
          .toList()) + ", each as it should be, since the last repair, build or crash.";
    }
    if (standing.nothingLeft() >= LIKELY_SOUND) {
      return "";
    }
    double takesOff = standing.nothingLeftBut(fault -> Specialities.takesOffWith(sound, fault));
    return takesOff >= LIKELY_SOUND ? "" : "Not into the air yet: that nothing is wrong any more that would show in the air is believed at " + Math.round(100 * takesOff) + " % only.";
  }

  private String notYetFlown(WorkUp workUp) {
    return notYetFlown(workUp, diagnosis(workUp).standing(workUp.known()));
  }

  /** Closes a work-up: as solved only when the proof has passed, otherwise with a reason. */
  public Draft close(long id, long version, End end, String reason, Instant at) {
    WorkUp workUp = open(id, version);
    if (end == End.SOLVED && !proof(workUp).passes()) {
      throw Refusal.conflict("end", workUp.repairs().isEmpty()
          ? "Nothing was put right yet: a work-up is solved by a fix that is proven."
          : "The proof has not passed: every test of it must have given what a sound craft gives.");
    }
    if (end != End.SOLVED && reason.isBlank()) {
      throw Refusal.wrong("reason", "Say why: a work-up that is not solved is closed with a reason.");
    }
    Draft.Builder draft = Draft.on(workUp, at).add(new Closed(end, reason));
    draft.log("closed", "Work-up closed: " + end.label() + (reason.isBlank() ? "" : " (" + reason + ")"));
    return draft.ledger(entry(draft.after(), end, reason, at)).done();
  }

  private LedgerStore.LedgerEntry entry(WorkUp workUp, End end, String reason, Instant at) {
    Craft sound = workUp.known().sound();
    List<String> causes = new ArrayList<>();
    List<String> kinds = new ArrayList<>();
    Set<String> parts = new LinkedHashSet<>();
    List<String> fixes = new ArrayList<>();
    List<String> changes = new ArrayList<>();
    workUp.repairs().values().forEach(repair -> {
      causes.add(repair.fault().describe(sound));
      kinds.add(repair.fault().kind());
      parts.addAll(LiesIn.of(repair.fault(), sound));
      fixes.add(repair.fix().title());
      repair.fix().values().forEach(v -> changes.add(v.what() + ": " + v.before() + " → " + v.after()));
    });
    String proof = String.join("; ", proof(workUp).tests().stream()
        .map(t -> t.check().title(sound) + switch (t.state()) {
          case PASSED -> ": " + read(workUp, t.check()) + " – passed";
          case FAILED -> ": " + read(workUp, t.check()) + " – failed";
          case TO_DO -> " – not done";
        }).toList());
    return new LedgerStore.LedgerEntry(0, workUp.opened().id(), workUp.opened().mark(), at, workUp.opened().complaint(),
        end.label(), reason, String.join("; ", causes), String.join(" ", kinds), String.join("; ", parts), String.join("; ", fixes),
        String.join("; ", changes), proof, workUp.minutes());
  }

  /** What was read the last time that a check was made, in words. */
  private static String read(WorkUp workUp, Check<Craft> check) {
    return workUp.events().stream().filter(e -> !workUp.isTakenBack(e.n())).map(Numbered::event)
        .filter(Found.class::isInstance).map(Found.class::cast).filter(found -> found.checkId().equals(check.id()))
        .reduce((earlier, later) -> later)
        .map(found -> String.join(", ", WorkUp.answers(check, found, workUp.known().sound()))).orElse("");
  }

  /** Opens a closed work-up again, since the trouble came back. */
  public Draft reopen(long id, long version, String reason, Instant at) {
    WorkUp workUp = current(id, version);
    if (workUp.closed().isEmpty()) {
      throw Refusal.conflict("id", "Work-up " + id + " is open.");
    }
    if (reason.isBlank()) {
      throw Refusal.wrong("reason", "Say what came back.");
    }
    return Draft.on(workUp, at).add(new Reopened(reason)).log("work-up", "Work-up opened again: " + reason).done();
  }

  private WorkUp open(long id, long version) {
    WorkUp workUp = current(id, version);
    if (workUp.closed().isPresent()) {
      throw Refusal.conflict("id", "Work-up " + id + " is closed. Open it again first if the trouble came back.");
    }
    return workUp;
  }

  /** The work-up, where the writer has seen it as it is. */
  private WorkUp current(long id, long version) {
    WorkUp workUp = get(id);
    if (workUp.version() != version) {
      throw Refusal.stale(version, workUp.version());
    }
    return workUp;
  }

  static Check<Craft> check(WorkUp workUp, String id) {
    return workUp.book().check(id).orElseThrow(() -> Refusal.wrong("checkId", "There is no check “"
        + Refusal.shortened(id) + "” for this craft. GET /api/checks lists them."));
  }

  static Fault<Craft> fault(WorkUp workUp, String id) {
    return workUp.book().fault(id).orElseThrow(() -> Refusal.wrong("faultId", "There is no fault “"
        + Refusal.shortened(id) + "” for this craft. GET /api/faults lists them."));
  }
}

package ablemedic.app.workup;

import ablemedic.Families;
import ablemedic.app.chart.BuildSheet;
import ablemedic.app.chart.CraftLog;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.MotorsSeen;
import ablemedic.app.chart.Records;
import ablemedic.app.chart.SnapshotStore;
import ablemedic.app.chart.SnapshotStore.Row;
import ablemedic.app.entry.Entered;
import ablemedic.app.http.Refusal;
import ablemedic.app.radiooff.RadioOffTests;
import ablemedic.app.repairs.RepairLogStore;
import ablemedic.app.routine.RoutineStore;
import ablemedic.app.routine.Routines;
import ablemedic.app.workup.WorkUpEvent.BenchSet;
import ablemedic.app.workup.WorkUpEvent.Closed;
import ablemedic.app.workup.WorkUpEvent.End;
import ablemedic.app.workup.WorkUpEvent.Fixed;
import ablemedic.app.workup.WorkUpEvent.Found;
import ablemedic.app.workup.WorkUpEvent.RecordCorrected;
import ablemedic.app.workup.WorkUpEvent.Reopened;
import ablemedic.app.workup.WorkUpEvent.TakenBack;
import ablemedic.app.workup.WorkUpStore.Numbered;
import ablemedic.app.workup.WorkUpStore.Opened;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Names;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Barred;
import ablemedic.diagnosis.BenchNeeds.Want;
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
import ablemedic.diagnosis.Posterior;
import ablemedic.diagnosis.Proof;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Repair;
import ablemedic.diagnosis.Sureness;
import ablemedic.family.Complaint;
import ablemedic.family.LiesIn;
import ablemedic.radio.FailsafeChecks;
import ablemedic.requirement.Conflict;
import ablemedic.requirement.ConflictFault;
import ablemedic.requirement.Expectation;
import ablemedic.requirement.Expectation.Waits;
import ablemedic.requirement.PutRight;
import ablemedic.requirement.Recorded;
import ablemedic.requirement.Required;
import ablemedic.requirement.Severity;
import ablemedic.requirement.Source;
import ablemedic.requirement.Violation;
import ablemedic.snapshot.ExportAsEvidence;
import ablemedic.snapshot.ExportCheck;
import ablemedic.snapshot.ReadBack;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What can be done to a work-up, with the rules about when. Nothing is written here: each rule gives a draft. */
@Service
public class WorkUps implements Routines.Follower {
    private static final Words SAID = Catalogue.beside(WorkUps.class, "words").of("work-ups");
    private static final Words REFUSALS =
            Catalogue.beside(WorkUps.class, "refusals").of("work-ups");
    /** Lines of the log after which a settings export may be out of date. */
    private static final Set<String> CHANGES_SETTINGS = Set.of("flash", "sheet", "fix", "repair", "part", "bundle");
    /** A craft is flown when nothing wrong any more is at least so likely. */
    private static final double LIKELY_SOUND = 0.5;
    /** A fix of a suspect less likely than this is only made with a reason. */
    private static final double WORTH_A_TRY = 0.3;

    private final WorkUpStore store;
    private final CraftStore crafts;
    private final SnapshotStore snapshots;
    private final CraftLog log;
    private final Routines routines;
    private final Diagnoses diagnoses;
    private final Records records;

    WorkUps(
            WorkUpStore store,
            CraftStore crafts,
            SnapshotStore snapshots,
            CraftLog log,
            Routines routines,
            Diagnoses diagnoses,
            Records records) {
        this.store = store;
        this.crafts = crafts;
        this.snapshots = snapshots;
        this.log = log;
        this.routines = routines;
        this.diagnoses = diagnoses;
        this.records = records;
    }

    /** The reasoning for the craft of a work-up. */
    Diagnosis<Craft> diagnosis(WorkUp workUp) {
        // A listing that nobody took for a finding makes no suspect.
        List<String> taken = workUp.events().stream()
                .flatMap(WorkUps::found)
                .map(ExportAsEvidence::faultId)
                .toList();
        return diagnoses.of(
                workUp.required().recorded(),
                workUp.opened().isAsRecorded(),
                workUp.book().check(ExportCheck.KIND).isPresent(),
                workUp.book().faults().stream()
                        .filter(fault -> taken.contains(fault.id()) || fault instanceof PutRight)
                        .toList());
    }

    WorkUp get(long id) {
        return made(store.get(id), store.events(id));
    }

    private WorkUp made(Opened opened, List<Numbered> events) {
        Recorded recorded = crafts.record(opened.mark(), opened.revision(), revisedBy(opened.id()));
        Required required = opened.isAsRecorded() ? Required.asRecorded(recorded) : records.of(recorded);
        Craft sound = required.craft();
        List<String> taken = events.stream().flatMap(WorkUps::found).toList();
        List<Fault<Craft>> besides = putRight(opened, required, events);
        Book<Craft> plain =
                diagnoses.of(recorded, opened.isAsRecorded(), false, besides).book();
        List<ExportAsEvidence> listings = snapshots.toTake(
                opened.mark(),
                taken,
                sound,
                () -> complaint(sound, opened.complaintKind()).flatMap(Complaint::amiss),
                plain.faults());
        Book<Craft> book = diagnoses
                .of(recorded, opened.isAsRecorded(), !listings.isEmpty(), besides)
                .book();
        return new WorkUp(
                opened,
                required,
                listings.isEmpty()
                        ? book
                        : book.and(new Book<>(
                                listings.stream()
                                        .flatMap(one -> one.fault().stream())
                                        .toList(),
                                listings.stream().map(ExportAsEvidence::check).toList())),
                events,
                routines.standing(opened.mark()));
    }

    /** Conflicts that were put right in a work-up and are off the sheet by now: what was fixed stays known. */
    private List<Fault<Craft>> putRight(Opened opened, Required required, List<Numbered> events) {
        Set<String> now = required.conflicts().stream().map(Conflict::id).collect(Collectors.toSet());
        Set<String> fixed = events.stream()
                .map(Numbered::event)
                .filter(Fixed.class::isInstance)
                .map(event -> ((Fixed) event).faultId())
                .filter(id -> !now.contains(id))
                .collect(Collectors.toSet());
        if (fixed.isEmpty() || opened.isAsRecorded()) {
            return List.of();
        }
        return records.of(crafts.record(opened.mark(), opened.revision())).conflicts().stream()
                .filter(conflict -> fixed.contains(conflict.id()))
                .<Fault<Craft>>map(PutRight::new)
                .toList();
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

    /**
     * The sort of complaint that a work-up was opened with; nothing where the craft can't have it any more, since a
     * part was taken off.
     */
    Optional<Complaint> complaint(WorkUp workUp) {
        return complaint(workUp.known().sound(), workUp.opened().complaintKind());
    }

    private Optional<Complaint> complaint(Craft craft, String kind) {
        return diagnoses.complaints(craft).stream()
                .filter(c -> c.id().equals(kind))
                .findFirst();
    }

    private Complaint offered(Craft craft, String kind) {
        return complaint(craft, kind)
                .orElseThrow(() -> Refusal.wrong(
                        "kind",
                        REFUSALS.with("kind", Refusal.shortened(kind))
                                .with(
                                        "id",
                                        String.join(
                                                ", ",
                                                diagnoses.complaints(craft).stream()
                                                        .map(Complaint::id)
                                                        .toList())),
                        "no-complaint"));
    }

    /**
     * The craft and its book as they were when a work-up was opened: they name what was found on a part that is gone.
     */
    AsOpened asOpened(WorkUp workUp) {
        Recorded recorded =
                crafts.record(workUp.opened().mark(), workUp.opened().revision());
        return new AsOpened(
                workUp.opened().isAsRecorded()
                        ? recorded.craft()
                        : records.of(recorded).craft(),
                diagnoses
                        .of(recorded, workUp.opened().isAsRecorded(), false, List.of())
                        .book());
    }

    record AsOpened(Craft craft, Book<Craft> book) {}

    /** The mark as the chart has it, whatever its case. */
    String mark(String mark) {
        return crafts.get(mark).mark();
    }

    /** The craft of a mark as required by its newest sheet. */
    Craft craft(String mark) {
        return records.of(record(mark)).craft();
    }

    /** The craft of a mark as recorded on its newest sheet. */
    Recorded record(String mark) {
        return crafts.newestRecord(mark(mark));
    }

    List<Complaint> complaints(Craft craft) {
        return diagnoses.complaints(craft);
    }

    /** Everything that is known of a craft's faults and checks. */
    public Book<Craft> book(String mark) {
        return diagnoses.of(crafts.newestRecord(mark(mark))).book();
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
     * @param line for the craft's log
     * @param lastLog the newest line of that log when this was worked out
     * @param after the work-up as it will be, but for its number
     */
    public record Opening(WorkUp after, String logKind, String line, long lastLog) {
        Opened opened() {
            return after.opened();
        }
    }

    /**
     * Something that was seen before a work-up was opened, as the answer of a check.
     *
     * @param outcomes by question
     * @param written numbers by question, as written
     * @param told the number that has to be told along with some checks
     */
    public record SeenBefore(
            String checkId,
            Map<String, String> outcomes,
            Map<String, String> written,
            @Nullable String told) {}

    /**
     * The checks that somebody may have made before a work-up is opened: those of the book that the plan would offer.
     */
    List<Check<Craft>> mayBeSeenBefore(Recorded record) {
        return diagnoses.of(record).book().checks().stream()
                .filter(Check::planned)
                .toList();
    }

    /**
     * A work-up with what was seen; questions that nobody could answer are left out.
     *
     * @param seen outcomes by question
     * @param written numbers by question, as written
     * @param before what was found out besides
     */
    public Opening open(
            String mark,
            String kind,
            String complaint,
            Occasion occasion,
            Map<String, String> seen,
            Map<String, String> written,
            List<SeenBefore> before,
            Instant at) {
        CraftStore.Row row = crafts.get(mark);
        long lastLog = log.newest(row.mark());
        int revision = crafts.newestRevision(row.mark());
        Recorded record = crafts.record(row.mark(), revision);
        Craft craft = records.of(record).craft();
        Complaint complained = offered(craft, kind);
        Check<Craft> check = complained.seen();
        Entered entered = Entered.at(check, seen, written);
        List<Numbered> events = new ArrayList<>();
        if (!entered.answersNothing()) {
            events.add(new Numbered(1, at, new Found(check.id(), null, entered, Sureness.SURE)));
        } else {
            complained
                    .amiss()
                    .ifPresent(so -> events.add(new Numbered(
                            1,
                            at,
                            new Found(
                                    so.id(),
                                    null,
                                    Entered.at(so, Map.of("seen", Complaint.TRUE), Map.of()),
                                    Sureness.SURE))));
        }
        for (int i = 0; i < before.size(); i++) {
            events.add(new Numbered(events.size() + 1, at, seenBefore(record, before.get(i), "before[" + i + "]")));
        }
        keptListing(row.mark(), occasion).ifPresent(found -> events.add(new Numbered(events.size() + 1, at, found)));
        Routines.Standing routine = routines.standing(row.mark());
        if (routine.state() == ShortTest.FAILED) {
            routine.newest().ifPresent(run -> found(diagnoses.of(record).book(), run)
                    .forEach(found -> events.add(new Numbered(events.size() + 1, run.at(), found))));
        }
        Opened opened = new Opened(0, row.mark(), revision, kind, complaint, occasion, at, "", null, Opened.REQUIRED);
        return new Opening(
                made(opened, List.copyOf(events)),
                crashed(check, entered) ? "crash" : logKind(occasion),
                SAID.with("complaint", complaint)
                        .with("occasion", occasion.label())
                        .line("opened")
                        .plain(),
                lastLog);
    }

    /** The newest settings export, where nothing changed a setting since it was kept: evidence at once. */
    private Optional<WorkUpEvent> keptListing(String mark, Occasion occasion) {
        List<SnapshotStore.Row> rows = snapshots.of(mark);
        // The only export of a craft that was flashed is mostly the one kept before the flash.
        return rows.stream()
                .findFirst()
                .filter(row -> occasion != Occasion.FLASH || rows.size() > 1)
                .filter(row -> snapshots.snapshot(row).isPresent())
                .filter(row -> log.of(mark).stream()
                        .takeWhile(line -> !line.kind().equals("snapshot"))
                        .noneMatch(line -> CHANGES_SETTINGS.contains(line.kind())))
                .map(row -> new Found(
                        ExportCheck.id(row.id()),
                        null,
                        new Entered(Map.of("seen", ExportCheck.LISTED), Map.of()),
                        Sureness.SURE));
    }

    private Found seenBefore(Recorded record, SeenBefore seen, String where) {
        Craft craft = records.of(record).craft();
        Check<Craft> check = mayBeSeenBefore(record).stream()
                .filter(c -> c.id().equals(seen.checkId()))
                .findFirst()
                .orElseThrow(() ->
                        Refusal.wrong(where + ".checkId", REFUSALS.with("checkId", seen.checkId()), "no-check-before"));
        Entered entered = Entered.at(check, seen.outcomes(), seen.written());
        if (entered.answersNothing()) {
            throw Refusal.wrong(where + ".outcomes", REFUSALS.with("craft", check.title(craft)), "unanswered");
        }
        return new Found(
                check.id(),
                check.toTell().map(scale -> Entered.told(scale, seen.told())).orElse(null),
                entered,
                Sureness.SURE);
    }

    private static boolean crashed(Check<Craft> check, Entered entered) {
        return entered.reading(check.answers())
                .filter(reading -> Families.crashed(check, reading))
                .isPresent();
    }

    /** The readings of a routine that are checks of the craft's book too. */
    private static List<WorkUpEvent> found(Book<Craft> book, RoutineStore.Run run) {
        return run.steps().stream()
                .filter(read -> book.check(read.checkId()).isPresent())
                .<WorkUpEvent>map(read -> new Found(read.checkId(), null, read.entered(), Sureness.SURE))
                .toList();
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

    /**
     * A run of the routine on a craft with an open work-up counts there: its result for the bench, its readings as
     * found.
     */
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
        draft.add(new BenchSet(
                new BenchState(
                        bench.propsOn() && !run.passed(),
                        false,
                        bench.limiterIn(),
                        bench.usbIn(),
                        bench.antennaOn(),
                        bench.radioOn(),
                        false,
                        run.passed() ? ShortTest.PASSED : ShortTest.FAILED),
                "",
                log.newest(mark)));
        Draft made = draft.done();
        return () -> store.add(workUp.opened().id(), made.version(), made.events());
    }

    /**
     * The number told along with an answer.
     *
     * @param text as written
     * @param sure whether it was asked back and is right
     */
    public record Told(@Nullable String text, boolean sure) {}

    /**
     * Records what a check gave.
     *
     * @param written numbers by question, as written
     * @param told the number that has to be told along with some checks, as written
     * @param override why a locked check was made all the same; empty when it was not
     */
    public Draft find(
            long id,
            long version,
            String checkId,
            Map<String, String> outcomes,
            Map<String, String> written,
            Told told,
            Sureness sureness,
            String override,
            Instant at) {
        return found(
                id,
                version,
                checkId,
                new Answered(outcomes, written, told, sureness),
                workUp -> guards(workUp, check(workUp, checkId)),
                override,
                at);
    }

    /**
     * What a check gave, as it was entered.
     *
     * @param written numbers by question, as written
     */
    public record Answered(Map<String, String> outcomes, Map<String, String> written, Told told, Sureness sureness) {}

    /**
     * Records what a check gave.
     *
     * @param guarding tells what speaks against making it as things stand
     */
    public Draft found(
            long id,
            long version,
            String checkId,
            Answered answered,
            Function<WorkUp, List<String>> guarding,
            String override,
            Instant at) {
        WorkUp workUp = open(id, version);
        Check<Craft> check = check(workUp, checkId);
        Double number = Entered.told(
                check,
                workUp.known().sound(),
                answered.told().text(),
                answered.told().sure());
        Entered entered = Entered.at(check, answered.outcomes(), answered.written());
        String title = check.title(workUp.known().sound());
        if (entered.answersNothing()) {
            throw Refusal.wrong(
                    "outcomes",
                    REFUSALS.with("check", title)
                            .with(
                                    "outcomes",
                                    check.answers() instanceof Choices choices
                                            ? choices.questions().get(0).outcomes().stream()
                                                    .map(o -> o.id())
                                                    .toList()
                                            : ""),
                    check.answers() instanceof Choices ? "no-answer-of" : "no-answer");
        }
        Draft.Builder draft = Draft.on(workUp, at);
        List<String> guards = guarding.apply(workUp);
        if (!guards.isEmpty()) {
            if (override.isBlank()) {
                throw Refusal.conflict("benchState", String.join(" ", guards));
            }
            Overrides.checked(override);
            draft.add(new BenchSet(
                    workUp.bench(), override, log.newest(workUp.opened().mark())));
            guards.forEach(guard -> draft.log(
                    "override",
                    SAID.with("check", title)
                            .with("guard", guard)
                            .with("why", override)
                            .line("guard-for")
                            .plain()));
        }
        draft.add(new Found(check.id(), number, entered, answered.sureness(), guards.isEmpty() ? null : override));
        seen(workUp, check, entered, guards.isEmpty()).forEach(line -> draft.log(line.kind(), line.text()));
        return draft.done();
    }

    /** What an answer says for the craft's log beside the work-up: a test passed, a crash, a flash. */
    private List<Draft.LogLine> seen(WorkUp workUp, Check<Craft> check, Entered entered, boolean guarded) {
        Craft sound = workUp.known().soundNow();
        List<Draft.LogLine> lines = new ArrayList<>();
        if (check.id().equals(FailsafeChecks.RADIO_OFF)) {
            RadioOffTests.line(sound, entered)
                    .filter(line -> guarded || !line.passed())
                    .ifPresent(line -> lines.add(new Draft.LogLine(line.kind(), line.text())));
        }
        if (crashed(check, entered)) {
            lines.add(new Draft.LogLine(
                    "crash",
                    SAID.with("check", check.title(workUp.known().sound()))
                            .line("came-down")
                            .plain()));
        }
        if (Families.flashes(check)) {
            lines.add(new Draft.LogLine(
                    "flash",
                    SAID.with("check", check.title(workUp.known().sound()))
                            .line("flashed")
                            .plain()));
        }
        Optional<Reading> reading = entered.reading(check.answers());
        if (guarded
                && MotorsSeen.IS.equals(check.id())
                && reading.filter(given -> given.isWhole(check.answers()) && gives(workUp, check, given))
                        .isPresent()) {
            lines.add(new Draft.LogLine(MotorsSeen.PASSED, SAID.line("motors").plain()));
        }
        return lines;
    }

    /**
     * Whether a reading is what the craft as required gives by now; never where it waits for a conflict of the record.
     */
    private static boolean gives(WorkUp workUp, Check<Craft> check, Reading reading) {
        return waits(workUp, check).isEmpty()
                && Proof.asExpected(check, reading, workUp.known().soundNow());
    }

    /** What of the record a check waits for, which is not put right yet. */
    static Optional<Waits> waits(WorkUp workUp, Check<Craft> check) {
        return workUp.opened().isAsRecorded()
                ? Optional.empty()
                : Expectation.after(
                        check,
                        workUp.required(),
                        workUp.known().soundNow(),
                        workUp.known().repairs().stream()
                                .map(repair -> repair.fault().id())
                                .collect(Collectors.toSet()));
    }

    /** Every guard that speaks against making a check as things stand; none where it can be made. */
    private List<String> guards(WorkUp workUp, Check<Craft> check) {
        List<String> guards = new ArrayList<>();
        Barred barred = barred(workUp);
        if (check.needs().pack() == Want.YES && !barred.battery().isEmpty()) {
            guards.add(barred.battery());
        }
        if (check.needs().usb() == Want.YES && !barred.usb().isEmpty()) {
            guards.add(barred.usb());
        }
        String flight = Families.isFlight(check) ? notYetFlown(workUp) : "";
        if (!flight.isEmpty()) {
            guards.add(flight);
        }
        if (!check.needs().metBy(workUp.bench())) {
            guards.add(SAID.line("locked").plain());
        }
        return guards;
    }

    /** The power that may not be put on the craft of a work-up. */
    public Barred barred(long id) {
        return barred(get(id));
    }

    /** The same. */
    Barred barred(WorkUp workUp) {
        return routines.barred(workUp.opened().mark(), workUp.opened().occasion() == Occasion.BUILD);
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
        List<String> objections = objections(workUp, state);
        if (!objections.isEmpty()) {
            if (override.isBlank()) {
                throw Refusal.conflict("benchState", String.join(" ", objections));
            }
            Overrides.checked(override);
        }
        // No override makes a pass: what the pre-power checks have not shown stays not shown.
        BenchState set =
                objections.isEmpty() ? state : state.claiming(workUp.bench().shortTest());
        Draft.Builder draft = Draft.on(workUp, at)
                .add(new BenchSet(
                        set,
                        objections.isEmpty() ? "" : override,
                        log.newest(workUp.opened().mark())));
        objections.forEach(objection -> draft.log(
                "override",
                SAID.with("guard", objection)
                        .with("why", override)
                        .line("guard")
                        .plain()));
        return draft.done();
    }

    /** All that makes a state dangerous, or says more of the pre-power routine than was done. */
    private List<String> objections(WorkUp workUp, BenchState state) {
        String mark = workUp.opened().mark();
        List<String> objections = new ArrayList<>();
        String barred = barred(workUp).objection(state);
        if (!barred.isEmpty()) {
            objections.add(barred);
        }
        Routines.Standing routine = routines.standing(mark);
        if (state.shortTest() == ShortTest.PASSED
                && workUp.bench().shortTest() != ShortTest.PASSED
                && routine.state() != ShortTest.PASSED) {
            objections.add(SAID.with("craft", mark)
                    .with("why", routine.why())
                    .line(routine.state() == ShortTest.FAILED ? "pre-power-failed" : "pre-power-due")
                    .plain());
        }
        objections.addAll(state.objections());
        return objections;
    }

    /** Takes an event back: a finding, a skip, a suspicion or a fix. */
    public Draft takeBack(long id, long version, int n, Instant at) {
        WorkUp workUp = open(id, version);
        WorkUpEvent event = workUp.events().stream()
                .filter(e -> e.n() == n)
                .map(Numbered::event)
                .findFirst()
                .orElseThrow(() -> Refusal.unknown("n", REFUSALS.with("n", n), "no-finding"));
        if (event instanceof TakenBack
                || event instanceof BenchSet
                || event instanceof Closed
                || event instanceof Reopened
                || workUp.isTakenBack(n)) {
            throw Refusal.conflict("n", REFUSALS.with("n", n), workUp.isTakenBack(n) ? "undone" : "no-undo");
        }
        Draft.Builder draft = Draft.on(workUp, at).add(new TakenBack(n));
        return (event instanceof Fixed && workUp.repairs().containsKey(n)
                        ? revisedChart(
                                workUp,
                                draft,
                                workUp.repairs().get(n),
                                false,
                                SAID.line("fix-undone").plain())
                        : draft)
                .done();
    }

    /** Records that a fix was made, where its fault is likely or somebody says why it was made all the same. */
    public Draft fix(long id, long version, String faultId, String fixId, String confirmed, Instant at) {
        WorkUp workUp = open(id, version);
        Fault<Craft> fault = fault(workUp, faultId);
        double belief = diagnosis(workUp).standing(workUp.known()).everHeld(faultId);
        if (belief < WORTH_A_TRY && confirmed.isBlank()) {
            throw Refusal.conflict(
                    "confirmed",
                    REFUSALS.with("sound", fault.describe(workUp.known().sound()))
                            .with("belief", percent(belief)),
                    "unlikely");
        }
        return fixed(
                workUp,
                faultId,
                fixId,
                confirmed.isBlank() ? "" : " (" + percent(belief) + " likely: " + confirmed + ")",
                at);
    }

    /**
     * Records that a fix was made, however likely its fault is; the craft's chart takes it over.
     *
     * @param remark added to the line of the log
     */
    public Draft fixed(long id, long version, String faultId, String fixId, String remark, Instant at) {
        return fixed(open(id, version), faultId, fixId, remark, at);
    }

    private Draft fixed(WorkUp workUp, String faultId, String fixId, String remark, Instant at) {
        Fault<Craft> fault = fault(workUp, faultId);
        List<Fix<Craft>> fixes = fault.fixes(workUp.known().sound());
        Fix<Craft> fix = fixes.stream()
                .filter(f -> f.id().equals(fixId))
                .findFirst()
                .orElseThrow(() -> Refusal.wrong(
                        "fixId",
                        REFUSALS.with("fixId", Refusal.shortened(fixId))
                                .with("id", fixes.stream().map(Fix::id).toList()),
                        "no-fix"));
        if (workUp.repairs().values().stream().anyMatch(r -> r.remedy().equals(fix.remedy()))) {
            throw Refusal.conflict("faultId", REFUSALS, "fixed-already");
        }
        Draft.Builder draft = Draft.on(workUp, at).add(new Fixed(faultId, fixId));
        draft.log(
                Families.opens(workUp.known().sound(), fault, fix)
                        ? "repair"
                        : Families.flashes(workUp.known().sound(), fault) ? "flash" : "fix",
                fix.title() + remark);
        return revisedChart(workUp, draft, new Repair<>(fault, fix), true, fix.title())
                .done();
    }

    /** What the reasons begin with of revisions that a work-up makes. */
    private static String revisedBy(long id) {
        return "work-up " + id + ": ";
    }

    private static String percent(double belief) {
        return Math.round(100 * belief) + " %";
    }

    /**
     * Corrects the record of a conflict by what was found: the craft is right, and the sheet was not.
     *
     * @param way of the conflict, counted from 1, that the craft has
     */
    public Draft correct(long id, long version, String faultId, int way, Instant at) {
        WorkUp workUp = open(id, version);
        Conflict conflict = workUp.required().conflicts().stream()
                .filter(one -> one.id().equals(faultId))
                .findFirst()
                .orElseThrow(() ->
                        Refusal.wrong("faultId", REFUSALS.with("faultId", Refusal.shortened(faultId)), "no-conflict"));
        if (way < 1 || way > conflict.ways().size()) {
            throw Refusal.wrong("way", REFUSALS.with("ways", conflict.ways().size()), "way");
        }
        String title = conflict.ways().get(way - 1).edit().title();
        String mark = workUp.opened().mark();
        Draft.Builder draft = Draft.on(workUp, at)
                .add(new RecordCorrected(faultId, title))
                .log("sheet", SAID.with("edit", title).line("corrected").plain());
        return draft.sheet(
                        edited(workUp, conflict, way - 1, true),
                        crafts.newestRevision(mark),
                        SAID.with("n", id)
                                .with("edit", title)
                                .line("corrected-in")
                                .plain())
                .done();
    }

    /** Has the newest sheet take over what a fix, or taking one back, changes on the craft. */
    private Draft.Builder revisedChart(
            WorkUp before, Draft.Builder draft, Repair<Craft> repair, boolean made, String reason) {
        String mark = before.opened().mark();
        int onto = crafts.newestRevision(mark);
        BuildSheet changed = conflict(repair.fault())
                .map(conflict ->
                        edited(before, conflict, conflict.way(repair.fix().id()).orElseThrow(), made))
                .orElseGet(() -> crafts.newestWith(
                        mark,
                        BuildSheet.of(before.known().soundNow()),
                        BuildSheet.of(draft.after().known().soundNow())));
        return draft.sheet(changed, onto, revisedBy(before.opened().id()) + reason);
    }

    private static Optional<Conflict> conflict(Fault<Craft> fault) {
        return fault instanceof ConflictFault recorded
                ? Optional.of(recorded.conflict())
                : fault instanceof PutRight right ? Optional.of(right.was().conflict()) : Optional.empty();
    }

    /** The newest sheet with a way of a conflict made on it, or taken back. */
    private BuildSheet edited(WorkUp workUp, Conflict conflict, int way, boolean made) {
        BuildSheet before = BuildSheet.of(conflict.recorded());
        BuildSheet after = BuildSheet.of(conflict.onSheet(conflict.recorded(), way));
        BuildSheet sheet = crafts.newestWith(workUp.opened().mark(), made ? before : after, made ? after : before);
        return made ? sheet.withSource(conflict.ways().get(way).edit().sites(), Source.MEASURED) : sheet;
    }

    Proof<Craft> proof(WorkUp workUp) {
        return Proof.of(
                workUp.known(),
                workUp.book(),
                readBackFirst(
                        workUp,
                        complaint(workUp)
                                .orElseGet(() -> offered(
                                        workUp.known().sound(),
                                        Families.usualComplaint().id()))
                                .proof()),
                Families.beforeFlight(workUp.known()));
    }

    /**
     * A listing that had shown the fault is made again: what was entered into the board is read back before anything
     * else proves it.
     */
    private List<Check<Craft>> readBackFirst(WorkUp workUp, List<Check<Craft>> proof) {
        boolean entered = workUp.known().repairs().stream()
                .anyMatch(repair -> ReadBack.isOwed(workUp.known().sound(), repair));
        boolean listed = workUp.known().evidence().stream()
                .anyMatch(one -> one instanceof Evidence.Finding<Craft> finding
                        && finding.check().kind().equals(ExportCheck.KIND)
                        && !Proof.asExpected(
                                finding.check(),
                                finding.reading(),
                                workUp.known().sound()));
        return !entered
                        || !listed
                        || proof.stream().anyMatch(check -> check.id().equals(ReadBack.CHECK))
                ? proof
                : Stream.concat(workUp.book().check(ReadBack.CHECK).stream(), proof.stream())
                        .toList();
    }

    /**
     * A snapshot read back in a work-up.
     *
     * @throws Refusal where its family is not known any more
     */
    ReadBack readBack(WorkUp workUp, int snapshot) {
        Row row = snapshots.get(workUp.opened().mark(), snapshot);
        return ReadBack.of(
                snapshots
                        .snapshot(row)
                        .orElseThrow(() ->
                                Refusal.conflict("snapshot", REFUSALS.with("family", row.family()), "dialect-gone")),
                workUp.known().sound(),
                workUp.known().soundNow());
    }

    /**
     * Why a craft is not to be flown yet; empty where nothing speaks against it.
     *
     * @param standing what is believed of it
     */
    static String notYetFlown(WorkUp workUp, Posterior<Craft> standing) {
        Craft sound = workUp.known().soundNow();
        Optional<Violation> hazard = workUp.opened().isAsRecorded()
                ? Optional.empty()
                : workUp.required().open().stream()
                        .filter(one -> one.severity() == Severity.HAZARD)
                        .filter(one -> workUp.repairs().values().stream()
                                .noneMatch(repair -> repair.fault().id().equals("recorded-" + one.id())))
                        .findFirst();
        if (hazard.isPresent()) {
            return SAID.with("cause", hazard.get().cause()).line("hazard").plain();
        }
        Optional<Waits> waits =
                waits(workUp, Families.beforeFlight(workUp.known()).flight());
        if (waits.isPresent()) {
            return SAID.with("why", waits.get().why()).line("waits").plain();
        }
        List<Check<Craft>> missing = Families.beforeFlight(workUp.known()).missing(workUp.known());
        if (!missing.isEmpty()) {
            return SAID.with(
                            "checks",
                            String.join(
                                    "; ",
                                    missing.stream()
                                            .map(check -> check.title(sound))
                                            .toList()))
                    .line("missing")
                    .plain();
        }
        double left =
                Math.min(standing.explained(), standing.nothingLeftBut(fault -> Families.takesOffWith(sound, fault)));
        return standing.nothingLeft() >= LIKELY_SOUND || left >= LIKELY_SOUND
                ? ""
                : SAID.with("likely", percent(left)).line("unlikely").plain();
    }

    private String notYetFlown(WorkUp workUp) {
        return notYetFlown(workUp, diagnosis(workUp).standing(workUp.known()));
    }

    /** Closes a work-up: as solved only when the proof has passed, otherwise with a reason. */
    public Draft close(long id, long version, End end, String reason, Instant at) {
        WorkUp workUp = open(id, version);
        if (end == End.SOLVED && !proof(workUp).passes()) {
            throw Refusal.conflict("end", REFUSALS, workUp.repairs().isEmpty() ? "not-fixed" : "not-proven");
        }
        if (end == End.SOLVED) {
            proof(workUp).tests().stream()
                    .flatMap(test -> waits(workUp, test.check()).stream())
                    .findFirst()
                    .ifPresent(waits -> {
                        throw Refusal.conflict("end", REFUSALS.with("why", waits.why()), "worthless");
                    });
        }
        if (end != End.SOLVED && reason.isBlank()) {
            throw Refusal.wrong("reason", REFUSALS, "end-reason");
        }
        Draft.Builder draft = Draft.on(workUp, at).add(new Closed(end, reason));
        draft.log(
                end == End.SOLVED ? "closed" : "closed-open",
                SAID.with("end", end.label())
                        .with("why", Param.when(!reason.isBlank()))
                        .with("reason", reason)
                        .line("closed")
                        .plain());
        return draft.ledger(entry(draft.after(), end, reason, at)).done();
    }

    private RepairLogStore.LedgerEntry entry(WorkUp workUp, End end, String reason, Instant at) {
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
        String proof = String.join(
                "; ",
                proof(workUp).tests().stream()
                        .map(t -> SAID.with("check", t.check().title(sound))
                                .with("read", read(workUp, t.check()))
                                .line("test-" + Names.id(t.state()))
                                .plain())
                        .toList());
        return new RepairLogStore.LedgerEntry(
                0,
                workUp.opened().id(),
                workUp.opened().mark(),
                at,
                workUp.opened().complaint(),
                end.label(),
                reason,
                String.join("; ", causes),
                String.join(" ", kinds),
                String.join("; ", parts),
                String.join("; ", fixes),
                String.join("; ", changes),
                proof,
                workUp.minutes());
    }

    /** What was read the last time that a check was made, in words. */
    private static String read(WorkUp workUp, Check<Craft> check) {
        return workUp.events().stream()
                .filter(e -> !workUp.isTakenBack(e.n()))
                .map(Numbered::event)
                .filter(Found.class::isInstance)
                .map(Found.class::cast)
                .filter(found -> found.checkId().equals(check.id()))
                .reduce((earlier, later) -> later)
                .map(found -> String.join(
                        ", ", WorkUp.answers(check, found, workUp.known().sound())))
                .orElse("");
    }

    /** Opens a closed work-up again, since the trouble came back. */
    public Draft reopen(long id, long version, String reason, Instant at) {
        WorkUp workUp = current(id, version);
        if (workUp.closed().isEmpty()) {
            throw Refusal.conflict("id", REFUSALS.with("id", id), "open");
        }
        if (reason.isBlank()) {
            throw Refusal.wrong("reason", REFUSALS, "reopen-reason");
        }
        return Draft.on(workUp, at)
                .add(new Reopened(reason))
                .log("work-up", SAID.with("reason", reason).line("reopened").plain())
                .done();
    }

    private WorkUp open(long id, long version) {
        WorkUp workUp = current(id, version);
        if (workUp.closed().isPresent()) {
            throw Refusal.conflict("id", REFUSALS.with("id", id), "closed");
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
        return workUp.book()
                .check(id)
                .orElseThrow(() -> Refusal.wrong("checkId", REFUSALS.with("id", Refusal.shortened(id)), "no-check"));
    }

    static Fault<Craft> fault(WorkUp workUp, String id) {
        return workUp.book()
                .fault(id)
                .orElseThrow(() -> Refusal.wrong("faultId", REFUSALS.with("id", Refusal.shortened(id)), "no-fault"));
    }
}

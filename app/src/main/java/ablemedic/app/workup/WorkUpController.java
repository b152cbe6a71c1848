package ablemedic.app.workup;

import ablemedic.Families;
import ablemedic.app.chart.PowerMap;
import ablemedic.app.entry.Entered;
import ablemedic.app.entry.PlaceView;
import ablemedic.app.entry.QuestionView;
import ablemedic.app.entry.QuestionView.ScaleView;
import ablemedic.app.entry.SettingAside;
import ablemedic.app.http.PairedDevice;
import ablemedic.app.workup.WorkUpEvent.End;
import ablemedic.app.workup.WorkUpView.CheckCard;
import ablemedic.app.workup.WorkUpView.FixCard;
import ablemedic.app.workup.WorkUpView.ValueView;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.BenchState;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Sureness;
import ablemedic.family.Place;
import ablemedic.snapshot.ReadBack;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Work-ups over HTTP. Every write carries the version it was made on and answers with the new one and what was
 * recorded; the plan comes with the next view.
 */
@RestController
@RequestMapping("/api")
class WorkUpController {
    private static final int MOST_LISTED = 500;
    private static final String WORDS = "{most.letters}";

    private final WorkUps workUps;
    private final WorkUpStore store;
    private final WorkUpViews views;
    private final Writing writing;
    private final Clock clock;
    private final Watchers devices;
    private final OpenWorkUp opening;
    private final Commands commands;
    private final Proofs proofs;

    WorkUpController(
            WorkUps workUps,
            OpenWorkUp opening,
            Commands commands,
            Proofs proofs,
            WorkUpStore store,
            WorkUpViews views,
            Writing writing,
            Clock clock,
            Watchers devices) {
        this.opening = opening;
        this.commands = commands;
        this.proofs = proofs;
        this.devices = devices;
        this.workUps = workUps;
        this.store = store;
        this.views = views;
        this.writing = writing;
        this.clock = clock;
    }

    record ListedWorkUp(long id, String mark, String complaint, boolean open, String ended) {}

    /**
     * A kind left out is the usual complaint.
     *
     * @param seen outcomes by question
     * @param numbers those that are answered by a number, as written, by question
     * @param before what was found out before, as answers of checks
     */
    record Intake(
            @NotBlank(message = "{names.the.craft}") @Size(max = 24, message = "{names.the.craft}")
            String mark,

            @Nullable @Size(max = 40, message = "{most.letters}")
            String kind,

            @NotBlank(message = "{says.what.is.wrong}") @Size(max = 400, message = WORDS)
            String complaint,

            @NotNull(message = "{says.what.happened.since.it.last.flew.right}")
            Occasion occasion,

            @NotNull(message = "{says.what.was.seen.if.nothing}") @Size(max = 10, message = "{most.answers}")
            Map<@Size(max = 40) String, @NotNull @Size(max = 40) String> seen,

            @Nullable @Size(max = 10, message = "{most.numbers}")
            Map<@Size(max = 40) String, @NotNull @Size(max = 40) String> numbers,

            @Nullable @Size(max = 10, message = "{most.checks}")
            List<@NotNull @Valid Before> before) {}

    /**
     * A check that was made before, with what it gave.
     *
     * @param numbers as written, by question
     * @param told the number that some checks want told along, as written
     */
    record Before(
            @NotBlank(message = "{names.a.check}") @Size(max = 200, message = "{names.a.check}")
            String checkId,

            @Nullable @Size(max = 10, message = "{most.answers}")
            Map<@Size(max = 40) String, @NotNull @Size(max = 40) String> outcomes,

            @Nullable @Size(max = 10, message = "{most.numbers}")
            Map<@Size(max = 40) String, @NotNull @Size(max = 40) String> numbers,

            @Nullable @Size(max = 40, message = "{most.letters}")
            String told) {}

    /**
     * @param written the number of a check that asks for one only
     * @param numbers those of a check that asks several questions, by question
     * @param sure whether the number told was asked back and is right
     */
    record Reading(
            long version,

            @NotBlank(message = "{names.a.check}") @Size(max = 200, message = "{names.a.check}")
            String checkId,

            @Nullable @Size(max = 10, message = "{most.answers}")
            Map<@Size(max = 40) String, @NotNull @Size(max = 40) String> outcomes,

            @Nullable @Size(max = 40, message = "{most.letters}")
            String written,

            @Nullable @Size(max = 10, message = "{most.numbers}")
            Map<@Size(max = 40) String, @NotNull @Size(max = 40) String> numbers,

            @Nullable @Size(max = 40, message = "{most.letters}")
            String told,

            @Nullable Boolean sure,
            @NotNull(message = "{says.how.sure.it.is}") Sureness sureness,
            @Nullable @Size(max = 400, message = WORDS) String override) {}

    record Skip(
            long version,

            @NotBlank(message = "{names.a.check}") @Size(max = 200, message = "{names.a.check}")
            String checkId) {}

    record Suspicion(
            long version,

            @NotBlank(message = "{names.a.fault}") @Size(max = 200, message = "{names.a.fault}")
            String faultId,

            @NotNull @Size(max = 400, message = WORDS) String words) {}

    record OwnTest(
            long version,

            @NotBlank(message = "{names.a.fault}") @Size(max = 200, message = "{names.a.fault}")
            String faultId,

            boolean speaksFor,
            boolean strong,

            @NotBlank(message = "{says.what.was.done.and.seen}") @Size(max = 400, message = WORDS)
            String words) {}

    record BenchSetting(
            long version,
            @NotNull @Valid BenchState state,
            @Nullable @Size(max = 400, message = WORDS) String override) {}

    /** @param confirmed why it is made although it is hardly likely; left out where it is likely */
    record FixMade(
            long version,

            @NotBlank(message = "{names.a.fault}") @Size(max = 200, message = "{names.a.fault}")
            String faultId,

            @NotBlank(message = "{names.a.way.to.fix.it}") @Size(max = 200, message = "{names.a.way.to.fix.it}")
            String fixId,

            @Nullable @Size(max = 400, message = WORDS) String confirmed) {}

    /** @param way of the conflict that the craft has, counted from 1 */
    record Correction(
            long version,

            @NotBlank(message = "{names.a.conflict}") @Size(max = 200, message = "{names.a.conflict}")
            String conflictId,

            int way) {}

    record Closing(
            long version,
            @NotNull(message = "{says.how.it.ended}") End end,
            @NotNull @Size(max = 400, message = WORDS) String reason) {}

    record Reopening(
            long version,
            @NotNull @Size(max = 400, message = WORDS) String reason) {}

    record CheckEntry(String id, String kind, double minutes, double risk, boolean explores) {}

    record FaultEntry(String id, String kind, String site, String title) {}

    /** The newest, open or closed. */
    @GetMapping("/work-ups")
    List<ListedWorkUp> list() {
        return store.newest(MOST_LISTED).stream()
                .map(o -> new ListedWorkUp(o.id(), o.mark(), o.complaint(), o.isOpen(), o.ended()))
                .toList();
    }

    @PostMapping("/work-ups")
    @ResponseStatus(HttpStatus.CREATED)
    WriteAnswer open(@RequestBody @Valid Intake intake) {
        return writing.open(opening.open(
                intake.mark(),
                intake.kind() == null ? Families.usualComplaint().id() : intake.kind(),
                intake.complaint().strip(),
                intake.occasion(),
                intake.seen(),
                orNone(intake.numbers()),
                seenBefore(intake),
                clock.instant()));
    }

    private static List<OpenWorkUp.SeenBefore> seenBefore(Intake intake) {
        return intake.before() == null
                ? List.of()
                : intake.before().stream()
                        .map(one -> new OpenWorkUp.SeenBefore(
                                one.checkId(), orNone(one.outcomes()), orNone(one.numbers()), one.told()))
                        .toList();
    }

    @GetMapping("/work-ups/{id}")
    WorkUpView view(@PathVariable long id) {
        return views.view(id);
    }

    /** Tells the number of the last event whenever the work-up went on, as server-sent events. */
    @GetMapping(value = "/work-ups/{id}/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter live(@PathVariable long id, HttpServletRequest request) {
        return devices.take(id, PairedDevice.of(request));
    }

    @GetMapping("/work-ups/{id}/checks/{checkId}")
    CheckCard card(@PathVariable long id, @PathVariable String checkId) {
        return views.card(id, checkId);
    }

    /**
     * A snapshot of the craft against what it should be told by now.
     *
     * @param outcome the answer to the check that reads back
     * @param differs what is not as it should be
     */
    record ReadBackAnswer(String checkId, String outcome, List<ValueView> differs) {}

    @GetMapping("/work-ups/{id}/read-back")
    ReadBackAnswer readBack(@PathVariable long id, @RequestParam("snapshot") int snapshot) {
        ReadBack back = proofs.readBack(workUps.get(id), snapshot);
        return new ReadBackAnswer(
                ReadBack.CHECK,
                back.outcome(),
                back.differs().stream()
                        .map(one -> new ValueView(one.setting().label(), one.before(), one.after()))
                        .toList());
    }

    @GetMapping("/work-ups/{id}/fixes/{faultId}")
    FixCard fixes(@PathVariable long id, @PathVariable String faultId) {
        return views.fixCard(id, faultId);
    }

    @PostMapping("/work-ups/{id}/findings")
    WriteAnswer find(@PathVariable long id, @RequestBody @Valid Reading reading) {
        return run(
                id,
                reading.version(),
                new RecordFinding(
                        reading.checkId(),
                        new RecordFinding.Answered(
                                orNone(reading.outcomes()),
                                written(reading),
                                new RecordFinding.Told(reading.told(), Boolean.TRUE.equals(reading.sure())),
                                reading.sureness()),
                        orEmpty(reading.override())));
    }

    /** Takes back what was recorded under a number: a finding, a skip, a suspicion, an own test or a fix. */
    @DeleteMapping("/work-ups/{id}/findings/{n}")
    WriteAnswer takeBack(@PathVariable long id, @PathVariable int n, @RequestParam long version) {
        return run(id, version, new Undo(n));
    }

    @PostMapping("/work-ups/{id}/skips")
    WriteAnswer skip(@PathVariable long id, @RequestBody @Valid Skip skip) {
        return run(id, skip.version(), new NoteEvent(new WorkUpEvent.Skipped(skip.checkId())));
    }

    @PostMapping("/work-ups/{id}/suspicions")
    WriteAnswer suspect(@PathVariable long id, @RequestBody @Valid Suspicion suspicion) {
        return run(
                id,
                suspicion.version(),
                new NoteEvent(new WorkUpEvent.Suspected(suspicion.faultId(), suspicion.words())));
    }

    @PostMapping("/work-ups/{id}/own-tests")
    WriteAnswer ownTest(@PathVariable long id, @RequestBody @Valid OwnTest test) {
        return run(
                id,
                test.version(),
                new NoteEvent(new WorkUpEvent.Tested(test.faultId(), test.speaksFor(), test.strong(), test.words())));
    }

    private WriteAnswer run(long id, long version, Command command) {
        return writing.write(commands.run(id, version, command, clock.instant()));
    }

    /** Takes a work-up that cannot be read off the bench, with a reason, or puts it back without one. */
    @PutMapping("/work-ups/{id}/aside")
    void putAside(@PathVariable long id, @RequestBody @Valid SettingAside aside) {
        store.putAside(store.get(id).id(), aside.why());
    }

    @PutMapping("/work-ups/{id}/bench-state")
    WriteAnswer setBench(@PathVariable long id, @RequestBody @Valid BenchSetting setting) {
        return run(id, setting.version(), new SetBench(setting.state(), orEmpty(setting.override())));
    }

    @PostMapping("/work-ups/{id}/fixes")
    WriteAnswer fix(@PathVariable long id, @RequestBody @Valid FixMade made) {
        return run(id, made.version(), new MakeFix(made.faultId(), made.fixId(), orEmpty(made.confirmed())));
    }

    /** Corrects the record: the craft is right, and the sheet was not. */
    @PostMapping("/work-ups/{id}/corrections")
    WriteAnswer correct(@PathVariable long id, @RequestBody @Valid Correction correction) {
        return run(id, correction.version(), new CorrectRecord(correction.conflictId(), correction.way()));
    }

    @PostMapping("/work-ups/{id}/close")
    WriteAnswer close(@PathVariable long id, @RequestBody @Valid Closing closing) {
        return run(
                id,
                closing.version(),
                new CloseWorkUp(closing.end(), closing.reason().strip()));
    }

    @PostMapping("/work-ups/{id}/reopen")
    WriteAnswer reopen(@PathVariable long id, @RequestBody @Valid Reopening reopening) {
        return run(id, reopening.version(), new ReopenWorkUp(reopening.reason().strip()));
    }

    /** The checks for a craft, or those that need no craft's wiring. */
    @GetMapping("/checks")
    List<CheckEntry> checks(@RequestParam(required = false) @Nullable String craft) {
        return book(craft).checks().stream()
                .map(c -> new CheckEntry(c.id(), c.kind(), c.minutes(), c.risk(), c.explores()))
                .toList();
    }

    /** The faults that a craft can have, or those that need no craft's wiring. */
    @GetMapping("/faults")
    List<FaultEntry> faults(@RequestParam(required = false) @Nullable String craft) {
        Craft sound = craft == null ? Families.anyCraft() : workUps.craft(craft);
        return book(craft).faults().stream()
                .map(f -> new FaultEntry(
                        f.id(), f.kind(), f.site(), f.describe(sound).plain()))
                .toList();
    }

    private Book<Craft> book(@Nullable String mark) {
        return mark == null ? Families.bookOfAnyCraft() : workUps.book(mark);
    }

    /** Wires and parts of a craft, laid out from its build sheet, with what is known of each wire. */
    @GetMapping("/crafts/{mark}/power-map")
    PowerMap map(@PathVariable String mark) {
        String right = workUps.mark(mark);
        return views.map(right, store.openOf(right).map(WorkUpStore.Opened::id));
    }

    /** What an owner of a craft can complain of, with what is asked at intake. */
    @GetMapping("/crafts/{mark}/complaints")
    List<ComplaintEntry> complaints(@PathVariable String mark) {
        Craft craft = workUps.craft(mark);
        return workUps.complaints(craft).stream()
                .map(c -> new ComplaintEntry(
                        c.id(),
                        c.label().plain(),
                        QuestionView.of(c.seen().answers(), craft),
                        PlaceView.of(Place.of(c.seen()))))
                .toList();
    }

    /** @param place where on the craft the questions are answered */
    record ComplaintEntry(String id, String label, List<QuestionView> questions, PlaceView place) {}

    /** The checks that somebody may have made on a craft before it comes to the bench. */
    @GetMapping("/crafts/{mark}/seen-before")
    List<BeforeEntry> mayBeSeenBefore(@PathVariable String mark) {
        Craft craft = workUps.craft(mark);
        return opening.mayBeSeenBefore(workUps.record(mark)).stream()
                .map(c -> new BeforeEntry(
                        c.id(),
                        c.title(craft).plain(),
                        QuestionView.of(c.answers(), craft),
                        c.toTell().map(ScaleView::of).orElse(null)))
                .toList();
    }

    /** @param told a number that has to be told along with the answer */
    record BeforeEntry(
            String checkId,
            String title,
            List<QuestionView> questions,
            @Nullable ScaleView told) {}

    private static Map<String, String> written(Reading reading) {
        return reading.written() == null ? orNone(reading.numbers()) : Map.of(Entered.ONLY, reading.written());
    }

    private static Map<String, String> orNone(@Nullable Map<String, String> answers) {
        return answers == null ? Map.of() : answers;
    }

    private static String orEmpty(@Nullable String text) {
        return text == null ? "" : text.strip();
    }
}

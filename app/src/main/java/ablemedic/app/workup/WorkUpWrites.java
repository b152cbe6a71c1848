package ablemedic.app.workup;

import ablemedic.Families;
import ablemedic.app.entry.Entered;
import ablemedic.app.entry.SettingAside;
import ablemedic.app.workup.WorkUpEvent.End;
import ablemedic.diagnosis.BenchState;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Sureness;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * What is written in work-ups over HTTP. Every write carries the version it was made on and answers with the new one
 * and what was recorded; the plan comes with the next view.
 */
@RestController
@RequestMapping("/api")
class WorkUpWrites {
    private static final String WORDS = "{most.letters}";

    private final OpenWorkUp opening;
    private final Commands commands;
    private final Writing writing;
    private final WorkUpStore store;
    private final Clock clock;

    WorkUpWrites(OpenWorkUp opening, Commands commands, Writing writing, WorkUpStore store, Clock clock) {
        this.opening = opening;
        this.commands = commands;
        this.writing = writing;
        this.store = store;
        this.clock = clock;
    }

    /**
     * A kind left out is the usual complaint.
     *
     * @param seen outcomes by question
     * @param numbers those that are answered by a number, as written, by question
     * @param before what was found out before, as answers of checks
     */
    record Intake(
            @NotBlank(message = "{names.the.craft}") @Size(max = 24, message = "{names.the.craft}")
            String craftId,

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

    @PostMapping("/work-ups")
    @ResponseStatus(HttpStatus.CREATED)
    WriteAnswer open(@RequestBody @Valid Intake intake) {
        return writing.open(opening.open(
                intake.craftId(),
                new OpenWorkUp.Complained(
                        intake.kind() == null ? Families.usualComplaint().id() : intake.kind(),
                        intake.complaint().strip(),
                        intake.occasion(),
                        intake.seen(),
                        orNone(intake.numbers()),
                        seenBefore(intake)),
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

package ablemedic.app.workup;

import ablemedic.Families;
import ablemedic.app.chart.MotorsSeen;
import ablemedic.app.entry.Entered;
import ablemedic.app.http.Refusal;
import ablemedic.app.radiooff.RadioOffTests;
import ablemedic.app.workup.WorkUpEvent.BenchSet;
import ablemedic.app.workup.WorkUpEvent.Found;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Proof;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Sureness;
import ablemedic.radio.FailsafeChecks;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Records what a check gave.
 *
 * @param override why it was made all the same where a guard speaks against it; empty where it was not
 * @param guarded whether guards are looked at
 */
public record RecordFinding(String checkId, Answered answered, String override, boolean guarded) implements Command {

    public RecordFinding(String checkId, Answered answered, String override) {
        this(checkId, answered, override, true);
    }

    /** One that was made with everything as it should be on the bench. */
    public static RecordFinding ofThePast(String checkId, Answered answered) {
        return new RecordFinding(checkId, answered, "", false);
    }

    /**
     * The number told along with an answer.
     *
     * @param text as written
     * @param sure whether it was asked back and is right
     */
    public record Told(@Nullable String text, boolean sure) {}

    /**
     * What a check gave, as it was entered.
     *
     * @param written numbers by question, as written
     */
    public record Answered(Map<String, String> outcomes, Map<String, String> written, Told told, Sureness sureness) {}

    @Override
    public Draft on(WorkUp workUp, Circumstances given) {
        Craft sound = workUp.known().sound();
        Check<Craft> check = WorkUps.check(workUp, checkId);
        Double number = Entered.told(
                check, sound, answered.told().text(), answered.told().sure());
        Entered entered = Entered.at(check, answered.outcomes(), answered.written());
        String title = check.title(sound).plain();
        if (entered.answersNothing()) {
            throw unanswered(check, title);
        }
        Draft.Builder draft = Draft.on(workUp, given.at());
        List<String> guards = guarded ? given.safeguards().guards(workUp, check) : List.of();
        if (!guards.isEmpty()) {
            if (override.isBlank()) {
                throw Refusal.conflict("benchState", String.join(" ", guards));
            }
            Overrides.checked(override);
            draft.add(new BenchSet(workUp.bench(), override, given.newestLine(workUp)));
            guards.forEach(guard -> draft.log(
                    "override",
                    WorkUpWords.SAID
                            .with("check", title)
                            .with("guard", guard)
                            .with("why", override)
                            .line("guard-for")
                            .plain()));
        }
        draft.add(new Found(check.id(), number, entered, answered.sureness(), guards.isEmpty() ? null : override));
        seen(workUp, check, entered, guards.isEmpty()).forEach(line -> draft.log(line.kind(), line.text()));
        return draft.done();
    }

    private static Refusal unanswered(Check<Craft> check, String title) {
        boolean chosen = check.answers() instanceof Choices;
        return Refusal.wrong(
                "outcomes",
                WorkUpWords.REFUSALS
                        .with("check", title)
                        .with(
                                "outcomes",
                                check.answers() instanceof Choices choices
                                        ? choices.questions().get(0).outcomes().stream()
                                                .map(o -> o.id())
                                                .toList()
                                        : ""),
                chosen ? "no-answer-of" : "no-answer");
    }

    /** What an answer says for the craft's log beside the work-up: a test passed, a crash, a flash. */
    private static List<Draft.LogLine> seen(WorkUp workUp, Check<Craft> check, Entered entered, boolean guarded) {
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
                    WorkUpWords.SAID
                            .with("check", check.title(workUp.known().sound()))
                            .line("came-down")
                            .plain()));
        }
        if (Families.flashes(check)) {
            lines.add(new Draft.LogLine(
                    "flash",
                    WorkUpWords.SAID
                            .with("check", check.title(workUp.known().sound()))
                            .line("flashed")
                            .plain()));
        }
        Optional<Reading> reading = entered.reading(check.answers());
        if (guarded
                && MotorsSeen.IS.equals(check.id())
                && reading.filter(given -> given.isWhole(check.answers()) && gives(workUp, check, given))
                        .isPresent()) {
            lines.add(new Draft.LogLine(
                    MotorsSeen.PASSED, WorkUpWords.SAID.line("motors").plain()));
        }
        return lines;
    }

    /** Whether an answer says that the craft came down. */
    static boolean crashed(Check<Craft> check, Entered entered) {
        return entered.reading(check.answers())
                .filter(reading -> Families.crashed(check, reading))
                .isPresent();
    }

    /**
     * Whether a reading is what the craft as required gives by now; never where it waits for a conflict of the record.
     */
    private static boolean gives(WorkUp workUp, Check<Craft> check, Reading reading) {
        return Safeguards.waits(workUp, check).isEmpty()
                && Proof.asExpected(check, reading, workUp.known().soundNow());
    }
}

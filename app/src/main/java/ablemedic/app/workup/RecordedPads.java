package ablemedic.app.workup;

import ablemedic.Families;
import ablemedic.app.http.Refusal;
import ablemedic.app.instruments.CaptureAnswer;
import ablemedic.capture.CaptureReport.Verdict;
import ablemedic.capture.Captures;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Check;
import java.io.IOException;
import java.io.InputStream;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Reads a recording that is dropped on a check, keeps it, and says what it answers to the check. */
@Component
public class RecordedPads {
    private static final Words SAID =
            Catalogue.beside(RecordedPads.class, "words").of("recorded-pads");
    private static final Words REFUSALS =
            Catalogue.beside(RecordedPads.class, "refusals").of("recorded-pads");
    private static final String TWO_SECONDS = SAID.line("two-seconds").plain();

    private final WorkUps workUps;
    private final CaptureStore captures;

    RecordedPads(WorkUps workUps, CaptureStore captures) {
        this.workUps = workUps;
        this.captures = captures;
    }

    /**
     * What came of a recording.
     *
     * @param number under which it is kept; nothing where a signal must be chosen first
     * @param outcome that it answers to the check; empty where it answers none
     * @param label the outcome in words
     */
    public record CaptureFinding(@Nullable Long number, String outcome, String label, CaptureAnswer answer) {}

    /**
     * Takes a recording in; nothing is recorded as a finding by it.
     *
     * @throws Refusal for a closed work-up, a check that no recording answers, or a file too long to be kept
     */
    public CaptureFinding take(
            long id, String checkId, String name, Optional<String> signal, InputStream file, Instant at)
            throws IOException {
        WorkUp workUp = workUps.get(id);
        if (workUp.closed().isPresent()) {
            throw Refusal.conflict("id", REFUSALS.with("id", id), "closed");
        }
        Craft sound = workUp.known().sound();
        Check<Craft> check = WorkUps.check(workUp, checkId);
        CaptureStore.Packing packing = new CaptureStore.Packing(file);
        Captures.Read read = Captures.read(packing, signal, bytes -> {});
        CaptureAnswer answer = CaptureAnswer.of(read);
        if (read.report().isEmpty()) {
            return new CaptureFinding(null, "", "", answer);
        }
        packing.readAllBytes();
        String outcome = Families.outcomeOf(read.report().get(), checkId, sound)
                .orElseThrow(() -> Refusal.wrong(
                        "check",
                        REFUSALS.with("sound", check.title(sound)).with("twoSeconds", TWO_SECONDS),
                        "no-recording"));
        String told = read.report().get().verdicts().stream()
                .findFirst()
                .map(Verdict::text)
                .orElse("");
        long number = captures.keep(
                id,
                new CaptureStore.Captured(checkId, Refusal.shortened(name.strip()), outcome, told, packing.packed()),
                at);
        String label = check.answers() instanceof Choices choices
                ? choices.questions().get(0).outcomes().stream()
                        .filter(one -> one.id().equals(outcome))
                        .findFirst()
                        .map(one -> one.label().plain())
                        .orElse(outcome)
                : outcome;
        return new CaptureFinding(number, outcome, label, answer);
    }
}

package ablemedic.serial;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Prediction;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.family.CheckBuilder;
import ablemedic.family.Complaint;
import ablemedic.uart.CraftLines;
import ablemedic.uart.Reach;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** What an owner can say of serial lines and telemetry, and how a craft with each fault would look to an owner. */
final class SerialComplaints {
    private static final double TOLD_WRONG = 0.08;

    private final CraftLines lines;
    private final List<Check<Craft>> checks;
    private final List<Complaint> complaints = new ArrayList<>();

    private SerialComplaints(CraftLines lines, List<Check<Craft>> checks) {
        this.lines = lines;
        this.checks = checks;
    }

    static List<Complaint> of(CraftLines lines, List<Check<Craft>> checks) {
        SerialComplaints all = new SerialComplaints(lines, checks);
        all.telemetry();
        all.sticks();
        all.positioning();
        all.computer();
        return List.copyOf(all.complaints);
    }

    private void telemetry() {
        Optional<Telemetry.Way> way = Telemetry.way(lines);
        if (way.isEmpty()) {
            return;
        }
        Facet<Craft, Telemetry> facet = SeenOfLines.telemetry(lines);
        Words shown = SerialChecks.words(SerialChecks.SHOWN);
        ask(
                "telemetry",
                words -> asked(words, CheckBuilder.named(shown, SerialChecks.shown(way.get()))),
                answers -> from(facet, t -> SerialChecks.seen(answers, way.get(), t, TOLD_WRONG)),
                "all",
                SerialChecks.SHOWN);
        if (Telemetry.goesUp(lines) || Telemetry.isStream(lines)) {
            ask(
                    "settings-from-ground",
                    facet,
                    t -> t.up() ? "works" : t.shown() != Reach.NONE ? "not" : "nothing",
                    "works",
                    SerialChecks.UP);
        }
    }

    private void sticks() {
        lines.of(UartFunction.RECEIVER)
                .ifPresent(line -> ask(
                        "no-sticks",
                        Facet.of(
                                "sticks-on-battery",
                                (Craft c) -> lines.linked(c)
                                        ? lines.now(line, c, false).heard()
                                        : Reach.NONE),
                        reach -> said(reach, "answers", "drops", "nothing"),
                        "answers",
                        SerialChecks.BARS));
    }

    private static String said(Reach reach, String good, String flaky, String none) {
        return switch (reach) {
            case GOOD -> good;
            case FLAKY -> flaky;
            case NONE -> none;
        };
    }

    private void positioning() {
        Words satellites = SerialChecks.words(SerialChecks.SATELLITES);
        lines.of(UartFunction.GNSS)
                .ifPresent(line -> ask(
                        "positioning",
                        words -> asked(words, CheckBuilder.named(satellites, satellites.outcomes())),
                        answers -> from(
                                SeenOfLines.satellites(lines, line),
                                now -> Categorical.expecting(answers, now.id(), TOLD_WRONG)),
                        "enough",
                        SerialChecks.SATELLITES));
    }

    private void computer() {
        ask("no-computer", SeenOfLines.computer(lines), now -> now, "answers", SerialChecks.LISTED);
    }

    private static Choices asked(Words words, List<Outcome> outcomes) {
        return Choices.of(words.line("ask"), outcomes);
    }

    /** One whose outcomes stand in its own entry. */
    private <V> void ask(String id, Facet<Craft, V> reads, Function<V, String> outcome, String fine, String proof) {
        ask(
                id,
                words -> CheckBuilder.asked(words, words.outcomes()),
                answers -> from(reads, read -> Categorical.expecting(answers, outcome.apply(read), TOLD_WRONG)),
                fine,
                proof);
    }

    private void ask(
            String id,
            Function<Words, Choices> asked,
            Function<Choices, Prediction<Craft, ?>> seen,
            String fine,
            String proof) {
        Words words = Serial.WORDS.complaint(id);
        Choices answers = asked.apply(words);
        complaints.add(Complaint.told(
                id,
                words.title(),
                answers,
                seen.apply(answers),
                Optional.of(Chosen.of(fine)),
                List.of(checks.stream()
                        .filter(check -> check.id().equals(proof))
                        .findFirst()
                        .orElseThrow())));
    }
}

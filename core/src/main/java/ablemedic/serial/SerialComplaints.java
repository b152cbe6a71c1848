package ablemedic.serial;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Prediction;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.family.Complaint;
import ablemedic.uart.CraftLines;
import ablemedic.uart.Reach;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

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
        Choices shown = SerialChecks.shown(way.get());
        add(
                "telemetry",
                "No telemetry, or only part of it",
                shown,
                from(facet, t -> SerialChecks.told(shown, way.get(), t, TOLD_WRONG)),
                "all",
                SerialChecks.SHOWN);
        if (Telemetry.goesUp(lines) || Telemetry.isStream(lines)) {
            Choices up = Choices.of(
                    "What comes of a setting that is changed from the ground?",
                    List.of(
                            new Outcome("works", "it is changed"),
                            new Outcome("not", "values show, but nothing is changed"),
                            new Outcome("nothing", "no values show either")));
            add(
                    "settings-from-ground",
                    "Values show, but settings cannot be changed from the ground",
                    up,
                    from(
                            facet,
                            t -> Categorical.expecting(
                                    up, t.up() ? "works" : t.shown() != Reach.NONE ? "not" : "nothing", TOLD_WRONG)),
                    "works",
                    SerialChecks.UP);
        }
    }

    private void sticks() {
        lines.of(UartFunction.RECEIVER).ifPresent(line -> {
            Choices answers = Choices.of(
                    "What comes of the sticks?",
                    List.of(
                            new Outcome("answers", "it answers"),
                            new Outcome("drops", "it answers now and then"),
                            new Outcome("nothing", "nothing at all")));
            add(
                    "no-sticks",
                    "The sticks do nothing",
                    answers,
                    from(
                            Facet.of(
                                    "sticks without the computer",
                                    c -> lines.linked(c)
                                            ? lines.now(line, c, false).heard()
                                            : Reach.NONE),
                            reach -> Categorical.expecting(
                                    answers, said(reach, "answers", "drops", "nothing"), TOLD_WRONG)),
                    "answers",
                    SerialChecks.BARS);
        });
    }

    private static String said(Reach reach, String good, String flaky, String none) {
        return switch (reach) {
            case GOOD -> good;
            case FLAKY -> flaky;
            case NONE -> none;
        };
    }

    private void positioning() {
        lines.of(UartFunction.GNSS).ifPresent(line -> {
            Choices answers = SerialChecks.positioned();
            add(
                    "positioning",
                    "No positioning, or no satellites",
                    answers,
                    from(SeenOfLines.satellites(lines, line), now -> SerialChecks.positioned(answers, now, TOLD_WRONG)),
                    "enough",
                    SerialChecks.SATELLITES);
        });
    }

    private void computer() {
        Choices answers = Choices.of(
                "What does the computer list when it is plugged in?",
                List.of(
                        new Outcome("answers", "the board, and it answers"),
                        new Outcome("unknown", "something that it does not know"),
                        new Outcome("silent", "a port, and nothing answers"),
                        new Outcome("none", "nothing new")));
        add(
                "no-computer",
                "The computer does not find the board",
                answers,
                from(SeenOfLines.computer(lines), now -> Categorical.expecting(answers, now, TOLD_WRONG)),
                "answers",
                SerialChecks.LISTED);
    }

    private void add(
            String id, String label, Choices answers, Prediction<Craft, ?> prediction, String fine, String proof) {
        complaints.add(Complaint.told(
                id,
                label,
                answers,
                prediction,
                Optional.of(Chosen.of(fine)),
                List.of(checks.stream()
                        .filter(check -> check.id().equals(proof))
                        .findFirst()
                        .orElseThrow())));
    }
}

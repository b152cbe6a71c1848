package ablemedic.app.browser;

import ablemedic.Families;
import ablemedic.app.RunningApp.App;
import ablemedic.app.chart.BuildSheet;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.FixedWord;
import ablemedic.diagnosis.Gaussian;
import ablemedic.diagnosis.Joint;
import ablemedic.diagnosis.Mixture;
import ablemedic.reading.Meter;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import tools.jackson.databind.JsonNode;

/** A craft with hidden faults: what each check would show on it. */
final class Patient {
    private final App app;
    private final Craft sound;
    private final Book<Craft> book;
    private Craft now;

    Patient(App app, String craftId, String... faultIds) {
        this.app = app;
        this.sound = app.json
                .treeToValue(app.get("/api/crafts/" + craftId + "/build-sheet"), BuildSheet.class)
                .toCraft();
        this.book = Families.book(sound, Meter.USUAL);
        this.now = sound;
        for (String faultId : faultIds) {
            now = book.fault(faultId)
                    .orElseThrow(() -> new AssertionError("no fault " + faultId + " of " + craftId))
                    .applyTo(now);
        }
    }

    /** The check that is to be done next, by the server's word. */
    JsonNode next(String workUpPath) {
        JsonNode view = app.get("/api" + workUpPath);
        return view.get("stage").asString().equals("PROVING")
                ? view.get("proof").get("next")
                : view.get("next");
    }

    /**
     * What somebody answers to one question of a check.
     *
     * @param outcome the number, from 1, of the outcome; 0 where a number is asked
     * @param written the number as somebody would write it; empty where an outcome is chosen
     */
    record Answer(int outcome, String written) {}

    /** The number, from 1, of the outcome that a check of one question shows on this craft. */
    int outcome(String checkId) {
        return answers(checkId, Optional.empty()).get(0).outcome();
    }

    /**
     * What a check shows on this craft, an answer for each of its questions.
     *
     * @param told the number that was told along with it, where it asks for one
     */
    List<Answer> answers(String checkId, Optional<Double> told) {
        Check<Craft> check = book.check(checkId).orElseThrow(() -> new AssertionError("no check " + checkId));
        return answers(told.map(check::told).orElse(check).outlook(now));
    }

    private static List<Answer> answers(Distribution outlook) {
        if (outlook instanceof Joint branches) {
            return branches.branches().stream()
                    .max(Comparator.comparingDouble(Joint.Branch::share))
                    .orElseThrow()
                    .parts()
                    .stream()
                    .flatMap(part -> answers(part).stream())
                    .toList();
        }
        if (outlook instanceof Categorical ways) {
            return Arrays.stream(ways.ways().stream()
                            .max(Comparator.comparingDouble(Categorical.Way::share))
                            .orElseThrow()
                            .probabilities())
                    .map(question -> new Answer(1 + likeliest(question), ""))
                    .toList();
        }
        if (outlook instanceof Mixture either) {
            return answers(either.likeliest());
        }
        if (outlook instanceof FixedWord worded) {
            return List.of(new Answer(0, worded.word()));
        }
        Gaussian spread = (Gaussian) outlook;
        return List.of(new Answer(
                0,
                new BigDecimal(spread.mean()).round(new MathContext(3)).toPlainString() + " "
                        + spread.scale().unit()));
    }

    private static int likeliest(double[] probabilities) {
        return IntStream.range(0, probabilities.length)
                .boxed()
                .max(Comparator.comparingDouble(i -> probabilities[i]))
                .orElseThrow();
    }

    /** The leading suspect's first fix is made. */
    void fixed(String faultId, String fixId) {
        if (faultId.startsWith("as-settings-listing")) {
            // All that an export has otherwise is entered as it should be.
            now = sound;
            return;
        }
        now = book.fault(faultId).orElseThrow().fixes(sound).stream()
                .filter(f -> f.id().equals(fixId))
                .findFirst()
                .orElseThrow()
                .applyTo(now);
    }
}

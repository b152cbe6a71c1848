package ablemedic.app.reasoning;

import ablemedic.app.reasoning.RecordedCase.Step;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.FixedWord;
import ablemedic.diagnosis.Gaussian;
import ablemedic.diagnosis.Occasion;
import ablemedic.family.Complaint;
import ablemedic.reading.Meter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/**
 * Writes cases made by chance with what the engine says of them. Not a test: it is run by hand, by its name, before a
 * change to the engine that should change no answer.
 */
class RecordCases {
    private static final int CASES = 300;
    private static final int LONGEST = 7;

    @Test
    void write() throws IOException {
        List<String> lines = new ArrayList<>();
        JsonMapper json = JsonMapper.builder().build();
        Random random = new Random(2026);
        for (int i = 0; i < CASES; i++) {
            lines.add(json.writeValueAsString(made(RecordedCase.CRAFTS.get(i % RecordedCase.CRAFTS.size()), random)));
        }
        Files.writeString(Path.of("src/test/resources/recorded-cases.jsonl"), String.join("\n", lines) + "\n");
    }

    private static RecordedCase made(String name, Random random) {
        Diagnosis<Craft> diagnosis = RecordedCase.reasoning(name);
        Book<Craft> book = diagnosis.book();
        Craft sound = RecordedCase.craft(name);
        List<Fault<Craft>> hidden = new ArrayList<>();
        for (int n = 1 + random.nextInt(2); n > 0; n--) {
            hidden.add(book.faults().get(random.nextInt(book.faults().size())));
        }
        Craft truth = sound;
        for (Fault<Craft> fault : hidden) {
            truth = fault.applyTo(truth);
        }
        List<Step> steps = new ArrayList<>();
        var seen = ablemedic.Families.complaints(sound, Meter.USUAL).stream()
                .map(Complaint::seen)
                .filter(check -> check.answers() instanceof Answers.Choices)
                .toList();
        steps.add(step(seen.get(random.nextInt(seen.size())), truth, random));
        for (int n = random.nextInt(LONGEST); n > 0; n--) {
            if (random.nextInt(8) == 0) {
                Fault<Craft> fault = hidden.get(0);
                var fix = fault.fixes(sound).get(0);
                steps.add(new Step(null, null, null, fault.id(), fix.id()));
                truth = fix.applyTo(truth);
            } else {
                List<Check<Craft>> checks = book.checks().stream()
                        .filter(c -> c.explores() && c.toTell().isEmpty() && !(c.answers() instanceof Answers.Mixed))
                        .toList();
                steps.add(step(checks.get(random.nextInt(checks.size())), truth, random));
            }
        }
        return RecordedCase.of(name, Occasion.values()[random.nextInt(Occasion.values().length)], steps);
    }

    private static Step step(Check<Craft> check, Craft truth, Random random) {
        Distribution predicted = check.outlook(truth);
        Distribution outlook = predicted.likeliest();
        if (outlook instanceof Gaussian spread) {
            return new Step(check.id(), null, spread.mean() + spread.spread() * random.nextGaussian(), null, null);
        }
        if (outlook instanceof FixedWord worded) {
            return new Step(check.id(), Map.of("seen", worded.word()), null, null, null);
        }
        Categorical ways = (Categorical) outlook;
        var way = ways.ways().get(random.nextInt(ways.ways().size()));
        Map<String, String> outcomes = new LinkedHashMap<>();
        for (int q = 0; q < ways.choices().questions().size(); q++) {
            var question = ways.choices().questions().get(q);
            double left = random.nextDouble();
            int o = 0;
            while (o < question.outcomes().size() - 1 && left > way.probabilities()[q][o]) {
                left -= way.probabilities()[q][o++];
            }
            outcomes.put(question.id(), question.outcomes().get(o).id());
        }
        return new Step(check.id(), outcomes, null, null, null);
    }
}

package ablemedic.app.demo;

import ablemedic.app.entry.Entered;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Question;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Outlook;
import ablemedic.diagnosis.Outlook.Branch;
import ablemedic.diagnosis.Outlook.Branches;
import ablemedic.diagnosis.Outlook.Either;
import ablemedic.diagnosis.Outlook.Spread;
import ablemedic.diagnosis.Outlook.Ways;
import ablemedic.diagnosis.Outlook.Worded;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * What somebody enters for a check on a craft on which everything is as it should be.
 *
 * @param outcomes by question
 * @param numbers by question, as written; a word where the display shows one
 * @param told the number that is told along, where the check asks for one: what the craft shows it to be
 */
record SoundAnswers(
        Map<String, String> outcomes,
        Map<String, String> numbers,
        @Nullable String told) {

    static SoundAnswers of(Check<Craft> check, Craft craft) {
        Outlook outlook = check.outlook(craft);
        Optional<Spread> along =
                check.toTell().isPresent() && outlook instanceof Spread spread ? Optional.of(spread) : Optional.empty();
        SoundAnswers answers = new SoundAnswers(
                new LinkedHashMap<>(),
                new LinkedHashMap<>(),
                along.map(SoundAnswers::written).orElse(null));
        answers.add(
                Entered.ONLY,
                along.map(told -> check.told(told.mean()).outlook(craft)).orElse(outlook));
        return answers;
    }

    private static String written(Spread spread) {
        return String.format(
                Locale.ROOT, "%.2f %s", spread.mean(), spread.scale().unit());
    }

    private void add(String id, Outlook outlook) {
        if (outlook instanceof Either either) {
            add(id, either.likeliest());
        } else if (outlook instanceof Spread spread) {
            numbers.put(id, written(spread));
        } else if (outlook instanceof Worded worded) {
            numbers.put(id, worded.word());
        } else if (outlook instanceof Branches several) {
            Branch likeliest = several.branches().stream()
                    .max(Comparator.comparingDouble(Branch::share))
                    .orElseThrow();
            IntStream.range(0, likeliest.parts().size())
                    .forEach(q -> add(
                            several.mixed().items().get(q).id(),
                            likeliest.parts().get(q)));
        } else if (outlook instanceof Ways ways) {
            List<Question> questions = ways.choices().questions();
            IntStream.range(0, questions.size())
                    .forEach(q -> outcomes.put(
                            questions.size() == 1 ? id : questions.get(q).id(), likeliest(ways, q)));
        }
    }

    private static String likeliest(Ways ways, int question) {
        Question asked = ways.choices().questions().get(question);
        return IntStream.range(0, asked.outcomes().size())
                .boxed()
                .max(Comparator.comparingDouble(o -> ways.ways().stream()
                        .mapToDouble(way -> way.share() * way.probabilities()[question][o])
                        .sum()))
                .map(o -> asked.outcomes().get(o).id())
                .orElseThrow();
    }
}

package ablemedic.app.entry;

import ablemedic.app.http.Refusal;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Item;
import ablemedic.diagnosis.Answers.Mixed;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Question;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Measured;
import ablemedic.diagnosis.Reading.Several;
import ablemedic.reading.EnteredNumber;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A reading as it was entered. The only question of a check is called {@value #ONLY}.
 *
 * @param outcomes by question, the word that stood in place of a number among them
 * @param numbers by question
 */
public record Entered(Map<String, String> outcomes, Map<String, Number> numbers) {
    private static final Words REFUSALS =
            Catalogue.beside(Entered.class, "refusals").of("entered");
    /** What the only question of a check is called. */
    public static final String ONLY = "seen";

    public Entered {
        outcomes = Map.copyOf(outcomes);
        numbers = Map.copyOf(numbers);
    }

    /**
     * A number.
     *
     * @param value in the SI unit of its scale
     * @param written as it was written
     */
    public record Number(double value, String written) {}

    public boolean answersNothing() {
        return outcomes.isEmpty() && numbers.isEmpty();
    }

    /** What the reasoning takes it for, where it answers questions like these; nothing where it does not. */
    public Optional<Reading> reading(Answers answers) {
        if (answers instanceof Mixed mixed) {
            Map<String, Reading> parts = new HashMap<>();
            for (Item item : mixed.items()) {
                one(item.id(), item.form()).ifPresent(reading -> parts.put(item.id(), reading));
            }
            return parts.size() == outcomes.size() + numbers.size()
                    ? Optional.of(new Several(parts))
                    : Optional.empty();
        }
        if (answers instanceof Choices choices) {
            return numbers.isEmpty()
                            && outcomes.entrySet().stream().allMatch(e -> question(choices, e.getKey())
                                    .filter(question ->
                                            question.indexOf(e.getValue()).isPresent())
                                    .isPresent())
                    ? Optional.of(new Chosen(outcomes))
                    : Optional.empty();
        }
        return one(ONLY, answers);
    }

    private Optional<Reading> one(String id, Answers form) {
        Number number = numbers.get(id);
        String outcome = outcomes.get(id);
        if (form instanceof Scale scale) {
            return number != null
                    ? Optional.of(new Measured(number.value()))
                    : Optional.ofNullable(outcome)
                            .filter(word -> scale.indexOf(word).isPresent())
                            .map(Chosen::of);
        }
        return Optional.ofNullable(outcome)
                .filter(word ->
                        ((Choices) form).questions().get(0).indexOf(word).isPresent())
                .map(word -> new Chosen(Map.of(id, word)));
    }

    private static Optional<Question> question(Choices choices, String id) {
        return choices.questions().stream()
                .filter(question -> question.id().equals(id))
                .findFirst();
    }

    /** The answers to a check as a person says them of this craft, with the frame's own names. */
    public List<String> inWordsOf(Check<Craft> check, Craft craft) {
        return inWords(check.answers()).stream()
                .map(text -> text.plain(craft.naming()))
                .toList();
    }

    /** The answers as a person says them, in the order of the questions. */
    public List<Text> inWords(Answers answers) {
        List<Text> words = new ArrayList<>();
        if (answers instanceof Mixed mixed) {
            mixed.items().forEach(item -> inWords(item.id(), item.form())
                    .ifPresent(said -> words.add(Text.joined(List.of(of(item), said), ""))));
        } else if (answers instanceof Choices choices) {
            for (Question question : choices.questions()) {
                label(question, outcomes.get(question.id())).ifPresent(words::add);
            }
        } else {
            inWords(ONLY, answers).ifPresent(words::add);
        }
        return words;
    }

    /** What an answer is about, where it is a number or its question only names a place or a motion. */
    static Text of(Item item) {
        if (item.form() instanceof Scale) {
            return Text.written(item.id() + " ");
        }
        Text asked = ((Choices) item.form()).questions().get(0).text();
        return asked.endsWith("?") ? Text.written("") : Text.joined(List.of(asked, Text.written(": ")), "");
    }

    private Optional<Text> inWords(String id, Answers form) {
        Number number = numbers.get(id);
        if (number != null) {
            return Optional.of(Text.written(number.written()));
        }
        String outcome = outcomes.get(id);
        if (form instanceof Scale scale) {
            return Optional.ofNullable(outcome).flatMap(scale::labelOf);
        }
        return label(((Choices) form).questions().get(0), outcome);
    }

    private static Optional<Text> label(Question question, @Nullable String outcome) {
        return Optional.ofNullable(outcome).flatMap(question::labelOf);
    }

    /**
     * Reads an entry.
     *
     * @param written numbers by question, as people write them
     * @throws Refusal saying where it is wrong and what would be right
     */
    public static Entered at(Check<?> check, Map<String, String> outcomes, Map<String, String> written) {
        if (check.answers() instanceof Scale scale) {
            return number(ONLY, scale, written.get(ONLY), "written");
        }
        if (check.answers() instanceof Mixed mixed) {
            return several(mixed, outcomes, written);
        }
        Choices choices = (Choices) check.answers();
        outcomes.forEach((questionId, outcome) -> {
            Question question = question(choices, questionId)
                    .orElseThrow(() -> unknown(
                            "outcomes." + questionId,
                            questionId,
                            choices.questions().stream().map(Question::id).toList()));
            known(question, outcome, "outcomes." + questionId);
        });
        return new Entered(outcomes, Map.of());
    }

    private static Entered several(Mixed mixed, Map<String, String> outcomes, Map<String, String> written) {
        Map<String, String> words = new LinkedHashMap<>();
        Map<String, Number> numbers = new LinkedHashMap<>();
        outcomes.forEach((id, outcome) -> {
            if (asked(mixed, id, "outcomes." + id).form() instanceof Choices choices) {
                known(choices.questions().get(0), outcome, "outcomes." + id);
                words.put(id, outcome);
            } else {
                throw Refusal.wrong("outcomes." + id, REFUSALS.with("id", id), "number-wanted");
            }
        });
        written.forEach((id, text) -> {
            if (asked(mixed, id, "written." + id).form() instanceof Scale scale) {
                Entered one = number(id, scale, text, "written." + id);
                words.putAll(one.outcomes());
                numbers.putAll(one.numbers());
            } else {
                throw Refusal.wrong("written." + id, REFUSALS.with("id", id), "outcome-wanted");
            }
        });
        return new Entered(words, numbers);
    }

    private static Item asked(Mixed mixed, String id, String where) {
        return mixed.item(id)
                .orElseThrow(() ->
                        unknown(where, id, mixed.items().stream().map(Item::id).toList()));
    }

    private static Refusal unknown(String where, String id, List<String> there) {
        return Refusal.wrong(where, REFUSALS.with("id", Refusal.shortened(id)).with("there", there), "no-question");
    }

    private static void known(Question question, String outcome, String where) {
        if (question.indexOf(outcome).isEmpty()) {
            throw Refusal.wrong(
                    where,
                    REFUSALS.with("outcome", Refusal.shortened(outcome))
                            .with(
                                    "id",
                                    question.outcomes().stream()
                                            .map(o -> o.id())
                                            .toList()),
                    "no-outcome");
        }
    }

    private static Entered number(String id, Scale scale, @Nullable String text, String where) {
        if (text == null || text.isBlank()) {
            throw Refusal.wrong(where, REFUSALS, "empty");
        }
        Optional<String> shown = scale.words().stream()
                .filter(word -> word.label().plain().equalsIgnoreCase(text.strip()))
                .map(Outcome::id)
                .findFirst();
        if (shown.isPresent()) {
            return word(id, scale, shown.get(), text, where);
        }
        EnteredNumber written = EnteredNumber.read(text, Units.of(scale), Units.handy(scale));
        if (written instanceof EnteredNumber.OverLimit) {
            return word(id, scale, "ol", text, where);
        }
        if (written instanceof EnteredNumber.Climbing) {
            return word(id, scale, "climbing", text, where);
        }
        return new Entered(
                Map.of(),
                Map.of(
                        id,
                        new Number(
                                within(scale, ((EnteredNumber.Amount) written).value(), text, where), text.strip())));
    }

    private static Entered word(String id, Scale scale, String word, String text, String where) {
        if (scale.indexOf(word).isEmpty()) {
            throw Refusal.wrong(where, REFUSALS.with("strip", text.strip()), "no-word");
        }
        return new Entered(Map.of(id, word), Map.of());
    }

    /**
     * The number that is told along with a check, as people write it; nothing where the check asks for none.
     *
     * @param sure whether it was asked back and is right
     */
    public static @Nullable Double told(Check<Craft> check, Craft sound, @Nullable String text, boolean sure) {
        if (check.toTell().isEmpty()) {
            return null;
        }
        double number = told(check.toTell().get(), text);
        check.unlikely(sound, number).filter(why -> !sure).ifPresent(why -> {
            throw Refusal.conflict("told", REFUSALS.with("why", why), "look-again");
        });
        return number;
    }

    /** The number that is told along with a check, as people write it. */
    public static double told(Scale scale, @Nullable String text) {
        if (text == null || text.isBlank()) {
            throw Refusal.wrong("told", REFUSALS.with("quantity", scale.quantity()), "told");
        }
        if (!(EnteredNumber.read(text, Units.of(scale), Units.handy(scale)) instanceof EnteredNumber.Amount amount)) {
            throw Refusal.wrong(
                    "told", REFUSALS.with("strip", text.strip()).with("quantity", scale.quantity()), "told-number");
        }
        return within(scale, amount.value(), text, "told");
    }

    private static double within(Scale scale, double value, String text, String where) {
        if (value < scale.low() || value > scale.high()) {
            throw Refusal.wrong(
                    where,
                    REFUSALS.with("given", text.strip())
                            .with("quantity", scale.quantity())
                            .with("low", Units.shown(scale, scale.low()))
                            .with("high", Units.shown(scale, scale.high())),
                    value > scale.high() && scale.indexOf("ol").isPresent() ? "outside-ol" : "outside");
        }
        return value;
    }
}

package ablemedic.app.entry;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Mixed;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Question;
import ablemedic.diagnosis.Answers.Scale;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One question of a check as a screen asks it: by its outcomes, or by a number on its scale.
 *
 * @param outcomes empty for a number
 * @param scale nothing for outcomes
 */
public record QuestionView(
        String id,
        String text,
        List<OutcomeView> outcomes,
        @Nullable ScaleView scale) {

    /** A named outcome. */
    public record OutcomeView(String id, String label) {}

    /** A number to be entered, or one of the words that may stand in its place. */
    public record ScaleView(String quantity, String unit, String example, List<OutcomeView> words) {
        public static ScaleView of(Scale scale) {
            return new ScaleView(
                    scale.quantity(),
                    Units.handy(scale),
                    Units.example(scale),
                    scale.words().stream()
                            .map(w -> new OutcomeView(w.id(), w.label().plain()))
                            .toList());
        }
    }

    /** The questions of a check, in the words of this craft's frame. */
    public static List<QuestionView> of(Answers answers, Craft craft) {
        if (answers instanceof Mixed mixed) {
            return mixed.items().stream()
                    .map(item -> one(item.id(), item.form(), craft))
                    .toList();
        }
        return answers instanceof Choices choices
                ? choices.questions().stream().map(q -> asked(q, craft)).toList()
                : List.of(one(Entered.ONLY, answers, craft));
    }

    private static QuestionView one(String id, Answers form, Craft craft) {
        return form instanceof Scale scale
                ? new QuestionView(id, scale.quantity(), List.of(), ScaleView.of(scale))
                : asked(((Choices) form).questions().get(0), craft);
    }

    private static QuestionView asked(Question question, Craft craft) {
        return new QuestionView(
                question.id(),
                question.text().plain(craft.naming()),
                question.outcomes().stream()
                        .map(outcome -> seen(outcome, craft))
                        .toList(),
                null);
    }

    private static OutcomeView seen(Outcome outcome, Craft craft) {
        return new OutcomeView(outcome.id(), outcome.label().plain(craft.naming()));
    }
}

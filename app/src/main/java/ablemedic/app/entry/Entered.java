package ablemedic.app.entry;

import ablemedic.app.http.Refusal;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Question;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Measured;
import ablemedic.reading.Written;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A reading as it was entered.
 *
 * @param outcomes by question, or the word that stood in place of a number
 * @param value    a number in the SI unit of the scale
 * @param written  the number as it was written, empty for outcomes
 */
public record Entered(Map<String, String> outcomes, @Nullable Double value, String written) {

  /** What the reasoning takes it for. */
  public Reading reading() {
    return value == null ? new Chosen(outcomes) : new Measured(value);
  }

  /**
   * Reads an entry.
   *
   * @throws Refusal saying where it is wrong and what would be right
   */
  public static Entered at(Check<?> check, Map<String, String> outcomes, @Nullable String written) {
    if (check.answers() instanceof Scale scale) {
      return number(scale, written, "written");
    }
    Choices choices = (Choices) check.answers();
    outcomes.forEach((questionId, outcome) -> {
      Question question = choices.questions().stream().filter(q -> q.id().equals(questionId)).findFirst()
          .orElseThrow(() -> Refusal.wrong("outcomes." + questionId, "There is no question “" + questionId
              + "” in this check; there is " + choices.questions().stream().map(Question::id).toList() + "."));
      if (question.indexOf(outcome).isEmpty()) {
        throw Refusal.wrong("outcomes." + questionId,
            "“" + outcome + "” is no outcome of this question; choose one of " + ids(question) + ".");
      }
    });
    return new Entered(outcomes, null, "");
  }

  private static Entered number(Scale scale, @Nullable String text, String where) {
    if (text == null || text.isBlank()) {
      throw Refusal.wrong(where, "Write what it shows, as a number with its unit.");
    }
    Written written = Written.read(text, Units.of(scale), Units.handy(scale));
    if (written instanceof Written.OverLimit) {
      return word(scale, "ol", text, where);
    }
    if (written instanceof Written.Climbing) {
      return word(scale, "climbing", text, where);
    }
    return new Entered(Map.of(), within(scale, ((Written.Amount) written).value(), text, where), text.strip());
  }

  private static Entered word(Scale scale, String word, String text, String where) {
    if (scale.indexOf(word).isEmpty()) {
      throw Refusal.wrong(where, "“" + text.strip() + "” is no answer here: write the number that it shows.");
    }
    return new Entered(Map.of("seen", word), null, text.strip());
  }

  /** The number that is told along with a check, as people write it. */
  public static double told(Scale scale, @Nullable String text) {
    if (text == null || text.isBlank()) {
      throw Refusal.wrong("told", "Write the " + scale.quantity() + " too: the answer is weighed against it.");
    }
    if (!(Written.read(text, Units.of(scale), Units.handy(scale)) instanceof Written.Amount amount)) {
      throw Refusal.wrong("told", "“" + text.strip() + "” is no " + scale.quantity() + ": write a number.");
    }
    return within(scale, amount.value(), text, "told");
  }

  private static double within(Scale scale, double value, String text, String where) {
    if (value < scale.low() || value > scale.high()) {
      throw Refusal.wrong(where, String.format(Locale.ROOT,
          "“%s” is outside what can be: the %s lies between %s and %s.", text.strip(), scale.quantity(),
          Units.shown(scale, scale.low()), Units.shown(scale, scale.high()))
          + (value > scale.high() && scale.indexOf("ol").isPresent() ? " Above that your meter shows OL." : ""));
    }
    return value;
  }

  private static List<String> ids(Question question) {
    return question.outcomes().stream().map(o -> o.id()).toList();
  }
}

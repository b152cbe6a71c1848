package ablemedic.diagnosis;

import java.util.List;
import java.util.Optional;

/** The shape of what a check can give: named outcomes, or a number on a scale. */
public sealed interface Answers {

  /** One or more questions, each with named outcomes. A reading may leave questions unanswered. */
  record Choices(List<Question> questions) implements Answers {
    public Choices {
      questions = List.copyOf(questions);
      if (questions.isEmpty()) {
        throw new IllegalArgumentException("a check asks at least one question");
      }
    }

    /** The usual case: one question. */
    public static Choices of(String text, List<Outcome> outcomes) {
      return new Choices(List.of(new Question("seen", text, outcomes)));
    }

    /** How many combinations of outcomes there are. */
    public int combinations() {
      return questions.stream().mapToInt(q -> q.outcomes().size()).reduce(1, Math::multiplyExact);
    }
  }

  /**
   * A number.
   *
   * @param quantity what is measured, as a person would say it
   * @param unit     the SI unit of the value
   * @param low      the least value worth entering
   * @param high     the greatest
   */
  record Scale(String quantity, String unit, double low, double high) implements Answers {
    public Scale {
      if (!(low < high)) {
        throw new IllegalArgumentException("a scale runs from low to high, not from " + low + " to " + high);
      }
    }
  }

  /** A question of a check. */
  record Question(String id, String text, List<Outcome> outcomes) {
    public Question {
      outcomes = List.copyOf(outcomes);
      if (outcomes.size() < 2) {
        throw new IllegalArgumentException("question " + id + " needs two outcomes or more");
      }
    }

    /** Where the outcome stands in the list, counted from 0. */
    public Optional<Integer> indexOf(String outcome) {
      for (int i = 0; i < outcomes.size(); i++) {
        if (outcomes.get(i).id().equals(outcome)) {
          return Optional.of(i);
        }
      }
      return Optional.empty();
    }
  }

  /** A named outcome of a question. */
  record Outcome(String id, String label) {}
}

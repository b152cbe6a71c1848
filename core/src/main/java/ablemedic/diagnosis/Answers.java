package ablemedic.diagnosis;

import ablemedic.catalogue.Text;
import java.util.List;
import java.util.Optional;

/** The shape of what a check can give: named outcomes, a number on a scale, or several questions each with its own. */
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
        public static Choices of(Text text, List<Outcome> outcomes) {
            return new Choices(List.of(new Question("seen", text, outcomes)));
        }

        private static Optional<Text> labelOf(List<Outcome> outcomes, String id) {
            return outcomes.stream()
                    .filter(one -> one.id().equals(id))
                    .map(Outcome::label)
                    .findFirst();
        }

        private static Optional<Integer> indexOf(List<Outcome> outcomes, String id) {
            for (int i = 0; i < outcomes.size(); i++) {
                if (outcomes.get(i).id().equals(id)) {
                    return Optional.of(i);
                }
            }
            return Optional.empty();
        }

        /** How many combinations of outcomes there are. */
        public int combinations() {
            return questions.stream().mapToInt(q -> q.outcomes().size()).reduce(1, Math::multiplyExact);
        }
    }

    /**
     * A number, or one of the words that an instrument shows in its place.
     *
     * @param quantity what is measured, as a person would say it
     * @param unit the SI unit of the value
     * @param low the least value worth entering
     * @param high the greatest
     * @param finest on a scale over many decades, the value below which steps count evenly and above which by their
     *     ratio; infinite where all steps count evenly
     * @param words what may be shown instead of a number; often none
     */
    record Scale(String quantity, String unit, double low, double high, double finest, List<Outcome> words)
            implements Answers {
        public Scale {
            words = List.copyOf(words);
            if (!(low < high) || !(finest > 0)) {
                throw new IllegalArgumentException("a scale runs from low to high in steps above 0, not from " + low
                        + " to " + high + " in steps of " + finest);
            }
        }

        /** An even scale without words. */
        public Scale(String quantity, String unit, double low, double high) {
            this(quantity, unit, low, high, Double.POSITIVE_INFINITY, List.of());
        }

        /**
         * The share of the scale that lies below a value, 0 to 1: where a blind guess is as likely below as above at
         * 0.5.
         */
        double below(double value) {
            double share = Double.isInfinite(finest)
                    ? (value - low) / (high - low)
                    : (asinh(value / finest) - asinh(low / finest)) / (asinh(high / finest) - asinh(low / finest));
            return Math.max(0, Math.min(1, share));
        }

        /** The density of a blind guess at a value, per unit. */
        double density(double value) {
            return Double.isInfinite(finest)
                    ? 1 / (high - low)
                    : 1 / (Math.hypot(value, finest) * (asinh(high / finest) - asinh(low / finest)));
        }

        /** The value below which a share of the scale lies. */
        public double at(double share) {
            double from = asinh(low / finest);
            return Double.isInfinite(finest)
                    ? low + share * (high - low)
                    : finest * Math.sinh(from + share * (asinh(high / finest) - from));
        }

        /** Where a word stands in the list, counted from 0. */
        public Optional<Integer> indexOf(String word) {
            return Choices.indexOf(words, word);
        }

        /** What stands on the display for a word. */
        public Optional<Text> labelOf(String word) {
            return Choices.labelOf(words, word);
        }

        private static double asinh(double x) {
            return Math.signum(x) * Math.log(Math.abs(x) + Math.hypot(x, 1));
        }
    }

    /**
     * Several questions of which each has a form of its own, such as what it did and after how many seconds. A reading
     * may leave questions unanswered.
     */
    record Mixed(List<Item> items) implements Answers {
        public Mixed {
            items = List.copyOf(items);
            if (items.isEmpty()) {
                throw new IllegalArgumentException("a check asks at least one question");
            }
            for (Item item : items) {
                if (item.form() instanceof Mixed
                        || item.form() instanceof Choices choices
                                && choices.questions().size() != 1) {
                    throw new IllegalArgumentException("question " + item.id() + " is one question");
                }
            }
        }

        public Optional<Item> item(String id) {
            return items.stream().filter(item -> item.id().equals(id)).findFirst();
        }
    }

    /** One question of several: its outcomes, or its scale. */
    record Item(String id, Answers form) {
        public static Item of(String id, Text text, List<Outcome> outcomes) {
            return new Item(id, new Choices(List.of(new Question(id, text, outcomes))));
        }
    }

    /** A question of a check. */
    record Question(String id, Text text, List<Outcome> outcomes) {
        public Question {
            outcomes = List.copyOf(outcomes);
            if (outcomes.size() < 2) {
                throw new IllegalArgumentException("question " + id + " needs two outcomes or more");
            }
        }

        /** Where the outcome stands in the list, counted from 0. */
        public Optional<Integer> indexOf(String outcome) {
            return Choices.indexOf(outcomes, outcome);
        }

        /** What a person calls the outcome. */
        public Optional<Text> labelOf(String outcome) {
            return Choices.labelOf(outcomes, outcome);
        }
    }

    /** A named outcome of a question. */
    record Outcome(String id, Text label) {
        /** One that is called by what stands on a display or a part. */
        public static Outcome written(String id, String label) {
            return new Outcome(id, Text.written(label));
        }
    }
}

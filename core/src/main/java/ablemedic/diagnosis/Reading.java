package ablemedic.diagnosis;

import java.util.Map;

/** What a check gave. */
public sealed interface Reading {

    /** Whether every question of a check is answered. */
    default boolean isWhole(Answers answers) {
        return answers instanceof Answers.Choices choices
                ? ((Chosen) this).outcomes().size() == choices.questions().size()
                : !(answers instanceof Answers.Mixed mixed)
                        || ((Several) this).parts().size() == mixed.items().size();
    }

    /** Whether what another reading answers is answered alike here. */
    default boolean holds(Reading other) {
        return equals(other)
                || this instanceof Chosen all
                        && other instanceof Chosen some
                        && all.outcomes().entrySet().containsAll(some.outcomes().entrySet())
                || this instanceof Several all
                        && other instanceof Several some
                        && all.parts().entrySet().containsAll(some.parts().entrySet());
    }

    /** Outcome by question; questions that nobody could answer are left out. */
    record Chosen(Map<String, String> outcomes) implements Reading {
        public Chosen {
            outcomes = Map.copyOf(outcomes);
        }

        /** The answer to a check's only question. */
        public static Chosen of(String outcome) {
            return new Chosen(Map.of("seen", outcome));
        }
    }

    /** A reading for each question of several that was answered, by question. */
    record Several(Map<String, Reading> parts) implements Reading {
        public Several {
            parts = Map.copyOf(parts);
        }
    }

    /** A number in the SI unit of the check's scale. */
    record Measured(double value) implements Reading {
        public Measured {
            if (!Double.isFinite(value)) {
                throw new IllegalArgumentException("a reading is a finite number");
            }
        }
    }
}

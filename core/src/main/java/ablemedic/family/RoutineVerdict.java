package ablemedic.family;

import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import java.util.List;

/**
 * What a reading of a pre-power check says where no single value is right.
 *
 * @param kind whether the battery may go in
 * @param why in words, with what to do
 */
public record RoutineVerdict(Kind kind, String why) {

    /** What follows from a reading. */
    public enum Kind {
        PASSES,
        SHORT,
        CANNOT_TELL
    }

    /** The second way, and the answer by which the craft passes. */
    public static final String DIFFERS = "differs";

    public static final Choices SECOND_WAY = Choices.of(
            "Wait ten seconds, then swap the probes: what does it show?",
            List.of(
                    new Outcome(DIFFERS, "it goes on climbing, or with the probes swapped it is quite another number"),
                    new Outcome("same", "the same number both ways, and staying")));

    /** The same reading, after the second way was tried. */
    public RoutineVerdict after(String secondWay) {
        if (kind != Kind.CANNOT_TELL) {
            return this;
        }
        return secondWay.equals(DIFFERS)
                ? new RoutineVerdict(
                        Kind.PASSES,
                        "Told by the second way: it climbs, or it is another number with the probes swapped.")
                : new RoutineVerdict(
                        Kind.SHORT,
                        "The same both ways and staying: that is no capacitor and no chip. Keep the battery out.");
    }
}

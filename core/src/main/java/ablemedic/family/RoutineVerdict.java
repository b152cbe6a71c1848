package ablemedic.family;

import ablemedic.catalogue.Words;
import ablemedic.diagnosis.Answers.Choices;

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

    private static final Words WORDS = SharedSteps.name("short-test");

    public static final Choices SECOND_WAY = CheckBuilder.asked(WORDS, WORDS.outcomes());

    /** The same reading, after the second way was tried. */
    public RoutineVerdict after(String secondWay) {
        if (kind != Kind.CANNOT_TELL) {
            return this;
        }
        return secondWay.equals(DIFFERS)
                ? new RoutineVerdict(Kind.PASSES, WORDS.line("passes").plain())
                : new RoutineVerdict(Kind.SHORT, WORDS.line("short").plain());
    }
}

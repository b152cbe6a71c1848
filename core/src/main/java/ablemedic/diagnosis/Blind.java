package ablemedic.diagnosis;

import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Reading.Chosen;

/** How likely somebody who enters anything at all enters this, on a scale with words or without. */
final class Blind {
    private Blind() {}

    /** The density of a number. */
    static double number(Scale scale, double value) {
        return numbers(scale) * scale.density(value);
    }

    /** The probability of one of the words. */
    static double word(Scale scale, Reading reading) {
        String word = ((Chosen) reading).outcomes().get("seen");
        if (word == null || scale.indexOf(word).isEmpty()) {
            throw new IllegalArgumentException("no word of this scale: " + word);
        }
        return (1 - numbers(scale)) / scale.words().size();
    }

    /** The share that is numbers; the rest falls evenly on the words. */
    private static double numbers(Scale scale) {
        return scale.words().isEmpty() ? 1 : 0.5;
    }
}

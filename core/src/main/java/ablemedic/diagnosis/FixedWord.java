package ablemedic.diagnosis;

import ablemedic.catalogue.Text;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Measured;
import java.util.List;
import java.util.Random;

/**
 * A word in place of a number.
 *
 * @param scale where it is read
 * @param word the id of one of its words
 * @param blunder chance that what was entered has nothing to do with the system
 */
public record FixedWord(Scale scale, String word, double blunder) implements Distribution {
    public FixedWord {
        if (scale.indexOf(word).isEmpty()) {
            throw new IllegalArgumentException("no word " + word + " among " + scale.words());
        }
    }

    /** The word as it is shown. */
    public Text label() {
        return scale.labelOf(word).orElseThrow();
    }

    @Override
    public Scale answers() {
        return scale;
    }

    @Override
    public List<Alternative> alternatives() {
        return List.of(new Alternative(mode(), 1 - blunder, 0));
    }

    @Override
    public double likelihood(Reading reading) {
        if (reading instanceof Measured measured) {
            return blunder * Blind.number(scale, measured.value());
        }
        double blind = blunder * Blind.word(scale, reading);
        return reading.equals(mode()) ? 1 - blunder + blind : blind;
    }

    @Override
    public Chosen mode() {
        return Chosen.of(word);
    }

    @Override
    public Reading sample(Random random) {
        return random.nextDouble() < blunder ? new Measured(scale.at(random.nextDouble())) : mode();
    }

    @Override
    public boolean contains(Reading reading) {
        return reading.equals(mode());
    }

    @Override
    public boolean isLike(Distribution other) {
        return equals(other);
    }

    @Override
    public Mixture mixedWith(Distribution other, double share) {
        return Mixture.slipping(this, share, other);
    }

    @Override
    public FixedWord loosened(double share) {
        return new FixedWord(scale, word, blunder + share * (1 - blunder));
    }
}

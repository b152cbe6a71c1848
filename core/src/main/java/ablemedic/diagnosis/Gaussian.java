package ablemedic.diagnosis;

import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Reading.Measured;
import java.util.List;
import java.util.Random;

/**
 * A number: normal about a mean, with a chance of a blunder anywhere on the scale or among its words.
 *
 * @param scale where it is read
 * @param mean expected value in the scale's unit
 * @param spread standard deviation in the same unit, greater than 0
 * @param blunder chance that the number entered has nothing to do with the system
 */
public record Gaussian(Scale scale, double mean, double spread, double blunder) implements Distribution {
    /** As far off as this, in standard deviations, it is as expected. */
    private static final double AS_EXPECTED = 3;
    /** Means nearer than this, in standard deviations, come to the same. */
    private static final double SAME = 0.5;

    public Gaussian {
        if (!(spread > 0)) {
            throw new IllegalArgumentException("a spread is greater than 0, not " + spread);
        }
    }

    @Override
    public Scale answers() {
        return scale;
    }

    @Override
    public List<Alternative> alternatives() {
        return List.of(new Alternative(mode(), 1 - blunder, spread));
    }

    @Override
    public double likelihood(Reading reading) {
        if (!(reading instanceof Measured measured)) {
            return blunder * Blind.word(scale, reading);
        }
        double z = (measured.value() - mean) / spread;
        double normal = Math.exp(-z * z / 2) / (spread * Math.sqrt(2 * Math.PI));
        return (1 - blunder) * normal + blunder * Blind.number(scale, measured.value());
    }

    @Override
    public Measured mode() {
        return new Measured(mean);
    }

    @Override
    public Measured sample(Random random) {
        return new Measured(
                random.nextDouble() < blunder ? scale.at(random.nextDouble()) : mean + spread * random.nextGaussian());
    }

    @Override
    public boolean contains(Reading reading) {
        return reading instanceof Measured measured && Math.abs(measured.value() - mean) <= AS_EXPECTED * spread;
    }

    @Override
    public boolean isLike(Distribution other) {
        return other instanceof Gaussian && isWithin(other, SAME);
    }

    @Override
    public boolean isWithin(Distribution other, double deviations) {
        return other.likeliest() instanceof Gaussian that
                && Math.abs(mean - that.mean) <= deviations * Math.min(spread, that.spread);
    }

    @Override
    public Mixture mixedWith(Distribution other, double share) {
        return Mixture.slipping(this, share, other);
    }

    @Override
    public Gaussian loosened(double share) {
        return new Gaussian(scale, mean, spread, blunder + share * (1 - blunder));
    }
}

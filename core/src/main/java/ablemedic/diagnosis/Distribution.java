package ablemedic.diagnosis;

import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Item;
import ablemedic.diagnosis.Answers.Mixed;
import ablemedic.diagnosis.Answers.Scale;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.function.ToDoubleFunction;

/** How likely each reading of a check is on one system. */
public sealed interface Distribution permits Categorical, Gaussian, FixedWord, Mixture, Joint {

    /** The form of what is read. */
    Answers answers();

    /** The ways that the one question may be answered, in their order; none where there are several questions. */
    List<Alternative> alternatives();

    /** That of each of several questions, as they go together most often; this one alone where there is one. */
    default List<Distribution> parts() {
        return List.of(this);
    }

    /**
     * One way that a question may be answered.
     *
     * @param probability without what the observer gets wrong where it is a number or a word in its place
     * @param spread the standard deviation of a number, in the unit of its scale; 0 for an outcome or a word
     */
    record Alternative(Reading reading, double probability, double spread) {}

    /** Probability of the reading; for a number, its density per SI unit. */
    double likelihood(Reading reading);

    /** The likeliest reading; of those that are equally likely the first. */
    Reading mode();

    /** A reading drawn by chance. */
    Reading sample(Random random);

    /** Whether a reading is what was to be expected, or one of the ways that it could well come out. */
    boolean contains(Reading reading);

    /** Whether two predictions of one check come to the same for whoever makes it. */
    boolean isLike(Distribution other);

    /**
     * What is read, or in a share of the times what the observer takes it for.
     *
     * @param other of the same answers
     */
    Distribution mixedWith(Distribution other, double share);

    /**
     * This distribution with a share of that of somebody who knows nothing.
     *
     * @param share of not knowing, 0 to 1
     */
    Distribution loosened(double share);

    /** This, with each outcome but one so many times as likely, and that one the likelier; a number stays as it is. */
    default Distribution surerOf(Reading fine, double times) {
        return this;
    }

    /** The likeliest of the ways that it may come out; this one where there is one. */
    default Distribution likeliest() {
        return this;
    }

    /** Whether the likeliest that is read is the same, or two numbers so many standard deviations apart at the most. */
    default boolean isWithin(Distribution other, double deviations) {
        return likeliest().equals(other.likeliest());
    }

    /** Whether what the system is was only assumed. */
    default boolean isAssumed() {
        return false;
    }

    /**
     * This distribution once a reading was taken that rests on the same assumption, such as this reading before. What
     * the observer gets wrong is drawn anew, what the system was only assumed to be stays what that reading spoke for.
     *
     * @param then what was expected of that reading
     * @param read how likely that reading was on a distribution
     * @param alike how surely what is assumed is one and the same, 0 to 1
     */
    default Distribution knowing(Distribution then, ToDoubleFunction<Distribution> read, double alike) {
        return this;
    }

    /** That of somebody who knows nothing: every outcome, or every value of the scale, alike. */
    static Distribution broad(Answers answers) {
        if (answers instanceof Scale scale) {
            return new Gaussian(scale, (scale.low() + scale.high()) / 2, scale.high() - scale.low(), 1);
        }
        if (answers instanceof Mixed mixed) {
            return Joint.of(
                    mixed,
                    mixed.items().stream()
                            .map(Item::form)
                            .map(Distribution::broad)
                            .toArray(Distribution[]::new));
        }
        Choices choices = (Choices) answers;
        double[][] even = new double[choices.questions().size()][];
        for (int q = 0; q < even.length; q++) {
            int n = choices.questions().get(q).outcomes().size();
            even[q] = new double[n];
            Arrays.fill(even[q], 1.0 / n);
        }
        return new Categorical(choices, List.of(new Categorical.Way(1, even)));
    }
}

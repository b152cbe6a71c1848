package ablemedic.settings;

import ablemedic.catalogue.Rejected;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Finds the version that broke something, where the oldest works and the newest does not, from trials that may mislead:
 * what is broken works now and then, and what is sound fails now and then for another reason. It holds a belief for
 * every step from one version to the next (Bayes, all alike at first), and asks next for the version whose trial tells
 * most.
 *
 * <p>That the learner who asks so needs about log₂ n over the capacity of the trial's channel is shown by M. Ben-Or and
 * A. Hassidim, "The Bayesian learner is optimal for noisy binary search", FOCS 2008; from memory.
 */
public final class VersionSearch {
    /** Belief from which a step is taken for the one. */
    public static final double FOUND = 0.95;

    private final int versions;
    private final double seemsToWork;
    private final double seemsBroken;

    /**
     * What one trial gave.
     *
     * @param version counted from 0, the oldest
     */
    public record Trial(int version, boolean works) {}

    /**
     * Where a search stands.
     *
     * @param beliefs of the step to each version from the one before it; the first is that to version 1
     * @param next the version to try, counted from 0; none once the step is found
     * @param left trials that are still to be expected, by the information that is missing
     * @param found the first version that is broken, counted from 0
     */
    public record Standing(List<Double> beliefs, OptionalInt next, double left, Optional<Integer> found) {
        public Standing {
            beliefs = List.copyOf(beliefs);
        }
    }

    /**
     * @param versions how many there are, the oldest known to work, the newest known to be broken; 2 or more
     * @param seemsToWork how often a broken one works in a trial, 0 or more and less than {@code 1 - seemsBroken}
     * @param seemsBroken how often a sound one fails in a trial
     */
    public VersionSearch(int versions, double seemsToWork, double seemsBroken) {
        if (versions < 2 || !(seemsToWork >= 0) || !(seemsBroken >= 0) || !(seemsToWork + seemsBroken < 1)) {
            throw new IllegalArgumentException(
                    "a search has two versions or more, and trials that tell more than a guess");
        }
        this.versions = versions;
        this.seemsToWork = seemsToWork;
        this.seemsBroken = seemsBroken;
    }

    /** @throws Rejected for trials that can't be, such as a failure of the one known to work without flakes */
    public Standing after(List<Trial> trials) {
        double[] belief = new double[versions - 1];
        Arrays.fill(belief, 1.0 / belief.length);
        for (Trial trial : trials) {
            if (trial.version() < 0 || trial.version() >= versions) {
                throw new IllegalArgumentException("there are " + versions + " versions");
            }
            double sum = 0;
            for (int step = 0; step < belief.length; step++) {
                belief[step] *= chance(trial.version(), step, trial.works());
                sum += belief[step];
            }
            if (!(sum > 0)) {
                throw new Rejected(
                        "trials",
                        SettingsAndFirmware.WORDS.name("version-search").line("contradict"));
            }
            for (int step = 0; step < belief.length; step++) {
                belief[step] /= sum;
            }
        }
        return posterior(belief);
    }

    /** How likely a trial of a version gives this, if it was the step from {@code step} to the next that broke it. */
    private double chance(int version, int step, boolean works) {
        double worksSo = version <= step ? 1 - seemsBroken : seemsToWork;
        return works ? worksSo : 1 - worksSo;
    }

    private Standing posterior(double[] belief) {
        int best = 0;
        for (int step = 1; step < belief.length; step++) {
            best = belief[step] > belief[best] ? step : best;
        }
        List<Double> all = new ArrayList<>();
        Arrays.stream(belief).forEach(all::add);
        if (belief[best] >= FOUND) {
            return new Standing(all, OptionalInt.empty(), 0, Optional.of(best + 1));
        }
        int next = -1;
        double most = 0;
        double below = 0;
        for (int version = 1; version < versions - 1; version++) {
            below += belief[version - 1];
            double told = told(below);
            if (told > most + 1e-12) {
                most = told;
                next = version;
            }
        }
        double missing =
                Arrays.stream(belief).filter(p -> p > 0).map(p -> -p * log2(p)).sum();
        return next < 0
                ? new Standing(all, OptionalInt.empty(), 0, Optional.of(best + 1))
                : new Standing(all, OptionalInt.of(next), Math.max(1, missing / capacity()), Optional.empty());
    }

    /** What a trial of a version tells, bits, when it is broken with a chance. */
    private double told(double broken) {
        double works = broken * seemsToWork + (1 - broken) * (1 - seemsBroken);
        return entropy(works) - broken * entropy(seemsToWork) - (1 - broken) * entropy(seemsBroken);
    }

    /** The most that a trial can tell, bits: at the best chance that the version is broken. */
    double capacity() {
        double most = 0;
        for (int i = 1; i < 1000; i++) {
            most = Math.max(most, told(i / 1000.0));
        }
        return most;
    }

    private static double entropy(double p) {
        return p <= 0 || p >= 1 ? 0 : -p * log2(p) - (1 - p) * log2(1 - p);
    }

    private static double log2(double x) {
        return Math.log(x) / Math.log(2);
    }
}

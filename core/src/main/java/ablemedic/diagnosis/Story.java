package ablemedic.diagnosis;

/**
 * A hypothesis as it is weighed.
 *
 * @param logPrior natural logarithm of its weight before anything was found, not normalised
 * @param logLikelihoods of each piece of evidence, in the order of the case
 */
record Story<S>(Hypothesis<S> hypothesis, double logPrior, double[] logLikelihoods) {
    /** The first of its faults, of a story that has any. */
    Fault<S> fault() {
        return hypothesis.faults().get(0);
    }

    double logWeight() {
        double sum = logPrior;
        for (double logLikelihood : logLikelihoods) {
            sum += logLikelihood;
        }
        return sum;
    }
}

package ablemedic.reading;

/**
 * A value with its standard uncertainty, carried through arithmetic by the law of propagation for independent inputs,
 * u² = Σ (∂f/∂x)²·u(x)² (JCGM 100:2008, GUM, equation 10).
 *
 * @param value in any unit
 * @param u standard uncertainty in the same unit, 0 or more
 */
public record Estimate(double value, double u) {
    private static final double[] COVERAGE = {13.97, 4.53, 3.31, 2.87, 2.65, 2.52, 2.43, 2.37, 2.32, 2.28};
    /** Beyond ten degrees the factor comes down to 2 nearly as this over their number: 2.13 at twenty. */
    private static final double FALLS = 2.65;

    public Estimate {
        if (!(u >= 0)) {
            throw new IllegalArgumentException("a standard uncertainty is 0 or more, not " + u);
        }
    }

    public static Estimate exactly(double value) {
        return new Estimate(value, 0);
    }

    /** A value known to lie within limits, each place alike: u = limit/√3 (GUM 4.3.7). */
    public static Estimate within(double value, double limit) {
        return new Estimate(value, limit / Math.sqrt(3));
    }

    public Estimate plus(Estimate other) {
        return new Estimate(value + other.value, Math.hypot(u, other.u));
    }

    public Estimate minus(Estimate other) {
        return new Estimate(value - other.value, Math.hypot(u, other.u));
    }

    public Estimate times(Estimate other) {
        return new Estimate(value * other.value, Math.hypot(u * other.value, other.u * value));
    }

    /** The quotient; the other must not be 0. */
    public Estimate over(Estimate other) {
        double quotient = value / other.value;
        return new Estimate(quotient, Math.hypot(u / other.value, quotient * other.u / other.value));
    }

    /** Half the width of an interval that holds about 95 %: U = 2·u (GUM 6.2). */
    public double expanded() {
        return 2 * u;
    }

    /**
     * What to multiply the standard uncertainty of a mean of few by for an interval that holds about 95 %: Student's t
     * for 95.45 %, which comes to 2 for very many (GUM G.3, table G.2).
     *
     * @param degrees of freedom, one less than what was averaged; 1 or more
     */
    public static double coverage(int degrees) {
        return degrees <= COVERAGE.length ? COVERAGE[degrees - 1] : 2 + FALLS / degrees;
    }

    /**
     * Combined standard uncertainty of correlated inputs, u² = ΣΣ cᵢ·cⱼ·uᵢ·uⱼ·rᵢⱼ (GUM equation 16).
     *
     * @param sensitivities ∂f/∂x of each input
     * @param uncertainties of each input
     * @param correlations symmetric, 1 on the diagonal
     */
    public static double combined(double[] sensitivities, double[] uncertainties, double[][] correlations) {
        double sum = 0;
        for (int i = 0; i < sensitivities.length; i++) {
            for (int j = 0; j < sensitivities.length; j++) {
                sum += sensitivities[i] * sensitivities[j] * uncertainties[i] * uncertainties[j] * correlations[i][j];
            }
        }
        return Math.sqrt(Math.max(0, sum));
    }
}

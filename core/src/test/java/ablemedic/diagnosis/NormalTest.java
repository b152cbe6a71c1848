package ablemedic.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NormalTest {
    /** Abramowitz and Stegun, Handbook of Mathematical Functions (1964), table 26.1. */
    @ParameterizedTest
    @CsvSource({
        "0, 0.5",
        "0.5, 0.691462461274",
        "1, 0.841344746069",
        "1.5, 0.933192798731",
        "2, 0.977249868052",
        "3, 0.998650101968"
    })
    void isAsTheHandbookHasIt(double z, double below) {
        assertThat(Normal.below(z)).isCloseTo(below, within(1e-10));
        assertThat(Normal.below(-z)).isCloseTo(1 - below, within(1e-10));
    }

    @Test
    void isAsAReferenceLibraryHasItBetweenThePointsOfTheTable() {
        Random random = new Random(7);
        for (int i = 0; i < 20_000; i++) {
            double z = 16 * random.nextDouble() - 8;
            assertThat(Normal.below(z)).isCloseTo(new NormalDistribution().cumulativeProbability(z), within(1e-10));
        }
    }

    @Test
    void neverFallsAndEndsWholly() {
        double before = 0;
        for (double z = -9; z <= 9; z += 0.001) {
            assertThat(Normal.below(z)).isBetween(before, 1.0);
            before = Normal.below(z);
        }
        assertThat(Normal.below(Double.NEGATIVE_INFINITY)).isZero();
        assertThat(Normal.below(Double.POSITIVE_INFINITY)).isEqualTo(1);
    }
}

package ablemedic.app.chart;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.chart.Fitness.Facts;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every combination of the facts about a craft. */
class FitnessTest {
    private static final int FACTS = 6;

    static Stream<Facts> all() {
        return IntStream.range(0, 1 << FACTS)
                .mapToObj(bits -> new Facts(
                        (bits & 1) != 0,
                        (bits & 2) != 0,
                        (bits & 4) != 0,
                        (bits & 8) != 0,
                        (bits & 16) != 0,
                        (bits & 32) != 0));
    }

    @ParameterizedTest
    @MethodSource("all")
    void aCraftIsFitOnlyWhereNothingAtAllSpeaksAgainstIt(Facts facts) {
        boolean nothingAgainst = facts.readable()
                && !facts.workUpOpen()
                && !facts.violated()
                && !facts.groundedByHand()
                && !facts.withoutCause()
                && !facts.due();
        assertThat(Fitness.of(facts) == Fitness.FIT).isEqualTo(nothingAgainst);
    }

    @ParameterizedTest
    @MethodSource("all")
    void whatCannotBeReadIsUnknownAndAHazardIsNeverJustDue(Facts facts) {
        assertThat(Fitness.of(facts) == Fitness.UNKNOWN).isEqualTo(!facts.readable());
        if (facts.violated()) {
            assertThat(Fitness.of(facts)).isNotIn(Fitness.DUE, Fitness.FIT);
        }
    }
}

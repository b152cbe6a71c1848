package ablemedic.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.data.Offset.offset;

import ablemedic.catalogue.Text;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Question;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Categorical.Way;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Measured;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class DistributionTest {
    private final Choices two = new Choices(List.of(
            new Question("up", Text.written("Up?"), List.of(Outcome.written("y", "yes"), Outcome.written("n", "no"))),
            new Question(
                    "left", Text.written("Left?"), List.of(Outcome.written("y", "yes"), Outcome.written("n", "no")))));
    private final Categorical together = new Categorical(
            two, List.of(new Way(0.5, new double[][] {{1, 0}, {1, 0}}), new Way(0.5, new double[][] {{0, 1}, {0, 1}})));
    private final Scale metres = new Scale("length", "m", -1, 1);

    @Test
    void answersThatGoTogetherAreMoreLikelyTogether() {
        assertThat(together.likelihood(new Chosen(Map.of("up", "y", "left", "y"))))
                .isEqualTo(0.5);
        assertThat(together.likelihood(new Chosen(Map.of("up", "y", "left", "n"))))
                .isZero();
    }

    @Test
    void aQuestionLeftOpenIsSummedOver() {
        assertThat(together.likelihood(new Chosen(Map.of("up", "y")))).isEqualTo(0.5);
        assertThat(together.likelihood(new Chosen(Map.of()))).isEqualTo(1);
    }

    @Test
    void theDensityOfANumberIntegratesToOneOverItsScale() {
        Gaussian spread = new Gaussian(metres, 0.1, 0.05, 0.1);
        double step = 1e-4;
        double sum = 0;
        for (double x = -1; x < 1; x += step) {
            sum += spread.likelihood(new Measured(x + step / 2)) * step;
        }
        assertThat(sum).isCloseTo(1, offset(1e-4));
    }

    @Test
    void theCellsOfAnyOutlookSumToOne() {
        List<Distribution> spreads = List.of(
                new Gaussian(metres, -0.3, 0.02, 0.05),
                new Gaussian(metres, 0.4, 0.02, 0.05),
                Distribution.broad(metres));
        Discretisation cells = Discretisation.of(metres, spreads);
        for (Distribution outlook : spreads) {
            assertThat(Arrays.stream(cells.probabilities(outlook)).sum()).isCloseTo(1, offset(1e-9));
        }
        assertThat(Discretisation.of(two, List.of(together)).probabilities(together))
                .containsExactly(0.5, 0, 0, 0.5);
    }

    @Test
    void aReadingOfTheWrongSortIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> together.likelihood(new Measured(1)));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Distribution.broad(metres).likelihood(Chosen.of("y")));
        assertThatIllegalArgumentException().isThrownBy(() -> together.likelihood(new Chosen(Map.of("up", "perhaps"))));
        assertThatIllegalArgumentException().isThrownBy(() -> new Measured(Double.NaN));
    }

    @Test
    void everyProbabilityAndEveryRatioHasAWord() {
        for (double p = 0; p <= 1; p += 0.001) {
            assertThat(Belief.of(p).label()).isNotBlank();
        }
        assertThat(Belief.of(0.96)).isEqualTo(Belief.ALMOST_CERTAIN);
        assertThat(Belief.of(0)).isEqualTo(Belief.RULED_OUT);
        assertThat(LikelihoodRatio.of(12)).isEqualTo(LikelihoodRatio.STRONGLY_FOR);
        assertThat(LikelihoodRatio.of(1)).isEqualTo(LikelihoodRatio.NEUTRAL);
        assertThat(LikelihoodRatio.of(1.0 / 12)).isEqualTo(LikelihoodRatio.STRONGLY_AGAINST);
    }
}

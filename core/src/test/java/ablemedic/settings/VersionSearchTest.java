package ablemedic.settings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ablemedic.settings.VersionSearch.Standing;
import ablemedic.settings.VersionSearch.Trial;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@Tag("thorough")
class VersionSearchTest {
    /** How many trials a search took, and whether it ended right, with a technician who sees what the craft does. */
    private record Walked(int trials, boolean right) {}

    private static Walked walk(int versions, int firstBroken, double seemsToWork, double seemsBroken, Random random) {
        VersionSearch search = new VersionSearch(versions, seemsToWork, seemsBroken);
        List<Trial> trials = new ArrayList<>();
        Standing posterior = search.after(trials);
        while (posterior.found().isEmpty() && trials.size() < 500) {
            int version = posterior.next().orElseThrow();
            boolean works =
                    version < firstBroken ? random.nextDouble() >= seemsBroken : random.nextDouble() < seemsToWork;
            trials.add(new Trial(version, works));
            posterior = search.after(trials);
        }
        return new Walked(
                trials.size(),
                posterior.found().filter(found -> found == firstBroken).isPresent());
    }

    /** The binary-search bound: ⌈log₂⌉ of the steps that it may have been. */
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4, 9, 17, 40, 128})
    void withoutFlakesItNeedsNoMoreThanTheBinarySearchAndIsAlwaysRight(int versions) {
        int bound = 32 - Integer.numberOfLeadingZeros(versions - 2);
        for (int firstBroken = 1; firstBroken < versions; firstBroken++) {
            Walked walked = walk(versions, firstBroken, 0, 0, new Random(1));
            assertThat(walked.right()).as(firstBroken + " of " + versions).isTrue();
            assertThat(walked.trials()).isLessThanOrEqualTo(versions == 2 ? 0 : bound);
        }
    }

    /**
     * Ben-Or and Hassidim, "The Bayesian learner is optimal for noisy binary search", FOCS 2008 (from memory): log₂ n
     * over the capacity of the trial, and terms that grow with the log of one over the chance of being wrong.
     */
    @ParameterizedTest
    @ValueSource(doubles = {0.05, 0.15, 0.3})
    void withFlakesItNeedsAboutTheLogOfTheVersionsOverTheCapacity(double flake) {
        Random random = new Random(2);
        int versions = 33;
        int walks = 400;
        double trials = 0;
        int right = 0;
        for (int i = 0; i < walks; i++) {
            Walked walked = walk(versions, 1 + random.nextInt(versions - 1), flake, flake, random);
            trials += walked.trials();
            right += walked.right() ? 1 : 0;
        }
        double capacity = 1 + flake * Math.log(flake) / Math.log(2) + (1 - flake) * Math.log(1 - flake) / Math.log(2);
        double wrong = 1 - VersionSearch.FOUND;
        double least = (1 - wrong) * 5 / capacity - 1;
        assertThat(new VersionSearch(versions, flake, flake).capacity()).isCloseTo(capacity, Offset.offset(1e-4));
        assertThat(trials / walks).isBetween(least, (5 + Math.log(1 / wrong) / Math.log(2) + 1) / capacity);
        assertThat(right).as("as often right as it says").isGreaterThan((int) (walks * (VersionSearch.FOUND - 0.03)));
    }

    @Test
    void aFaultThatComesAndGoesMakesAFailureWorthMoreThanASuccess() {
        VersionSearch search = new VersionSearch(9, 0.4, 0);
        double afterFailure = search.after(List.of(new Trial(4, false))).beliefs().subList(0, 4).stream()
                .mapToDouble(b -> b)
                .sum();
        double afterSuccess = search.after(List.of(new Trial(4, true))).beliefs().subList(4, 8).stream()
                .mapToDouble(b -> b)
                .sum();
        assertThat(afterFailure).as("a sound one never fails").isEqualTo(1);
        assertThat(afterSuccess).isBetween(0.6, 0.8);
    }

    @Test
    void theBeliefsAreThoseOfBayesWorkedByHand() {
        // Three steps, one in five trials misleads; version 1 of 0 to 3 works: 0.2, 0.8, 0.8 over 1.8.
        Standing posterior = new VersionSearch(4, 0.2, 0.2).after(List.of(new Trial(1, true)));
        assertThat(posterior.beliefs())
                .usingElementComparator((a, b) -> Math.abs(a - b) < 1e-12 ? 0 : 1)
                .containsExactly(0.2 / 1.8, 0.8 / 1.8, 0.8 / 1.8);
        assertThat(posterior.next()).hasValue(2);
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> new VersionSearch(1, 0, 0)).hasMessageContaining("two versions");
        assertThatThrownBy(() -> new VersionSearch(5, 0.6, 0.4)).hasMessageContaining("guess");
        VersionSearch search = new VersionSearch(5, 0, 0);
        assertThatThrownBy(() -> search.after(List.of(new Trial(7, true)))).hasMessageContaining("5 versions");
        assertThatThrownBy(() -> search.after(List.of(new Trial(2, true), new Trial(2, false))))
                .hasMessageContaining("contradict");
        assertThatThrownBy(() -> search.after(List.of(new Trial(0, false)))).hasMessageContaining("contradict");
    }
}

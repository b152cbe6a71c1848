package ablemedic.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** How near the plan is to the best there can be: on books so small that every policy can be tried. */
class BestPlanTest {
    private static final int FAULTS = 8;
    private static final int CHECKS = 8;
    private static final int BOOKS = 60;

    /** A book of eight faults and eight checks that each part the faults in two, drawn anew. */
    private static final class Small {
        final double[] odds = new double[FAULTS];
        final boolean[][] shows = new boolean[CHECKS][FAULTS];
        final double[] minutes = new double[CHECKS];
        final Diagnosis<Set<String>> diagnosis;

        Small(long seed) {
            Random random = new Random(seed);
            List<Fault<Set<String>>> faults = new ArrayList<>();
            for (int f = 0; f < FAULTS; f++) {
                odds[f] = 0.2 + random.nextDouble();
                faults.add(Toy.fault("f" + f, "f" + f, "f" + f, odds[f]));
            }
            List<Check<Set<String>>> checks = new ArrayList<>();
            for (int c = 0; c < CHECKS; c++) {
                boolean[] seen = shows[c];
                for (int f = 0; f < FAULTS; f++) {
                    seen[f] = c < 3 ? (f >> c & 1) == 1 : random.nextBoolean();
                }
                minutes[c] = 0.5 + 4 * random.nextDouble();
                checks.add(Toy.check(
                        "c" + c,
                        2,
                        minutes[c],
                        BenchNeeds.NOTHING,
                        system -> Toy.surely(system.stream().anyMatch(id -> seen[id.charAt(1) - '0']) ? 1 : 0, 2)));
            }
            diagnosis = new Diagnosis<>(new Book<>(faults, checks), new Assumptions(0, 1e-12, 1e-12, 0.999));
        }

        private double weight(Set<Integer> open) {
            return open.stream().mapToDouble(f -> odds[f]).sum();
        }

        private Set<Integer> after(Set<Integer> open, int check, boolean shown) {
            return Set.copyOf(
                    open.stream().filter(f -> shows[check][f] == shown).toList());
        }

        /** The expected minutes of the best policy until one fault is left: by trying every one. */
        double best(Set<Integer> open, Map<Set<Integer>, Double> known) {
            if (open.size() < 2) {
                return 0;
            }
            Double before = known.get(open);
            if (before != null) {
                return before;
            }
            double least = IntStream.range(0, CHECKS)
                    .filter(c -> !after(open, c, true).isEmpty()
                            && !after(open, c, false).isEmpty())
                    .mapToDouble(c -> minutes[c]
                            + share(open, c, true) * best(after(open, c, true), known)
                            + share(open, c, false) * best(after(open, c, false), known))
                    .min()
                    .orElseThrow();
            known.put(open, least);
            return least;
        }

        private double share(Set<Integer> open, int check, boolean shown) {
            return weight(after(open, check, shown)) / weight(open);
        }

        /** The expected minutes by the plan. */
        double planned(Set<Integer> open, Case<Set<String>> known) {
            if (open.size() < 2) {
                return 0;
            }
            Check<Set<String>> check = diagnosis
                    .planner(diagnosis.posterior(known))
                    .plan(BenchState.AT_INTAKE, List.of())
                    .next()
                    .orElseThrow()
                    .check();
            int c = check.id().charAt(1) - '0';
            double sum = minutes[c];
            for (boolean shown : new boolean[] {true, false}) {
                sum += share(open, c, shown) * planned(after(open, c, shown), Toy.found(known, check, shown ? 1 : 0));
            }
            return sum;
        }
    }

    @Test
    @OutsideCheck(
            kind = Kind.PUBLISHED,
            source =
                    "an exhaustive policy by dynamic programming; the idea of judging steps by the expected "
                            + "cost to the end is that of Heckerman, Breese and Rommelse, Decision-theoretic troubleshooting, CACM 38 (1995)")
    void thePlanIsWithinFivePercentOfTheBestPolicyOnTheAverage() {
        Set<Integer> all = Set.copyOf(IntStream.range(0, FAULTS).boxed().toList());
        double ours = 0;
        double best = 0;
        for (int seed = 0; seed < BOOKS; seed++) {
            Small book = new Small(seed);
            double least = book.best(all, new HashMap<>());
            double planned = book.planned(all, Toy.opened());
            assertThat(planned)
                    .as("nothing is better than the best, book %d", seed)
                    .isGreaterThanOrEqualTo(least - 1e-9);
            ours += planned;
            best += least;
        }
        assertThat(ours / best).isLessThan(1.05);
    }
}

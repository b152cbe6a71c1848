package ablemedic.setup;

import ablemedic.diagnosis.Barred;
import ablemedic.diagnosis.BenchRoute;
import ablemedic.diagnosis.BenchState;
import ablemedic.setup.SetUp.Made;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The order of a set-up: each step after those that it needs, and of all such orders one that takes the least time at
 * the bench. Searched level by level, the best few hundred begun orders kept; over up to seven steps that is every
 * order.
 *
 * @param steps in order
 * @param minutes of all steps and of what is done to the bench between them
 */
public record SetUpOrder(List<Placed> steps, double minutes) {
    private static final int KEPT = 100;
    private static final Comparator<Begun> CHEAPEST =
            Comparator.comparingDouble(Begun::minutes).thenComparing(Begun::places);

    /** A step in its place, with what is done to the bench before it. */
    public record Placed(Made made, BenchRoute before) {
        public double minutes() {
            return before.minutes() + made.check().minutes();
        }
    }

    /**
     * @param todo steps that are still to be made
     * @param from how the bench stands
     */
    public static SetUpOrder of(List<Made> todo, BenchState from) {
        return of(todo, from, Barred.NOTHING);
    }

    /** The same where some power is barred; every step must have a way to it. */
    public static SetUpOrder of(List<Made> todo, BenchState from, Barred barred) {
        List<Begun> level = List.of(new Begun(new BitSet(), from, 0, List.of(), ""));
        for (int n = 0; n < todo.size(); n++) {
            Map<Key, Begun> next = new HashMap<>();
            for (Begun begun : level) {
                for (int i = 0; i < todo.size(); i++) {
                    if (!begun.made.get(i) && isReady(todo, begun.made, i)) {
                        begun.with(i, todo.get(i), barred)
                                .ifPresent(longer -> next.merge(
                                        new Key(longer.made, longer.bench),
                                        longer,
                                        (a, b) -> CHEAPEST.compare(a, b) <= 0 ? a : b));
                    }
                }
            }
            level = next.values().stream().sorted(CHEAPEST).limit(KEPT).toList();
        }
        Begun best = level.stream()
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("no order lets every step be made"));
        return new SetUpOrder(best.steps, best.minutes);
    }

    private static boolean isReady(List<Made> todo, BitSet made, int i) {
        for (int j = 0; j < todo.size(); j++) {
            if (j != i && !made.get(j) && todo.get(i).comesAfter(todo.get(j))) {
                return false;
            }
        }
        return true;
    }

    private record Key(BitSet made, BenchState bench) {}

    /** @param places of its steps in the table: of orders that cost the same that of practitioners is taken */
    private record Begun(BitSet made, BenchState bench, double minutes, List<Placed> steps, String places) {
        Optional<Begun> with(int i, Made step, Barred barred) {
            return BenchRoute.from(bench, step.check().needs(), barred).map(route -> {
                BitSet more = (BitSet) made.clone();
                more.set(i);
                List<Placed> longer = new ArrayList<>(steps);
                longer.add(new Placed(step, route));
                return new Begun(
                        more,
                        route.end(),
                        Math.round(1e6
                                        * (minutes
                                                + route.minutes()
                                                + step.check().minutes()))
                                / 1e6,
                        List.copyOf(longer),
                        places + (char) i);
            });
        }
    }
}

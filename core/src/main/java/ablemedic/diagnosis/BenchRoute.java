package ablemedic.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The quickest safe way from one bench state to one that meets the needs of a check. Where props come off at all, they
 * come off as early as they can.
 *
 * @param steps in order; empty when the bench is ready
 * @param end the bench state after them
 */
public record BenchRoute(List<BenchStep> steps, BenchState end) {
    public BenchRoute {
        steps = List.copyOf(steps);
    }

    public double minutes() {
        return steps.stream().mapToDouble(BenchStep::minutes).sum();
    }

    /** @param routine what the pre-power routine takes on this system, minutes */
    public double minutesWith(double routine) {
        return steps.stream().mapToDouble(step -> step.minutesWith(routine)).sum();
    }

    /** The minutes of steps that any way to a proven fix needs sooner or later. */
    public double minutesNeededAnyway() {
        return steps.stream()
                .filter(BenchStep::neededAnyway)
                .mapToDouble(BenchStep::minutes)
                .sum();
    }

    /** The place in the order at which the props come off; beyond the last where they do not. */
    private int propsOffAt() {
        int at = steps.indexOf(BenchStep.PROPS_OFF);
        return at < 0 ? Integer.MAX_VALUE : at;
    }

    /** The steps that guard against harm and are still to be done. */
    public List<BenchStep> guards() {
        return steps.stream().filter(BenchStep::guards).toList();
    }

    /** There are few benches and few needs, and every plan asks for the same routes again. */
    private static final Map<Asked, Optional<BenchRoute>> KNOWN = new ConcurrentHashMap<>();

    /** What a route depends on: whether something is barred, not why. */
    private record Asked(BenchState start, BenchNeeds needs, boolean battery, boolean usb, boolean routineBeforeUsb) {}

    /** The route, or nothing when no safe one exists (after a failed short test, say). */
    public static Optional<BenchRoute> from(BenchState start, BenchNeeds needs) {
        return from(start, needs, Barred.NOTHING);
    }

    /** The same where some power is barred. */
    public static Optional<BenchRoute> from(BenchState start, BenchNeeds needs, Barred barred) {
        return KNOWN.computeIfAbsent(
                new Asked(start, needs, barred.battery().isEmpty(), barred.usb().isEmpty(), barred.routineBeforeUsb()),
                asked -> search(start, needs, barred));
    }

    private static Optional<BenchRoute> search(BenchState start, BenchNeeds needs, Barred barred) {
        PriorityQueue<BenchRoute> open = new PriorityQueue<>(Comparator.comparingDouble(BenchRoute::minutes)
                .thenComparingInt(r -> r.steps.size())
                .thenComparingInt(BenchRoute::propsOffAt));
        Set<BenchState> settled = new HashSet<>();
        open.add(new BenchRoute(List.of(), start));
        while (!open.isEmpty()) {
            BenchRoute route = open.poll();
            if (!settled.add(route.end)) {
                continue;
            }
            if (needs.metBy(route.end)) {
                return Optional.of(route);
            }
            for (BenchStep step : BenchStep.values()) {
                if (step.allowedIn(route.end) && !barred.bars(step, route.end)) {
                    List<BenchStep> longer = new ArrayList<>(route.steps);
                    longer.add(step);
                    open.add(new BenchRoute(longer, step.after(route.end)));
                }
            }
        }
        return Optional.empty();
    }
}

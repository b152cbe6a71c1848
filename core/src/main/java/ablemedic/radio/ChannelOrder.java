package ablemedic.radio;

import ablemedic.craft.Stick;
import ablemedic.craft.StickOrder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * From the bars that moved, the order in which the radio sends: of the 24 orders the ones that fit best, by Bayes over
 * who misreads a bar now and then. Some sticks may be left out, and some seen wrongly.
 *
 * @param orders those that fit best, in alphabetical order; one where it is found
 * @param sure how likely it is one of these, 0 to 1
 * @param reversed sticks whose bar went the wrong way
 * @param against sightings that none of these explains
 * @param next the stick to move next, where more than one fits
 */
public record ChannelOrder(
        List<StickOrder> orders, double sure, List<Stick> reversed, List<Moved> against, Optional<Stick> next) {
    /** How often somebody names another bar than the one that moved. Common practice, no source. */
    private static final double MISREAD = 0.05;

    private static final double ALIKE = 1e-9;

    public ChannelOrder {
        orders = List.copyOf(orders);
        reversed = List.copyOf(reversed);
        against = List.copyOf(against);
    }

    /**
     * A stick and the bar that moved when it was pushed its positive way.
     *
     * @param bar the function that the board shows moving; nothing where none of the four moved
     * @param up whether it went up
     */
    public record Moved(Stick stick, Optional<Stick> bar, boolean up) {}

    /** @param board the order that the board is told */
    public static ChannelOrder of(StickOrder board, List<Moved> seen) {
        Map<StickOrder, Double> weights = new java.util.LinkedHashMap<>();
        for (StickOrder order : all()) {
            double weight = 1;
            for (Moved moved : seen) {
                weight *= moved.bar().isEmpty()
                        ? MISREAD
                        : moves(order, board, moved.stick()) == moved.bar().get() ? 1 - MISREAD : MISREAD / 3;
            }
            weights.put(order, weight);
        }
        double most = weights.values().stream().mapToDouble(w -> w).max().orElseThrow();
        double total = weights.values().stream().mapToDouble(w -> w).sum();
        List<StickOrder> best = weights.entrySet().stream()
                .filter(one -> one.getValue() > most * (1 - ALIKE))
                .map(Map.Entry::getKey)
                .sorted(Comparator.comparing(StickOrder::letters))
                .toList();
        List<Moved> against = seen.stream()
                .filter(moved -> moved.bar().isEmpty()
                        || best.stream()
                                .noneMatch(order -> moves(order, board, moved.stick())
                                        == moved.bar().get()))
                .toList();
        return new ChannelOrder(
                best,
                best.stream().mapToDouble(weights::get).sum() / total,
                reversed(seen),
                against,
                next(best, board, seen));
    }

    /** The function that the board shows moving when a stick is moved on a radio that sends in an order. */
    static Stick moves(StickOrder radio, StickOrder board, Stick stick) {
        return board.on(radio.channel(stick));
    }

    /** Those whose bar went down more often than up. */
    private static List<Stick> reversed(List<Moved> seen) {
        Map<Stick, Integer> balance = new EnumMap<>(Stick.class);
        seen.stream()
                .filter(moved -> moved.bar().isPresent())
                .forEach(moved -> balance.merge(moved.stick(), moved.up() ? 1 : -1, Integer::sum));
        return balance.entrySet().stream()
                .filter(one -> one.getValue() < 0)
                .map(Map.Entry::getKey)
                .toList();
    }

    /** The stick that parts those that fit best into the most. */
    private static Optional<Stick> next(List<StickOrder> best, StickOrder board, List<Moved> seen) {
        if (best.size() < 2) {
            return Optional.empty();
        }
        List<Stick> sticks = new ArrayList<>(List.of(Stick.values()));
        sticks.sort(Comparator.comparingInt(
                        (Stick stick) -> seen.stream().anyMatch(moved -> moved.stick() == stick) ? 1 : 0)
                .thenComparingInt(stick -> -(int) best.stream()
                        .map(order -> moves(order, board, stick))
                        .distinct()
                        .count()));
        return Optional.of(sticks.get(0));
    }

    /** All 24. */
    static Set<StickOrder> all() {
        Set<StickOrder> all = new TreeSet<>(Comparator.comparing(StickOrder::letters));
        permute("", "AETR", all);
        return all;
    }

    private static void permute(String begun, String rest, Set<StickOrder> all) {
        if (rest.isEmpty()) {
            all.add(new StickOrder(begun));
        }
        for (int i = 0; i < rest.length(); i++) {
            permute(begun + rest.charAt(i), rest.substring(0, i) + rest.substring(i + 1), all);
        }
    }
}

package ablemedic.takeoff;

import ablemedic.craft.Craft;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** How alike two crafts look at take-off: the share of take-offs that would be seen the same. */
final class Likeness {
    private Likeness() {}

    /** 0 when no take-off of one looks like one of the other, 1 when they cannot be told apart. */
    static double of(Craft one, Craft other) {
        Map<Sight, Double> a = shares(one);
        Map<Sight, Double> b = shares(other);
        return a.entrySet().stream()
                .mapToDouble(e -> Math.min(e.getValue(), b.getOrDefault(e.getKey(), 0.0)))
                .sum();
    }

    private static Map<Sight, Double> shares(Craft craft) {
        List<Sight> sights = Sightings.of(craft);
        Map<Sight, Double> shares = new HashMap<>();
        sights.forEach(sight -> shares.merge(sight, 1.0 / sights.size(), Double::sum));
        return shares;
    }
}

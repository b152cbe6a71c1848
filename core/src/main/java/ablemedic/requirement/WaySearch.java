package ablemedic.requirement;

import ablemedic.catalogue.Rejected;
import ablemedic.craft.Craft;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The ways to put one violation right: edits one after the other, the cheapest first, until it is gone and nothing else
 * is violated that was not before. A site is edited once, so it ends.
 */
final class WaySearch {
    private static final int MOST_EDITS = 4;
    private static final int MOST_TRIED = 120;
    private static final int MOST_WAYS = 8;

    private final List<Requirement> requirements;
    private final Recorded recorded;
    private final Set<Site> edited;

    /** @param edited sites that other conflicts changed already */
    WaySearch(List<Requirement> requirements, Recorded recorded, Set<Site> edited) {
        this.requirements = requirements;
        this.recorded = recorded;
        this.edited = Set.copyOf(edited);
    }

    private record Begun(Craft craft, Way way, Violation next) {}

    /**
     * @param craft with the conflicts before it put right
     * @param root what is to be put right
     * @param open all that is violated now
     */
    List<Way> of(Craft craft, Violation root, List<Violation> open) {
        Set<String> allowed = open.stream()
                .filter(one -> one.severity().isBinding())
                .map(Violation::id)
                .filter(id -> !id.equals(root.id()))
                .collect(Collectors.toSet());
        PriorityQueue<Begun> queue = new PriorityQueue<>(
                Comparator.comparingDouble(begun -> begun.way().cost()));
        queue.add(new Begun(craft, new Way(List.of(), 0), root));
        List<Way> found = new ArrayList<>();
        for (int tried = 0; !queue.isEmpty() && tried < MOST_TRIED && found.size() < MOST_WAYS; tried++) {
            Begun begun = queue.poll();
            if (begun.next() == null) {
                if (found.stream().noneMatch(known -> begun.way().edits().containsAll(known.edits()))) {
                    found.add(begun.way());
                }
            } else if (begun.way().edits().size() < MOST_EDITS) {
                begun.next().edits().forEach(edit -> longer(begun, edit, allowed)
                        .ifPresent(queue::add));
            }
        }
        return found;
    }

    private Optional<Begun> longer(Begun begun, Edit edit, Set<String> allowed) {
        Set<Site> touched = new HashSet<>(edited);
        begun.way().edits().forEach(made -> touched.addAll(made.sites()));
        if (!Collections.disjoint(touched, edit.sites())) {
            return Optional.empty();
        }
        Craft changed;
        try {
            changed = edit.onSheet(begun.craft());
        } catch (Rejected e) {
            // A pad that is full, or a wire that is there already: no way leads over it.
            return Optional.empty();
        }
        double logOdds = begun.way().logOdds()
                + edit.sites().stream()
                        .mapToDouble(site -> recorded.source(site).logOdds())
                        .sum();
        Violation next = Required.violations(changed, requirements).stream()
                .filter(one -> one.severity().isBinding() && !allowed.contains(one.id()))
                .findFirst()
                .orElse(null);
        return Optional.of(new Begun(
                changed,
                new Way(
                        Stream.concat(begun.way().edits().stream(), Stream.of(edit))
                                .toList(),
                        logOdds),
                next));
    }
}

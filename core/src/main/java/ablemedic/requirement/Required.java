package ablemedic.requirement;

import ablemedic.craft.Craft;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A craft as required: the recorded one with each conflict put right in the likeliest way. A conflict that nothing on
 * the sheet can put right stays, and nothing is expected of what depends on it.
 */
public final class Required {
    private final Recorded recorded;
    private final Craft craft;
    private final List<Conflict> conflicts;
    private final List<Violation> unsolved;
    private final List<Violation> doubts;

    private Required(
            Recorded recorded,
            Craft craft,
            List<Conflict> conflicts,
            List<Violation> unsolved,
            List<Violation> doubts) {
        this.recorded = recorded;
        this.craft = craft;
        this.conflicts = List.copyOf(conflicts);
        this.unsolved = List.copyOf(unsolved);
        this.doubts = List.copyOf(doubts);
    }

    /** A record that stands for what is required, whatever it violates. */
    public static Required asRecorded(Recorded recorded) {
        return new Required(recorded, recorded.craft(), List.of(), List.of(), List.of());
    }

    /** @param requirements in the order in which their conflicts are put right */
    public static Required of(Recorded recorded, List<Requirement> requirements) {
        Craft craft = recorded.craft();
        List<Conflict> conflicts = new ArrayList<>();
        List<Violation> unsolved = new ArrayList<>();
        Set<Site> edited = new HashSet<>();
        List<Violation> open = violations(craft, requirements);
        for (Violation next = binding(open, unsolved); next != null; next = binding(open, unsolved)) {
            List<Way> ways = new WaySearch(requirements, recorded, edited).of(craft, next, open);
            if (ways.isEmpty()) {
                unsolved.add(next);
            } else {
                conflicts.add(new Conflict(next, recorded.craft(), ways));
                edited.addAll(ways.get(0).sites());
                craft = ways.get(0).edit().onSheet(craft);
                open = violations(craft, requirements);
            }
        }
        Set<String> left = new HashSet<>();
        open.forEach(one -> left.add(one.id()));
        unsolved.removeIf(one -> !left.contains(one.id()));
        return new Required(
                recorded,
                craft,
                conflicts,
                unsolved,
                open.stream().filter(one -> !one.severity().isBinding()).toList());
    }

    /** All that violates a requirement, the gravest first. */
    public static List<Violation> violations(Craft craft, List<Requirement> requirements) {
        return requirements.stream()
                .flatMap(requirement -> requirement.of(craft).stream())
                .sorted(Comparator.comparing(Violation::severity))
                .toList();
    }

    private static @Nullable Violation binding(List<Violation> open, List<Violation> unsolved) {
        Set<String> given = new HashSet<>();
        unsolved.forEach(one -> given.add(one.id()));
        List<Violation> next = open.stream()
                .filter(one -> one.severity().isBinding() && !given.contains(one.id()))
                .toList();
        // What nothing on the sheet puts right may be gone with what something does.
        return next.stream()
                .filter(one -> !one.edits().isEmpty())
                .findFirst()
                .orElse(next.isEmpty() ? null : next.get(0));
    }

    public Recorded recorded() {
        return recorded;
    }

    /** The craft with every conflict put right that can be. */
    public Craft craft() {
        return craft;
    }

    public List<Conflict> conflicts() {
        return conflicts;
    }

    /** Hazards, and what can't work, that no edit puts right. */
    public List<Violation> unsolved() {
        return unsolved;
    }

    /** What may be meant. */
    public List<Violation> doubts() {
        return doubts;
    }

    /** Hazards and what can't work of the record, the conflicts first. */
    public List<Violation> open() {
        List<Violation> open =
                new ArrayList<>(conflicts.stream().map(Conflict::root).toList());
        open.addAll(unsolved);
        open.sort(Comparator.comparing(Violation::severity));
        return List.copyOf(open);
    }
}

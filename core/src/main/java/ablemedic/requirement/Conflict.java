package ablemedic.requirement;

import ablemedic.craft.Craft;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * What of a record can't be right together: either the craft has it, or the record is out of date.
 *
 * @param root the requirement that it violates
 * @param recorded the craft as on the sheet
 * @param ways to put it right, the likeliest first; the craft as required has the first
 */
public record Conflict(Violation root, Craft recorded, List<Way> ways) {
    public Conflict {
        ways = List.copyOf(ways);
    }

    public String id() {
        return "recorded-" + root.id();
    }

    /** The place of a way among its ways, from 0; nothing where it has none of this id. */
    public OptionalInt way(String id) {
        return IntStream.range(0, ways.size())
                .filter(way -> ways.get(way).id().equals(id))
                .findFirst();
    }

    /** A craft under reasoning, as required, were the conflict on it. */
    public Craft on(Craft craft) {
        return ways.get(0).undo(craft, recorded);
    }

    /** A craft under reasoning, as required, were it right in another way: the record is out of date there. */
    public Craft otherwise(Craft craft, int way) {
        return way == 0 ? craft : ways.get(way).onCraft(on(craft));
    }

    /** The sheet with a way made on it. */
    public Craft onSheet(Craft sheet, int way) {
        return ways.get(way).edit().onSheet(sheet);
    }
}

package ablemedic.firmware;

import ablemedic.configuration.Configuration;
import ablemedic.configuration.Setting;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * A settings export as a dictionary understands it.
 *
 * @param told the settings that it holds; the rest as usual
 * @param held which those are: what a settings export does not hold it says nothing of
 * @param lines every entry of the settings export, with what was made of it
 */
public record Understood(Configuration told, SortedSet<Setting<?>> held, List<Line> lines) {
    public Understood {
        held = Collections.unmodifiableSortedSet(new TreeSet<>(held));
        lines = List.copyOf(lines);
    }

    /** What became of an entry. */
    public enum Kind {
        /** Its name and value are known. */
        KNOWN,
        /** Another version has the name; the setting is taken over, and pasting needs the other name. */
        OTHER_VERSION,
        /** The name is known, and the setting cannot have that value. */
        IMPOSSIBLE,
        /** No version of the family has the name. */
        UNKNOWN
    }

    /**
     * An entry with what was made of it.
     *
     * @param said the value as a person says it, or why it is none
     */
    public record Line(int line, String name, String value, Kind kind, Optional<Setting<?>> setting, String said) {}

    /** How many entries are of a kind. */
    public long count(Kind kind) {
        return lines.stream().filter(line -> line.kind() == kind).count();
    }
}

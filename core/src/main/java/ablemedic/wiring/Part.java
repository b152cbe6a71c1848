package ablemedic.wiring;

import java.util.List;

/**
 * A part of one craft.
 *
 * @param id short name, unique on the craft, such as {@code RX}; it stands before its pads, as in {@code RX.+}
 * @param archetype what sort it is
 * @param label what people call it
 * @param arms the arm, 0 to 3, that each of its drives turns; empty for a part without
 * @param draw its own draw in amperes where it differs from the archetype's; 0 where it does not
 */
public record Part(String id, Archetype archetype, String label, List<Integer> arms, double draw) {
    public Part {
        arms = List.copyOf(arms);
    }

    /** The address of one of its pads, such as {@code RX.+}. */
    public String address(String pad) {
        return id + "." + pad;
    }
}

package ablemedic.craft;

/**
 * How the board sits in the craft.
 *
 * @param turned how it is turned against the craft
 * @param loose whether its mount lets it move against the frame
 */
public record BoardMount(Rotation turned, boolean loose) {
    public static BoardMount firm(Rotation turned) {
        return new BoardMount(turned, false);
    }
}

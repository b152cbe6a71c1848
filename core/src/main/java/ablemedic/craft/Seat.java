package ablemedic.craft;

/**
 * How the board sits in the craft.
 *
 * @param turned how it is turned against the craft
 * @param loose whether its mount lets it move against the frame
 */
public record Seat(Rotation turned, boolean loose) {
    public static Seat firm(Rotation turned) {
        return new Seat(turned, false);
    }
}

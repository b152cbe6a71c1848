package ablemedic.craft;

/**
 * A place on the craft seen from above.
 *
 * @param forwardMm millimetres forward of the middle
 * @param rightMm millimetres right of the middle
 */
public record Point(double forwardMm, double rightMm) {
    public Point {
        if (!Double.isFinite(forwardMm) || !Double.isFinite(rightMm)) {
            throw CraftRefusals.rejected("place", "place", "");
        }
    }

    public double distanceMm(Point other) {
        return Math.hypot(forwardMm - other.forwardMm, rightMm - other.rightMm);
    }
}

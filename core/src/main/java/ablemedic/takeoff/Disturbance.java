package ablemedic.takeoff;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * How a take-off starts a little different each time: the slope of the ground, a breath of wind.
 *
 * @param roll tilt, rad
 * @param pitch tilt, rad
 * @param rollRate rad/s
 * @param pitchRate rad/s
 * @param yawRate rad/s
 */
record Disturbance(double roll, double pitch, double rollRate, double pitchRate, double yawRate) {
    private static final double TILT_DEG = 1.5;
    private static final double RATE_DEG_S = 4;
    private static final double YAW_RATE_DEG_S = 2;

    /** Evenly around the compass, with sizes and rates drawn from a fixed seed. */
    static final List<Disturbance> USUAL = draw(16, 20_261);

    static List<Disturbance> draw(int count, long seed) {
        Random random = new Random(seed);
        List<Disturbance> drawn = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double bearing = 2 * Math.PI * (i + random.nextDouble()) / count;
            double size = Math.toRadians(TILT_DEG) * (0.4 + 0.8 * random.nextDouble());
            double rate = Math.toRadians(RATE_DEG_S);
            drawn.add(new Disturbance(
                    size * Math.sin(bearing),
                    size * Math.cos(bearing),
                    rate * random.nextGaussian(),
                    rate * random.nextGaussian(),
                    Math.toRadians(YAW_RATE_DEG_S) * random.nextGaussian()));
        }
        return List.copyOf(drawn);
    }

    double[] asVector() {
        return new double[] {roll, pitch, rollRate, pitchRate, yawRate};
    }
}

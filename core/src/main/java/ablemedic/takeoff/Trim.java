package ablemedic.takeoff;

import ablemedic.craft.Airframe;
import ablemedic.craft.Corner;
import ablemedic.craft.Point;
import ablemedic.craft.SpinConvention;
import java.util.Arrays;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;

/**
 * How the weight is shared among the motors in a level hover. Four thrusts lift the weight and leave no torque about
 * roll, pitch and yaw: the moments about the balance point, {@code Σf = 4, Σf·x = 0, Σf·y = 0, Σ±f = 0}, have one
 * solution (statics of a rigid body). The rate loop finds it where every motor can give its share.
 */
public final class Trim {
    /** Throttle above hover that a climb takes, over hover thrust. Common practice. */
    private static final double CLIMB = 1.1;
    /** A motor that works this near its limit in a climb leaves nothing to steer with. Common practice, no source. */
    private static final double ROOM = 0.85;
    /**
     * Share of the weight, over a quarter, from which a motor gets hotter than the others. Common practice, no source.
     */
    private static final double HOTTER = 1.21;

    private final double[] level;
    private final double most;

    private Trim(double[] level, double most) {
        this.level = level;
        this.most = most;
    }

    public static Trim of(Airframe frame) {
        double[][] moments = new double[4][4];
        for (Corner corner : Corner.ALL) {
            Point motor = frame.motor(corner);
            int c = corner.ordinal();
            moments[0][c] = 1;
            moments[1][c] = (motor.rightMm() - frame.balance().rightMm()) / 1000;
            moments[2][c] = (motor.forwardMm() - frame.balance().forwardMm()) / 1000;
            moments[3][c] = SpinConvention.INWARD.at(corner).yawPush();
        }
        double[] level = new LUDecomposition(MatrixUtils.createRealMatrix(moments), 1e-30)
                .getSolver()
                .solve(MatrixUtils.createRealVector(new double[] {4, 0, 0, 0}))
                .toArray();
        return new Trim(level, frame.thrustToWeight() / CLIMB);
    }

    /** Thrust of a motor in a level hover, over a quarter of the weight; negative where no thrust levels it. */
    public double share(Corner corner) {
        return level[corner.ordinal()];
    }

    /** What the hardest working motor gives in a climb, over what it can give: above 1 the craft cannot be levelled. */
    public double used() {
        return Arrays.stream(level).max().orElseThrow() / most;
    }

    /** Whether every motor can give its share in a climb. */
    public boolean canLevel() {
        return used() <= 1 && Arrays.stream(level).min().orElseThrow() >= 0;
    }

    /** Whether it can be levelled, and hardly more than that. */
    public boolean isTight() {
        return canLevel() && used() > ROOM;
    }

    /**
     * Whether motors of one side work so much harder than the rest that it is felt after a hover. Common practice, no
     * source.
     */
    boolean heatsOneSide() {
        return Arrays.stream(level).max().orElseThrow() > HOTTER;
    }

    /**
     * Thrust of each motor as the craft leaves the ground, over a quarter of the weight: its share as far as it can
     * give it.
     */
    double[] atLiftOff() {
        return Arrays.stream(level)
                .map(share -> Math.max(0, Math.min(most, share)))
                .toArray();
    }
}

package ablemedic.takeoff;

import ablemedic.craft.Airframe;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.FlightMode;
import ablemedic.craft.Point;
import ablemedic.craft.Spin;
import ablemedic.craft.Stick;
import ablemedic.craft.Tilt;
import ablemedic.physics.Drives;
import ablemedic.physics.FedArm;
import java.util.List;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;

/**
 * The rate loop of one craft in numbers: what the board believes it commands, and what comes of it. Both routes to the
 * motion start here and share nothing else. SI units throughout.
 */
final class Loop {
    /** Bandwidth of a well-set roll and pitch loop, 1/s. Common practice for small quads, no source. */
    private static final double ROLL_PITCH_GAIN = 20;
    /** Bandwidth of a well-set yaw loop, 1/s. Common practice, no source. */
    private static final double YAW_GAIN = 8;
    /** Integral over proportional action, 1/s. Common practice, no source. */
    static final double INTEGRAL = 4;
    /** Angle to rate in self-level, 1/s. Common practice, no source. */
    static final double LEVEL_GAIN = 5;
    /** The most that self-level asks for, rad/s. Common practice, no source. */
    static final double LEVEL_RATE = Math.toRadians(250);
    /** What a stick at its end asks for in rate mode, rad/s. Common practice, no source. */
    private static final double STICK_RATE = Math.toRadians(300);
    /** What a stick at its end asks for in self-level, rad. Common practice, no source. */
    private static final double STICK_ANGLE = Math.toRadians(45);
    /** Lag of motor and prop of 127 mm, s; it grows with the prop. From memory. */
    private static final double MOTOR_LAG = 0.030;

    private static final double MOTOR_LAG_PROP_MM = 127;
    /** Lag of a motor that starts late, s. From memory. */
    private static final double LATE_LAG = 0.35;
    /** Lag of a gyro filter that suits the craft, s. From memory. */
    private static final double FILTER_LAG = 0.010;

    private static final double ROCKING = 2 * Math.PI * 5.5;
    private static final double ROCKING_DAMPED = 0.05;
    /**
     * Spring (1/s²) and damping (1/s) of a loose mount: a board that rocks at 5.5 Hz, a twentieth of critical damped.
     * From memory.
     */
    static final double ROCKING_SPRING = ROCKING * ROCKING;

    static final double ROCKING_DAMPING = 2 * ROCKING_DAMPED * ROCKING;
    /** Torque over thrust of a prop as a share of its radius. From memory; sign and order of size matter. */
    private static final double TORQUE_ARM = 0.2;

    /** Thrust of each motor at lift-off without any command, N. */
    final double[] hoverThrust = new double[4];

    final double[] inertia;
    /** Wanted angular acceleration over rate error, 1/s, by axis. */
    final double[] gain;
    /** Craft torque (roll, pitch, yaw) per nominal thrust at each corner. */
    final double[][] torque = new double[3][4];
    /** Lift at each corner over nominal thrust. */
    final double[] lift = new double[4];

    final double[] motorLag = new double[4];
    /** Lag of its gyro filter, s: one cut off lower lags longer in proportion. */
    final double filterLag;
    /** Nominal thrust at each corner per wanted torque, through the board's belief and the real wires. */
    final double[][] allocation;
    /** What the board takes for a turn of the craft. */
    final int[][] turn = new int[3][3];

    final boolean selfLevel;
    /** Whether the gyro rocks on its mount instead of following the frame. */
    final boolean rocks;
    /** Level error, rad: roll, pitch. */
    final double[] levelOff;

    final double thrustToWeight;
    final double massKg;
    final double[][] feet = new double[4][2];
    private final Craft craft;

    Loop(Craft craft) {
        this(craft, Drives.of(craft));
    }

    /** @param arms as they run, in the order of the corners */
    Loop(Craft craft, List<FedArm> arms) {
        this.craft = craft;
        Airframe frame = craft.airframe();
        double[] shares = Trim.of(frame).atLiftOff();
        inertia = frame.inertia();
        massKg = frame.massG() / 1000;
        thrustToWeight = frame.thrustToWeight();
        filterLag = FILTER_LAG / craft.setting(FcSettings.FILTER);
        double g = craft.setting(FcSettings.GAIN);
        gain = new double[] {ROLL_PITCH_GAIN * g, ROLL_PITCH_GAIN * g, YAW_GAIN * g};
        double torqueArm = TORQUE_ARM * frame.propDiameterMm() / 2000;
        for (Corner corner : Corner.ALL) {
            int c = corner.ordinal();
            FedArm arm = arms.get(c);
            hoverThrust[c] = frame.hoverThrustN() * shares[c];
            Point p = frame.motor(corner);
            feet[c][0] = (p.forwardMm() - frame.balance().forwardMm()) / 1000;
            feet[c][1] = (p.rightMm() - frame.balance().rightMm()) / 1000;
            lift[c] = arm.thrustFactor();
            torque[0][c] = -feet[c][1] * lift[c];
            torque[1][c] = feet[c][0] * lift[c];
            torque[2][c] = torqueArm * arm.spin().yawPush() * arm.drive();
            motorLag[c] = arm.startsLate() ? LATE_LAG : usualMotorLag();
        }
        allocation = allocation(torqueArm);
        var misalignment = craft.misalignment();
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                turn[i][j] = misalignment.at(i, j);
            }
        }
        rocks = craft.mount().loose();
        selfLevel = craft.setting(FcSettings.MODE) == FlightMode.LEVEL;
        Tilt off = craft.setting(FcSettings.LEVEL_OFF);
        levelOff = new double[] {Math.toRadians(off.rollDeg()), Math.toRadians(off.pitchDeg())};
    }

    double usualMotorLag() {
        return MOTOR_LAG * craft.airframe().propDiameterMm() / MOTOR_LAG_PROP_MM;
    }

    /** Thrust shares that make the wanted torques and no lift, on the craft that the board believes in. */
    private double[][] allocation(double torqueArm) {
        double[][] believed = new double[4][4];
        for (Corner meant : Corner.ALL) {
            int c = meant.ordinal();
            Point p = craft.airframe().motor(meant);
            Spin spin = craft.setting(FcSettings.SPINS).at(meant);
            believed[0][c] = 1;
            believed[1][c] = -p.rightMm() / 1000;
            believed[2][c] = p.forwardMm() / 1000;
            believed[3][c] = torqueArm * spin.yawPush();
        }
        double[][] inverse = new LUDecomposition(MatrixUtils.createRealMatrix(believed), 1e-30)
                .getSolver()
                .getInverse()
                .getData();
        double[][] reached = new double[4][3];
        for (Corner meant : Corner.ALL) {
            System.arraycopy(
                    inverse[meant.ordinal()], 1, reached[craft.reached(meant).ordinal()], 0, 3);
        }
        return reached;
    }

    /** The rate (rad/s, by axis) that a misplaced throttle stick asks for in rate mode at this throttle, 0 to 1. */
    double[] strayRate(double throttle) {
        return stray(throttle, STICK_RATE);
    }

    /** The angle (rad, by axis; yaw as a rate) that a misplaced throttle stick asks for in self-level. */
    double[] strayAngle(double throttle) {
        double[] stray = stray(throttle, STICK_ANGLE);
        stray[2] = stray(throttle, STICK_RATE)[2];
        return stray;
    }

    private double[] stray(double throttle, double full) {
        double push = (2 * throttle - 1) * full;
        return switch (craft.functionOf(Stick.THROTTLE)) {
            case ROLL -> new double[] {push, 0, 0};
            case PITCH -> new double[] {0, -push, 0};
            case YAW -> new double[] {0, 0, push};
            case THROTTLE -> new double[3];
        };
    }

    /** Where the throttle stick stands at lift-off, 0 to 1. */
    double throttleAtLiftOff() {
        return 1 / thrustToWeight;
    }

    /** Whether what lifts at hover throttle comes near the weight at all. */
    boolean lifts() {
        double sum = 0;
        for (double l : lift) {
            sum += l;
        }
        return sum * thrustToWeight > 4 * 1.05;
    }
}

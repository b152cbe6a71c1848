package ablemedic.craft;

import ablemedic.catalogue.EntryCheck;
import ablemedic.catalogue.Param;
import java.util.List;

/**
 * What the craft weighs and where its motors sit.
 *
 * @param shape how the arms lie
 * @param motors places of the motors in the order of {@link Corner}
 * @param massG all-up mass, grams, greater than 0
 * @param motorMassG mass of one motor with its prop, grams; four of them weigh less than the craft
 * @param propDiameterMm prop diameter, millimetres
 * @param balance where it balances; {@code (0, 0)} is the middle of the motors
 * @param thrustToWeight full thrust of all motors over weight, more than 1
 */
public record Airframe(
        FrameShape shape,
        List<Point> motors,
        double massG,
        double motorMassG,
        double propDiameterMm,
        Point balance,
        double thrustToWeight) {

    /** Standard gravity, m/s². */
    public static final double GRAVITY = 9.80665;

    private static final long LEAST_MOTOR_DISTANCE_MM = 10;
    /** Far beyond what stands on a bench, so that no arithmetic runs out of range. */
    private static final double HEAVIEST_G = 100_000;

    private static final double LONGEST_MM = 3000;

    public Airframe {
        motors = List.copyOf(motors);
        EntryCheck check = new EntryCheck(CraftRefusals.of("airframe"));
        check.need(motors.size() == 4, "motors", "four", "given", motors.size());
        check.end();
        for (int i = 0; i < 4; i++) {
            for (int j = i + 1; j < 4; j++) {
                Corner one = Corner.ALL.get(i);
                Corner other = Corner.ALL.get(j);
                check.need(
                        motors.get(i).distanceMm(motors.get(j)) >= LEAST_MOTOR_DISTANCE_MM,
                        "motors",
                        "one-spot",
                        words -> words.with("one", Param.written(shape.name(one)))
                                .with("other", Param.written(shape.name(other)))
                                .with("least", Param.whole(LEAST_MOTOR_DISTANCE_MM, "mm")));
            }
        }
        for (Corner corner : Corner.ALL) {
            Point p = motors.get(corner.ordinal());
            double off = Math.abs(Math.IEEEremainder(
                    Math.toDegrees(Math.atan2(p.rightMm(), p.forwardMm())) - shape.bearingDeg(corner), 360));
            check.need(
                    off < 44.9, "motors", "elsewhere", words -> words.with("corner", Param.written(shape.name(corner)))
                            .with("shape", Param.written(shape.label())));
        }
        check.need(massG > 0 && massG <= HEAVIEST_G, "massG", "mass");
        check.need(motorMassG > 0 && 4 * motorMassG < massG, "motorMassG", "motor-mass");
        check.need(propDiameterMm > 0 && propDiameterMm <= LONGEST_MM, "propDiameterMm", "prop");
        check.need(thrustToWeight > 1 && thrustToWeight <= 50, "thrustToWeight", "thrust");
        check.need(reachMm(motors) <= LONGEST_MM, "motors", "reach");
        check.need(balance.distanceMm(new Point(0, 0)) < reachMm(motors), "balance", "balance");
        check.end();
    }

    public Point motor(Corner corner) {
        return motors.get(corner.ordinal());
    }

    /** Hover thrust of each motor, newtons: a quarter of the weight. */
    public double hoverThrustN() {
        return massG / 1000 * GRAVITY / 4;
    }

    /**
     * Moments of inertia about roll, pitch and yaw, kg·m²: four motors as points, the rest as a flat square block with
     * half the mean arm length as its edge.
     */
    public double[] inertia() {
        double restKg = (massG - 4 * motorMassG) / 1000;
        double edge = reachMm(motors) / 2000;
        double block = restKg * edge * edge / 12;
        double roll = block;
        double pitch = block;
        for (Point p : motors) {
            roll += motorMassG / 1000 * square((p.rightMm() - balance.rightMm()) / 1000);
            pitch += motorMassG / 1000 * square((p.forwardMm() - balance.forwardMm()) / 1000);
        }
        return new double[] {roll, pitch, roll + pitch};
    }

    public Airframe withBalance(Point moved) {
        return new Airframe(shape, motors, massG, motorMassG, propDiameterMm, moved, thrustToWeight);
    }

    /** The same frame loaded to another mass; its motors push as before. */
    public Airframe withMassG(double loaded) {
        return new Airframe(
                shape,
                motors,
                loaded,
                motorMassG,
                propDiameterMm,
                balance,
                Math.max(1.001, thrustToWeight * massG / loaded));
    }

    /** Where it balances when every motor carries a quarter of the weight: the mean of their places. */
    public Point centreOfThrust() {
        return centreOfThrust(motors);
    }

    /** The same of motors at these places. */
    public static Point centreOfThrust(List<Point> motors) {
        return new Point(
                motors.stream().mapToDouble(Point::forwardMm).average().orElse(0),
                motors.stream().mapToDouble(Point::rightMm).average().orElse(0));
    }

    /** The throttle on which it hovers, 0 to 1: thrust goes with the square of the throttle. */
    public double hoverThrottle() {
        return Math.sqrt(1 / thrustToWeight);
    }

    /** Mean distance of the motors from the middle, millimetres. */
    public double reachMm() {
        return reachMm(motors);
    }

    private static double reachMm(List<Point> motors) {
        return motors.stream()
                .mapToDouble(p -> p.distanceMm(new Point(0, 0)))
                .average()
                .orElse(0);
    }

    private static double square(double x) {
        return x * x;
    }
}

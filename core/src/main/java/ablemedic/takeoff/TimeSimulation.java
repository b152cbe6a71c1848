package ablemedic.takeoff;

import ablemedic.craft.Airframe;
import ablemedic.craft.Craft;
import ablemedic.takeoff.Track.Attitude;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.ClassicalRungeKuttaIntegrator;

/**
 * What a craft does at take-off, followed in time: a rigid body on four springy feet, motors that lag and saturate, the
 * board's filter and rate loop, self-level or not, the throttle going up until it lifts. The other route to the same
 * motion as {@link LinearMotion}, with nothing made small.
 */
public final class TimeSimulation {
    private static final double STEP_S = 0.002;
    private static final double LONGEST_GROUND_S = 3;
    private static final double LIFTED_M = 0.02;
    /** How fast the pilot raises the throttle, in hover thrusts a second. */
    private static final double RAMP = 1.4;
    /** The throttle is held this far above hover once it flies. */
    private static final double CLIMB = 1.1;
    /** How long the pilot waits for a foot that stays down. From memory. */
    private static final double WAITS_S = 0.4;

    private static final double STOP_TILT_DEG = 75;
    /** Idle while armed, as a share of full thrust: about 5.5 % of throttle, squared. Common practice. */
    private static final double IDLE = 0.003;

    private static final double FOOT_SINK_M = 0.003;
    private static final double MOTION_OUTPUT_S = 0.01;

    private static final int HEIGHT = 0;
    private static final int CLIMB_RATE = 1;
    private static final int QUATERNION = 2;
    private static final int RATE = 6;
    private static final int FILTERED = 9;
    private static final int INTEGRAL = 12;
    private static final int THRUST = 15;
    private static final int ROCK = 19;
    private static final int STATES = 22;

    private final Loop loop;

    public TimeSimulation(Craft craft) {
        this.loop = new Loop(craft);
    }

    /**
     * What came of it.
     *
     * @param lifted whether the craft left the ground
     * @param track its attitude from lift-off on, or from the start where it never lifted
     */
    public record Flight(boolean lifted, Track track) {
        Sight sight() {
            return lifted ? Sight.of(track) : Sight.STAYED_DOWN;
        }
    }

    /** Follows one take-off with a usual disturbance until the craft is over, or for the time given after lift-off. */
    public Flight flyDisturbed(double secondsAfterLiftOff) {
        return fly(Disturbance.USUAL.get(0), secondsAfterLiftOff);
    }

    Flight fly(Disturbance start, double secondsAfterLiftOff) {
        Run run = new Run(start);
        double[] y = new double[STATES];
        tilt(y, start);
        var integrator = new ClassicalRungeKuttaIntegrator(STEP_S);
        List<Attitude> track = new ArrayList<>();
        double time = 0;
        double heading = heading(y);
        double yaw = 0;
        while (true) {
            y = integrator
                    .integrate(run, new ODEState(time, y), time + MOTION_OUTPUT_S)
                    .getPrimaryState();
            time += MOTION_OUTPUT_S;
            normalise(y);
            boolean lifting = run.liftedAt < 0 && y[HEIGHT] > LIFTED_M;
            if (run.liftedAt >= 0 && time - run.liftedAt > WAITS_S && run.lowestFoot(y) < LIFTED_M) {
                run.heldThrottle += RAMP * MOTION_OUTPUT_S;
            }
            if (lifting) {
                run.heldThrottle = run.throttle(time);
                run.liftedAt = time;
                track.clear();
                yaw = 0;
                y[RATE] += start.rollRate();
                y[RATE + 1] += start.pitchRate();
                y[RATE + 2] += start.yawRate();
            }
            double now = heading(y);
            yaw += Math.IEEEremainder(now - heading, 2 * Math.PI);
            heading = now;
            double[] g = gravity(y);
            double tilt = Math.acos(Math.max(-1, Math.min(1, g[2])));
            double sideways = Math.hypot(g[0], g[1]);
            double scale = sideways < 1e-12 ? 0 : Math.toDegrees(tilt) / sideways;
            double since = run.liftedAt < 0 ? time : time - run.liftedAt;
            track.add(new Attitude(since, scale * g[1], -scale * g[0], Math.toDegrees(yaw)));
            if (Math.toDegrees(tilt) > STOP_TILT_DEG
                    || run.liftedAt < 0 && time >= LONGEST_GROUND_S
                    || run.liftedAt >= 0 && since >= secondsAfterLiftOff) {
                boolean tippedOnGround = run.liftedAt < 0 && Math.toDegrees(tilt) > STOP_TILT_DEG;
                return new Flight(run.liftedAt >= 0 || tippedOnGround, new Track(track));
            }
        }
    }

    private static void tilt(double[] y, Disturbance start) {
        y[QUATERNION] = 1;
        y[QUATERNION + 1] = start.roll() / 2;
        y[QUATERNION + 2] = start.pitch() / 2;
        normalise(y);
    }

    private static void normalise(double[] y) {
        double norm = 0;
        for (int i = 0; i < 4; i++) {
            norm += y[QUATERNION + i] * y[QUATERNION + i];
        }
        norm = Math.sqrt(norm);
        for (int i = 0; i < 4; i++) {
            y[QUATERNION + i] /= norm;
        }
    }

    /** The direction of gravity in craft axes. */
    private static double[] gravity(double[] y) {
        double w = y[QUATERNION];
        double a = y[QUATERNION + 1];
        double b = y[QUATERNION + 2];
        double c = y[QUATERNION + 3];
        return new double[] {2 * (a * c - w * b), 2 * (b * c + w * a), w * w - a * a - b * b + c * c};
    }

    /** How far the craft has twisted about its own down axis, rad clockwise from where it started. */
    private static double heading(double[] y) {
        return 2 * Math.atan2(y[QUATERNION + 3], y[QUATERNION]);
    }

    /** The equations of one take-off; it remembers when the craft left the ground. */
    private final class Run implements OrdinaryDifferentialEquation {
        private final Disturbance start;
        private double liftedAt = -1;
        private double heldThrottle;
        private final double footSpring = loop.massKg * Airframe.GRAVITY / (4 * FOOT_SINK_M);
        private final double footDamping = 2 * 0.5 * Math.sqrt(footSpring * loop.massKg / 4);

        Run(Disturbance start) {
            this.start = start;
        }

        @Override
        public int getDimension() {
            return STATES;
        }

        /** Throttle thrust of each motor in hover thrusts. */
        double throttle(double time) {
            if (liftedAt >= 0) {
                return Math.max(CLIMB, heldThrottle);
            }
            return Math.min(RAMP * time, loop.thrustToWeight);
        }

        @Override
        public double[] computeDerivatives(double time, double[] y) {
            double[] d = new double[STATES];
            double[] g = gravity(y);
            double[] error = rateError(time, y, g);
            double[] thrust = wantedThrust(time, y, error);
            double[] torque = new double[3];
            double lift = 0;
            for (int c = 0; c < 4; c++) {
                double t = y[THRUST + c];
                d[THRUST + c] = (thrust[c] - t) / loop.motorLag[c];
                lift += loop.lift[c] * t;
                for (int i = 0; i < 3; i++) {
                    torque[i] += loop.torque[i][c] * t;
                }
            }
            double up = lift * g[2] + feet(y, g, torque);
            d[HEIGHT] = y[CLIMB_RATE];
            d[CLIMB_RATE] = up / loop.massKg - Airframe.GRAVITY;
            spin(y, torque, d);
            for (int i = 0; i < 3; i++) {
                if (loop.rocks) {
                    d[FILTERED + i] = y[ROCK + i];
                    d[ROCK + i] =
                            Loop.ROCKING_SPRING * (y[RATE + i] - y[FILTERED + i]) - Loop.ROCKING_DAMPING * y[ROCK + i];
                } else {
                    d[FILTERED + i] = (y[RATE + i] - y[FILTERED + i]) / loop.filterLag;
                }
                // Boards hold the integral back until the craft is flying.
                d[INTEGRAL + i] = liftedAt < 0 ? 0 : error[i];
            }
            return d;
        }

        private void spin(double[] y, double[] torque, double[] d) {
            double p = y[RATE];
            double q = y[RATE + 1];
            double r = y[RATE + 2];
            double[] j = loop.inertia;
            d[RATE] = (torque[0] - (j[2] - j[1]) * q * r) / j[0];
            d[RATE + 1] = (torque[1] - (j[0] - j[2]) * p * r) / j[1];
            d[RATE + 2] = (torque[2] - (j[1] - j[0]) * p * q) / j[2];
            double w = y[QUATERNION];
            double a = y[QUATERNION + 1];
            double b = y[QUATERNION + 2];
            double c = y[QUATERNION + 3];
            d[QUATERNION] = 0.5 * (-a * p - b * q - c * r);
            d[QUATERNION + 1] = 0.5 * (w * p + b * r - c * q);
            d[QUATERNION + 2] = 0.5 * (w * q + c * p - a * r);
            d[QUATERNION + 3] = 0.5 * (w * r + a * q - b * p);
        }

        private double[] rateError(double time, double[] y, double[] g) {
            double[] set = new double[3];
            double stick = throttle(time) / loop.thrustToWeight;
            if (loop.selfLevel) {
                double[] seen = new double[3];
                for (int i = 0; i < 3; i++) {
                    for (int k = 0; k < 3; k++) {
                        seen[i] += loop.turn[i][k] * g[k];
                    }
                }
                double roll = Math.atan2(seen[1], seen[2]);
                double pitch = Math.atan2(-seen[0], Math.hypot(seen[1], seen[2]));
                double[] stray = loop.strayAngle(stick);
                set[0] = limited(Loop.LEVEL_GAIN * (stray[0] + loop.levelOff[0] - roll));
                set[1] = limited(Loop.LEVEL_GAIN * (stray[1] + loop.levelOff[1] - pitch));
                set[2] = stray[2];
            } else {
                set = loop.strayRate(stick);
            }
            double[] error = new double[3];
            for (int i = 0; i < 3; i++) {
                error[i] = set[i];
                for (int k = 0; k < 3; k++) {
                    error[i] -= loop.turn[i][k] * y[FILTERED + k];
                }
            }
            return error;
        }

        private double limited(double rate) {
            return Math.max(-Loop.LEVEL_RATE, Math.min(Loop.LEVEL_RATE, rate));
        }

        private double[] wantedThrust(double time, double[] y, double[] error) {
            double throttle = throttle(time);
            double most = loop.thrustToWeight * loop.massKg * Airframe.GRAVITY / 4;
            double[] thrust = new double[4];
            for (int c = 0; c < 4; c++) {
                thrust[c] = throttle * loop.hoverThrust[c];
                for (int k = 0; k < 3; k++) {
                    thrust[c] += loop.allocation[c][k]
                            * loop.inertia[k]
                            * loop.gain[k]
                            * (error[k] + Loop.INTEGRAL * y[INTEGRAL + k]);
                }
                thrust[c] = Math.max(IDLE * most, Math.min(most, thrust[c]));
            }
            return thrust;
        }

        /**
         * How high the lowest foot stands over the ground, metres. A craft of which one side lifted and another stays
         * down is not flying: after a moment the pilot goes on raising the throttle.
         */
        double lowestFoot(double[] y) {
            double[] g = gravity(y);
            double lowest = Double.MAX_VALUE;
            for (double[] foot : loop.feet) {
                double ground = start.roll() * foot[1] - start.pitch() * foot[0];
                lowest = Math.min(lowest, y[HEIGHT] - foot[0] * g[0] - foot[1] * g[1] + ground);
            }
            return lowest;
        }

        /** Adds the torques of the feet that touch and gives their push up. */
        private double feet(double[] y, double[] g, double[] torque) {
            double up = 0;
            for (int c = 0; c < 4; c++) {
                double x = loop.feet[c][0];
                double right = loop.feet[c][1];
                double ground = start.roll() * right - start.pitch() * x;
                double sunk = -y[HEIGHT] + x * g[0] + right * g[1] - ground;
                double sinking = -y[CLIMB_RATE] + right * y[RATE] - x * y[RATE + 1];
                if (sunk > 0) {
                    double force = Math.max(0, footSpring * sunk + footDamping * sinking);
                    up += force;
                    torque[0] -= right * force;
                    torque[1] += x * force;
                    // Friction keeps the nose from turning while the weight is on the feet.
                    torque[2] -= 0.02 * force * y[RATE + 2] / (Math.abs(y[RATE + 2]) + 0.1);
                }
            }
            return up;
        }
    }
}

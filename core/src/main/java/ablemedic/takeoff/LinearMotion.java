package ablemedic.takeoff;

import ablemedic.catalogue.Names;
import ablemedic.craft.Craft;
import ablemedic.takeoff.Track.Attitude;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.complex.Complex;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;

/**
 * What a craft does in the first moments after lift-off, from its loop made linear: dω/dt = I⁻¹ · B_real · P_outputs ·
 * Mix_believed · (−K) · R_board · ω + bias. Eigenvalues with a positive real part are motions that run away, and their
 * eigenvectors say how the craft goes; the response in time is the exact one of the same loop with the lags of filter
 * and motors.
 */
public final class LinearMotion {
    /** How long a take-off is followed, seconds. */
    static final double HORIZON_S = 1.5;

    private static final double STEP_S = 0.01;
    private static final double SMALL = 1e-6;
    /** What grows slower is held by the pilot, 1/s, and what swings slower is no shaking, rad/s. From memory. */
    private static final double SLOWEST_GROWTH = 0.2;

    private static final double SLOWEST_SWING = 2 * Math.PI * 2;
    private static final int ANGLE = 0;
    private static final int RATE = 3;
    private static final int FILTERED = 6;
    private static final int INTEGRAL = 9;
    private static final int THRUST = 12;
    private static final int ROCK = 16;

    private final Loop loop;
    private final int states;

    public LinearMotion(Craft craft) {
        this(new Loop(craft));
    }

    LinearMotion(Loop loop) {
        this.loop = loop;
        this.states = loop.rocks ? ROCK + 3 : ROCK;
    }

    /** The axes of the craft. */
    public enum Axis {
        ROLL,
        PITCH,
        YAW;

        public String label() {
            return Names.of(this);
        }
    }

    /** What the loop does about an axis. */
    public enum Hold {
        DAMPED,
        UNHELD,
        CIRCLES,
        RUNS_AWAY
    }

    /**
     * One motion of the loop.
     *
     * @param growth real part of the eigenvalue, 1/s
     * @param frequency imaginary part, rad/s, not negative
     * @param direction roll, pitch and yaw rates that go together, the largest being 1; for a circling motion their
     *     sizes
     */
    public record Mode(double growth, double frequency, double[] direction) {
        /** The axis that moves most. */
        public Axis axis() {
            int best = 0;
            for (int i = 1; i < 3; i++) {
                if (Math.abs(direction[i]) > Math.abs(direction[best]) + SMALL) {
                    best = i;
                }
            }
            return Axis.values()[best];
        }
    }

    /** The loop without its lags: rates to angular accelerations, 1/s. */
    public double[][] closedLoop() {
        double[][] a = new double[3][3];
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                double sum = 0;
                for (int k = 0; k < 3; k++) {
                    sum -= command(i, k) * loop.gain[k] * loop.turn[k][j];
                }
                a[i][j] = sum;
            }
        }
        return a;
    }

    /** Angular acceleration about axis i for a wanted one about axis k. */
    private double command(int i, int k) {
        double sum = 0;
        for (int c = 0; c < 4; c++) {
            sum += loop.torque[i][c] * loop.allocation[c][k];
        }
        return sum * loop.inertia[k] / loop.inertia[i];
    }

    /** The three motions of the loop without its lags, by falling growth. */
    public List<Mode> modes() {
        var decomposition = Eigen.of(MatrixUtils.createRealMatrix(closedLoop()));
        Complex[] values = decomposition.getEigenvalues();
        List<Mode> modes = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            var vector = decomposition.getEigenvector(i);
            boolean circles = Math.abs(values[i].getImaginary()) > SMALL;
            double[] direction = new double[3];
            double largest = 0;
            for (int j = 0; j < 3; j++) {
                direction[j] =
                        circles ? vector.getEntry(j).norm() : vector.getEntry(j).getReal();
                if (Math.abs(direction[j]) > Math.abs(largest) + SMALL) {
                    largest = direction[j];
                }
            }
            for (int j = 0; j < 3; j++) {
                direction[j] /= largest;
            }
            modes.add(new Mode(values[i].getReal(), Math.abs(values[i].getImaginary()), direction));
        }
        modes.sort((m, n) -> Double.compare(n.growth(), m.growth()));
        return modes;
    }

    /** What becomes of each axis; an axis takes the worst of the motions in which it leads or has an equal part. */
    public Map<Axis, Hold> axes() {
        Map<Axis, Hold> axes = new EnumMap<>(Axis.class);
        for (Axis axis : Axis.values()) {
            axes.put(axis, Hold.DAMPED);
        }
        for (Mode mode : modes()) {
            Hold hold = hold(mode);
            for (Axis axis : Axis.values()) {
                double part = Math.abs(mode.direction()[axis.ordinal()]);
                double wire = Math.abs(mode.direction()[mode.axis().ordinal()]);
                if (part > 0.9 * wire && hold.compareTo(axes.get(axis)) > 0) {
                    axes.put(axis, hold);
                }
            }
        }
        return axes;
    }

    private static Hold hold(Mode mode) {
        if (mode.growth() > 1e-3) {
            return Hold.RUNS_AWAY;
        }
        if (mode.growth() < -1e-3) {
            return Hold.DAMPED;
        }
        return mode.frequency() > 1e-3 ? Hold.CIRCLES : Hold.UNHELD;
    }

    /**
     * Angular acceleration with all motors at hover thrust and no command, rad/s²: what pushes the same way each time.
     */
    public double[] push() {
        double[] push = new double[3];
        for (int i = 0; i < 3; i++) {
            for (int c = 0; c < 4; c++) {
                push[i] += loop.torque[i][c] * loop.hoverThrust[c] / loop.inertia[i];
            }
        }
        return push;
    }

    /** What would be seen of take-offs from the given starts. */
    List<Sight> sights(List<Disturbance> starts) {
        if (!loop.lifts()) {
            return starts.stream().map(start -> Sight.STAYED_DOWN).toList();
        }
        List<Sight> seen = tracks(starts).stream().map(Sight::of).toList();
        return loop.rocks && swingsUp() ? seen.stream().map(Sight::vibrating).toList() : seen;
    }

    /**
     * Whether a swing grows, however slowly: who looks on for longer than the first moments sees it shake in the end.
     */
    private boolean swingsUp() {
        RealMatrix flow = MatrixUtils.createRealMatrix(states + 1, states + 1);
        fill(flow, 0);
        for (Complex motion : Eigen.of(flow).getEigenvalues()) {
            if (motion.getReal() > SLOWEST_GROWTH && Math.abs(motion.getImaginary()) > SLOWEST_SWING) {
                return true;
            }
        }
        return false;
    }

    /** The tracks for the given starts. */
    List<Track> tracks(List<Disturbance> starts) {
        if (!loop.selfLevel || loop.turn[2][2] > 0) {
            return respond(starts, 0);
        }
        List<Track> tracks = new ArrayList<>();
        for (Disturbance start : starts) {
            tracks.addAll(respond(List.of(start), -Math.signum(sidewaysGravity(start))));
        }
        return tracks;
    }

    /** Which way a board that is upside down unawares takes itself to be rolled over. */
    private double sidewaysGravity(Disturbance start) {
        return -loop.turn[1][0] * start.pitch() + loop.turn[1][1] * start.roll();
    }

    private List<Track> respond(List<Disturbance> starts, double overturn) {
        RealMatrix flow = MatrixUtils.createRealMatrix(states + 1, states + 1);
        fill(flow, overturn);
        double[][] step =
                MatrixUtils.matrixExponential(flow.scalarMultiply(STEP_S)).getData();
        // The response is linear in the start: follow five unit starts and the push once, then mix them for every
        // start.
        int[] excited = {ANGLE, ANGLE + 1, RATE, RATE + 1, RATE + 2};
        double[][] vectors = new double[excited.length + 1][states + 1];
        for (int v = 0; v < excited.length; v++) {
            vectors[v][excited[v]] = 1;
        }
        double[] pushed = vectors[excited.length];
        pushed[states] = 1;
        for (int c = 0; c < 4; c++) {
            pushed[THRUST + c] = -loop.hoverThrust[c] * Math.min(1, loop.motorLag[c] - loop.usualMotorLag());
        }
        int steps = (int) Math.round(HORIZON_S / STEP_S);
        List<List<Attitude>> samples = new ArrayList<>();
        starts.forEach(s -> samples.add(new ArrayList<>()));
        double[][] mixes = starts.stream().map(Disturbance::asVector).toArray(double[][]::new);
        double[] seenUntil = new double[mixes.length];
        Arrays.fill(seenUntil, HORIZON_S);
        for (int n = 0; n <= steps && n * STEP_S <= latest(seenUntil); n++) {
            for (int s = 0; s < mixes.length; s++) {
                if (n * STEP_S > seenUntil[s]) {
                    continue;
                }
                Attitude attitude = attitude(n * STEP_S, vectors, mixes[s]);
                samples.get(s).add(attitude);
                if (seenUntil[s] == HORIZON_S && attitude.tiltedBeyond(Sight.OVER_DEG)) {
                    seenUntil[s] = n * STEP_S + Sight.AFTER_S + STEP_S;
                }
            }
            for (double[] vector : vectors) {
                advance(step, vector);
            }
        }
        return samples.stream().map(Track::new).toList();
    }

    private static double latest(double[] times) {
        double latest = 0;
        for (double time : times) {
            latest = Math.max(latest, time);
        }
        return latest;
    }

    /** The attitude of one start, from those of the unit starts and of the push, which comes last. */
    private static Attitude attitude(double time, double[][] vectors, double[] mix) {
        double[] angle = new double[3];
        for (int i = 0; i < 3; i++) {
            angle[i] = vectors[mix.length][ANGLE + i];
            for (int v = 0; v < mix.length; v++) {
                angle[i] += mix[v] * vectors[v][ANGLE + i];
            }
            angle[i] = Math.toDegrees(angle[i]);
        }
        return new Attitude(time, angle[0], angle[1], angle[2]);
    }

    private static void advance(double[][] step, double[] vector) {
        double[] next = new double[vector.length];
        for (int i = 0; i < next.length; i++) {
            double sum = 0;
            for (int j = 0; j < next.length; j++) {
                sum += step[i][j] * vector[j];
            }
            next[i] = sum;
        }
        System.arraycopy(next, 0, vector, 0, next.length);
    }

    /** The flow of the loop with its lags; the last column is the constant push. */
    private void fill(RealMatrix flow, double overturn) {
        double[][] wanted = wantedAcceleration(overturn);
        for (int i = 0; i < 3; i++) {
            flow.setEntry(ANGLE + i, RATE + i, 1);
            if (loop.rocks) {
                flow.setEntry(FILTERED + i, ROCK + i, 1);
                flow.setEntry(ROCK + i, RATE + i, Loop.ROCKING_SPRING);
                flow.setEntry(ROCK + i, FILTERED + i, -Loop.ROCKING_SPRING);
                flow.setEntry(ROCK + i, ROCK + i, -Loop.ROCKING_DAMPING);
            } else {
                flow.setEntry(FILTERED + i, RATE + i, 1 / loop.filterLag);
                flow.setEntry(FILTERED + i, FILTERED + i, -1 / loop.filterLag);
            }
            for (int c = 0; c < 4; c++) {
                flow.setEntry(RATE + i, THRUST + c, loop.torque[i][c] / loop.inertia[i]);
            }
            flow.setEntry(RATE + i, states, push()[i]);
            for (int j = 0; j <= states; j++) {
                flow.setEntry(INTEGRAL + i, j, wanted[i][j]);
            }
        }
        for (int c = 0; c < 4; c++) {
            double lag = loop.motorLag[c];
            for (int j = 0; j <= states; j++) {
                double thrust = 0;
                for (int k = 0; k < 3; k++) {
                    double integral = j == INTEGRAL + k ? Loop.INTEGRAL : 0;
                    thrust += loop.allocation[c][k] * loop.inertia[k] * loop.gain[k] * (wanted[k][j] + integral);
                }
                flow.setEntry(THRUST + c, j, (thrust - (j == THRUST + c ? 1 : 0)) / lag);
            }
        }
    }

    /** Rate error by axis as a linear function of the state; the last entry is its constant part. */
    private double[][] wantedAcceleration(double overturn) {
        double[][] error = new double[3][states + 1];
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                error[i][FILTERED + j] = -loop.turn[i][j];
            }
        }
        double throttle = loop.throttleAtLiftOff();
        double[] stray = loop.selfLevel ? loop.strayAngle(throttle) : loop.strayRate(throttle);
        error[2][states] = stray[2];
        if (!loop.selfLevel) {
            error[0][states] = stray[0];
            error[1][states] = stray[1];
            return error;
        }
        boolean overturned = loop.turn[2][2] < 0;
        for (int i = 0; i < 2; i++) {
            if (overturned && i == 0) {
                error[0][states] = overturn * Loop.LEVEL_RATE;
                continue;
            }
            // An overturned board still reads pitch from gravity along its own nose.
            for (int j = 0; j < 2; j++) {
                double reads = overturned ? (j == 1 ? loop.turn[0][0] : -loop.turn[0][1]) : loop.turn[i][j];
                error[i][ANGLE + j] = -Loop.LEVEL_GAIN * reads;
            }
            error[i][states] = Loop.LEVEL_GAIN * (loop.levelOff[i] + stray[i]);
        }
        return error;
    }
}

package ablemedic.takeoff;

import ablemedic.takeoff.Track.Attitude;
import java.util.List;
import java.util.Optional;

/**
 * What somebody standing by would see of a take-off.
 *
 * @param manner what it did as a whole
 * @param edge which edge or corner dropped first, if any did
 * @param spin whether it turned its nose as well
 * @param atOnce whether it went the moment it lifted
 */
public record Sight(Manner manner, Optional<Edge> edge, Turn spin, boolean atOnce) {

    /** What a take-off looks like as a whole. */
    public enum Manner {
        FLIPS,
        SPINS,
        SHAKES,
        SLIDES,
        STAYS_DOWN,
        FLIES;

        public String label() {
            return TakeOffWords.name("manner", this);
        }
    }

    /** The eight edges and corners, clockwise from the front. */
    public enum Edge {
        FRONT,
        FRONT_RIGHT,
        RIGHT,
        REAR_RIGHT,
        REAR,
        REAR_LEFT,
        LEFT,
        FRONT_LEFT;

        public String label() {
            return TakeOffWords.name("edge", this);
        }

        /** How many eighths of a turn lie between two edges, 0 to 4. */
        public int apart(Edge other) {
            int d = Math.floorMod(ordinal() - other.ordinal(), 8);
            return Math.min(d, 8 - d);
        }

        /** The edge that goes down with this tilt; right side down and nose up count positive. */
        static Edge dropping(double roll, double pitch) {
            double bearing = Math.atan2(roll, -pitch);
            return values()[Math.floorMod(Math.round(bearing / (Math.PI / 4)), 8)];
        }
    }

    /** Which way the nose went. */
    public enum Turn {
        LEFT,
        RIGHT,
        NONE;

        public String label() {
            return TakeOffWords.name("turn", this);
        }
    }

    /** Tilt at which an onlooker knows which side went down, degrees. */
    static final double DROP_DEG = 10;
    /** Tilt from which it is going over, degrees. */
    static final double OVER_DEG = 25;
    /** Turn of the nose that gets noticed in the turmoil, degrees. */
    static final double SPIN_DEG = 20;
    /** Turn of the nose that is the complaint itself, degrees. */
    static final double SPINNING_DEG = 45;
    /** Tilt that makes it slide, degrees. */
    static final double SLIDE_DEG = 6;
    /** Time within which it goes "at once", seconds. */
    static final double AT_ONCE_S = 0.45;
    /** How long an onlooker goes on seeing the nose turn after it goes over, seconds. */
    static final double AFTER_S = 0.15;

    private static final int SHAKING_REVERSALS = 5;
    /** A swing this large counts, degrees; a slowly turning craft carries its tilt round by less. */
    private static final double SWING_DEG = 3;

    /** A craft that never left the ground. */
    static final Sight STAYED_DOWN = new Sight(Manner.STAYS_DOWN, Optional.empty(), Turn.NONE, false);

    /** The same take-off of a craft that a prop out of balance shakes: who sees it fly or lean sees it shake. */
    Sight vibrating() {
        return manner == Manner.FLIES || manner == Manner.SLIDES
                ? new Sight(Manner.SHAKES, Optional.empty(), spin, true)
                : this;
    }

    /** What the track looks like from beside. */
    static Sight of(Track track) {
        List<Attitude> samples = track.samples();
        Optional<Attitude> dropped = firstBeyond(samples, DROP_DEG);
        Optional<Attitude> over = firstBeyond(samples, OVER_DEG);
        double until = over.map(Attitude::timeS).orElse(Double.MAX_VALUE) + AFTER_S;
        double yaw = 0;
        for (Attitude a : samples) {
            if (a.timeS() <= until && Math.abs(a.yawDeg()) > Math.abs(yaw)) {
                yaw = a.yawDeg();
            }
        }
        Turn turn = Math.abs(yaw) < SPIN_DEG ? Turn.NONE : yaw > 0 ? Turn.RIGHT : Turn.LEFT;
        if (reversals(samples, until) >= SHAKING_REVERSALS) {
            return new Sight(Manner.SHAKES, Optional.empty(), turn, true);
        }
        if (over.isPresent()) {
            Attitude at = dropped.orElseThrow();
            return new Sight(
                    Manner.FLIPS,
                    Optional.of(Edge.dropping(at.rollDeg(), at.pitchDeg())),
                    turn,
                    over.get().timeS() < AT_ONCE_S);
        }
        if (Math.abs(yaw) >= SPINNING_DEG) {
            return new Sight(Manner.SPINS, Optional.empty(), turn, false);
        }
        Optional<Attitude> leaning = firstBeyond(samples, SLIDE_DEG);
        if (leaning.isPresent()) {
            Attitude last = samples.get(samples.size() - 1);
            Attitude at = last.tiltedBeyond(SLIDE_DEG) ? last : leaning.get();
            return new Sight(Manner.SLIDES, Optional.of(Edge.dropping(at.rollDeg(), at.pitchDeg())), turn, false);
        }
        return new Sight(Manner.FLIES, Optional.empty(), turn, false);
    }

    private static Optional<Attitude> firstBeyond(List<Attitude> samples, double tiltDeg) {
        for (Attitude a : samples) {
            if (a.tiltedBeyond(tiltDeg)) {
                return Optional.of(a);
            }
        }
        return Optional.empty();
    }

    /** How often the tilt swings back for good. */
    private static int reversals(List<Attitude> samples, double until) {
        return Math.max(reversals(samples, until, true), reversals(samples, until, false));
    }

    private static int reversals(List<Attitude> samples, double until, boolean roll) {
        int count = 0;
        double extreme = 0;
        int direction = 0;
        for (Attitude a : samples) {
            if (a.timeS() > until) {
                break;
            }
            double x = roll ? a.rollDeg() : a.pitchDeg();
            if (direction == 0) {
                if (Math.abs(x - extreme) > SWING_DEG) {
                    direction = x > extreme ? 1 : -1;
                    extreme = x;
                }
            } else if ((x - extreme) * direction > 0) {
                extreme = x;
            } else if ((extreme - x) * direction > SWING_DEG) {
                count++;
                direction = -direction;
                extreme = x;
            }
        }
        return count;
    }
}

package ablemedic.takeoff;

import ablemedic.craft.Craft;
import ablemedic.takeoff.LinearMotion.Axis;
import ablemedic.takeoff.LinearMotion.Hold;
import ablemedic.takeoff.LinearMotion.Mode;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * What a craft does at take-off, told by both routes at once so that words and curve agree: the loop's own motions, a
 * flight followed in time, and a word for each axis that contradicts neither.
 *
 * @param flight followed from a usual disturbance
 * @param modes of the loop, the fastest growing first
 * @param axes what becomes of each
 */
public record MotionStory(TimeSimulation.Flight flight, List<Mode> modes, Map<Axis, Fate> axes) {
    /** An axis that swings further than this is not held, whatever its loop would do of itself, degrees. */
    public static final double SWINGS_DEG = 15;
    /** The part that an axis has in a motion from which it is said to be in it, of the largest. */
    static final double IN_IT = 0.05;

    /** What becomes of an axis. */
    public enum Fate {
        HELD,
        UNHELD,
        CIRCLES,
        DRAWN_ALONG,
        PUSHED_OVER,
        RUNS_AWAY;

        public String label() {
            return TakeOffWords.name("fate", this);
        }
    }

    /** @param seconds how long the flight is followed after it leaves the ground */
    public static MotionStory of(Craft craft, double seconds) {
        LinearMotion linear = new LinearMotion(craft);
        TimeSimulation.Flight flight = new TimeSimulation(craft).flyDisturbed(seconds);
        Map<Axis, Fate> axes = new EnumMap<>(Axis.class);
        linear.axes().forEach((axis, hold) -> axes.put(axis, fate(axis, hold, linear.modes(), flight.track())));
        return new MotionStory(flight, linear.modes(), axes);
    }

    private static Fate fate(Axis axis, Hold hold, List<Mode> modes, Track track) {
        Fate alone =
                switch (hold) {
                    case DAMPED -> Fate.HELD;
                    case UNHELD -> Fate.UNHELD;
                    case CIRCLES -> Fate.CIRCLES;
                    case RUNS_AWAY -> Fate.RUNS_AWAY;
                };
        if (alone == Fate.RUNS_AWAY) {
            return alone;
        }
        if (modes.stream()
                .anyMatch(mode -> mode.growth() > 1e-3 && Math.abs(mode.direction()[axis.ordinal()]) > IN_IT)) {
            return Fate.DRAWN_ALONG;
        }
        return swing(axis, track) > SWINGS_DEG ? Fate.PUSHED_OVER : alone;
    }

    /** The furthest that an axis swings in a flight, degrees. */
    static double swing(Axis axis, Track track) {
        return track.samples().stream()
                .mapToDouble(a -> Math.abs(
                        switch (axis) {
                            case ROLL -> a.rollDeg();
                            case PITCH -> a.pitchDeg();
                            case YAW -> a.yawDeg();
                        }))
                .max()
                .orElse(0);
    }
}

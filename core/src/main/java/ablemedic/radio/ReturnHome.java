package ablemedic.radio;

import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FailsafeSettings.HomeAt;
import ablemedic.craft.FailsafeSettings.Stage2;
import ablemedic.craft.FcSettings;
import ablemedic.craft.ReceiverSettings;
import ablemedic.craft.ReceiverSettings.WhenLost;
import ablemedic.craft.Tilt;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;

/**
 * Whether a first return-home try may be made: its conditions, each with its value and where that comes from, and the
 * plan of the try. What nobody entered is unknown, and unknown is no go. Limits are common practice with no source.
 *
 * @param plan steps of the try; empty where it may not be made
 */
public record ReturnHome(List<Condition> conditions, List<String> plan) {
    private static final double CLEAR_M = 10;
    private static final double TRY_M = 30;
    private static final double LEVEL_DEG = 2;
    private static final double LEAST_MS = 3;
    private static final double LEAST_HOVER = 0.15;
    private static final double MOST_HOVER = 0.6;
    /** Kept in the pack beyond what the way takes. */
    private static final double SPARE = 2;

    /** How a condition stands. */
    public enum Go {
        GO,
        NO_GO,
        UNKNOWN
    }

    /** One condition. */
    public record Condition(String what, Go go, String value, String source, String remedy) {}

    /**
     * What was seen and entered.
     *
     * @param satellites on the screen or at the radio
     * @param homeNoted whether the distance to home stood at nothing after arming
     * @param obstacleM the highest thing within reach
     * @param windMs metres a second
     * @param radioOffPassed whether the radio-off test was passed and is not due; nothing where no chart tells
     */
    public record Seen(
            Optional<Integer> satellites,
            Optional<Boolean> homeNoted,
            Optional<Double> obstacleM,
            Optional<Double> windMs,
            Optional<Boolean> radioOffPassed) {}

    public static ReturnHome of(Craft craft, Seen seen) {
        return new Terms(craft, seen).all();
    }

    public boolean isGo() {
        return conditions.stream().allMatch(one -> one.go() == Go.GO);
    }

    /** The conditions as they are gathered. */
    private static final class Terms {
        private static final String SHEET = "build sheet";
        private static final String ENTERED = "entered here";

        private final Craft craft;
        private final Seen seen;
        private final RadioChain chain;
        private final List<Condition> conditions = new ArrayList<>();

        private Terms(Craft craft, Seen seen) {
            this.craft = craft;
            this.seen = seen;
            this.chain = RadioChain.of(craft);
        }

        ReturnHome all() {
            settings();
            positioning();
            attitude();
            around();
            boolean go = conditions.stream().allMatch(one -> one.go() == Go.GO);
            return new ReturnHome(List.copyOf(conditions), go ? plan() : List.of());
        }

        private void settings() {
            Stage2 stage = craft.told(FailsafeSettings.STAGE_2);
            add(
                    "The board returns home when the link stays lost",
                    stage == Stage2.RETURN_HOME,
                    stage.label(),
                    SHEET,
                    "On its page of failsafe: stage 2, return home.");
            WhenLost lost = craft.told(ReceiverSettings.WHEN_LOST);
            add(
                    "The receiver tells the board",
                    lost == WhenLost.NO_FRAMES || lost == WhenLost.FLAG,
                    lost.label(),
                    SHEET,
                    "Failsafe of the receiver: no frames, or its flag.");
            add(
                    "Radio-off test",
                    seen.radioOffPassed(),
                    passed -> passed,
                    passed -> passed ? "passed, and not due" : "due, or not passed",
                    "chart",
                    "Make it: props off, at the bench.");
        }

        private void positioning() {
            boolean there = chain.lines().map(lines -> chain.isFixed(craft)).orElse(false);
            add(
                    "A positioning module that the board hears",
                    there,
                    chain.lines().isEmpty()
                            ? "no lines entered"
                            : there ? "joined and set" : "none, or not heard as joined and set",
                    SHEET,
                    "See its line on the chart.");
            int wanted = craft.told(FailsafeSettings.LEAST_SATELLITES);
            add(
                    "Satellites, " + Math.max(wanted, LostLink.Home.ENOUGH) + " or more",
                    seen.satellites(),
                    n -> n >= Math.max(wanted, LostLink.Home.ENOUGH),
                    n -> n + " seen",
                    ENTERED,
                    "Wait under open sky; the first fix takes minutes.");
            add(
                    "Home noted where it was armed",
                    seen.homeNoted(),
                    noted -> noted,
                    noted -> noted ? "the distance stood at nothing" : "it did not",
                    ENTERED,
                    "Arm again after the fix; the distance to home begins at nothing.");
            HomeAt at = craft.told(FailsafeSettings.HOME_AT);
            add(
                    "Home is where it is armed",
                    at == HomeAt.ARMING,
                    at.label(),
                    SHEET,
                    "Set it so, or give it power where it flies and nowhere else.");
            double least = craft.told(FailsafeSettings.LEAST_DISTANCE);
            add(
                    "Least distance within the try",
                    least < distance(),
                    metres(least) + ", try at " + metres(distance()),
                    SHEET,
                    "10 m for a first try.");
        }

        private void attitude() {
            Tilt off = craft.told(FcSettings.LEVEL_OFF);
            double tilt = Math.hypot(off.rollDeg(), off.pitchDeg());
            boolean calibrated = craft.told(ArmingSettings.CALIBRATED);
            add(
                    "Level calibrated",
                    calibrated && tilt <= LEVEL_DEG,
                    calibrated ? String.format(Locale.ROOT, "off by %.1f°", tilt) : "never",
                    SHEET,
                    "Alignment first, then level on a flat surface.");
            double north = Math.abs(craft.told(FailsafeSettings.COMPASS_OFF));
            add(
                    "North is north",
                    north <= LostLink.Home.CIRCLES,
                    "off by " + Math.round(north) + "°",
                    SHEET,
                    "Alignment of the compass, then calibrate it outdoors.");
            double hover = craft.airframe().hoverThrottle();
            add(
                    "Throttle range sane",
                    hover >= LEAST_HOVER && hover <= MOST_HOVER,
                    "hovers at about " + Math.round(100 * hover) + " %",
                    "computed from mass and thrust",
                    "A craft that hovers above 60 % has nothing left to climb with.");
        }

        private void around() {
            double climb = craft.told(FailsafeSettings.CLIMB_TO);
            add(
                    "Climbs above what stands around",
                    seen.obstacleM(),
                    highest -> climb >= highest + CLEAR_M,
                    highest -> "to " + metres(climb) + ", highest thing " + metres(highest),
                    "build sheet, and entered here",
                    "Height of a return: ten metres above the highest thing within reach.");
            add(
                    "Comes home against the wind",
                    seen.windMs(),
                    wind -> FailsafeTimeline.HOME_MS - wind >= LEAST_MS,
                    wind -> String.format(
                            Locale.ROOT,
                            "%.0f m/s left of %.0f",
                            FailsafeTimeline.HOME_MS - wind,
                            FailsafeTimeline.HOME_MS),
                    ENTERED,
                    "Another day.");
        }

        private double distance() {
            return Math.max(TRY_M, 3 * craft.told(FailsafeSettings.LEAST_DISTANCE));
        }

        private List<String> plan() {
            double climb = craft.told(FailsafeSettings.CLIMB_TO);
            double wind = seen.windMs().orElse(0.0);
            double seconds = climb / FailsafeTimeline.CLIMB_MS
                    + distance() / (FailsafeTimeline.HOME_MS - wind)
                    + climb / FailsafeTimeline.LANDING_MS;
            return List.of(
                    "Outdoors, clear of people and of what is theirs, where the law of the place and your licence allow it. A second person watches the sky.",
                    "Fly out against the wind to " + metres(distance()) + ", at " + metres(Math.max(CLEAR_M, climb / 2))
                            + " or more, and hover. Self-level on.",
                    "Start the return by its switch, if there is one, before you ever switch the radio off: the switch gives it back at once.",
                    "Thumbs on the sticks. It turns its nose home within two seconds and climbs to " + metres(climb)
                            + ". Any other way, or faster than a run: take over.",
                    "It takes about " + Math.round(seconds) + " s. Begin with " + Math.round(SPARE * seconds)
                            + " s of flight left in the pack at least.",
                    "Land, touch the motors, put it in the log: distance, height, how far from the spot it came down.");
        }

        private void add(String what, boolean holds, String value, String source, String remedy) {
            conditions.add(new Condition(what, holds ? Go.GO : Go.NO_GO, value, source, holds ? "" : remedy));
        }

        private <T> void add(
                String what,
                Optional<T> entered,
                Predicate<T> holds,
                Function<T, String> said,
                String source,
                String remedy) {
            if (entered.isEmpty()) {
                conditions.add(new Condition(what, Go.UNKNOWN, "not entered", source, remedy));
            } else {
                add(what, holds.test(entered.get()), said.apply(entered.get()), source, remedy);
            }
        }

        private static String metres(double m) {
            return Math.round(m) + " m";
        }
    }
}

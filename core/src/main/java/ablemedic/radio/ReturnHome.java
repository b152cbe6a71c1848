package ablemedic.radio;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FailsafeSettings.AfterGuardTime;
import ablemedic.craft.FailsafeSettings.HomeAt;
import ablemedic.craft.FcSettings;
import ablemedic.craft.ReceiverSettings;
import ablemedic.craft.ReceiverSettings.WhenLost;
import ablemedic.craft.Tilt;
import java.util.ArrayList;
import java.util.List;
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
    /** Kept in the battery beyond what the way takes. */
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
        private static final Words WORDS = Radio.WORDS.name("go");
        private static final String CHART = said("chart");
        private static final String ENTERED = said("entered");

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
            AfterGuardTime stage = craft.setting(FailsafeSettings.STAGE_2);
            add(said("returns"), stage == AfterGuardTime.RETURN_HOME, stage.label(), CHART, said("returns-fix"));
            WhenLost lost = craft.setting(ReceiverSettings.WHEN_LOST);
            add(
                    said("tells"),
                    lost == WhenLost.NO_FRAMES || lost == WhenLost.FLAG,
                    lost.label(),
                    CHART,
                    said("tells-fix"));
            add(
                    said("tested"),
                    seen.radioOffPassed(),
                    passed -> passed,
                    passed -> said(passed ? "tested-yes" : "tested-no"),
                    CHART,
                    said("tested-fix"));
        }

        private void positioning() {
            boolean there = chain.lines().map(lines -> chain.isFixed(craft)).orElse(false);
            add(
                    said("gnss"),
                    there,
                    chain.lines().isEmpty() ? said("gnss-none") : said(there ? "gnss-yes" : "gnss-no"),
                    CHART,
                    said("gnss-fix"));
            int wanted = craft.setting(FailsafeSettings.LEAST_SATELLITES);
            add(
                    said("satellites", "n", Param.whole(Math.max(wanted, LostLink.Home.ENOUGH), "")),
                    seen.satellites(),
                    n -> n >= Math.max(wanted, LostLink.Home.ENOUGH),
                    n -> said("satellites-seen", "n", Param.whole(n, "")),
                    ENTERED,
                    said("satellites-fix"));
            add(
                    said("home"),
                    seen.homeNoted(),
                    noted -> noted,
                    noted -> said(noted ? "home-yes" : "home-no"),
                    ENTERED,
                    said("home-fix"));
            HomeAt at = craft.setting(FailsafeSettings.HOME_AT);
            add(said("arming"), at == HomeAt.ARMING, at.label(), CHART, said("arming-fix"));
            double least = craft.setting(FailsafeSettings.LEAST_DISTANCE);
            add(
                    said("least"),
                    least < distance(),
                    WORDS.with("least", metres(least))
                            .with("try", metres(distance()))
                            .line("least-is")
                            .plain(),
                    CHART,
                    said("least-fix"));
        }

        private void attitude() {
            Tilt off = craft.setting(FcSettings.LEVEL_OFF);
            double tilt = Math.hypot(off.rollDeg(), off.pitchDeg());
            boolean calibrated = craft.setting(ArmingSettings.CALIBRATED);
            add(
                    said("level"),
                    calibrated && tilt <= LEVEL_DEG,
                    calibrated ? said("level-is", "degrees", new Param.Quantity(tilt, "", 1)) : said("level-never"),
                    CHART,
                    said("level-fix"));
            double north = Math.abs(craft.setting(FailsafeSettings.COMPASS_OFF));
            add(
                    said("north"),
                    north <= LostLink.Home.CIRCLES,
                    said("north-is", "degrees", Param.whole(Math.round(north), "")),
                    CHART,
                    said("north-fix"));
            double hover = craft.airframe().hoverThrottle();
            add(
                    said("throttle"),
                    hover >= LEAST_HOVER && hover <= MOST_HOVER,
                    said("throttle-is", "percent", Param.whole(Math.round(100 * hover), "%")),
                    said("computed"),
                    said("throttle-fix"));
        }

        private void around() {
            double climb = craft.setting(FailsafeSettings.CLIMB_TO);
            add(
                    said("climbs"),
                    seen.obstacleM(),
                    highest -> climb >= highest + CLEAR_M,
                    highest -> WORDS.with("climb", metres(climb))
                            .with("highest", metres(highest))
                            .line("climbs-is")
                            .plain(),
                    said("both"),
                    said("climbs-fix"));
            add(
                    said("wind"),
                    seen.windMs(),
                    wind -> TimelineRun.HOME_MS - wind >= LEAST_MS,
                    wind -> WORDS.with("left", new Param.Quantity(TimelineRun.HOME_MS - wind, "", 0))
                            .with("of", new Param.Quantity(TimelineRun.HOME_MS, "", 0))
                            .line("wind-is")
                            .plain(),
                    ENTERED,
                    said("wind-fix"));
        }

        private double distance() {
            return Math.max(TRY_M, 3 * craft.setting(FailsafeSettings.LEAST_DISTANCE));
        }

        private List<String> plan() {
            double climb = craft.setting(FailsafeSettings.CLIMB_TO);
            double wind = seen.windMs().orElse(0.0);
            double seconds = climb / TimelineRun.CLIMB_MS
                    + distance() / (TimelineRun.HOME_MS - wind)
                    + climb / TimelineRun.LANDING_MS;
            return Radio.WORDS
                    .name("go-plan")
                    .with("distance", metres(distance()))
                    .with("height", metres(Math.max(CLEAR_M, climb / 2)))
                    .with("climb", metres(climb))
                    .with("seconds", Param.whole(Math.round(seconds), "s"))
                    .with("spare", Param.whole(Math.round(SPARE * seconds), "s"))
                    .plainSteps("");
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
                conditions.add(new Condition(what, Go.UNKNOWN, said("not-entered"), source, remedy));
            } else {
                add(what, holds.test(entered.get()), said.apply(entered.get()), source, remedy);
            }
        }

        private static Param metres(double m) {
            return Param.whole(Math.round(m), "m");
        }

        private static String said(String line) {
            return WORDS.line(line).plain();
        }

        private static String said(String line, String gap, Param param) {
            return WORDS.with(gap, param).line(line).plain();
        }
    }
}

package ablemedic.radio;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FailsafeSettings.AfterGuardTime;
import ablemedic.craft.ReceiverSettings;
import ablemedic.craft.ReceiverSettings.WhenLost;
import ablemedic.radio.RadioOff.Does;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a radio-off test tells of each stage of a craft's failsafe: whether it works as it is set, and if not, why.
 *
 * @param expected what the motors should have done
 * @param stages receiver, stage 1, stage 2, in their order
 */
public record RadioOffVerdict(RadioOff expected, List<StageJudged> stages) {
    /** A watch in the hand is off by as much, seconds and share. */
    private static final double WATCH_S = 0.8;

    private static final double WATCH_SHARE = 0.25;
    private static final Words WORDS = Radio.WORDS.name("radio-off-verdict");

    /** How a stage stands. */
    public enum Works {
        AS_SET,
        NOT,
        UNSEEN
    }

    /** One stage. */
    public record StageJudged(String name, Works works, String why) {}

    /**
     * @param craft as receiver and board are told
     * @param afterS when it began; nothing where nobody counted, or nothing changed
     */
    public static RadioOffVerdict of(Craft craft, Does seen, Optional<Double> afterS) {
        return new RadioOffVerdict(RadioOff.of(craft), new Judge(craft, seen, afterS).stages());
    }

    /** Whether every stage works as it is set. */
    public boolean passed() {
        return stages.stream().allMatch(stage -> stage.works() == Works.AS_SET);
    }

    /** The stages as they are judged. */
    private static final class Judge {
        private final WhenLost lost;
        private final AfterGuardTime afterGuardTime;
        private final RadioOff expected;
        private final double noticedS;
        private final double guardS;
        private final Does seen;
        private final Optional<Double> afterS;

        private Judge(Craft craft, Does seen, Optional<Double> afterS) {
            this.lost = craft.setting(ReceiverSettings.WHEN_LOST);
            this.afterGuardTime = craft.setting(FailsafeSettings.STAGE_2);
            this.expected = RadioOff.of(craft);
            this.noticedS = craft.setting(ReceiverSettings.NOTICES)
                    + (lost == WhenLost.FLAG ? 0 : craft.setting(FailsafeSettings.DETECTS));
            this.guardS = craft.setting(FailsafeSettings.GUARD);
            this.seen = seen;
            this.afterS = afterS;
        }

        List<StageJudged> stages() {
            if (lost == WhenLost.HOLD) {
                return List.of(
                        receiver(Works.NOT, said("holds")),
                        first(Works.UNSEEN, said("never-told")),
                        second(Works.UNSEEN, said("never-told")));
            } else if (lost == WhenLost.PRESETS) {
                return presets();
            }
            return switch (seen) {
                case ON ->
                    List.of(
                            receiver(Works.NOT, said("unchanged")),
                            first(Works.UNSEEN, said("was-never-told")),
                            second(Works.UNSEEN, said("not-reached")));
                case IDLE ->
                    List.of(
                            receiver(Works.NOT, said("idles")),
                            first(Works.UNSEEN, said("was-never-told")),
                            second(Works.UNSEEN, said("not-reached")));
                case STOP, BRIEF, LAND -> timed();
            };
        }

        private List<StageJudged> presets() {
            boolean as = seen == expected.does() && isTime(expected.afterS());
            return List.of(
                    receiver(
                            as ? Works.AS_SET : Works.NOT,
                            as
                                    ? said("values-came")
                                    : said(
                                            "values-should",
                                            Map.of(
                                                    "does",
                                                    Param.written(
                                                            expected.does().label())))),
                    first(Works.UNSEEN, said("values-block")),
                    second(Works.UNSEEN, said("not-reached")));
        }

        private List<StageJudged> timed() {
            boolean stops = seen == Does.STOP;
            boolean shouldStop = expected.does() == Does.STOP;
            if (afterS.isPresent() && isBefore(expected.afterS()) && guardS > 2 * WATCH_S) {
                return List.of(
                        receiver(
                                Works.NOT,
                                said("too-soon", Map.of("after", seconds(afterS.get()), "guard", seconds(guardS)))),
                        first(Works.UNSEEN, said("not-reached")),
                        second(Works.UNSEEN, said("not-reached")));
            }
            StageJudged second = seen == expected.does()
                    ? second(Works.AS_SET, said("as-set", action()))
                    : second(
                            Works.NOT,
                            stops
                                    ? said("stopped", action())
                                    : shouldStop ? said("went-on") : said(seen == Does.BRIEF ? "shorter" : "longer"));
            if (afterS.isEmpty()) {
                return List.of(
                        receiver(Works.AS_SET, said("told")),
                        first(Works.UNSEEN, said("uncounted", Map.of("right", seconds(expected.afterS())))),
                        second);
            }
            boolean late = !isBefore(expected.afterS()) && !isTime(expected.afterS());
            return List.of(
                    receiver(Works.AS_SET, said("told")),
                    first(
                            isTime(expected.afterS()) ? Works.AS_SET : Works.NOT,
                            said(
                                    isTime(expected.afterS()) ? "in-time" : late ? "late" : "early",
                                    Map.of("after", seconds(afterS.get()), "right", seconds(expected.afterS())))),
                    second);
        }

        private Map<String, Param> action() {
            return Map.of(
                    "action",
                    Param.written(
                            afterGuardTime == AfterGuardTime.RETURN_HOME
                                    ? said("return-at-bench")
                                    : afterGuardTime.label()));
        }

        private static String said(String line) {
            return WORDS.line(line).plain();
        }

        private static String said(String line, Map<String, Param> gaps) {
            return WORDS.with(gaps).line(line).plain();
        }

        private boolean isTime(double right) {
            return afterS.isEmpty() || Math.abs(afterS.get() - right) <= WATCH_S + WATCH_SHARE * right;
        }

        private boolean isBefore(double right) {
            return afterS.isPresent() && afterS.get() < right && !isTime(right);
        }

        private StageJudged receiver(Works works, String why) {
            return new StageJudged(said("receiver"), works, why);
        }

        private StageJudged first(Works works, String why) {
            return new StageJudged(said("first", Map.of("seconds", seconds(noticedS + guardS))), works, why);
        }

        private StageJudged second(Works works, String why) {
            return new StageJudged(said("second", Map.of("action", Param.written(afterGuardTime.label()))), works, why);
        }

        private static Param seconds(double s) {
            return new Param.Quantity(s, "s", 1);
        }
    }
}

package ablemedic.radio;

import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FailsafeSettings.Stage2;
import ablemedic.craft.ReceiverSettings;
import ablemedic.craft.ReceiverSettings.WhenLost;
import ablemedic.radio.RadioOff.Does;
import java.util.List;
import java.util.Locale;
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
        private final Stage2 stage2;
        private final RadioOff expected;
        private final double noticedS;
        private final double guardS;
        private final Does seen;
        private final Optional<Double> afterS;

        private Judge(Craft craft, Does seen, Optional<Double> afterS) {
            this.lost = craft.told(ReceiverSettings.WHEN_LOST);
            this.stage2 = craft.told(FailsafeSettings.STAGE_2);
            this.expected = RadioOff.of(craft);
            this.noticedS = craft.told(ReceiverSettings.NOTICES)
                    + (lost == WhenLost.FLAG ? 0 : craft.told(FailsafeSettings.DETECTS));
            this.guardS = craft.told(FailsafeSettings.GUARD);
            this.seen = seen;
            this.afterS = afterS;
        }

        List<StageJudged> stages() {
            if (lost == WhenLost.HOLD) {
                return List.of(
                        receiver(Works.NOT, "It is told to hold its last values: no test can pass with that."),
                        first(Works.UNSEEN, "The board is never told."),
                        second(Works.UNSEEN, "The board is never told."));
            } else if (lost == WhenLost.PRESETS) {
                return presets();
            }
            return switch (seen) {
                case ON ->
                    List.of(
                            receiver(
                                    Works.NOT,
                                    "Nothing changed: the receiver holds its last values, whatever it is told, or its presets are those of that moment."),
                            first(Works.UNSEEN, "The board was never told that the link is lost."),
                            second(Works.UNSEEN, "It was never come to."));
                case IDLE ->
                    List.of(
                            receiver(
                                    Works.NOT,
                                    "Idling on and on is what presets with the arm switch on and the throttle down give."),
                            first(Works.UNSEEN, "The board was never told that the link is lost."),
                            second(Works.UNSEEN, "It was never come to."));
                case STOP, BRIEF, LAND -> timed();
            };
        }

        private List<StageJudged> presets() {
            boolean as = seen == expected.does() && isTime(expected.afterS());
            return List.of(
                    receiver(
                            as ? Works.AS_SET : Works.NOT,
                            as
                                    ? "Its presets came."
                                    : "Its presets should give: "
                                            + expected.does().label() + "."),
                    first(Works.UNSEEN, "While presets come, the board does not call the link lost."),
                    second(Works.UNSEEN, "It is never come to."));
        }

        private List<StageJudged> timed() {
            boolean stops = seen == Does.STOP;
            boolean shouldStop = expected.does() == Does.STOP;
            if (afterS.isPresent() && isBefore(expected.afterS()) && guardS > 2 * WATCH_S) {
                return List.of(
                        receiver(
                                Works.NOT,
                                "It was over after " + seconds(afterS.get()) + ", before the guard time of "
                                        + seconds(guardS) + " can have passed: presets of the receiver did that."),
                        first(Works.UNSEEN, "It was not come to."),
                        second(Works.UNSEEN, "It was not come to."));
            }
            StageJudged second = seen == expected.does()
                    ? second(Works.AS_SET, "It does as set: " + said(stage2) + ".")
                    : second(
                            Works.NOT,
                            stops
                                    ? "It is set: " + said(stage2) + "; the motors stopped instead."
                                    : shouldStop
                                            ? "It is set to switch the motors off, and they went on at another speed."
                                            : "The landing lasts " + (seen == Does.BRIEF ? "less long" : "longer")
                                                    + " than it is set to.");
            if (afterS.isEmpty()) {
                return List.of(
                        receiver(Works.AS_SET, "It told the board."),
                        first(
                                Works.UNSEEN,
                                "Nobody counted the seconds; about " + seconds(expected.afterS()) + " would be right."),
                        second);
            }
            boolean late = !isBefore(expected.afterS()) && !isTime(expected.afterS());
            return List.of(
                    receiver(Works.AS_SET, "It told the board."),
                    first(
                            isTime(expected.afterS()) ? Works.AS_SET : Works.NOT,
                            isTime(expected.afterS())
                                    ? "After " + seconds(afterS.get()) + "; " + seconds(expected.afterS()) + " is set."
                                    : "After " + seconds(afterS.get()) + " instead of " + seconds(expected.afterS())
                                            + ": "
                                            + (late
                                                    ? "the guard time is longer than set, or the receiver takes longer to notice."
                                                    : "the guard time is shorter than set.")),
                    second);
        }

        private String said(Stage2 stage) {
            return stage == Stage2.RETURN_HOME
                    ? "returns home, which at the bench, without a fix, is a landing"
                    : stage.label();
        }

        private boolean isTime(double right) {
            return afterS.isEmpty() || Math.abs(afterS.get() - right) <= WATCH_S + WATCH_SHARE * right;
        }

        private boolean isBefore(double right) {
            return afterS.isPresent() && afterS.get() < right && !isTime(right);
        }

        private StageJudged receiver(Works works, String why) {
            return new StageJudged("receiver", works, why);
        }

        private StageJudged first(Works works, String why) {
            return new StageJudged("stage 1, " + seconds(noticedS + guardS) + " in all", works, why);
        }

        private StageJudged second(Works works, String why) {
            return new StageJudged("stage 2, " + stage2.label(), works, why);
        }

        private static String seconds(double s) {
            return String.format(Locale.ROOT, "%.1f s", s);
        }
    }
}

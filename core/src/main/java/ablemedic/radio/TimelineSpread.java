package ablemedic.radio;

import ablemedic.craft.Airframe;
import ablemedic.radio.FailsafeTimeline.End;
import ablemedic.radio.LostLink.FcOnLoss;
import ablemedic.radio.LostLink.ReceiverOnLoss;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;

/**
 * How far a timeline may be off for what nobody knows to the digit: mass within 5 %, drag within 40 %, reaction times
 * within 30 %, each at both of its ends with each of the others. All three are common practice with no source.
 *
 * @param ends that it may come to besides its own
 */
public record TimelineSpread(Between blindM, Between impactMs, Between impactJ, Set<End> ends) {
    private static final double MASS = 0.05;
    private static final double DRAG = 0.4;
    private static final double REACTION = 0.3;

    /** The least and the most. */
    public record Between(double least, double most) {}

    public static TimelineSpread of(Airframe frame, LostLink lost) {
        List<FailsafeTimeline> all = new ArrayList<>(List.of(FailsafeTimeline.of(frame, lost)));
        Set<End> ends = EnumSet.noneOf(End.class);
        for (int mass = -1; mass <= 1; mass += 2) {
            for (int drag = -1; drag <= 1; drag += 2) {
                for (int reaction = -1; reaction <= 1; reaction += 2) {
                    FailsafeTimeline one = FailsafeTimeline.of(
                            frame.withMassG(frame.massG() * (1 + mass * MASS)),
                            reacting(lost, 1 + reaction * REACTION),
                            1 + drag * DRAG);
                    all.add(one);
                    ends.add(one.end());
                }
            }
        }
        ends.remove(all.get(0).end());
        return new TimelineSpread(
                between(all, FailsafeTimeline::blindM),
                between(all, FailsafeTimeline::impactMs),
                between(all, FailsafeTimeline::impactJ),
                ends);
    }

    private static LostLink reacting(LostLink lost, double times) {
        ReceiverOnLoss receiver = lost.receiver();
        FcOnLoss fc = lost.fc();
        return new LostLink(
                new ReceiverOnLoss(
                        receiver.gives(), receiver.noticeS() * times, receiver.presetArm(), receiver.presetThrottle()),
                new FcOnLoss(
                        fc.detectS() * times, fc.guardS(), fc.afterGuardTime(), fc.landingThrottle(), fc.landingS()),
                lost.home(),
                lost.flight());
    }

    private static Between between(List<FailsafeTimeline> all, ToDoubleFunction<FailsafeTimeline> value) {
        return new Between(
                all.stream().mapToDouble(value).min().orElseThrow(),
                all.stream().mapToDouble(value).max().orElseThrow());
    }
}

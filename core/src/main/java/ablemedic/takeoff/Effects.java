package ablemedic.takeoff;

import ablemedic.craft.BoardMount;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.Motor;
import ablemedic.craft.Point;
import ablemedic.craft.Prop;
import ablemedic.craft.Rotation;
import ablemedic.craft.Spin;
import ablemedic.craft.Stick;
import ablemedic.craft.StickOrder;
import ablemedic.craft.Tilt;
import java.util.List;
import java.util.function.UnaryOperator;

/** What faults do to a craft. Each returns the craft as it would be. */
final class Effects {
    /** Strength of a weak motor. From memory. */
    private static final double WEAK = 0.5;
    /** Gain of a craft set up with the values of one several sizes larger. Common practice, no source. */
    private static final double GAIN_TOO_HIGH = 9;
    /** A filter made for another size or set by a slip of the decimal point. From memory. */
    private static final double FILTER_OFF = 8;
    /** Error of a level calibration made on a slope, degrees. Common practice, no source. */
    private static final double LEVEL_ERROR_DEG = 7;

    /** Mass of an overloaded craft over that of its build sheet. Common practice, no source. */
    private static final double OVERLOAD = 1.6;

    private Effects() {}

    /** Each output drives the corner that {@code moved} names for the corner it drove before. */
    static Craft outputsMoved(Craft craft, List<Corner> moved) {
        return craft.withOutputs(craft.outputs().stream()
                .map(corner -> moved.get(corner.ordinal()))
                .toList());
    }

    static UnaryOperator<Craft> motorReversed(Corner corner, boolean propToMatch) {
        return craft -> craft.withArm(corner, arm -> {
            Spin other = arm.motor().spin().reversed();
            var turned = arm.with(arm.motor().turning(other));
            return propToMatch
                    ? turned.with(new Prop(
                            arm.prop().hand().reversed(),
                            arm.prop().upsideDown(),
                            arm.prop().damaged()))
                    : turned;
        });
    }

    static Craft allReversed(Craft craft, boolean propsToMatch) {
        Craft changed = craft;
        for (Corner corner : Corner.ALL) {
            changed = motorReversed(corner, propsToMatch).apply(changed);
        }
        return changed;
    }

    static UnaryOperator<Craft> propOfWrongHand(Corner corner) {
        return prop(corner, p -> new Prop(p.hand().reversed(), p.upsideDown(), p.damaged()));
    }

    static UnaryOperator<Craft> propUpsideDown(Corner corner) {
        return prop(corner, p -> new Prop(p.hand(), true, p.damaged()));
    }

    static UnaryOperator<Craft> propDamaged(Corner corner) {
        return prop(corner, p -> new Prop(p.hand(), p.upsideDown(), true));
    }

    private static UnaryOperator<Craft> prop(Corner corner, UnaryOperator<Prop> change) {
        return craft -> craft.withArm(corner, arm -> arm.with(change.apply(arm.prop())));
    }

    static UnaryOperator<Craft> motorDead(Corner corner) {
        return motor(corner, m -> new Motor(m.spin(), 0, m.late(), m.rough()));
    }

    static UnaryOperator<Craft> motorWeak(Corner corner) {
        return motor(corner, m -> new Motor(m.spin(), WEAK * m.strength(), m.late(), true));
    }

    static UnaryOperator<Craft> motorLate(Corner corner) {
        return motor(corner, m -> new Motor(m.spin(), m.strength(), true, m.rough()));
    }

    private static UnaryOperator<Craft> motor(Corner corner, UnaryOperator<Motor> change) {
        return craft -> craft.withArm(corner, arm -> arm.with(change.apply(arm.motor())));
    }

    static UnaryOperator<Craft> boardTurned(Rotation turn) {
        return craft -> craft.withMounted(turn.after(craft.mounted()));
    }

    /** The board's mount lets it move. */
    static Craft boardLoose(Craft craft) {
        return craft.withMount(new BoardMount(craft.mounted(), true));
    }

    /** The tilt that the board takes for level. */
    static Tilt levelOff(int roll, int pitch) {
        return new Tilt(LEVEL_ERROR_DEG * roll, LEVEL_ERROR_DEG * pitch);
    }

    static double gainTooHigh(double gain) {
        return gain * GAIN_TOO_HIGH;
    }

    static double filterTooOpen(double filter) {
        return Math.min(20, filter * FILTER_OFF);
    }

    static double filterTooLow(double filter) {
        return Math.max(0.05, filter / FILTER_OFF);
    }

    /** The balance point moved by a seventh of the arm towards the given side. */
    static UnaryOperator<Craft> balanceOff(int forward, int right) {
        return craft -> {
            var frame = craft.airframe();
            double reach = frame.reachMm();
            Point was = frame.balance();
            return craft.withAirframe(frame.withBalance(
                    new Point(was.forwardMm() + reach * forward / 7, was.rightMm() + reach * right / 7)));
        };
    }

    /** Loaded with a battery or camera that it was not built for. */
    static Craft overloaded(Craft craft) {
        return craft.withAirframe(craft.airframe().withMassG(craft.airframe().massG() * OVERLOAD));
    }

    /** Two sticks exchanged on the radio. */
    static StickOrder exchanged(StickOrder order, Stick one, Stick other) {
        char[] letters = order.letters().toCharArray();
        letters[order.channel(one)] = other.letter();
        letters[order.channel(other)] = one.letter();
        return new StickOrder(new String(letters));
    }

    /** The other of the two usual orders, or the first where the craft had neither. */
    static StickOrder otherUsual(StickOrder order) {
        return order.equals(StickOrder.AETR) ? StickOrder.TAER : StickOrder.AETR;
    }
}

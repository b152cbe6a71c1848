package ablemedic.craft;

import ablemedic.catalogue.Names;
import ablemedic.catalogue.Naming;
import ablemedic.configuration.Configuration;
import ablemedic.configuration.Setting;
import ablemedic.wiring.Electrics;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * One quad, as built and as told.
 *
 * @param airframe weights and places
 * @param arms motor and prop at each corner, in the order of {@link Corner}
 * @param wiring the corner that each board output, 1 to 4, is wired to
 * @param seat how the board sits
 * @param told what its devices were told, the pilot's radio among them
 * @param electrics its parts, leads and pack
 */
public record Craft(
        Airframe airframe,
        List<Arm> arms,
        List<Corner> wiring,
        BoardMount seat,
        Configuration told,
        Electrics electrics) {

    public Craft {
        arms = List.copyOf(arms);
        wiring = List.copyOf(wiring);
        if (arms.size() != 4 || wiring.size() != 4 || wiring.stream().distinct().count() != 4) {
            throw CraftRefusals.rejected("wiring", "outputs", wiring);
        }
    }

    /** How the board is turned against the craft. */
    public Rotation mounted() {
        return seat.turned();
    }

    public Arm arm(Corner corner) {
        return arms.get(corner.ordinal());
    }

    /** The corner that a board output, 1 to 4, is wired to. */
    public Corner wiredTo(int output) {
        return wiring.get(output - 1);
    }

    /** The board output, 1 to 4, that is wired to a corner. */
    public int outputAt(Corner corner) {
        return wiring.indexOf(corner) + 1;
    }

    /** What a device was told of one thing. */
    public <T> T told(Setting<T> setting) {
        return told.get(setting);
    }

    /** The motor number, 1 to 4, that the board means by a corner. */
    public int motor(Corner corner) {
        return told(FcSettings.NUMBERING).number(corner);
    }

    /** The corner that turns when the board means another. */
    public Corner reached(Corner meant) {
        return wiredTo(told(FcSettings.OUTPUT_ORDER).outputOf(motor(meant)));
    }

    /** What the board takes for a turn of the craft, in craft axes; {@link Rotation#NONE} when it was told right. */
    public Rotation misalignment() {
        return told(FcSettings.ALIGNMENT).after(mounted().inverse());
    }

    /** The stick that moves the board's function. */
    public Stick stickFor(Stick function) {
        return told(RadioSettings.STICK_ORDER).on(told(FcSettings.STICK_ORDER).channel(function));
    }

    /** The function that the board moves when this stick is moved. */
    public Stick functionOf(Stick stick) {
        return told(FcSettings.STICK_ORDER).on(told(RadioSettings.STICK_ORDER).channel(stick));
    }

    public Craft withAirframe(Airframe other) {
        return new Craft(other, arms, wiring, seat, told, electrics);
    }

    public Craft withArm(Corner corner, UnaryOperator<Arm> change) {
        List<Arm> changed = new ArrayList<>(arms);
        changed.set(corner.ordinal(), change.apply(arm(corner)));
        return new Craft(airframe, changed, wiring, seat, told, electrics);
    }

    public Craft withWiring(List<Corner> other) {
        return new Craft(airframe, arms, other, seat, told, electrics);
    }

    public Craft withSeat(BoardMount other) {
        return new Craft(airframe, arms, wiring, other, told, electrics);
    }

    /** The same board in the same mount, turned another way. */
    public Craft withMounted(Rotation other) {
        return withSeat(new BoardMount(other, seat.loose()));
    }

    public <T> Craft with(Setting<T> setting, T value) {
        return with(told.with(setting, value));
    }

    public <T> Craft changing(Setting<T> setting, UnaryOperator<T> change) {
        return with(told.changing(setting, change));
    }

    public Craft with(Configuration other) {
        return new Craft(airframe, arms, wiring, seat, other, electrics);
    }

    public Craft withElectrics(Electrics other) {
        return new Craft(airframe, arms, wiring, seat, told, other);
    }

    /** What things are called on this craft. */
    public Naming naming() {
        return id -> Corner.ALL.stream()
                .filter(corner -> Names.id(corner).equals(id))
                .map(this::name)
                .findFirst()
                .orElse(id);
    }

    /** The frame's own name of a corner. */
    public String name(Corner corner) {
        return airframe.shape().name(corner);
    }
}

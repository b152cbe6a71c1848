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
 * One quad, as built and as configured.
 *
 * @param airframe weights and places
 * @param arms motor and prop at each corner, in the order of {@link Corner}
 * @param outputs the corner that each output of the FC, 1 to 4, is wired to
 * @param mount how the FC is mounted
 * @param configuration how its devices are set, the pilot's radio among them
 * @param electrics its parts, wires and battery
 */
public record Craft(
        Airframe airframe,
        List<Arm> arms,
        List<Corner> outputs,
        BoardMount mount,
        Configuration configuration,
        Electrics electrics) {

    public Craft {
        arms = List.copyOf(arms);
        outputs = List.copyOf(outputs);
        if (arms.size() != 4
                || outputs.size() != 4
                || outputs.stream().distinct().count() != 4) {
            throw CraftRefusals.rejected("wiring", "outputs", outputs);
        }
    }

    /** How the board is turned against the craft. */
    public Rotation mounted() {
        return mount.turned();
    }

    public Arm arm(Corner corner) {
        return arms.get(corner.ordinal());
    }

    /** The corner that a board output, 1 to 4, is wired to. */
    public Corner wiredTo(int output) {
        return outputs.get(output - 1);
    }

    /** The board output, 1 to 4, that is wired to a corner. */
    public int outputAt(Corner corner) {
        return outputs.indexOf(corner) + 1;
    }

    /** What one setting of its devices has. */
    public <T> T setting(Setting<T> setting) {
        return configuration.get(setting);
    }

    /** The motor number, 1 to 4, that the board means by a corner. */
    public int motor(Corner corner) {
        return setting(FcSettings.NUMBERING).number(corner);
    }

    /** The corner that turns when the board means another. */
    public Corner reached(Corner meant) {
        return wiredTo(setting(FcSettings.OUTPUT_ORDER).outputOf(motor(meant)));
    }

    /** What the board takes for a turn of the craft, in craft axes; {@link Rotation#NONE} when it is set right. */
    public Rotation misalignment() {
        return setting(FcSettings.ALIGNMENT).after(mounted().inverse());
    }

    /** The stick that moves the board's function. */
    public Stick stickFor(Stick function) {
        return setting(RadioSettings.STICK_ORDER)
                .on(setting(FcSettings.STICK_ORDER).channel(function));
    }

    /** The function that the board moves when this stick is moved. */
    public Stick functionOf(Stick stick) {
        return setting(FcSettings.STICK_ORDER)
                .on(setting(RadioSettings.STICK_ORDER).channel(stick));
    }

    public Craft withAirframe(Airframe other) {
        return new Craft(other, arms, outputs, mount, configuration, electrics);
    }

    public Craft withArm(Corner corner, UnaryOperator<Arm> change) {
        List<Arm> changed = new ArrayList<>(arms);
        changed.set(corner.ordinal(), change.apply(arm(corner)));
        return new Craft(airframe, changed, outputs, mount, configuration, electrics);
    }

    public Craft withOutputs(List<Corner> other) {
        return new Craft(airframe, arms, other, mount, configuration, electrics);
    }

    public Craft withMount(BoardMount other) {
        return new Craft(airframe, arms, outputs, other, configuration, electrics);
    }

    /** The same board in the same mount, turned another way. */
    public Craft withMounted(Rotation other) {
        return withMount(new BoardMount(other, mount.loose()));
    }

    public <T> Craft with(Setting<T> setting, T value) {
        return with(configuration.with(setting, value));
    }

    public <T> Craft changing(Setting<T> setting, UnaryOperator<T> change) {
        return with(configuration.changing(setting, change));
    }

    public Craft with(Configuration other) {
        return new Craft(airframe, arms, outputs, mount, other, electrics);
    }

    public Craft withElectrics(Electrics other) {
        return new Craft(airframe, arms, outputs, mount, configuration, other);
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

package ablemedic.power;

import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinConvention;
import ablemedic.parts.WiringLayout;
import ablemedic.wiring.BatteryType;
import ablemedic.wiring.Chemistry;
import ablemedic.wiring.ElectricSheet;
import ablemedic.wiring.Electrics;
import java.util.List;

/** Wired crafts to test on. */
public final class PowerCrafts {
    static final BatteryType FOUR_CELLS = new BatteryType(4, Chemistry.LIPO, 1500, 4);

    private PowerCrafts() {}

    /** A 5-inch craft with a power board and four separate controllers. */
    public static Craft separate() {
        return wired(WiringLayout.SEPARATE, List.of("receiver", "video", "camera", "capacitor-470", "display"));
    }

    /** A 5-inch craft with the controllers on one board. */
    public static Craft stack() {
        return wired(WiringLayout.STACK, List.of("receiver", "gnss", "video", "camera", "lights", "capacitor-470"));
    }

    static Craft wired(WiringLayout layout, List<String> parts) {
        Craft craft = CraftClass.INCH_5.sound(SpinConvention.INWARD, MotorNumbering.REAR_RIGHT_FIRST, Rotation.NONE);
        ElectricSheet sheet = layout.sheet(
                craft.outputs().stream().map(Corner::ordinal).toList(),
                Corner.ALL.stream().map(craft.airframe().shape()::shortName).toList(),
                craft.airframe().reachMm(),
                FOUR_CELLS,
                parts);
        return craft.withElectrics(new Electrics(sheet));
    }
}

package ablemedic.power;

import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.NumberingSchool;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinSchool;
import ablemedic.electrics.Chemistry;
import ablemedic.electrics.ElectricSheet;
import ablemedic.electrics.Electrics;
import ablemedic.electrics.PackKind;
import ablemedic.shelf.Layout;
import java.util.List;

/** Wired crafts to test on. */
public final class PowerCrafts {
    static final PackKind FOUR_CELLS = new PackKind(4, Chemistry.LIPO, 1500, 4);

    private PowerCrafts() {}

    /** A 5-inch craft with a power board and four separate controllers. */
    public static Craft separate() {
        return wired(Layout.SEPARATE, List.of("receiver", "video", "camera", "capacitor-470", "display"));
    }

    /** A 5-inch craft with the controllers on one board. */
    public static Craft stack() {
        return wired(Layout.STACK, List.of("receiver", "gnss", "video", "camera", "lights", "capacitor-470"));
    }

    static Craft wired(Layout layout, List<String> parts) {
        Craft craft = CraftClass.INCH_5.sound(SpinSchool.INWARD, NumberingSchool.REAR_RIGHT_FIRST, Rotation.NONE);
        ElectricSheet sheet = layout.sheet(
                craft.wiring().stream().map(Corner::ordinal).toList(),
                Corner.ALL.stream().map(craft.airframe().shape()::shortName).toList(),
                craft.airframe().reachMm(),
                FOUR_CELLS,
                parts);
        return craft.withElectrics(new Electrics(sheet));
    }
}

package ablemedic.takeoff;

import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.FlightMode;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinConvention;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Crafts to test on. */
final class Crafts {
    private Crafts() {}

    static Craft inch5(FlightMode mode) {
        return CraftClass.sound(
                CraftClass.INCH_5.airframe(),
                SpinConvention.INWARD,
                MotorNumbering.REAR_RIGHT_FIRST,
                Rotation.NONE,
                mode);
    }

    /** One of each class, over both conventions, both modes and several mounts of the board. */
    static Stream<Craft> varied() {
        List<Craft> crafts = new ArrayList<>();
        int i = 0;
        for (CraftClass size : CraftClass.values()) {
            crafts.add(CraftClass.sound(
                    size.airframe(),
                    SpinConvention.values()[i % 2],
                    MotorNumbering.values()[i / 2 % 2],
                    Rotation.yaw(90 * i),
                    FlightMode.values()[i % 2]));
            i++;
        }
        return crafts.stream();
    }

    static Craft swapped(Craft craft, Corner one, Corner other) {
        return Effects.outputsMoved(
                craft,
                Corner.ALL.stream()
                        .map(c -> c == one ? other : c == other ? one : c)
                        .toList());
    }

    static Craft shifted(Craft craft, int corners) {
        return Effects.outputsMoved(
                craft, Corner.ALL.stream().map(c -> c.turned(corners)).toList());
    }
}

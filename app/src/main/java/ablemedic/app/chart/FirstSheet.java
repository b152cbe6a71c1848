package ablemedic.app.chart;

import ablemedic.app.chart.BuildSheet.Turn;
import ablemedic.app.chart.ElectricEntry.BatteryOnSheet;
import ablemedic.app.parts.PartTypeStore;
import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.FlightMode;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinConvention;
import ablemedic.parts.WiringLayout;
import ablemedic.wiring.BatteryType;
import ablemedic.wiring.Chemistry;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The first build sheet of a craft from the few things that are told of it; what is not told is as usual. */
@Component
class FirstSheet {
    private static final BatteryType USUAL_BATTERY = new BatteryType(4, Chemistry.LIPO, 1500, 4);

    private final PartTypeStore partTypes;

    FirstSheet(PartTypeStore partTypes) {
        this.partTypes = partTypes;
    }

    /**
     * The sheet.
     *
     * @param layout how it is wired; left out, parts and wires stay unentered
     * @param parts ids of part types in the parts library
     */
    BuildSheet of(
            CraftClass preset,
            @Nullable SpinConvention spins,
            @Nullable MotorNumbering numbering,
            @Nullable Turn mounted,
            @Nullable FlightMode mode,
            @Nullable WiringLayout layout,
            @Nullable BatteryOnSheet battery,
            @Nullable List<String> parts) {
        Craft craft = CraftClass.sound(
                preset.airframe(),
                Optional.ofNullable(spins).orElse(SpinConvention.INWARD),
                Optional.ofNullable(numbering).orElse(MotorNumbering.REAR_RIGHT_FIRST),
                mounted == null ? Rotation.NONE : mounted.rotation("mounted"),
                Optional.ofNullable(mode).orElse(FlightMode.LEVEL));
        return BuildSheet.of(
                layout == null
                        ? craft
                        : PartsController.wired(
                                craft,
                                layout,
                                battery == null ? USUAL_BATTERY : battery.kind(),
                                parts == null ? List.of() : parts,
                                id -> partTypes.get(id, "parts")));
    }
}

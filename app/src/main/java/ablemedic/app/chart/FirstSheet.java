package ablemedic.app.chart;

import ablemedic.app.chart.BuildSheet.Turn;
import ablemedic.app.chart.ElectricEntry.PackEntry;
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
    private static final BatteryType USUAL_PACK = new BatteryType(4, Chemistry.LIPO, 1500, 4);

    private final PartTypeStore sorts;

    FirstSheet(PartTypeStore sorts) {
        this.sorts = sorts;
    }

    /**
     * The sheet.
     *
     * @param layout how it is wired; left out, parts and leads stay unentered
     * @param parts ids of sorts on the shelf
     */
    BuildSheet of(
            CraftClass preset,
            @Nullable SpinConvention spins,
            @Nullable MotorNumbering numbering,
            @Nullable Turn mounted,
            @Nullable FlightMode mode,
            @Nullable WiringLayout layout,
            @Nullable PackEntry pack,
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
                                pack == null ? USUAL_PACK : pack.kind(),
                                parts == null ? List.of() : parts,
                                id -> sorts.get(id, "parts")));
    }
}

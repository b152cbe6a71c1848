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
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
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

    /** How motors and flight controller are set; what is left out is as usual. */
    record Conventions(
            @Nullable SpinConvention spins,
            @Nullable MotorNumbering numbering,
            @Valid @Nullable Turn mounted,
            @Nullable FlightMode mode) {}

    /**
     * How it is wired.
     *
     * @param layout left out, parts and wires stay unentered
     * @param parts ids of part types in the parts library
     */
    record Wired(
            @Nullable WiringLayout layout,
            @Valid @Nullable BatteryOnSheet battery,

            @Nullable @Size(max = 20, message = "{most.parts}")
            List<@NotNull @Size(max = 60) String> parts) {}

    BuildSheet of(CraftClass preset, Conventions set, Wired wired) {
        Craft craft = CraftClass.sound(
                preset.airframe(),
                Optional.ofNullable(set.spins()).orElse(SpinConvention.INWARD),
                Optional.ofNullable(set.numbering()).orElse(MotorNumbering.REAR_RIGHT_FIRST),
                set.mounted() == null ? Rotation.NONE : set.mounted().rotation("mounted"),
                Optional.ofNullable(set.mode()).orElse(FlightMode.LEVEL));
        return BuildSheet.of(
                wired.layout() == null
                        ? craft
                        : PartsController.wired(
                                craft,
                                wired.layout(),
                                wired.battery() == null
                                        ? USUAL_BATTERY
                                        : wired.battery().kind(),
                                wired.parts() == null ? List.of() : wired.parts(),
                                id -> partTypes.get(id, "parts")));
    }
}

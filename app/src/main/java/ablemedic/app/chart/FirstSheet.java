package ablemedic.app.chart;

import ablemedic.app.chart.BuildSheet.Turn;
import ablemedic.app.chart.ElectricEntry.PackEntry;
import ablemedic.app.shelf.SortStore;
import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.FlightMode;
import ablemedic.craft.NumberingSchool;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinSchool;
import ablemedic.electrics.Chemistry;
import ablemedic.electrics.PackKind;
import ablemedic.shelf.Layout;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The first build sheet of a craft from the few things that are told of it; what is not told is as usual. */
@Component
class FirstSheet {
    private static final PackKind USUAL_PACK = new PackKind(4, Chemistry.LIPO, 1500, 4);

    private final SortStore sorts;

    FirstSheet(SortStore sorts) {
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
            @Nullable SpinSchool spins,
            @Nullable NumberingSchool numbering,
            @Nullable Turn mounted,
            @Nullable FlightMode mode,
            @Nullable Layout layout,
            @Nullable PackEntry pack,
            @Nullable List<String> parts) {
        Craft craft = CraftClass.sound(
                preset.airframe(),
                Optional.ofNullable(spins).orElse(SpinSchool.INWARD),
                Optional.ofNullable(numbering).orElse(NumberingSchool.REAR_RIGHT_FIRST),
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

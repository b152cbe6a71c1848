package ablemedic.power;

import ablemedic.catalogue.Param;
import ablemedic.family.FaultBuilder;
import ablemedic.power.PowerDefect.OtherBattery;
import ablemedic.power.PowerDefect.WeakCell;
import ablemedic.power.PowerDefect.WornBattery;

/** What can be wrong with the battery that is used. */
final class BatteryFaults {
    private static final double WORN = 4;
    private static final double WEAK_CELL_V = 0.7;

    private final PowerFaults faults;

    BatteryFaults(PowerFaults faults) {
        this.faults = faults;
    }

    void add() {
        worn(
                faults.add("pack-worn", "pack-worn").site("power pack ohms").prior(PowerOdds.PACK_WORN),
                new WornBattery(WORN));
        worn(
                faults.add("cell-weak", "cell-weak").site("power pack cell").prior(PowerOdds.CELL_WEAK),
                new WeakCell(WEAK_CELL_V));
        int right = faults.electrics().sheet().battery().cells();
        for (int off : new int[] {-1, 1}) {
            if (right + off >= 1) {
                PowerDefect other = new OtherBattery(off);
                faults.add("pack-of-other-cells", "pack-cells-" + (off < 0 ? "fewer" : "more"))
                        .site("power pack cells")
                        .prior(PowerOdds.OTHER_BATTERY)
                        .with("wrong", new Param.Count(right + off))
                        .with("right", new Param.Count(right))
                        .defectInPlace(other)
                        .remedy(other.slot().what())
                        .fix("pack", 3);
            }
        }
    }

    private static void worn(FaultBuilder fault, PowerDefect defect) {
        fault.defectInPlace(defect).remedy(defect.slot().what()).fix("pack", 3);
    }
}

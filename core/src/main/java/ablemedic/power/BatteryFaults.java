package ablemedic.power;

import ablemedic.catalogue.Param;
import ablemedic.family.Odds;
import ablemedic.wiring.Defect;

/** What can be wrong with the battery that is used. */
final class BatteryFaults {
    private static final double WORN = 4;
    private static final double WEAK_CELL_V = 0.7;

    private final PowerFaults faults;

    BatteryFaults(PowerFaults faults) {
        this.faults = faults;
    }

    void add() {
        worn("pack-worn", PowerOdds.PACK_WORN, new Defect.WornPack(WORN));
        worn("cell-weak", PowerOdds.CELL_WEAK, new Defect.WeakCell(WEAK_CELL_V));
        int right = faults.electrics().sheet().pack().cells();
        for (int off : new int[] {-1, 1}) {
            if (right + off >= 1) {
                Defect other = new Defect.OtherPack(off);
                faults.add("pack-of-other-cells", "pack-cells-" + (off < 0 ? "fewer" : "more"))
                        .site("power pack cells")
                        .prior(PowerOdds.OTHER_PACK)
                        .with("wrong", new Param.Count(right + off))
                        .with("right", new Param.Count(right))
                        .defectInPlace(other)
                        .remedy("pack " + other.slot().sort())
                        .fix("pack", 3);
            }
        }
    }

    private void worn(String kind, Odds odds, Defect defect) {
        faults.add(kind, kind)
                .site(kind.equals("pack-worn") ? "power pack ohms" : "power pack cell")
                .prior(odds)
                .defectInPlace(defect)
                .remedy("pack " + defect.slot().sort())
                .fix("pack", 3);
    }
}

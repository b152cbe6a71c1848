package ablemedic.requirement;

import ablemedic.craft.Craft;
import ablemedic.electrics.ElectricSheet;
import ablemedic.electrics.Electrics;
import ablemedic.electrics.Lead;
import java.util.List;

/** A sheet with other wires. */
final class Rewiring {
    private Rewiring() {}

    static Craft of(Craft craft, List<Lead> wires) {
        ElectricSheet sheet = craft.electrics().sheet();
        return craft.withElectrics(new Electrics(new ElectricSheet(sheet.parts(), wires, sheet.pack())));
    }
}

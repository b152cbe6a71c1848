package ablemedic.requirement;

import ablemedic.craft.Craft;
import ablemedic.wiring.ElectricSheet;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Wire;
import java.util.List;

/** A sheet with other wires. */
final class Rewiring {
    private Rewiring() {}

    static Craft of(Craft craft, List<Wire> wires) {
        ElectricSheet sheet = craft.electrics().sheet();
        return craft.withElectrics(new Electrics(new ElectricSheet(sheet.parts(), wires, sheet.battery())));
    }
}

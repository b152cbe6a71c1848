package ablemedic.app.demo;

import ablemedic.app.chart.BuildSheet;
import ablemedic.app.chart.CraftLog;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.CraftStore.State;
import ablemedic.app.chart.PartsController;
import ablemedic.app.demo.DemoScript.DemoCraft;
import ablemedic.app.demo.DemoScript.DemoNote;
import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.Rotation;
import ablemedic.parts.PartsLibrary;
import ablemedic.uart.UartsFromWiring;
import ablemedic.wiring.ElectricSheet;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Gauge;
import ablemedic.wiring.Wire;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The craft of the demo, with notes in their logs. */
@Component
@Order(1)
class DemoCrafts implements DemoPart {
    private final CraftStore crafts;
    private final CraftLog log;
    private final SoundRoutine checks;

    DemoCrafts(CraftStore crafts, CraftLog log, SoundRoutine checks) {
        this.crafts = crafts;
        this.log = log;
        this.checks = checks;
    }

    @Override
    public List<Happened> of(DemoScript script, Instant now) {
        List<Happened> year = new ArrayList<>();
        script.crafts().forEach(craft -> entering(craft, now, year));
        return year;
    }

    private void entering(DemoCraft craft, Instant now, List<Happened> year) {
        var mounted = craft.build().mounted() == null
                ? Rotation.NONE
                : craft.build().mounted().rotation("mounted");
        Craft bare = CraftClass.sound(
                craft.build().craftClass().airframe(),
                craft.build().spins(),
                craft.build().numbering(),
                mounted,
                craft.build().mode());
        Craft wired = craft.wiring().layout() == null || craft.wiring().battery() == null
                ? bare
                : PartsController.wired(
                        bare,
                        craft.wiring().layout(),
                        craft.wiring().battery().kind(),
                        craft.wiring().parts() == null
                                ? List.of()
                                : craft.wiring().parts(),
                        id -> PartsLibrary.find(id).orElseThrow());
        BuildSheet sheet = BuildSheet.of(DemoSettings.configured(craft.wiring().configuration(), led(craft, wired)));
        Instant entered = DemoPart.ago(now, craft.daysAgo());
        year.add(new Happened(
                entered,
                () -> crafts.enter(
                        craft.craftId(),
                        craft.name(),
                        craft.build().craftClass().label(),
                        craft.build().builder(),
                        sheet,
                        entered)));
        for (DemoNote note : craft.notes()) {
            Instant at = DemoPart.ago(now, note.daysAgo());
            year.add(new Happened(at, () -> log.add(craft.craftId(), at, note.kind(), note.text(), null)));
        }
        if (craft.grounded() != null) {
            year.add(new Happened(
                    DemoPart.ago(now, 20),
                    () -> crafts.change(
                            craft.craftId(),
                            crafts.get(craft.craftId()).version(),
                            new CraftStore.Changing(
                                    craft.name(), craft.build().builder(), State.GROUNDED, craft.grounded()),
                            DemoPart.ago(now, 20))));
        }
        if (craft.routineDaysAgo() != null) {
            Instant at = DemoPart.ago(now, craft.routineDaysAgo());
            year.add(new Happened(at, () -> checks.run(craft.craftId(), at)));
        }
    }

    /** The craft with wires that no layout runs, and its UARTs set from the wiring. */
    private static Craft led(DemoCraft craft, Craft wired) {
        if (craft.wiring().wires() == null) {
            return wired;
        }
        ElectricSheet sheet = wired.electrics().sheet();
        List<Wire> wires = new ArrayList<>(sheet.wires());
        craft.wiring()
                .wires()
                .forEach(wire -> wires.add(
                        new Wire(wire.from(), wire.to(), new Gauge(wire.gaugeAwg()), wire.lengthMm(), wire.plugged())));
        return UartsFromWiring.told(
                wired.withElectrics(new Electrics(new ElectricSheet(sheet.parts(), wires, sheet.battery()))));
    }
}

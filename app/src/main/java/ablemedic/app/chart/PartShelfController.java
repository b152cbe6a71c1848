package ablemedic.app.chart;

import ablemedic.electrics.Archetype;
import ablemedic.electrics.PartShelf;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The parts shelf over HTTP: invented archetypes to build a sheet from. Currents in amperes, voltages in volts. */
@RestController
class PartShelfController {

  /** An archetype. A voltage of 0 stands for that of the pack. */
  record ShelfPart(String id, String label, String kind, List<ShelfPad> pads, double drawA, double poorDrawA, double lowestV,
      double highestV) {}

  record ShelfPad(String name, String kind, double voltageV, boolean usb, int room) {}

  @GetMapping("/api/part-shelf")
  List<ShelfPart> shelf() {
    return PartShelf.all().stream().map(PartShelfController::part).toList();
  }

  private static ShelfPart part(Archetype a) {
    return new ShelfPart(a.id(), a.label(), a.kind().name(),
        a.pads().stream().map(p -> new ShelfPad(p.name(), p.kind().name(), p.volts(), p.usb(), p.room())).toList(),
        a.load().map(l -> l.amps()).orElse(0.0), a.load().map(l -> l.poorAmps()).orElse(0.0), a.lowestV(), a.highestV());
  }
}

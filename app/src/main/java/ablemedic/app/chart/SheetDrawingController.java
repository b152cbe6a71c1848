package ablemedic.app.chart;

import jakarta.validation.Valid;
import java.util.Map;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Draws sheets that nobody has put on a craft yet, while they are being changed. */
@RestController
class SheetDrawingController {

    /** Parts and wires. */
    @PostMapping("/api/wiring-map")
    PowerMap wiring(@RequestBody @Valid ElectricEntry entry) {
        return PowerMap.of(entry.toElectrics().wiring(), Map.of());
    }

    /** The craft from above. */
    @PostMapping("/api/craft-drawing")
    CraftDrawing craft(@RequestBody @Valid BuildSheet sheet) {
        return CraftDrawing.of(sheet.toCraft());
    }
}

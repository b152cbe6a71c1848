package ablemedic.app.chart;

import jakarta.validation.Valid;
import java.util.Map;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Draws parts and leads that are on no sheet yet, while they are being changed. */
@RestController
class WiringMapController {

  @PostMapping("/api/wiring-map")
  PowerMap drawn(@RequestBody @Valid ElectricEntry entry) {
    return PowerMap.of(entry.toElectrics().wiring(), Map.of());
  }
}

package ablemedic.app.meter;

import ablemedic.reading.Meter;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The meter over HTTP. Shares are fractions, digits steps of the last digit, leads in ohms. */
@RestController
class MeterController {
    private final MeterStore store;

    MeterController(MeterStore store) {
        this.store = store;
    }

    @GetMapping("/api/meter")
    Meter get() {
        return store.get();
    }

    @PutMapping("/api/meter")
    Meter set(@RequestBody Meter meter) {
        store.set(meter);
        return store.get();
    }
}

package ablemedic.app.instruments;

import ablemedic.power.WireDrop;
import ablemedic.wiring.Gauge;
import jakarta.validation.Valid;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The drop in a wire there and back. */
@RestController
class WireDropController {

    record WireDropAsked(int gaugeAwg, double lengthMm, double currentA, double temperatureC, double mostDropV) {}

    record WireDropAnswer(
            double diameterMm,
            double areaMm2,
            double resistanceMohm,
            double dropV,
            double heatW,
            @Nullable Integer thinnestAwg) {}

    @PostMapping("/api/instruments/lead-drop")
    WireDropAnswer solve(@RequestBody @Valid WireDropAsked asked) {
        Gauge gauge = new Gauge((int) Asked.within("gaugeAwg", asked.gaugeAwg(), 0, 40, ""));
        double length = Asked.within("lengthMm", asked.lengthMm(), 1, 10_000, "mm");
        double amps = Asked.within("currentA", asked.currentA(), 0, 500, "A");
        double celsius = Asked.within("temperatureC", asked.temperatureC(), -40, 200, "°C");
        double most = Asked.within("mostDropV", asked.mostDropV(), 0.001, 10, "V");
        WireDrop drop = WireDrop.of(gauge, length, amps, celsius);
        return new WireDropAnswer(
                gauge.diameterMm(),
                gauge.areaMm2(),
                drop.ohms() * 1000,
                drop.dropV(),
                drop.watts(),
                WireDrop.thinnest(length, amps, celsius, most).map(Gauge::awg).orElse(null));
    }
}

package ablemedic.app.instruments;

import ablemedic.power.SenseChain;
import ablemedic.reading.Estimate;
import ablemedic.wiring.ESeries;
import ablemedic.wiring.InnerCircuit.Divider;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The sense chain: from the battery over divider and converter to what is shown. Volts and ohms. */
@RestController
class SenseChainController {

    record Chain(double batteryV, double topOhm, double bottomOhm, double tolerance, double scale) {}

    /**
     * Each link of the chain; the uncertainty is that of resistors within their tolerance, at about 95 %. The least
     * upper resistor is that of the E96 series which keeps this battery below the converter's reference.
     */
    record ChainAnswer(
            double ratio,
            @JsonUnwrapped AtConverter converter,
            @JsonUnwrapped AsShown shown,
            double rightScale,
            double leastTopOhm) {}

    /** What arrives at the pin and becomes of it. */
    record AtConverter(double converterV, double pinV, boolean killsPin, long step, boolean clipped) {}

    /** What the flight controller shows. */
    record AsShown(double shownV, double shownPlusMinusV, double fullScaleV, double stepV) {}

    @PostMapping("/api/instruments/sense-chain")
    ChainAnswer solve(@RequestBody @Valid Chain asked) {
        double batteryV = Asked.within("batteryV", asked.batteryV(), 0, 100, "V");
        double top = Asked.within("topOhm", asked.topOhm(), 0.1, 1e8, "ohm");
        double bottom = Asked.within("bottomOhm", asked.bottomOhm(), 0.1, 1e8, "ohm");
        double tolerance = Asked.within("tolerance", asked.tolerance(), 0, 0.5, "as a share; 1 % is 0.01");
        double scale = Asked.within("scale", asked.scale(), 0.001, 1000, "");
        Divider divider = new Divider("", "", top, bottom);
        double read = SenseChain.converterV(batteryV, divider.ratio());
        boolean clipped = batteryV / divider.ratio() > SenseChain.REFERENCE_V;
        // V = V_pack·R2/(R1+R2): the relative sensitivity to either resistor is R1/(R1+R2).
        double share = top / (top + bottom);
        Estimate resistor = Estimate.within(1, tolerance);
        double u = Math.hypot(share * resistor.u(), share * resistor.u()) * read * scale;
        double step = SenseChain.REFERENCE_V / SenseChain.STEPS;
        return new ChainAnswer(
                divider.ratio(),
                new AtConverter(
                        read,
                        batteryV / divider.ratio(),
                        batteryV / divider.ratio() > SenseChain.KILLS_PIN_V,
                        Math.min(SenseChain.HIGHEST_STEP, Math.round(read / step)),
                        clipped),
                new AsShown(read * scale, clipped ? 0 : 2 * u, SenseChain.REFERENCE_V * scale, step * scale),
                divider.ratio(),
                ESeries.atLeast(Math.max(1, bottom * (batteryV / SenseChain.REFERENCE_V - 1))));
    }
}

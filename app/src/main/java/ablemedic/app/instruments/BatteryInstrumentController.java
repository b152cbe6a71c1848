package ablemedic.app.instruments;

import ablemedic.app.chart.ElectricEntry.BatteryOnSheet;
import ablemedic.app.http.Refusal;
import ablemedic.app.meter.MeterStore;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.power.BatteryInUse;
import ablemedic.power.BatteryUse;
import ablemedic.power.CellGuess;
import ablemedic.power.LandingVoltageRule;
import ablemedic.reading.Estimate;
import ablemedic.wiring.BatteryType;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/**
 * The battery: sag, usable charge, thresholds, and how its cells are guessed. Volts, amperes, milliamp hours,
 * milliohms.
 */
@RestController
class BatteryInstrumentController {
    private static final Words REFUSALS =
            Catalogue.beside(BatteryInstrumentController.class, "refusals").of("battery-instrument-controller");
    private final MeterStore meters;

    BatteryInstrumentController(MeterStore meters) {
        this.meters = meters;
    }

    record BatteryAsked(
            @NotNull @Valid BatteryOnSheet kind,
            @NotNull LandingVoltageRule rule,
            double drawA,
            @Nullable Double restV,
            @Nullable Double loadV,
            @Nullable Double loadA) {}

    record BatteryAnswer(
            double fullV,
            double nominalV,
            double landV,
            double landCellV,
            String reason,
            double sagV,
            @JsonUnwrapped Usable usable,
            @JsonUnwrapped Resistance resistance,
            @JsonUnwrapped Guess guess) {}

    /** What can be drawn until it is landed. */
    record Usable(double usableMah, double usableShare, double usableWh, double minutes) {}

    /** What a sag says of it; nothing where none was measured. */
    record Resistance(
            @Nullable Double resistanceMohm, @Nullable Double resistancePlusMinusMohm, boolean worn) {}

    /** Between which volts a cell an FC counts its cells right, and how many it takes a full one for. */
    record Guess(double guessLowCellV, double guessHighCellV, int guessFull) {}

    @PostMapping("/api/instruments/pack")
    BatteryAnswer solve(@RequestBody @Valid BatteryAsked asked) {
        BatteryType kind = asked.kind().kind();
        double draw = Asked.within("drawA", asked.drawA(), 0.1, 500, "A");
        Double mohm = null;
        Double u = null;
        boolean worn = false;
        BatteryType used = kind;
        if (asked.restV() != null && asked.loadV() != null && asked.loadA() != null) {
            double rest = Asked.within("restV", asked.restV(), 0.5, 100, "V");
            double load = Asked.within("loadV", asked.loadV(), 0.5, 100, "V");
            double amps = Asked.within("loadA", asked.loadA(), 0.05, 500, "A");
            if (load >= rest) {
                throw Refusal.wrong("loadV", REFUSALS.with("load", load).with("rest", rest), "load-above-rest");
            }
            Estimate ohms = BatteryInUse.ohms(rest, load, amps, meters.get());
            mohm = ohms.value() * 1000;
            u = ohms.expanded() * 1000;
            worn = BatteryUse.worn(kind, ohms.value());
            used = new BatteryType(
                    kind.cells(), kind.chemistry(), kind.capacityMah(), Math.min(500, mohm / kind.cells()));
        }
        double land = BatteryUse.landCellV(kind.chemistry(), asked.rule().landV());
        double share = BatteryUse.usableShare(used, land, draw);
        double[] guessed = CellGuess.rightBetween(kind);
        return new BatteryAnswer(
                kind.fullV(),
                kind.nominalV(),
                land * kind.cells(),
                land,
                asked.rule().reason(),
                draw * used.ohms(),
                new Usable(
                        share * kind.capacityMah(),
                        share,
                        BatteryUse.energyWh(used, share, draw),
                        share * kind.capacityMah() / 1000 / draw * 60),
                new Resistance(mohm, u, worn),
                new Guess(guessed[0], guessed[1], CellGuess.of(kind.fullV())));
    }
}

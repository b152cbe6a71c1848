package ablemedic.power;

import ablemedic.catalogue.Param;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.VoltageSource;
import ablemedic.family.Cleared;
import ablemedic.family.FaultBuilder;
import ablemedic.power.PowerDefect.DividerOff;
import ablemedic.power.PowerDefect.SenseOnOther;
import ablemedic.wiring.CopperDefect;
import ablemedic.wiring.CopperDefect.WireMoved;
import ablemedic.wiring.Defect;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Wire;
import ablemedic.wiring.Wiring;
import ablemedic.wiring.Wiring.At;
import java.util.HashSet;
import java.util.Set;

/** What can be wrong between the battery's voltage and the number shown: sense wire, divider, ADC, settings. */
final class VoltageFaults {
    /** Wrong scales over the right one: halves, tenths, thirds, as they are typed. From memory. */
    private static final double[] SCALES = {0.5, 0.77, 10 / 11.0, 1.1, 1.3, 2};

    private static final double ONE_SCALE = 0.4;
    /** A resistor a step off, and what an open upper or lower one comes to. */
    private static final double LOW = 0.9;

    private static final double HIGH = 1.1;
    private static final double OPEN_TOP = 0;
    private static final double OPEN_BOTTOM = 11;
    private static final double CONVERTER = 1.04;

    private final PowerFaults faults;
    private final Craft craft;
    private final Electrics sound;
    private final Wiring wiring;

    VoltageFaults(PowerFaults faults) {
        this.faults = faults;
        this.craft = faults.sound();
        this.sound = faults.electrics();
        this.wiring = sound.wiring();
    }

    void add() {
        wiring.divider().ifPresent(divider -> {
            wiring.senseWire().ifPresent(this::senseWire);
            divider(divider, "low", LOW);
            divider(divider, "high", HIGH);
            divider(divider, "top", OPEN_TOP);
            divider(divider, "bottom", OPEN_BOTTOM);
            faults.add("converter-off", "converter-off")
                    .site("power converter")
                    .prior(PowerOdds.CONVERTER)
                    .with("part", part(divider))
                    .defectInPlace(new DividerOff(CONVERTER))
                    .remedy("converter reference")
                    .fix("supply", 25);
            scale();
            cells();
            source();
        });
    }

    private static Param part(At<?> inner) {
        return Param.part(inner.part().id(), inner.part().label());
    }

    private void senseWire(Wire wire) {
        Set<Double> rails = new HashSet<>();
        for (At<InnerCircuit.Regulator> regulator : wiring.all(InnerCircuit.Regulator.class)) {
            double volts = regulator.of().volts();
            if (rails.add(volts)) {
                String pad = regulator.address(regulator.of().out());
                onRail(
                        wire,
                        faults.add("sense-lead-on-rail", "sense-on-" + PowerFaults.plain(pad))
                                .with("pad", Param.pad(pad, wiring.label(wiring.node(pad)))),
                        volts,
                        new WireMoved(wire.id(), pad));
            }
        }
        double nominal = sound.sheet().battery().nominalV();
        for (double volts : SenseChain.USUAL_RAILS) {
            if (!rails.contains(volts) && volts < nominal) {
                onRail(
                        wire,
                        faults.add("sense-on-other", "sense-on-other-" + PowerFaults.plain(PowerFaults.number(volts)))
                                .kind("sense-lead-on-rail"),
                        volts,
                        new SenseOnOther(wire.id(), volts));
            }
        }
    }

    private void onRail(Wire wire, FaultBuilder fault, double volts, Defect defect) {
        fault.site(Cleared.site(wire.id()))
                .prior(PowerOdds.SENSE_ON_RAIL)
                .with("volts", Param.number(volts, "V"))
                .with("from", Param.pad(wire.from(), wiring.label(wiring.node(wire.from()))))
                .wiring(
                        electrics -> electrics.with(defect),
                        electrics -> electrics.without(CopperDefect.ofWireEnd(wire.id())))
                .remedy("sense lead on the pack")
                .fix("move", 8);
    }

    private void divider(At<InnerCircuit.Divider> divider, String how, double factor) {
        boolean open = factor == OPEN_TOP || factor == OPEN_BOTTOM;
        faults.add("divider-off", "divider-" + (open ? "open-" : "") + how)
                .site("power divider")
                .prior(PowerOdds.DIVIDER)
                .with("part", part(divider))
                .with("how", new Param.Choice(how))
                .with("top", Param.number(divider.of().topOhms() / 1000, "kΩ"))
                .with("bottom", Param.number(divider.of().bottomOhms() / 1000, "kΩ"))
                .defectInPlace(new DividerOff(factor))
                .remedy("divider as built")
                .fix("resistors", 25);
    }

    private void scale() {
        double right = craft.setting(FcSettings.VOLTAGE_SCALE);
        String said = craft.configuration().said(FcSettings.VOLTAGE_SCALE);
        for (double times : SCALES) {
            faults.wrong(
                            "scale-wrong",
                            "scale-" + PowerFaults.plain(PowerFaults.number(times)),
                            PowerSettings.SCALE,
                            was -> was * times)
                    .site("power scale")
                    .prior(PowerOdds.SCALE.times(ONE_SCALE))
                    .with("wrong", Param.number(Math.round(right * times * 1000) / 1000.0, ""))
                    .with("right", Param.written(said))
                    .remedy("voltage scale " + said)
                    .fix("scale", 3);
        }
    }

    private void cells() {
        String right = craft.configuration().said(FcSettings.CELLS);
        for (int off : new int[] {-1, 1}) {
            int cells = sound.sheet().battery().cells() + off;
            if (cells >= 1) {
                faults.wrong(
                                "cells-wrong",
                                "told-cells-" + (off < 0 ? "fewer" : "more"),
                                PowerSettings.CELLS,
                                was -> cells)
                        .site("power cells")
                        .prior(PowerOdds.CELLS)
                        .with("wrong", new Param.Count(cells))
                        .with("right", Param.written(right))
                        .remedy("cells " + right)
                        .fix("cells", 3);
            }
        }
    }

    private void source() {
        if (craft.setting(FcSettings.VOLTAGE_SOURCE) == VoltageSource.NONE) {
            return;
        }
        String right = craft.configuration().said(FcSettings.VOLTAGE_SOURCE);
        faults.wrong("source-wrong", "source-none", PowerSettings.SOURCE, was -> VoltageSource.NONE)
                .site("power source")
                .prior(PowerOdds.SOURCE)
                .with("right", Param.written(right))
                .remedy("voltage source " + right)
                .fix("source", 3);
    }
}

package ablemedic.power;

import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.VoltageSource;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Fix.Value;
import ablemedic.family.SettingTrouble;
import ablemedic.wiring.Defect;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Part;
import ablemedic.wiring.Wire;
import ablemedic.wiring.Wiring;
import ablemedic.wiring.Wiring.At;
import ablemedic.wiring.Wiring.Link;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;

/** The ways to put each fault of power right, in the labels and numbers of the craft at hand. */
final class PowerFixes {
    private static final String PACK_OUT = "Pack out, computer out.";
    private static final String ROUTINE = "Then the pre-power routine, before the pack goes in again.";

    static final SettingTrouble<Double> SCALE = SettingTrouble.of(FcSettings.VOLTAGE_SCALE);
    static final SettingTrouble<Integer> CELLS = SettingTrouble.of(FcSettings.CELLS);
    static final SettingTrouble<VoltageSource> SOURCE = SettingTrouble.of(FcSettings.VOLTAGE_SOURCE);
    static final SettingTrouble<Boolean> CURRENT = SettingTrouble.of(FcSettings.CURRENT_READ);
    static final SettingTrouble<Double> CURRENT_SCALE = SettingTrouble.of(FcSettings.CURRENT_SCALE);
    static final SettingTrouble<Double> CURRENT_AT_REST = SettingTrouble.of(FcSettings.CURRENT_AT_REST);

    /** Makes fixes from the sound craft and the craft with the fault. */
    interface Fixing extends BiFunction<Craft, Craft, List<Fix<Craft>>> {}

    private PowerFixes() {}

    static Fixing link(Wiring wiring, Link link) {
        String what = link.label();
        List<String> how =
                switch (link.kind()) {
                    case JOINT, LEAD ->
                        List.of(
                                PACK_OUT,
                                "Flux " + what + " and heat it until fresh solder wets pad and strands; a "
                                        + "ground pad on a thick plane wants the bigger tip. Hold it still until it sets, then tug.",
                                ROUTINE);
                    case PIN ->
                        List.of(
                                PACK_OUT,
                                "Pull the connector at " + wiring.label(link.b()) + ". Look for a pin that is pushed "
                                        + "back, bent or loose in its crimp; crimp a new contact on, or solder past it.",
                                ROUTINE);
                    case WIRE ->
                        List.of(
                                PACK_OUT,
                                "Replace " + what + ": " + lead(wiring, link)
                                        + ". Strands that broke once break again beside the mend.",
                                ROUTINE);
                    case TRACE ->
                        List.of(
                                PACK_OUT,
                                "Run a wire of at least the gauge of the lead beside it past " + what
                                        + ", or replace the board.",
                                ROUTINE);
                };
        String title =
                switch (link.kind()) {
                    case JOINT -> "Make " + what + " anew";
                    case PIN, WIRE, LEAD -> "Renew " + what;
                    case TRACE -> "Bypass " + what;
                };
        double minutes = link.kind() == Wiring.Kind.TRACE ? 25 : 12;
        return (sound, faulty) -> {
            double ohms = faulty.electrics().spoilt(link.id()).orElse(link.ohms());
            return List.of(new Fix<>(
                    "renew",
                    "sound " + link.id(),
                    title,
                    how,
                    List.of(new Value(
                            what, Double.isInfinite(ohms) ? "open" : PowerFaults.number(ohms) + " ohm", "sound")),
                    minutes,
                    without(Defect.Poor.slot(link.id()))));
        };
    }

    private static String lead(Wiring wiring, Link link) {
        return wiring.sheet().leads().stream()
                .filter(l -> l.id().equals(link.leadId()))
                .findFirst()
                .map(l -> "gauge " + l.gauge().awg() + ", " + Math.round(l.lengthMm()) + " mm")
                .orElse("the same gauge and length");
    }

    static Fixing bridge(Wiring.Neighbours pads) {
        return one(new Fix<>(
                "clear",
                "no bridge " + pads.id(),
                "Clear the bridge between " + pads.label(),
                List.of(
                        PACK_OUT,
                        "Wick the solder off between " + pads.label()
                                + ", look for a stray strand, clean with alcohol.",
                        "If a chip behind it took harm it shows in the rails at first power.",
                        ROUTINE),
                List.of(new Value("between " + pads.label(), "bridged", "clear")),
                8,
                without(Defect.Bridge.slot(pads.onePad(), pads.otherPad()))));
    }

    static Fixing crossed(Part part) {
        return one(new Fix<>(
                "exchange",
                "polarity of " + part.id(),
                "Exchange plus and minus of the " + part.label(),
                List.of(
                        PACK_OUT,
                        "Unsolder both supply leads of the " + part.label() + " and exchange them.",
                        "If it had the pack on it that way it is most likely dead: measure it before you trust it.",
                        ROUTINE),
                List.of(new Value("leads of the " + part.label(), "crossed", "plus on plus")),
                12,
                without(new Defect.Crossed(part.id()).slot())));
    }

    static Fixing part(Part part, String was) {
        return one(new Fix<>(
                "replace",
                "new " + part.id(),
                "Replace the " + part.label(),
                List.of(
                        PACK_OUT,
                        "Take the " + part.label()
                                + " off and measure again without it: the trouble must be gone with it.",
                        "Fit a sound one of the same ratings, its leads as the sheet has them.",
                        ROUTINE),
                List.of(new Value(part.label(), was, "sound")),
                25,
                craft -> {
                    Electrics e = craft.electrics();
                    for (Defect harm : craft.electrics().harm()) {
                        if (harm.goesWithPart() && harm.isAt(part.id())) {
                            e = e.without(harm.slot());
                        }
                    }
                    return craft.withElectrics(e);
                }));
    }

    static Fixing greedy(Part part, InnerCircuit.Load load) {
        return one(new Fix<>(
                "replace",
                "new " + part.id(),
                "Fit a " + part.label() + " of the good sort, or feed it by itself",
                List.of(
                        PACK_OUT,
                        "Fit one that draws about " + PowerFaults.number(load.amps())
                                + " A, or give this one a regulator " + "of its own that has "
                                + PowerFaults.number(load.poorAmps() * 1.25) + " A.",
                        ROUTINE),
                List.of(new Value(
                        "draw of the " + part.label(),
                        PowerFaults.number(load.poorAmps()) + " A",
                        PowerFaults.number(load.amps()) + " A")),
                20,
                without(Defect.OtherDraw.slot(part.id()))));
    }

    static Fixing regulator(At<InnerCircuit.Regulator> r) {
        String volts = PowerFaults.number(r.of().volts()) + " V";
        return one(new Fix<>(
                "replace",
                "sound " + r.address(r.of().out()),
                "Replace the " + volts + " supply of the " + r.part().label(),
                List.of(
                        PACK_OUT,
                        "Take every lead off the " + volts
                                + " pads and measure again: if the rail comes back, one of the "
                                + "parts held it down.",
                        "Otherwise replace the " + r.part().label() + ", or feed the rail from a separate " + volts
                                + " regulator of at least " + PowerFaults.number(r.of().limitA()) + " A.",
                        ROUTINE),
                List.of(new Value(volts + " of the " + r.part().label(), "failing", "sound")),
                30,
                without(Defect.WeakRegulator.slot(r.address(r.of().out())))));
    }

    static Fixing senseLead(Wiring wiring, Wire lead) {
        String from = wiring.label(wiring.node(lead.from()));
        return (sound, faulty) -> List.of(new Fix<>(
                "move",
                "sense lead on the pack",
                "Move the sense lead to " + from,
                List.of(
                        PACK_OUT,
                        "Unsolder the far end of the sense lead and put it on " + from + ", which carries the pack's "
                                + "voltage.",
                        "Leave the scale alone: a scale that makes this reading look right hides the wrong pad.",
                        ROUTINE),
                List.of(new Value(
                        "sense lead",
                        faulty.electrics()
                                .senseHeldV()
                                .map(v -> "on " + PowerFaults.number(v) + " V")
                                .orElseGet(() -> "on "
                                        + wiring.label(
                                                wiring.node(faulty.electrics().movedTo(lead.id(), lead.from())))),
                        "on " + from)),
                8,
                without(Defect.LeadMoved.slot(lead.id()))));
    }

    static Fixing divider(Electrics sound) {
        String ratio = sound.wiring()
                .divider()
                .map(d -> PowerFaults.number(d.of().topOhms() / 1000) + " kilohm over "
                        + PowerFaults.number(d.of().bottomOhms() / 1000) + " kilohm")
                .orElse("");
        return one(new Fix<>(
                "resistors",
                "divider as built",
                "Replace the divider's resistors",
                List.of(
                        PACK_OUT,
                        "Measure both resistors beside the sense pad: they are " + ratio + ", each within 1 %.",
                        "Replace the one that is off, or the board.",
                        ROUTINE),
                List.of(new Value("divider", "off", ratio)),
                25,
                without(Defect.DividerOff.SLOT)));
    }

    static Fixing converter() {
        return one(new Fix<>(
                "supply",
                "converter reference",
                "Bring the 3.3 V of the board right",
                List.of(
                        "Measure the 3.3 V rail. If it is low, look for the part that loads it or replace the board.",
                        "If the rail is right, correct the scale by two readings instead."),
                List.of(new Value("3.3 V reference", "low", "3.3 V")),
                25,
                without(Defect.DividerOff.SLOT)));
    }

    static Fixing scale(Craft sound) {
        String right = sound.told().said(FcSettings.VOLTAGE_SCALE);
        return SCALE.entered(
                "scale",
                "voltage scale " + right,
                "Enter the voltage scale " + right,
                List.of(
                        "Measure the pack at its leads first and compare: the lead must sit on the pack, not on a regulated pad.",
                        "Enter the scale " + right + ". Then compare once more: new scale = scale · true / shown.",
                        SettingTrouble.SAVE),
                3)::apply;
    }

    static Fixing cells(Craft sound) {
        String right = sound.told().said(FcSettings.CELLS);
        return CELLS.entered(
                "cells",
                "cells " + right,
                "Set the cell count: " + right,
                List.of(
                        "Set the number of cells to: " + right + ".",
                        "A guess goes wrong with a pack far down and with high-voltage cells: plug in a charged pack.",
                        SettingTrouble.SAVE),
                3)::apply;
    }

    static Fixing source(Craft sound) {
        String right = sound.told().said(FcSettings.VOLTAGE_SOURCE);
        return SOURCE.entered(
                "source",
                "voltage source " + right,
                "Set the voltage source: " + right,
                List.of("In the board's power settings choose " + right + ".", SettingTrouble.SAVE),
                3)::apply;
    }

    static Fixing current() {
        return CURRENT.entered(
                "current",
                "current read",
                "Tell the board to read its current sensor",
                List.of("In the board's power settings choose the board's own current sensor.", SettingTrouble.SAVE),
                3)::apply;
    }

    static Fixing currentScale() {
        return CURRENT_SCALE.entered(
                "current-scale",
                "current scale",
                "Correct the current scale",
                List.of(
                        "Fly or run a pack part down, charge it, and note what the charger put back.",
                        "New scale = old scale · charged back / counted.",
                        SettingTrouble.SAVE),
                3)::apply;
    }

    static Fixing currentAtRest() {
        return CURRENT_AT_REST.entered(
                "current-at-rest",
                "current at rest",
                "Set the current offset so that it reads the idle draw at rest",
                List.of(
                        "Motors stopped, note what it shows; it should show what the parts draw, well under 1 A.",
                        "Correct the offset by the difference.",
                        SettingTrouble.SAVE),
                3)::apply;
    }

    static Fixing pack(String title, Defect.Slot slot) {
        return one(new Fix<>(
                "pack",
                "pack " + slot.sort(),
                title,
                List.of(
                        title + ".",
                        "No puffed or punctured pack is charged again; store it at 3.8 V a cell on a surface that does "
                                + "not burn, and dispose of it as the law of the place has it."),
                List.of(new Value("pack", "as it was", "sound, as on the sheet")),
                3,
                without(slot)));
    }

    private static Fixing one(Fix<Craft> fix) {
        return (sound, faulty) -> List.of(fix);
    }

    private static UnaryOperator<Craft> without(Defect.Slot slot) {
        return craft -> craft.withElectrics(craft.electrics().without(slot));
    }
}

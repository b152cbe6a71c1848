package ablemedic.power;

import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.VoltageSource;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.family.Cleared;
import ablemedic.family.CraftFault;
import ablemedic.family.Odds;
import ablemedic.family.SettingTrouble;
import ablemedic.physics.BatteryOut;
import ablemedic.physics.Powered;
import ablemedic.reading.Meter;
import ablemedic.wiring.Defect;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Part;
import ablemedic.wiring.Wiring;
import ablemedic.wiring.Wiring.At;
import ablemedic.wiring.Wiring.Link;
import ablemedic.wiring.Wiring.Purpose;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;

/** All faults of power that one craft can have: every link, pad, regulator, part and setting that it has. */
final class PowerFaults {
    /** A bad joint or pin in a supply, and a corroded signal, ohms. Common practice. */
    private static final double POOR_SUPPLY_OHMS = 1.5;

    private static final double POOR_SIGNAL_OHMS = 4_000;
    /** Less than this past an open link is not to be told from the link with a handheld meter. */
    private static final double DOUBLED_OHMS = 0.6;

    private static final double BRIDGE_OHMS = 0.05;
    private static final double DRIVE_SHORT_OHMS = 0.25;
    private static final double BURST_OHMS = 2;
    /**
     * Current of a failing regulator over what hangs on it. Common practice: it holds with a part or two, not with all.
     */
    private static final double WEAK_REGULATOR = 0.6;

    private static final double WORN = 4;
    private static final double WEAK_CELL_V = 0.7;
    private static final double REST_OFFSET_A = 3;

    private final Craft craft;
    private final Electrics sound;
    private final Wiring wiring;
    private final List<Fault<Craft>> faults = new ArrayList<>();

    private PowerFaults(Craft craft) {
        this.craft = craft;
        this.sound = craft.electrics();
        this.wiring = sound.wiring();
    }

    /** @param craft a sound one */
    static List<Fault<Craft>> of(Craft craft) {
        PowerFaults all = new PowerFaults(craft);
        if (!craft.electrics().sheet().isEmpty()) {
            all.links();
            all.bridges();
            all.controllers();
            all.regulators();
            all.capacitors();
            all.parts();
            all.sensing();
            all.current();
            all.pack();
        }
        return List.copyOf(all.faults);
    }

    private void links() {
        for (Link link : wiring.links()) {
            if (isDoubled(link)) {
                continue;
            }
            Odds odds = PowerOdds.open(link.kind());
            String name = plain(link.id());
            linkHarmed(
                    "open-" + name,
                    "link-open",
                    link,
                    odds,
                    new Defect.Open(link.id()),
                    sentence(link.label()) + " is open");
            double poor = link.purpose() == Purpose.SIGNAL || link.purpose() == Purpose.SENSE
                    ? POOR_SIGNAL_OHMS
                    : POOR_SUPPLY_OHMS;
            linkHarmed(
                    "poor-" + name,
                    "link-poor",
                    link,
                    odds.times(0.35),
                    new Defect.Poor(link.id(), poor),
                    sentence(link.label()) + " conducts badly");
        }
    }

    /** Whether another way of copper goes past a link, so that neither meter nor craft would miss it. */
    private boolean isDoubled(Link link) {
        Electrics open = sound.with(new Defect.Open(link.id()));
        return BatteryOut.of(open, Meter.USUAL).ohms(link.a(), link.b()) < DOUBLED_OHMS;
    }

    private void bridges() {
        for (Wiring.Neighbours pads : wiring.neighbours()) {
            if (alreadyJoined(pads)) {
                continue;
            }
            harmed(
                    "bridge-" + plain(pads.id()),
                    "bridge",
                    pads.id(),
                    PowerOdds.BRIDGE,
                    new Defect.Bridge(pads.onePad(), pads.otherPad(), BRIDGE_OHMS),
                    "Solder or a strand bridges " + pads.label(),
                    PowerFixes.bridge(pads));
        }
    }

    /** Two pads of one net are no neighbours to fear. */
    private boolean alreadyJoined(Wiring.Neighbours pads) {
        return BatteryOut.of(sound, Meter.USUAL).ohms(pads.a(), pads.b()) < 1;
    }

    private void controllers() {
        for (At<InnerCircuit.Drive> drive : wiring.all(InnerCircuit.Drive.class)) {
            String pad = drive.address(drive.of().plus());
            String which =
                    drive.part().archetype().slots() > 1 ? " " + (drive.of().slot() + 1) : "";
            harmed(
                    "drive-short-" + plain(pad),
                    "drive-shorted",
                    pad,
                    PowerOdds.DRIVE_SHORT,
                    new Defect.DriveShort(pad, DRIVE_SHORT_OHMS),
                    sentence(drive.part().label()) + which + " is shorted inside",
                    PowerFixes.part(drive.part(), "shorted"));
            if (drive.part().archetype().slots() == 1 && fed(drive.part())) {
                harmed(
                        "crossed-" + plain(drive.part().id()),
                        "leads-crossed",
                        drive.part().id(),
                        PowerOdds.CROSSED,
                        new Defect.Crossed(drive.part().id()),
                        "Plus and minus of the " + drive.part().label() + " are crossed",
                        PowerFixes.crossed(drive.part()));
            }
        }
    }

    private boolean fed(Part part) {
        return List.of(".+", ".-").stream().allMatch(pad -> sound.sheet().leads().stream()
                .anyMatch(l -> l.to().equals(part.id() + pad) || l.from().equals(part.id() + pad)));
    }

    private void regulators() {
        Powered idle = Powered.onBench(sound);
        for (At<InnerCircuit.Regulator> r : wiring.all(InnerCircuit.Regulator.class)) {
            String pad = r.address(r.of().out());
            double gives = idle.outputs().stream()
                    .filter(o -> (o.part().id() + "." + o.pad()).equals(pad))
                    .mapToDouble(Powered.Output::givesA)
                    .findFirst()
                    .orElse(0);
            double weak = Math.max(0.02, Math.min(0.5, WEAK_REGULATOR * gives / r.of().limitA()));
            String name = String.format(
                    Locale.ROOT,
                    "The %s V regulator of the %s",
                    number(r.of().volts()),
                    r.part().label());
            harmed(
                    "regulator-dead-" + plain(pad),
                    "regulator-dead",
                    pad,
                    PowerOdds.REGULATOR_DEAD,
                    new Defect.WeakRegulator(pad, 0),
                    name + " is dead",
                    PowerFixes.regulator(r));
            harmed(
                    "regulator-weak-" + plain(pad),
                    "regulator-weak",
                    pad,
                    PowerOdds.REGULATOR_WEAK,
                    new Defect.WeakRegulator(pad, weak),
                    name + " gives way under load",
                    PowerFixes.regulator(r));
        }
    }

    private void capacitors() {
        for (At<InnerCircuit.Capacitance> c : wiring.all(InnerCircuit.Capacitance.class)) {
            if (c.of().bulky()) {
                String pad = c.address(c.of().plus());
                harmed(
                        "capacitor-burst-" + plain(pad),
                        "capacitor-burst",
                        pad,
                        PowerOdds.CAPACITOR,
                        new Defect.BurstCapacitor(pad, BURST_OHMS),
                        "The " + c.part().label() + " is burst and shorted",
                        PowerFixes.part(c.part(), "burst"));
            }
        }
    }

    private void parts() {
        for (At<InnerCircuit.Load> load : wiring.all(InnerCircuit.Load.class)) {
            Part part = load.part();
            harmed(
                    "dead-" + plain(part.id()),
                    "part-dead",
                    part.id(),
                    PowerOdds.PART_DEAD,
                    new Defect.OtherDraw(part.id(), 0),
                    "Dead in itself: the " + part.label(),
                    PowerFixes.part(part, "dead"));
            double times = load.of().poorAmps() / load.of().amps();
            if (part.draw() == 0 && load.of().hasPoorSort()) {
                harmed(
                        "greedy-" + plain(part.id()),
                        "part-greedy",
                        part.id(),
                        PowerOdds.PART_GREEDY,
                        new Defect.OtherDraw(part.id(), times),
                        "The " + part.label() + " is the sort that draws "
                                + number(load.of().poorAmps()) + " A",
                        PowerFixes.greedy(part, load.of()));
            }
        }
    }

    private void sensing() {
        if (wiring.divider().isEmpty()) {
            return;
        }
        wiring.senseLead().ifPresent(lead -> {
            Set<Double> rails = new HashSet<>();
            for (At<InnerCircuit.Regulator> r : wiring.all(InnerCircuit.Regulator.class)) {
                if (rails.add(r.of().volts())) {
                    String pad = r.address(r.of().out());
                    harmedAt(
                            Cleared.site(lead.id()),
                            "sense-on-" + plain(pad),
                            "sense-lead-on-rail",
                            PowerOdds.SENSE_ON_RAIL,
                            new Defect.LeadMoved(lead.id(), pad),
                            "The sense lead sits on the regulated " + number(r.of().volts()) + " V at "
                                    + wiring.label(wiring.node(pad)),
                            PowerFixes.senseLead(wiring, lead));
                }
            }
            double nominal = sound.sheet().pack().nominalV();
            for (double volts : SenseChain.USUAL_RAILS) {
                if (!rails.contains(volts) && volts < nominal) {
                    harmedAt(
                            Cleared.site(lead.id()),
                            "sense-on-other-" + plain(number(volts)),
                            "sense-lead-on-rail",
                            PowerOdds.SENSE_ON_RAIL,
                            new Defect.LeadOnOther(lead.id(), volts),
                            "The sense lead sits on a regulated " + number(volts) + " V that is not on the sheet",
                            PowerFixes.senseLead(wiring, lead));
                }
            }
        });
        String board = wiring.divider().get().part().label();
        for (double factor : new double[] {0.9, 1.1}) {
            harmed(
                    "divider-" + (factor < 1 ? "low" : "high"),
                    "divider-off",
                    "divider",
                    PowerOdds.DIVIDER,
                    new Defect.DividerOff(factor),
                    "A resistor of the divider on the " + board + " is off, it reads " + (factor < 1 ? "low" : "high"),
                    PowerFixes.divider(sound));
        }
        harmed(
                "divider-open-top",
                "divider-off",
                "divider",
                PowerOdds.DIVIDER,
                new Defect.DividerOff(0),
                "The upper resistor of the divider on the " + board + " is off",
                PowerFixes.divider(sound));
        harmed(
                "divider-open-bottom",
                "divider-off",
                "divider",
                PowerOdds.DIVIDER,
                new Defect.DividerOff(11),
                "The lower resistor of the divider on the " + board + " is off",
                PowerFixes.divider(sound));
        harmed(
                "converter-off",
                "converter-off",
                "converter",
                PowerOdds.CONVERTER,
                new Defect.DividerOff(1.04),
                "The converter's 3.3 V reference is low",
                PowerFixes.converter());
        told();
    }

    private void told() {
        double told = craft.told(FcSettings.VOLTAGE_SCALE);
        for (double f : new double[] {0.5, 0.77, 10 / 11.0, 1.1, 1.3, 2}) {
            double scale = Math.round(told * f * 1000) / 1000.0;
            toldWrong(
                    PowerFixes.SCALE,
                    "scale-" + plain(number(f)),
                    "scale-wrong",
                    "scale",
                    PowerOdds.SCALE.times(0.4),
                    was -> was * f,
                    "The voltage scale told is " + number(scale) + " instead of " + number(told),
                    PowerFixes.scale(craft));
        }
        for (int off : new int[] {-1, 1}) {
            int cells = sound.sheet().pack().cells() + off;
            if (cells >= 1) {
                toldWrong(
                        PowerFixes.CELLS,
                        "told-cells-" + (off < 0 ? "fewer" : "more"),
                        "cells-wrong",
                        "cells",
                        PowerOdds.CELLS,
                        was -> cells,
                        "The board was told " + cells + " cells",
                        PowerFixes.cells(craft));
            }
        }
        if (craft.told(FcSettings.VOLTAGE_SOURCE) != VoltageSource.NONE) {
            toldWrong(
                    PowerFixes.SOURCE,
                    "source-none",
                    "source-wrong",
                    "source",
                    PowerOdds.SOURCE,
                    was -> VoltageSource.NONE,
                    "The board was told to read no voltage",
                    PowerFixes.source(craft));
        }
    }

    private void current() {
        if (wiring.all(InnerCircuit.CurrentSensor.class).isEmpty()) {
            return;
        }
        toldWrong(
                PowerFixes.CURRENT,
                "current-not-read",
                "current-wrong",
                "current",
                PowerOdds.CURRENT,
                was -> false,
                "The board was told to read no current",
                PowerFixes.current());
        for (double f : new double[] {0.5, 0.75, 1.35, 2}) {
            toldWrong(
                    PowerFixes.CURRENT_SCALE,
                    "current-scale-" + plain(number(f)),
                    "current-wrong",
                    "current scale",
                    PowerOdds.CURRENT.times(0.5),
                    was -> was * f,
                    "The current scale makes it read " + number(f) + " times what flows",
                    PowerFixes.currentScale());
        }
        toldWrong(
                PowerFixes.CURRENT_AT_REST,
                "current-at-rest",
                "current-wrong",
                "current at rest",
                PowerOdds.CURRENT.times(0.6),
                was -> was + REST_OFFSET_A,
                "The current offset makes it read " + number(REST_OFFSET_A) + " A too much",
                PowerFixes.currentAtRest());
    }

    private void pack() {
        harmed(
                "pack-worn",
                "pack-worn",
                "pack ohms",
                PowerOdds.PACK_WORN,
                new Defect.WornPack(WORN),
                "The pack is worn out",
                PowerFixes.pack("Fly another pack; retire this one", Defect.WornPack.SLOT));
        harmed(
                "cell-weak",
                "cell-weak",
                "pack cell",
                PowerOdds.CELL_WEAK,
                new Defect.WeakCell(WEAK_CELL_V),
                "One cell of the pack is weak",
                PowerFixes.pack("Fly another pack; retire this one", Defect.WeakCell.SLOT));
        for (int off : new int[] {-1, 1}) {
            int cells = sound.sheet().pack().cells() + off;
            if (cells >= 1) {
                harmed(
                        "pack-cells-" + (off < 0 ? "fewer" : "more"),
                        "pack-of-other-cells",
                        "pack cells",
                        PowerOdds.OTHER_PACK,
                        new Defect.OtherPack(off),
                        "A pack of " + cells + " cells is fitted",
                        PowerFixes.pack(
                                "Fit a pack of " + sound.sheet().pack().cells() + " cells, or correct the sheet",
                                Defect.OtherPack.SLOT));
            }
        }
    }

    private void linkHarmed(String id, String kind, Link link, Odds odds, Defect harm, String description) {
        harmedAt(Cleared.site(link.id()), id, kind, odds, harm, description, PowerFixes.link(wiring, link));
    }

    private void harmed(
            String id,
            String kind,
            String site,
            Odds odds,
            Defect harm,
            String description,
            BiFunction<Craft, Craft, List<Fix<Craft>>> fixing) {
        harmedAt("power " + site, id, kind, odds, harm, description, fixing);
    }

    private void harmedAt(
            String site,
            String id,
            String kind,
            Odds odds,
            Defect harm,
            String description,
            BiFunction<Craft, Craft, List<Fix<Craft>>> fixing) {
        faults.add(new CraftFault(
                ownId(id),
                kind,
                site,
                any -> description,
                odds,
                any -> any.withElectrics(any.electrics().with(harm)),
                fixing));
    }

    private <T> void toldWrong(
            SettingTrouble<T> trouble,
            String id,
            String kind,
            String site,
            Odds odds,
            UnaryOperator<T> change,
            String description,
            BiFunction<Craft, Craft, List<Fix<Craft>>> fixing) {
        faults.add(trouble.wrong(ownId(id), kind, "power " + site, odds, change, any -> description, fixing));
    }

    /** The id itself, with a number where legal names of two places come to the same without their marks. */
    private String ownId(String id) {
        int n = 1;
        String own = id;
        while (taken(own)) {
            n++;
            own = id + "-" + n;
        }
        return own;
    }

    private boolean taken(String id) {
        return faults.stream().anyMatch(fault -> fault.id().equals(id));
    }

    /** A name without the marks that paths and files part by. */
    private static String plain(String id) {
        return id.replaceAll("[.>|#~]+", "_").replace("+", "p").replaceAll("-(?=_|$)", "m");
    }

    static String number(double value) {
        return Math.abs(value - Math.rint(value)) < 1e-9
                ? String.valueOf(Math.round(value))
                : String.valueOf(Math.round(value * 1000) / 1000.0);
    }

    static String sentence(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}

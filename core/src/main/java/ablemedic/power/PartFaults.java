package ablemedic.power;

import ablemedic.catalogue.Param;
import ablemedic.family.FaultBuilder;
import ablemedic.family.Odds;
import ablemedic.physics.Powered;
import ablemedic.power.PowerDefect.BurstCapacitor;
import ablemedic.power.PowerDefect.DriveShort;
import ablemedic.power.PowerDefect.OtherDraw;
import ablemedic.power.PowerDefect.SupplyCrossed;
import ablemedic.power.PowerDefect.WeakRegulator;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Part;
import ablemedic.wiring.Wiring;
import ablemedic.wiring.Wiring.At;
import java.util.List;

/** What can be wrong inside the parts: ESCs, regulators, capacitors, and parts that are dead or draw too much. */
final class PartFaults {
    private static final double DRIVE_SHORT_OHMS = 0.25;
    private static final double BURST_OHMS = 2;
    /**
     * Current of a failing regulator over what hangs on it. Common practice: it holds with a part or two, not with all.
     */
    private static final double WEAK_REGULATOR = 0.6;
    /** What a regulator of its own should give over what its part draws. Common practice. */
    private static final double ROOM = 1.25;

    private static final double REPLACE_MINUTES = 25;

    private final PowerFaults faults;
    private final Electrics sound;
    private final Wiring wiring;

    PartFaults(PowerFaults faults) {
        this.faults = faults;
        this.sound = faults.electrics();
        this.wiring = sound.wiring();
    }

    void add() {
        wiring.all(InnerCircuit.Drive.class).forEach(this::drive);
        Powered idle = Powered.onBench(sound);
        wiring.all(InnerCircuit.Regulator.class).forEach(regulator -> regulator(regulator, idle));
        wiring.all(InnerCircuit.Capacitance.class).stream()
                .filter(capacitor -> capacitor.of().bulky())
                .forEach(this::capacitor);
        wiring.all(InnerCircuit.Load.class).forEach(this::load);
    }

    private FaultBuilder at(String entry, String prefix, Part part, String place, Odds odds) {
        return faults.add(entry, prefix + PowerFaults.plain(place))
                .with("part", Param.part(part.id(), part.label()))
                .site("power " + place)
                .prior(odds);
    }

    /** A defect that goes when its part is replaced, as all others of that part do. */
    private static void replaced(FaultBuilder fault, Part part, PowerDefect defect) {
        fault.wiring(electrics -> electrics.with(defect), electrics -> electrics.withNew(part.id()))
                .remedy("new " + part.id())
                .fix("replace", REPLACE_MINUTES);
    }

    private void drive(At<InnerCircuit.Drive> drive) {
        Part part = drive.part();
        String pad = drive.address(drive.of().plus());
        boolean single = part.archetype().slots() == 1;
        replaced(
                at("drive-shorted", "drive-short-", part, pad, PowerOdds.DRIVE_SHORT)
                        .with("many", Param.when(!single))
                        .with("output", Param.whole(drive.of().slot() + 1, "")),
                part,
                new DriveShort(pad, DRIVE_SHORT_OHMS));
        if (single && isFed(part)) {
            at("leads-crossed", "crossed-", part, part.id(), PowerOdds.CROSSED)
                    .defectInPlace(new SupplyCrossed(part.id()))
                    .remedy("polarity of " + part.id())
                    .fix("exchange", 12);
        }
    }

    private boolean isFed(Part part) {
        return List.of(".+", ".-").stream().allMatch(pad -> sound.sheet().wires().stream()
                .anyMatch(l -> l.to().equals(part.id() + pad) || l.from().equals(part.id() + pad)));
    }

    private void regulator(At<InnerCircuit.Regulator> regulator, Powered idle) {
        String pad = regulator.address(regulator.of().out());
        double gives = idle.outputs().stream()
                .filter(o -> (o.part().id() + "." + o.pad()).equals(pad))
                .mapToDouble(Powered.Output::givesA)
                .findFirst()
                .orElse(0);
        double weak = Math.max(
                0.02, Math.min(0.5, WEAK_REGULATOR * gives / regulator.of().limitA()));
        failing("regulator-dead", regulator, PowerOdds.REGULATOR_DEAD, 0);
        failing("regulator-weak", regulator, PowerOdds.REGULATOR_WEAK, weak);
    }

    private void failing(String entry, At<InnerCircuit.Regulator> regulator, Odds odds, double share) {
        String pad = regulator.address(regulator.of().out());
        at(entry, entry + "-", regulator.part(), pad, odds)
                .with("volts", Param.number(regulator.of().volts(), "V"))
                .with("limit", Param.number(regulator.of().limitA(), "A"))
                .defectInPlace(new WeakRegulator(pad, share))
                .remedy("sound " + pad)
                .fix("replace", 30);
    }

    private void capacitor(At<InnerCircuit.Capacitance> capacitor) {
        String pad = capacitor.address(capacitor.of().plus());
        replaced(
                at("capacitor-burst", "capacitor-burst-", capacitor.part(), pad, PowerOdds.CAPACITOR),
                capacitor.part(),
                new BurstCapacitor(pad, BURST_OHMS));
    }

    private void load(At<InnerCircuit.Load> load) {
        Part part = load.part();
        replaced(at("part-dead", "dead-", part, part.id(), PowerOdds.PART_DEAD), part, new OtherDraw(part.id(), 0));
        if (part.draw() == 0 && load.of().hasPoorSort()) {
            double times = load.of().poorAmps() / load.of().amps();
            at("part-greedy", "greedy-", part, part.id(), PowerOdds.PART_GREEDY)
                    .with("much", Param.number(load.of().poorAmps(), "A"))
                    .with("little", Param.number(load.of().amps(), "A"))
                    .with("room", Param.number(load.of().poorAmps() * ROOM, "A"))
                    .defectInPlace(new OtherDraw(part.id(), times))
                    .remedy("new " + part.id())
                    .fix("replace", 20);
        }
    }
}

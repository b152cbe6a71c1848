package ablemedic.power;

import ablemedic.wiring.CopperDefect;
import ablemedic.wiring.Defect;
import ablemedic.wiring.Effect;
import ablemedic.wiring.Effect.BatteryOhmsTimes;
import ablemedic.wiring.Effect.CapacitanceGone;
import ablemedic.wiring.Effect.CellSag;
import ablemedic.wiring.Effect.CellsMore;
import ablemedic.wiring.Effect.Draw;
import ablemedic.wiring.Effect.DriveOff;
import ablemedic.wiring.Effect.Joined;
import ablemedic.wiring.Effect.RegulatorShare;
import ablemedic.wiring.Effect.RippleStays;
import ablemedic.wiring.Effect.Seen;
import ablemedic.wiring.Effect.SensedTimes;
import ablemedic.wiring.Effect.Sign;
import ablemedic.wiring.Effect.Smoke;
import ablemedic.wiring.Effect.SupplyExchanged;
import ablemedic.wiring.Effect.WireHeldAt;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Wiring;
import java.util.ArrayList;
import java.util.List;

/**
 * What can be wrong with the parts that make, pass and draw power. How often each can be seen is common practice with
 * no source.
 */
public sealed interface PowerDefect extends Defect {
    /** A part that draws this much more than its own is a poor one, and no wreck. */
    double SMOKES_BELOW = 3;

    /** A part whose supply wires are exchanged. */
    record SupplyCrossed(String partId) implements PowerDefect {
        @Override
        public Slot slot() {
            return new Slot("supply-crossed", partId);
        }

        @Override
        public List<Effect> effects(Wiring wiring) {
            List<Effect> effects = new ArrayList<>(
                    List.of(new SupplyExchanged(partId), new Seen(places(), Sign.CROSSED, 0.85), new Smoke(partId)));
            wiring.all(InnerCircuit.Drive.class).stream()
                    .filter(drive -> drive.part().id().equals(partId))
                    .forEach(drive ->
                            effects.add(new DriveOff(drive.address(drive.of().plus()))));
            return effects;
        }
    }

    /** A drive that is shorted inside, by its supply pad. */
    record DriveShort(String supplyPad, double ohms) implements PowerDefect {
        @Override
        public Slot slot() {
            return new Slot("drive", supplyPad);
        }

        @Override
        public List<Effect> effects(Wiring wiring) {
            List<Effect> effects = new ArrayList<>(
                    List.of(new DriveOff(supplyPad), new Seen(places(), Sign.BURNT, 0.6), new Smoke(supplyPad)));
            wiring.all(InnerCircuit.Drive.class).stream()
                    .filter(drive -> drive.address(drive.of().plus()).equals(supplyPad))
                    .findFirst()
                    .ifPresent(drive -> effects.add(
                            new Joined(supplyPad, drive.address(drive.of().minus()), ohms)));
            return effects;
        }
    }

    /** A regulator that gives less than it should, by its output pad: this share of its limit, 0 when dead. */
    record WeakRegulator(String outPad, double share) implements PowerDefect {
        @Override
        public Slot slot() {
            return new Slot("regulator", outPad);
        }

        @Override
        public List<Effect> effects(Wiring wiring) {
            return List.of(new RegulatorShare(outPad, share), new Seen(places(), Sign.BURNT, 0.2), new Smoke(outPad));
        }
    }

    /** A bulky capacitor that is burst and shorted, by its plus pad. */
    record BurstCapacitor(String plusPad, double ohms) implements PowerDefect {
        @Override
        public Slot slot() {
            return new Slot("capacitor", plusPad);
        }

        @Override
        public List<Effect> effects(Wiring wiring) {
            List<Effect> effects = new ArrayList<>(List.of(
                    new CapacitanceGone(plusPad),
                    new RippleStays(plusPad),
                    new Seen(places(), Sign.BURST, 0.85),
                    new Smoke(plusPad)));
            wiring.all(InnerCircuit.Capacitance.class).stream()
                    .filter(one -> one.address(one.of().plus()).equals(plusPad))
                    .findFirst()
                    .ifPresent(one ->
                            effects.add(new Joined(plusPad, one.address(one.of().minus()), ohms)));
            return effects;
        }
    }

    /** A part that draws another current: so many times its own, 0 when dead. */
    record OtherDraw(String partId, double times) implements PowerDefect {
        @Override
        public Slot slot() {
            return new Slot("draw", partId);
        }

        @Override
        public List<Effect> effects(Wiring wiring) {
            List<Effect> effects =
                    new ArrayList<>(List.of(new Draw(partId, times), new Seen(places(), Sign.BURNT, 0.2)));
            if (times < SMOKES_BELOW) {
                effects.add(new Smoke(partId));
            }
            return effects;
        }
    }

    /** A sense wire whose far end sits on a regulated voltage that is not on the sheet, volts. */
    record SenseOnOther(String wireId, double volts) implements PowerDefect {
        @Override
        public Slot slot() {
            return CopperDefect.ofWireEnd(wireId);
        }

        @Override
        public Culprit culprit() {
            return Culprit.WIRING;
        }

        @Override
        public List<Effect> effects(Wiring wiring) {
            return List.of(new WireHeldAt(wireId, volts));
        }
    }

    /** A divider or converter that gives so many times the voltage it should. */
    record DividerOff(double times) implements PowerDefect {
        @Override
        public Slot slot() {
            return new Slot("divider", "");
        }

        @Override
        public List<Effect> effects(Wiring wiring) {
            return List.of(new SensedTimes(times));
        }
    }

    /** A battery whose resistance is so many times its own. */
    record WornBattery(double times) implements PowerDefect {
        @Override
        public Slot slot() {
            return new Slot("battery-ohms", "");
        }

        @Override
        public Culprit culprit() {
            return Culprit.BATTERY;
        }

        @Override
        public List<Effect> effects(Wiring wiring) {
            return List.of(new BatteryOhmsTimes(times));
        }
    }

    /** A battery of which one cell sags more than the others, volts in a hover. */
    record WeakCell(double volts) implements PowerDefect {
        static final Slot SLOT = new Slot("battery-cell", "");

        @Override
        public Slot slot() {
            return SLOT;
        }

        @Override
        public Culprit culprit() {
            return Culprit.BATTERY;
        }

        @Override
        public List<Effect> effects(Wiring wiring) {
            return List.of(new CellSag(volts));
        }
    }

    /** Another battery was fitted, of so many cells more, or less when negative. */
    record OtherBattery(int cellsMore) implements PowerDefect {
        static final Slot SLOT = new Slot("battery-cells", "");

        @Override
        public Slot slot() {
            return SLOT;
        }

        @Override
        public Culprit culprit() {
            return Culprit.BATTERY;
        }

        @Override
        public List<Effect> effects(Wiring wiring) {
            return List.of(new CellsMore(cellsMore));
        }
    }
}

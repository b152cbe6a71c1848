package ablemedic.wiring;

import java.util.List;

/**
 * What a defect does to a craft: the whole vocabulary of physics. Families put their defects together from these, so
 * that only new physics needs a new one.
 */
public sealed interface Effect {

    /** What it acts on: the id of a link, wire, part, pad or line; empty where a craft has only one. */
    default String at() {
        return "";
    }

    /** The copper of a link conducts otherwise. */
    record Conductance(String at, double siemens) implements Effect {}

    /** A link is gone that was never soldered, so that nobody sees a bad one. */
    record Absent(String at) implements Effect {}

    /** Two pads are joined. */
    record Joined(String at, String otherPad, double ohms) implements Effect {
        boolean touches(String pad) {
            return at.equals(pad) || otherPad.equals(pad);
        }
    }

    /** Plus and minus of a part are exchanged where its wires end. */
    record SupplyExchanged(String at) implements Effect {}

    /** A wire ends on another pad. */
    record WireEnd(String at, String pad) implements Effect {}

    /** A wire ends on a regulated voltage that is not on the sheet. */
    record WireHeldAt(String at, double volts) implements Effect {}

    /** The capacitor at a plus pad is no capacitor to a meter. */
    record CapacitanceGone(String at) implements Effect {}

    /** The capacitor at a plus pad takes up no ripple. */
    record RippleStays(String at) implements Effect {}

    /** The regulator with this output pad gives this share of its limit. */
    record RegulatorShare(String at, double share) implements Effect {}

    /** A part draws so many times its own current. */
    record Draw(String at, double times) implements Effect {}

    /** What the voltage sensing gives over what it should. */
    record SensedTimes(double times) implements Effect {}

    /** The battery's resistance over its own. */
    record BatteryOhmsTimes(double times) implements Effect {}

    /** One cell of the battery sags more than the others, volts in a hover. */
    record CellSag(double volts) implements Effect {}

    /** The battery has more cells than on the sheet, or less when negative. */
    record CellsMore(int cells) implements Effect {}

    /** The drive with this supply pad turns no motor. */
    record DriveOff(String at) implements Effect {}

    /** The side of a UART behind a pad neither hears nor speaks. */
    record UartPadDead(String at) implements Effect {}

    /** The line at a pad is inverted, or not, against what is joined there. */
    record UartPadInverted(String at) implements Effect {}

    /** A line carries nothing, however it is set. */
    record LineStopped(String at) implements Effect {}

    /** A part's antenna gives and hears less, dB. */
    record AntennaLoss(String at, double db) implements Effect {}

    /** A GNSS module has too few satellites for a position. */
    record SkyHidden(String at) implements Effect {}

    /**
     * A close look may show it.
     *
     * @param places parts and pads where it shows
     * @param chance that somebody who looks sees it
     */
    record Seen(List<String> places, Sign sign, double chance) implements Effect {
        @Override
        public String at() {
            return places.get(0);
        }

        /** Whether a look at a part may show it. */
        public boolean isAt(String partId) {
            return places.stream().anyMatch(place -> Defect.isOf(partId, place));
        }
    }

    /** Smoke comes out of the part that a pad is of. */
    record Smoke(String at) implements Effect {}

    /** What is seen of a defect without an instrument. */
    enum Sign {
        JOINT,
        BRIDGE,
        BURNT,
        BURST,
        CROSSED
    }
}

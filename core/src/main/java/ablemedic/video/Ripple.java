package ablemedic.video;

import ablemedic.craft.Craft;
import ablemedic.physics.Drives;
import ablemedic.physics.Powered;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Pad;
import ablemedic.wiring.Part;
import ablemedic.wiring.Wiring.At;

/**
 * What the speed controllers' switching leaves on the supply of a picture, in volts, and what of it shows. A capacitor
 * of C farads and r ohms that takes up the ripple of I amperes at f hertz leaves I (r + 1 / (8 f C)), of any textbook
 * of switching supplies. Currents, frequency and what a regulator keeps off are common practice with no source.
 */
final class Ripple {
    private static final double HERTZ = 24_000;
    /** Ripple of the current of a drive, over what it draws in a hover. */
    private static final double SHARE = 0.6;
    /** What controllers carry themselves, farads; and the ohms of a bulky capacitor with its wires. */
    private static final double OWN_FARADS = 40e-6;

    private static final double OWN_OHMS = 0.005;
    private static final double CAPACITOR_OHMS = 0.03;
    /** What the controllers of a craft that flies without a bulky capacitor, and without lines, must carry besides. */
    private static final double ENOUGH_FARADS = 330e-6;

    private static final double SECOND_FARADS = 470e-6;
    private static final double OPEN_OHMS = 1;
    /** What a regulator on the way, and what the part's own, let through. */
    private static final double REGULATED = 0.03;

    private static final double STRAIGHT = 0.08;
    /**
     * A picture is one volt from black to white with its pulses, Rec. ITU-R BT.1700; lines of a hundredth of it are
     * seen, common practice.
     */
    private static final double FAINT_V = 0.010;

    private static final double STRONG_V = 0.035;

    /** The name of a supply of the picture that the sheet leaves without a capacitor. */
    static final String SUPPLY = "picture-supply";

    /** What is seen of it. */
    enum Seen {
        CLEAN,
        FAINT,
        STRONG
    }

    private Ripple() {}

    /** What shows in the picture of a part at a hard climb. */
    static Seen seen(Craft craft, Part part) {
        return seen(craft, part, 0);
    }

    /** Whether a second capacitor, held on the battery's wires, makes fewer lines. */
    static boolean isLessWithAnother(Craft craft, Part part) {
        return seen(craft, part, SECOND_FARADS).compareTo(seen(craft, part)) < 0;
    }

    private static Seen seen(Craft craft, Part part, double more) {
        Powered punch = Drives.flying(craft, 0.8, 2);
        if (!punch.works(part)) {
            return Seen.STRONG;
        }
        double volts = volts(craft, more) * (isRegulated(craft.electrics(), part) ? REGULATED : STRAIGHT);
        return volts >= STRONG_V ? Seen.STRONG : volts >= FAINT_V ? Seen.FAINT : Seen.CLEAN;
    }

    /** What is left on the battery's wires, volts. */
    static double volts(Craft craft) {
        return volts(craft, 0);
    }

    private static double volts(Craft craft, double more) {
        double amps = SHARE * 4 * Drives.hoverA(craft);
        double conductance = 1 / impedance(OWN_FARADS, OWN_OHMS)
                + (isEnough(craft.electrics()) ? 1 / impedance(ENOUGH_FARADS, CAPACITOR_OHMS) : 0)
                + (more > 0 ? 1 / impedance(more, CAPACITOR_OHMS) : 0);
        for (At<InnerCircuit.Capacitance> one : craft.electrics().wiring().all(InnerCircuit.Capacitance.class)) {
            if (one.of().bulky()
                    && craft.electrics().takesUp(one.address(one.of().plus()))
                    && isJoined(craft.electrics(), one)) {
                conductance += 1 / impedance(one.of().farads(), CAPACITOR_OHMS);
            }
        }
        return amps / conductance;
    }

    /**
     * Whether a craft without a bulky capacitor has enough in its controllers; its sheet does not tell, and a fault
     * says that it has not.
     */
    private static boolean isEnough(Electrics electrics) {
        return !hasCapacitor(electrics) && !electrics.cannotWork(SUPPLY);
    }

    static boolean hasCapacitor(Electrics electrics) {
        return electrics.wiring().all(InnerCircuit.Capacitance.class).stream()
                .anyMatch(one -> one.of().bulky());
    }

    private static double impedance(double farads, double ohms) {
        return ohms + 1 / (8 * HERTZ * farads);
    }

    private static boolean isJoined(Electrics electrics, At<InnerCircuit.Capacitance> one) {
        return electrics.sheet().wires().stream()
                .filter(wire -> wire.from().startsWith(one.part().id() + ".")
                        || wire.to().startsWith(one.part().id() + "."))
                .noneMatch(wire -> electrics.wiring().links().stream()
                        .filter(link -> link.wireId().equals(wire.id()))
                        .anyMatch(link -> electrics.spoilt(link.id()).orElse(0) > OPEN_OHMS));
    }

    /** Whether a part has its supply from a regulator, not straight from the battery. */
    private static boolean isRegulated(Electrics electrics, Part part) {
        String at = part.address(Powered.supplyPad(part));
        return electrics.sheet().wires().stream()
                .filter(wire -> wire.endsAt(at))
                .map(wire -> wire.otherEnd(at))
                .map(pad -> electrics.sheet().pad(pad))
                .anyMatch(pad -> pad.kind() == Pad.Kind.FEED && pad.volts() > 0);
    }
}

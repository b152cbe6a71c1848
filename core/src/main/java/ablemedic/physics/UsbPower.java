package ablemedic.physics;

import ablemedic.reading.Meter;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Pad;
import ablemedic.wiring.Part;
import ablemedic.wiring.Wiring;
import java.util.Optional;

/** What comes on when the computer alone feeds the craft. */
public final class UsbPower {
    /** A way of copper has less, ohms; what shorts a supply as well. */
    private static final double COPPER_OHMS = 5;

    private UsbPower() {}

    /** Whether a part is fed from a pad that is live from the computer alone. */
    public static boolean feeds(Electrics electrics, Part part) {
        return pad(electrics, part).isPresent();
    }

    private static Optional<String> pad(Electrics electrics, Part part) {
        String supply = part.address(Powered.supplyPad(part));
        return electrics.sheet().wires().stream()
                .filter(l -> l.to().equals(supply) || l.from().equals(supply))
                .map(l -> l.to().equals(supply) ? l.from() : l.to())
                .filter(pad -> electrics.sheet().pad(pad).kind() == Pad.Kind.FEED
                        && electrics.sheet().pad(pad).usb())
                .findFirst();
    }

    /** Whether a part that it feeds comes on: its way from the live pad and to ground holds, and it is no wreck. */
    public static boolean works(Electrics electrics, Part part) {
        BatteryOut craft = BatteryOut.of(electrics, Meter.USUAL);
        Wiring wiring = electrics.wiring();
        int plus = wiring.node(part.address(Powered.supplyPad(part)));
        int minus = wiring.node(part.address(Powered.groundPad(part)));
        int ground = electrics
                .sheet()
                .flightBoard()
                .map(b -> wiring.node(b.address(Powered.groundPad(b))))
                .orElse(minus);
        return craft.ohms(wiring.node(pad(electrics, part).orElseThrow()), plus) < COPPER_OHMS
                && craft.ohms(ground, minus) < COPPER_OHMS
                && craft.ohms(plus, minus) > COPPER_OHMS
                && electrics.drawTimes(part.id()) > 0;
    }
}

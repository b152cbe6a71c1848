package ablemedic.requirement;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Barred;
import ablemedic.wiring.ElectricSheet.Fed;
import java.util.List;
import java.util.Locale;

/** What power would destroy by the wires of a record alone. */
public final class PowerHazard {
    private PowerHazard() {}

    /**
     * What may not be put on a craft as recorded.
     *
     * @param neverPowered whether it never passed its pre-power checks
     */
    public static Barred of(Craft recorded, boolean neverPowered) {
        List<Fed> destroyed = recorded.electrics().sheet().fed().stream()
                .filter(Fed::destroys)
                .toList();
        return new Barred(
                destroyed.stream()
                        .findFirst()
                        .map(fed -> why(fed, "the battery goes in"))
                        .orElse(""),
                destroyed.stream()
                        .filter(Fed::usb)
                        .findFirst()
                        .map(fed -> why(fed, "USB is plugged in"))
                        .orElse(""),
                neverPowered);
    }

    private static String why(Fed fed, String before) {
        return String.format(
                Locale.ROOT,
                "%s stands %s V at most, and %s feeds it %.1f V: that destroys it. Move the wire at %s before %s.",
                fed.part().label(),
                fed.part().archetype().highestV(),
                fed.from(),
                fed.mostV(),
                fed.at(),
                before);
    }
}

package ablemedic.requirement;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Barred;
import ablemedic.wiring.ElectricSheet.Fed;
import java.util.List;

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
                destroyed.stream().findFirst().map(fed -> why(fed, "battery")).orElse(""),
                destroyed.stream()
                        .filter(Fed::usb)
                        .findFirst()
                        .map(fed -> why(fed, "usb"))
                        .orElse(""),
                neverPowered);
    }

    private static String why(Fed fed, String before) {
        Words words = EditWords.of("power");
        return words.with("part", Param.part(fed.part().id(), fed.part().label()))
                .with("most", Param.number(fed.part().archetype().highestV(), "V"))
                .with("from", Param.written(fed.from()))
                .with("volts", new Param.Quantity(fed.mostV(), "V", 1))
                .with("at", Param.written(fed.at()))
                .with("how", new Param.Nested(words.line(before)))
                .line("hazard")
                .plain();
    }
}

package ablemedic.family;

import ablemedic.craft.Arm;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fault;
import ablemedic.wiring.Archetype;
import ablemedic.wiring.Defect;
import ablemedic.wiring.Part;
import ablemedic.wiring.Wiring;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;

/**
 * In which parts of a craft a fault lies, in plain words: by these a workshop sees which part comes back again and
 * again.
 */
public final class LiesIn {
    private LiesIn() {}

    /** The parts by which the craft with the fault differs from the sound one, in the order of the alphabet. */
    public static List<String> of(Fault<Craft> fault, Craft sound) {
        Craft faulty = fault.applyTo(sound);
        Set<String> parts = new TreeSet<>();
        for (int i = 0; i < sound.arms().size(); i++) {
            arm(sound.arms().get(i), faulty.arms().get(i), parts);
        }
        if (!faulty.outputs().equals(sound.outputs())) {
            parts.add(said("wiring"));
        }
        if (!faulty.mount().equals(sound.mount())) {
            parts.add(said("mount"));
        }
        if (!faulty.airframe().equals(sound.airframe())) {
            parts.add(said("frame"));
        }
        if (!faulty.configuration().equals(sound.configuration())) {
            parts.add(said("settings"));
        }
        faulty.electrics().defects().stream()
                .filter(one -> !sound.electrics().defects().contains(one))
                .map(one -> part(one, sound.electrics().wiring()))
                .forEach(parts::add);
        return List.copyOf(parts);
    }

    private static void arm(Arm sound, Arm faulty, Set<String> parts) {
        if (!faulty.motor().equals(sound.motor())) {
            parts.add(said("motor"));
        }
        if (!faulty.prop().equals(sound.prop())) {
            parts.add(said("prop"));
        }
    }

    private static String part(Defect defect, Wiring wiring) {
        return switch (defect.culprit()) {
            case WIRING -> said("wiring");
            case BATTERY -> said("battery");
            case PART, PLACING ->
                wiring.sheet().parts().stream()
                        .filter(part -> defect.isAt(part.id()))
                        .map(LiesIn::called)
                        .findFirst()
                        .orElseGet(() -> said("fc"));
        };
    }

    private static String said(String what) {
        return SharedSteps.name("lies-in").outcome(what).plain();
    }

    private static String called(Part part) {
        String called = part.archetype().kind() == Archetype.Kind.PART
                ? part.archetype().label()
                : part.archetype().kind().label();
        return called.substring(0, 1).toUpperCase(Locale.ROOT) + called.substring(1);
    }
}

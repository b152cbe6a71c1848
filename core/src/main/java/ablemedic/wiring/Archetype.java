package ablemedic.wiring;

import ablemedic.catalogue.Names;
import java.util.List;
import java.util.Optional;

/**
 * A sort of part: its pads and what lies between them. A craft's own part may differ from its archetype by name and
 * draw.
 *
 * @param id stable name in kebab case
 * @param label for people
 * @param shortName what a part of it is named by on a craft, such as RX
 * @param lowestV least supply voltage it takes, volts
 * @param highestV most supply voltage it stands, volts
 */
public record Archetype(
        String id,
        String label,
        String shortName,
        Kind kind,
        List<Pad> pads,
        List<InnerCircuit> inner,
        double lowestV,
        double highestV) {

    /** What a part is. */
    public enum Kind {
        PLUG,
        POWER_BOARD,
        CONTROLLER,
        BOARD,
        PART,
        CAPACITOR;

        public String label() {
            return Names.of(this);
        }
    }

    public Archetype {
        pads = List.copyOf(pads);
        inner = List.copyOf(inner);
    }

    public Optional<Pad> pad(String name) {
        return pads.stream().filter(pad -> pad.name().equals(name)).findFirst();
    }

    /** What it draws, where it draws anything of note. */
    public Optional<InnerCircuit.Load> load() {
        return inner.stream()
                .filter(InnerCircuit.Load.class::isInstance)
                .map(InnerCircuit.Load.class::cast)
                .findFirst();
    }

    /** How many motors it drives. */
    public int slots() {
        return (int) inner.stream().filter(InnerCircuit.Drive.class::isInstance).count();
    }
}

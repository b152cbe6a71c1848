package ablemedic.app.chart;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Rejected.Wrong;
import ablemedic.catalogue.Words;
import ablemedic.parts.PartType;
import ablemedic.parts.PartsLibrary;
import ablemedic.wiring.Archetype;
import ablemedic.wiring.BatteryType;
import ablemedic.wiring.Chemistry;
import ablemedic.wiring.ElectricSheet;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Gauge;
import ablemedic.wiring.Part;
import ablemedic.wiring.Wire;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The electrical side of a craft in the form in which it is entered, kept and sent.
 *
 * @param wires from pad to pad, addressed as {@code PB.1+}
 * @param partTypes those of its parts that do not ship with the program; left out where all do
 */
public record ElectricEntry(
        @NotNull @Size(max = 40, message = "{most.parts}") List<@NotNull @Valid PartEntry> parts,

        @NotNull @Size(max = 200, message = "{most.wires}") List<@NotNull @Valid WireEntry> wires,

        @NotNull @Valid BatteryOnSheet battery,

        @Nullable @Size(max = 40, message = "{most.part.types}")
        List<@NotNull PartType> partTypes) {
    private static final Words SAID =
            Catalogue.beside(ElectricEntry.class, "words").of("electric-entry");

    private static final String SHORT = "{short.name}";
    private static final String ADDRESS = "{address}";

    /** A part. Arms 0 to 3 clockwise from front-right; a draw of 0 is that of its archetype, in amperes. */
    public record PartEntry(
            @NotNull @Size(max = 24, message = SHORT) String id,

            @NotNull @Size(max = 60, message = "{names.a.part.type.of.the.parts.library}")
            String archetype,

            @NotNull @Size(min = 1, max = 60, message = "{between.letters}")
            String label,

            @NotNull @Size(max = 4, message = "{most.arms}") List<@NotNull Integer> arms,

            double drawA) {}

    public record WireEntry(
            @NotNull @Size(max = 40, message = ADDRESS) String from,
            @NotNull @Size(max = 40, message = ADDRESS) String to,
            int gaugeAwg,
            double lengthMm,
            boolean plugged) {}

    public record BatteryOnSheet(int cells, @NotNull Chemistry chemistry, double capacityMah, double cellMilliohms) {
        public BatteryType kind() {
            return new BatteryType(cells, chemistry, capacityMah, cellMilliohms);
        }

        public static BatteryOnSheet of(BatteryType kind) {
            return new BatteryOnSheet(kind.cells(), kind.chemistry(), kind.capacityMah(), kind.cellMilliohms());
        }
    }

    /**
     * The electrical side that it describes.
     *
     * @throws Rejected naming every place that is wrong
     */
    public Electrics toElectrics() {
        List<Wrong> wrong = new ArrayList<>();
        List<Part> made = new ArrayList<>();
        Map<String, Archetype> own = own(wrong);
        for (int i = 0; i < parts.size(); i++) {
            PartEntry p = parts.get(i);
            Optional<Archetype> archetype =
                    Optional.ofNullable(own.get(p.archetype())).or(() -> PartsLibrary.find(p.archetype()));
            if (archetype.isEmpty()) {
                wrong.add(new Wrong(
                        "electrics.parts[" + i + "].archetype",
                        SAID.with("type", p.archetype()).line("no-part-type").plain()));
            } else {
                made.add(new Part(p.id(), archetype.get(), p.label().strip(), p.arms(), p.drawA()));
            }
        }
        List<Wire> run = new ArrayList<>();
        for (int i = 0; i < wires.size(); i++) {
            WireEntry l = wires.get(i);
            if (l.gaugeAwg() < 0 || l.gaugeAwg() > 40) {
                wrong.add(new Wrong(
                        "electrics.wires[" + i + "].gaugeAwg",
                        SAID.with("gauge", l.gaugeAwg()).line("gauge").plain()));
            } else {
                run.add(new Wire(l.from(), l.to(), new Gauge(l.gaugeAwg()), l.lengthMm(), l.plugged()));
            }
        }
        if (!wrong.isEmpty()) {
            throw new Rejected(wrong);
        }
        return new Electrics(new ElectricSheet(made, run, battery.kind()));
    }

    private Map<String, Archetype> own(List<Wrong> wrong) {
        Map<String, Archetype> own = new HashMap<>();
        List<PartType> all = partTypes == null ? List.of() : partTypes;
        for (int i = 0; i < all.size(); i++) {
            try {
                own.put(all.get(i).id(), all.get(i).archetype());
            } catch (Rejected e) {
                String where = "electrics.partTypes[" + i + "].";
                e.wrong().forEach(one -> wrong.add(new Wrong(where + one.where(), one.right())));
            }
        }
        return own;
    }

    /** The same with a sort of the parts library in place of its copy of it. */
    ElectricEntry with(PartType newer) {
        return new ElectricEntry(
                parts,
                wires,
                battery,
                partTypes == null
                        ? null
                        : partTypes.stream()
                                .map(sort -> sort.id().equals(newer.id()) ? newer : sort)
                                .toList());
    }

    /** Whether parts and wires are as on another, whatever was told and whichever battery it flies with. */
    boolean wiredLike(ElectricEntry other) {
        return parts.equals(other.parts) && wires.equals(other.wires) && Objects.equals(partTypes, other.partTypes);
    }

    private static @Nullable List<PartType> own(ElectricSheet sheet) {
        List<PartType> own = sheet.parts().stream()
                .map(Part::archetype)
                .distinct()
                .filter(sort -> !PartsLibrary.find(sort.id()).equals(Optional.of(sort)))
                .map(PartType::of)
                .toList();
        return own.isEmpty() ? null : own;
    }

    /** The entry of a sound electrical side. */
    public static ElectricEntry of(Electrics electrics) {
        ElectricSheet sheet = electrics.sheet();
        return new ElectricEntry(
                sheet.parts().stream()
                        .map(p -> new PartEntry(p.id(), p.archetype().id(), p.label(), p.arms(), p.draw()))
                        .toList(),
                sheet.wires().stream()
                        .map(l -> new WireEntry(l.from(), l.to(), l.gauge().awg(), l.lengthMm(), l.plugged()))
                        .toList(),
                BatteryOnSheet.of(sheet.battery()),
                own(sheet));
    }
}

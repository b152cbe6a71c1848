package ablemedic.app.chart;

import ablemedic.app.chart.Charts.Chart;
import ablemedic.app.chart.CraftStore.Row;
import ablemedic.app.chart.ElectricEntry.BatteryOnSheet;
import ablemedic.app.chart.ElectricEntry.PartEntry;
import ablemedic.app.http.Refusal;
import ablemedic.app.parts.PartTypeStore;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.parts.PartType;
import ablemedic.parts.WiringLayout;
import ablemedic.uart.UartsFromWiring;
import ablemedic.wiring.Archetype;
import ablemedic.wiring.BatteryType;
import ablemedic.wiring.ElectricSheet;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Part;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.List;
import java.util.function.Function;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Parts and wires of a craft: adding, taking off, wiring anew. */
@RestController
@RequestMapping("/api/crafts/{craftId}")
public class PartsController {
    private static final Words SAID =
            Catalogue.beside(PartsController.class, "words").of("parts-controller");
    private static final Words REFUSALS =
            Catalogue.beside(PartsController.class, "refusals").of("parts-controller");
    private final CraftStore crafts;
    private final PartTypeStore partTypes;
    private final Charts charts;
    private final Clock clock;

    PartsController(CraftStore crafts, PartTypeStore partTypes, Charts charts, Clock clock) {
        this.crafts = crafts;
        this.partTypes = partTypes;
        this.charts = charts;
        this.clock = clock;
    }

    record PartAdded(
            long version,

            @NotBlank(message = "{names.a.part.type.of.the.parts.library}")
            @Size(max = 60, message = "{names.a.part.type.of.the.parts.library}")
            String archetype) {}

    record LaidOut(
            long version,

            @NotNull(message = "{is.one.of.the.layouts.under.api.choices}")
            WiringLayout layout,

            @NotNull(message = "{says.which.battery.it.flies.with}") @Valid
            BatteryOnSheet battery,

            @NotNull @Size(max = 20, message = "{most.parts}")
            List<@NotNull @Size(max = 60) String> parts) {}

    /** Adds a part from the parts library; its wires run to the first pads that fit. */
    @PostMapping("/parts")
    Chart addPart(@PathVariable String craftId, @RequestBody @Valid PartAdded added) {
        Row row = crafts.get(craftId);
        BuildSheet sheet = crafts.newestSheet(row.craftId()).sheet();
        ElectricSheet more =
                WiringLayout.withPart(electrics(sheet).sheet(), partTypes.get(added.archetype(), "archetype"));
        Part part = more.parts().get(more.parts().size() - 1);
        Craft craft = UartsFromWiring.toldOf(sheet.toCraft().withElectrics(new Electrics(more)), part.id());
        return revised(
                row.craftId(),
                added.version(),
                BuildSheet.of(craft),
                SAID.with("part", part.label()).line("added").plain());
    }

    /** Takes a part and its wires off. */
    @DeleteMapping("/parts/{partId}")
    Chart removePart(@PathVariable String craftId, @PathVariable String partId, @RequestParam long version) {
        Row row = crafts.get(craftId);
        BuildSheet sheet = crafts.newestSheet(row.craftId()).sheet();
        ElectricEntry entry = ElectricEntry.of(electrics(sheet));
        if (entry.parts().stream().noneMatch(p -> p.id().equals(partId))) {
            throw Refusal.unknown(
                    "partId",
                    REFUSALS.with("partId", Refusal.shortened(partId))
                            .with(
                                    "id",
                                    Refusal.someOf(entry.parts().stream()
                                            .map(PartEntry::id)
                                            .toList())),
                    "no-part");
        }
        ElectricEntry fewer = new ElectricEntry(
                entry.parts().stream().filter(p -> !p.id().equals(partId)).toList(),
                entry.wires().stream()
                        .filter(l -> !l.from().startsWith(partId + ".") && !l.to().startsWith(partId + "."))
                        .toList(),
                entry.battery(),
                entry.partTypes());
        return revised(
                row.craftId(),
                version,
                sheet.withElectrics(fewer),
                SAID.with("part", partId).line("removed").plain());
    }

    record Refreshing(long version) {}

    /**
     * Takes the workshop's own part types over as they stand in the parts library now, in place of the copies that the
     * sheet has.
     */
    @PutMapping("/part-types")
    Chart refresh(@PathVariable String craftId, @RequestBody @Valid Refreshing refreshing) {
        Row row = crafts.get(craftId);
        BuildSheet sheet = crafts.newestSheet(row.craftId()).sheet();
        List<PartType> behind = charts.behind(sheet);
        if (behind.isEmpty() || sheet.electrics() == null) {
            throw Refusal.conflict("partTypes", REFUSALS.with("craftId", row.craftId()), "as-library");
        }
        ElectricEntry entry = sheet.electrics();
        for (PartType newer : behind) {
            entry = entry.with(newer);
        }
        return revised(
                row.craftId(),
                refreshing.version(),
                sheet.withElectrics(entry),
                SAID.with(
                                "parts",
                                String.join(
                                        ", ",
                                        behind.stream().map(PartType::label).toList()))
                        .line("updated")
                        .plain());
    }

    /** Wires a craft by a usual layout, in place of what was entered. */
    @PutMapping("/layout")
    Chart layOut(@PathVariable String craftId, @RequestBody @Valid LaidOut laid) {
        Row row = crafts.get(craftId);
        Craft craft = wired(
                crafts.newestSheet(row.craftId()).sheet().toCraft(),
                laid.layout(),
                laid.battery().kind(),
                laid.parts());
        return revised(
                row.craftId(),
                laid.version(),
                BuildSheet.of(craft),
                "wired: " + laid.layout().label());
    }

    private Chart revised(String craftId, long version, BuildSheet sheet, String reason) {
        crafts.revise(
                craftId,
                version,
                new CraftStore.Revising(crafts.storable(sheet), reason, "part", Text.capitalized(reason)),
                clock.instant());
        return charts.of(craftId);
    }

    private static Electrics electrics(BuildSheet sheet) {
        if (sheet.electrics() == null) {
            throw Refusal.conflict("electrics", REFUSALS, "no-wiring");
        }
        return sheet.electrics().toElectrics();
    }

    private Craft wired(Craft craft, WiringLayout layout, BatteryType battery, List<String> parts) {
        return wired(craft, layout, battery, parts, id -> partTypes.get(id, "parts"));
    }

    /**
     * A craft wired by one of the usual layouts, with parts from a parts library that gives a sort by its id; an FC
     * among them takes the place of the usual one. Its UARTs are set from the wiring.
     */
    public static Craft wired(
            Craft craft,
            WiringLayout layout,
            BatteryType battery,
            List<String> parts,
            Function<String, Archetype> library) {
        List<Archetype> partTypes = parts.stream().map(library).toList();
        List<Archetype> boards = partTypes.stream()
                .filter(sort -> sort.kind() == Archetype.Kind.BOARD)
                .toList();
        if (boards.size() > 1) {
            throw new Rejected(
                    "parts", SAID.with("n", boards.size()).line("one-fc").plain());
        }
        ElectricSheet sheet = layout.bare(
                craft.outputs().stream().map(Corner::ordinal).toList(),
                Corner.ALL.stream().map(craft.airframe().shape()::shortName).toList(),
                craft.airframe().reachMm(),
                battery,
                boards.isEmpty() ? library.apply(layout.board()) : boards.get(0));
        for (Archetype sort : partTypes) {
            sheet = sort.kind() == Archetype.Kind.BOARD ? sheet : WiringLayout.withPart(sheet, sort);
        }
        return UartsFromWiring.told(craft.withElectrics(new Electrics(sheet)));
    }
}

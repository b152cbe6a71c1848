package ablemedic.app.chart;

import ablemedic.app.chart.Corrections.EntryCorrection;
import ablemedic.app.chart.CraftLog.LogEntry;
import ablemedic.app.chart.CraftStore.Revision;
import ablemedic.app.chart.CraftStore.Row;
import ablemedic.app.chart.CraftStore.State;
import ablemedic.app.chart.CraftWorkUps.WorkUpLine;
import ablemedic.app.chart.Readiness.Ground;
import ablemedic.app.parts.PartTypeStore;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.HoverPower;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.Settings;
import ablemedic.parts.PartType;
import ablemedic.requirement.Required;
import ablemedic.wiring.BatteryType;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Puts the chart of a craft together. */
@Component
class Charts {
    private static final Words SAID = Catalogue.beside(Charts.class, "words").of("charts");
    private final CraftStore crafts;
    private final CraftLog log;
    private final Corrections corrections;
    private final CraftWorkUps workUps;
    private final PartTypeStore partTypes;
    private final Readiness readiness;
    private final Records records;

    Charts(
            CraftStore crafts,
            CraftLog log,
            Corrections corrections,
            CraftWorkUps workUps,
            PartTypeStore partTypes,
            Readiness readiness,
            Records records) {
        this.crafts = crafts;
        this.log = log;
        this.corrections = corrections;
        this.workUps = workUps;
        this.partTypes = partTypes;
        this.readiness = readiness;
        this.records = records;
    }

    /**
     * Everything that the chart shows.
     *
     * @param grounds why it is grounded
     * @param unknowns what is not known of it, or may be meant
     * @param conflicts what of its record can't be right together
     * @param corrections what lines of the log said before
     * @param told every setting, with what the devices were told
     * @param behindTheLibrary own part types that the parts library has otherwise by now
     */
    record Chart(
            String mark,
            String name,
            String craftClass,
            String builder,
            State state,
            Fitness fitness,
            List<Ground> grounds,
            List<String> unknowns,
            List<ConflictView> conflicts,
            List<Due> due,
            long version,
            Instant enteredAt,
            @Nullable String aside,
            BuildSheet sheet,
            int revision,
            CraftDrawing drawing,
            List<Fact> facts,
            List<ToldValue> told,
            List<String> missing,
            List<String> behindTheLibrary,
            List<Revised> revisions,
            List<LogEntry> log,
            List<EntryCorrection> corrections,
            List<WorkUpLine> workUps) {}

    /** A line of the sheet in words. */
    record Fact(String what, String value) {}

    /**
     * What a device was told of one thing.
     *
     * @param written as it stands on the sheet
     * @param said as a person says it
     */
    record ToldValue(String id, String label, String written, String said, boolean usual) {}

    /** A revision and what it changed. */
    record Revised(int number, Instant enteredAt, String reason, List<SheetChanges.Change> changes) {}

    /** @throws ablemedic.app.storage.UnreadableRecordException where its newest sheet cannot be read */
    Chart of(String mark) {
        // The version is read before the sheet: a chart with a newer sheet than its version is refused when it is
        // written back.
        Row row = crafts.get(mark);
        List<Revision> revisions = crafts.revisions(row.mark());
        Revision newest = revisions.get(revisions.size() - 1);
        BuildSheet sheet = newest.sheet();
        Craft craft = crafts.craft(row.mark(), newest.number());
        Readiness.Stands stands = readiness.of(row);
        Required required = records.of(row.mark());
        List<ConflictView> conflicts = Stream.concat(
                        required.conflicts().stream().map(ConflictView::of),
                        required.unsolved().stream().map(ConflictView::unsolved))
                .toList();
        return new Chart(
                row.mark(),
                row.name(),
                row.craftClass(),
                row.builder(),
                row.state(),
                stands.fitness(),
                stands.grounds(),
                stands.unknowns(),
                conflicts,
                stands.due(),
                row.version(),
                row.enteredAt(),
                row.aside(),
                sheet,
                newest.number(),
                CraftDrawing.of(craft),
                facts(craft),
                told(craft),
                craft.electrics().sheet().missing(),
                behind(sheet).stream().map(PartType::label).toList(),
                revised(revisions),
                log.of(row.mark()),
                corrections.ofLog(row.mark()),
                workUps.linesOf(row.mark()));
    }

    /** The workshop's own part types that this sheet has otherwise than they stand in the parts library now. */
    List<PartType> behind(BuildSheet sheet) {
        List<PartType> copies = sheet.electrics() == null || sheet.electrics().partTypes() == null
                ? List.of()
                : sheet.electrics().partTypes();
        return copies.stream()
                .flatMap(copy -> partTypes.own(copy.id()).filter(now -> !now.equals(copy)).stream())
                .toList();
    }

    private static List<ToldValue> told(Craft craft) {
        return Settings.ALL.stream()
                .map(setting -> new ToldValue(
                        setting.id(),
                        setting.label(),
                        craft.configuration().written(setting),
                        craft.configuration().said(setting),
                        !craft.configuration().unusual().contains(setting)))
                .toList();
    }

    private static List<Fact> facts(Craft craft) {
        var frame = craft.airframe();
        List<Fact> facts = new ArrayList<>(List.of(
                new Fact(
                        SAID.line("frame").plain(),
                        SAID.with("shape", frame.shape().label())
                                .with("reach", Math.round(frame.reachMm()))
                                .line("frame-is")
                                .plain()),
                new Fact(SAID.line("mass").plain(), Math.round(frame.massG()) + " g"),
                new Fact(
                        SAID.line("props").plain(),
                        SAID.with("diameter", Math.round(frame.propDiameterMm()))
                                .with("spins", said(craft, FcSettings.SPINS))
                                .line("props-are")
                                .plain()),
                new Fact(
                        SAID.line("hover").plain(),
                        SAID.with("thrust", new Param.Quantity(frame.hoverThrustN(), "N", 1))
                                .with("power", new Param.Quantity(HoverPower.ideal(frame), "W", 0))
                                .line("hover-is")
                                .plain()),
                new Fact(
                        SAID.line("numbering").plain(),
                        SAID.with("numbering", said(craft, FcSettings.NUMBERING))
                                .with("order", said(craft, FcSettings.OUTPUT_ORDER))
                                .line("numbering-is")
                                .plain()),
                new Fact(
                        SAID.line("fc").plain(),
                        SAID.with("mounted", craft.mounted().angles())
                                .with("alignment", said(craft, FcSettings.ALIGNMENT))
                                .line("fc-is")
                                .plain()),
                new Fact(
                        SAID.line("sticks").plain(),
                        SAID.with("radio", said(craft, RadioSettings.STICK_ORDER))
                                .with("fc", said(craft, FcSettings.STICK_ORDER))
                                .line("sticks-are")
                                .plain()),
                new Fact(SAID.line("mode").plain(), said(craft, FcSettings.MODE))));
        if (!craft.electrics().sheet().isEmpty()) {
            BatteryType battery = craft.electrics().sheet().battery();
            facts.add(new Fact(
                    SAID.line("battery").plain(),
                    SAID.with("cells", new Param.Count(battery.cells()))
                            .with("chemistry", battery.chemistry().label())
                            .with("capacity", Math.round(battery.capacityMah()))
                            .line("battery-is")
                            .plain()));
            facts.add(new Fact(
                    SAID.line("voltage").plain(),
                    SAID.with("source", said(craft, FcSettings.VOLTAGE_SOURCE))
                            .with("scale", said(craft, FcSettings.VOLTAGE_SCALE))
                            .with("cells", said(craft, FcSettings.CELLS))
                            .line("voltage-is")
                            .plain()));
            facts.add(new Fact(
                    SAID.line("parts").plain(),
                    craft.electrics().sheet().parts().stream()
                            .map(part -> part.label())
                            .collect(Collectors.joining(", "))));
        }
        return facts;
    }

    private static String said(Craft craft, Setting<?> setting) {
        return craft.configuration().said(setting);
    }

    /** Newest first, each with what it changed as far as both sheets can be read. */
    private static List<Revised> revised(List<Revision> revisions) {
        List<Revised> revised = new ArrayList<>();
        for (int i = revisions.size() - 1; i >= 0; i--) {
            Revision r = revisions.get(i);
            boolean compared = i > 0
                    && r.readable().isPresent()
                    && revisions.get(i - 1).readable().isPresent();
            revised.add(new Revised(
                    r.number(),
                    r.enteredAt(),
                    r.readable().isPresent()
                            ? r.reason()
                            : SAID.with("reason", r.reason()).line("unreadable").plain(),
                    compared ? SheetChanges.between(revisions.get(i - 1).sheet(), r.sheet()) : List.of()));
        }
        return revised;
    }
}

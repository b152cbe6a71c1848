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
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.craft.Settings;
import ablemedic.parts.PartType;
import ablemedic.requirement.Required;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Puts the chart of a craft together. */
@Component
class Charts {
    private static final Words SAID = Catalogue.beside(Charts.class, "words").of("charts");
    private final CraftStore crafts;
    private final ChartHistory history;
    private final PartTypeStore partTypes;
    private final Readiness readiness;
    private final Records records;

    Charts(CraftStore crafts, ChartHistory history, PartTypeStore partTypes, Readiness readiness, Records records) {
        this.crafts = crafts;
        this.history = history;
        this.partTypes = partTypes;
        this.readiness = readiness;
        this.records = records;
    }

    /** Everything that the chart shows. */
    record Chart(
            @JsonUnwrapped Head head,
            @JsonUnwrapped Stands stands,
            CraftDrawing drawing,
            @JsonUnwrapped Sheet build,
            @JsonUnwrapped History history) {}

    /** Which craft it is. */
    record Head(
            String craftId,
            String name,
            String craftClass,
            String builder,
            State state,
            long version,
            Instant enteredAt,
            @Nullable String aside) {}

    /**
     * How it stands.
     *
     * @param grounds why it is grounded
     * @param unknowns what is not known of it, or may be meant
     * @param conflicts what of its record can't be right together
     */
    record Stands(
            Fitness fitness,
            List<Ground> grounds,
            List<String> unknowns,
            List<ConflictView> conflicts,
            List<Due> due) {}

    /**
     * How it is built and configured.
     *
     * @param told every setting, with its value
     * @param behindTheLibrary own part types that the parts library has otherwise by now
     */
    record Sheet(
            BuildSheet sheet,
            int revision,
            List<Fact> facts,
            List<ToldValue> told,
            List<String> missing,
            List<String> behindTheLibrary) {}

    /**
     * What became of it.
     *
     * @param corrections what lines of the log said before
     */
    record History(
            List<Revised> revisions, List<LogEntry> log, List<EntryCorrection> corrections, List<WorkUpLine> workUps) {}

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
    Chart of(String craftId) {
        // The version is read before the sheet: a chart with a newer sheet than its version is refused when it is
        // written back.
        Row row = crafts.get(craftId);
        List<Revision> revisions = crafts.revisions(row.craftId());
        Revision newest = revisions.get(revisions.size() - 1);
        BuildSheet sheet = newest.sheet();
        Craft craft = crafts.craft(row.craftId(), newest.number());
        Readiness.Stands stands = readiness.of(row);
        Required required = records.of(row.craftId());
        List<ConflictView> conflicts = Stream.concat(
                        required.conflicts().stream().map(ConflictView::of),
                        required.unsolved().stream().map(ConflictView::unsolved))
                .toList();
        return new Chart(
                new Head(
                        row.craftId(),
                        row.name(),
                        row.craftClass(),
                        row.builder(),
                        row.state(),
                        row.version(),
                        row.enteredAt(),
                        row.aside()),
                new Stands(stands.fitness(), stands.grounds(), stands.unknowns(), conflicts, stands.due()),
                CraftDrawing.of(craft),
                new Sheet(
                        sheet,
                        newest.number(),
                        CraftFacts.of(craft),
                        told(craft),
                        craft.electrics().sheet().missing(),
                        behind(sheet).stream().map(PartType::label).toList()),
                new History(
                        revised(revisions),
                        history.log(row.craftId()),
                        history.corrections(row.craftId()),
                        history.workUps(row.craftId())));
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

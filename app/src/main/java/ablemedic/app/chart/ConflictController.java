package ablemedic.app.chart;

import ablemedic.app.http.Refusal;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.requirement.Conflict;
import ablemedic.requirement.Edit;
import ablemedic.requirement.Required;
import ablemedic.requirement.Site;
import ablemedic.requirement.Source;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * The conflicts of a craft's record over HTTP: what they are, and one put right on the craft or corrected on the sheet.
 */
@RestController
@RequestMapping("/api/crafts/{craftId}/conflicts")
class ConflictController {
    private static final Words SAID =
            Catalogue.beside(ConflictController.class, "words").of("conflict-controller");
    private static final Words REFUSALS =
            Catalogue.beside(ConflictController.class, "refusals").of("conflict-controller");
    private final CraftStore crafts;
    private final Records records;
    private final CraftWorkUps workUps;
    private final Clock clock;

    ConflictController(CraftStore crafts, Records records, CraftWorkUps workUps, Clock clock) {
        this.crafts = crafts;
        this.records = records;
        this.workUps = workUps;
        this.clock = clock;
    }

    /**
     * @param version of the craft
     * @param open the work-up in which they are put right, where one is open; nothing where none is
     */
    record ConflictsView(
            String craftId,
            long version,
            @org.jspecify.annotations.Nullable Long open,
            List<ConflictView> conflicts,
            List<String> doubts) {}

    /**
     * A conflict that is settled.
     *
     * @param way of those that it has, counted from 1
     * @param made whether something was done to the craft; otherwise the craft is right so, and the sheet was not
     */
    record Settled(
            long version,

            @NotBlank(message = "{names.a.conflict}") @Size(max = 200, message = "{names.a.conflict}")
            String conflictId,

            int way,
            boolean made) {}

    @GetMapping
    ConflictsView view(@PathVariable String craftId) {
        String right = crafts.get(craftId).craftId();
        Required required = records.of(right);
        return new ConflictsView(
                right,
                crafts.get(right).version(),
                workUps.openOf(right).orElse(null),
                Stream.concat(
                                required.conflicts().stream().map(ConflictView::of),
                                required.unsolved().stream().map(ConflictView::unsolved))
                        .toList(),
                required.doubts().stream()
                        .map(doubt -> doubt.cause() + ". " + doubt.remedy() + ".")
                        .toList());
    }

    @PostMapping
    ConflictsView settle(@PathVariable String craftId, @RequestBody @Valid Settled settled) {
        String right = crafts.get(craftId).craftId();
        workUps.openOf(right).ifPresent(open -> {
            throw Refusal.conflict("craftId", REFUSALS.with("open", open).with("right", right), "open-work-up");
        });
        Conflict conflict = records.of(right).conflicts().stream()
                .filter(one -> one.id().equals(settled.conflictId()))
                .findFirst()
                .orElseThrow(() -> Refusal.wrong(
                        "conflictId",
                        REFUSALS.with("right", right).with("conflictId", Refusal.shortened(settled.conflictId())),
                        "no-conflict"));
        if (settled.way() < 1 || settled.way() > conflict.ways().size()) {
            throw Refusal.wrong("way", REFUSALS.with("ways", conflict.ways().size()), "way");
        }
        Edit edit = conflict.ways().get(settled.way() - 1).edit();
        BuildSheet sheet = crafts.newestWith(
                        right,
                        BuildSheet.of(conflict.recorded()),
                        BuildSheet.of(conflict.onSheet(conflict.recorded(), settled.way() - 1)))
                .withSource(edit.sites(), Source.MEASURED);
        boolean opened = edit.sites().stream()
                .anyMatch(site -> site.kind() != Site.Kind.SETTING && site.kind() != Site.Kind.MASS);
        crafts.revise(
                right,
                settled.version(),
                new CraftStore.Revising(
                        crafts.storable(sheet),
                        settled.made()
                                ? edit.title().plain()
                                : SAID.with("edit", edit.title()).line("reason").plain(),
                        settled.made() ? opened ? "repair" : "fix" : "sheet",
                        SAID.with("made", Param.when(settled.made()))
                                .with("edit", edit.title())
                                .line("line")
                                .plain()),
                clock.instant());
        return view(right);
    }
}

package ablemedic.app.snapshot;

import ablemedic.app.chart.CraftLog;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.SnapshotStore;
import ablemedic.app.chart.SnapshotStore.Row;
import ablemedic.app.firmware.FirmwareDialectStore;
import ablemedic.firmware.Dictionary;
import ablemedic.settings.BuildNeeds;
import ablemedic.settings.FlashPlan;
import ablemedic.snapshot.Snapshot;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A flash of another version, planned before it is done. */
@RestController
class FlashController {
    /** Lines of the log after which a snapshot no longer tells how the craft is. */
    private static final Set<String> CHANGE = Set.of("fix", "repair", "sheet");

    private final CraftStore crafts;
    private final CraftLog log;
    private final SnapshotStore snapshots;
    private final FirmwareDialectStore families;

    FlashController(CraftStore crafts, CraftLog log, SnapshotStore snapshots, FirmwareDialectStore families) {
        this.crafts = crafts;
        this.log = log;
        this.snapshots = snapshots;
        this.families = families;
    }

    /**
     * @param snapshot the newest one; none where the craft has none
     * @param needs what the craft needs of the version to be written
     * @param stale what happened to the craft since it was taken; none where nothing did
     */
    record FlashView(
            @Nullable Integer snapshot,
            @Nullable Instant takenAt,
            @Nullable String from,
            @Nullable String stale,
            String target,
            List<RenamedView> renamed,
            List<LostSetting> lost,
            List<BuildNeeds.Need> needs,
            List<FlashPlan.Step> steps,
            List<FlashPlan.Remedy> remedies) {}

    record RenamedView(String label, String before, String after) {}

    /** @param versions of the target's family that have it */
    record LostSetting(String label, String value, List<String> versions) {}

    @GetMapping("/api/crafts/{craftId}/flash-plan")
    FlashView plan(
            @PathVariable String craftId,
            @RequestParam("family") String family,
            @RequestParam("version") String version) {
        String known = crafts.get(craftId).craftId();
        Dictionary to = families.dictionary(family, version);
        String target = to.family().label() + " " + to.version();
        List<BuildNeeds.Need> needs = BuildNeeds.of(crafts.newestCraft(known), to.family(), to.version());
        Optional<Row> newest = snapshots.of(known).stream().findFirst();
        Optional<Snapshot> now = newest.flatMap(row -> snapshots.snapshot(row));
        if (now.isEmpty()) {
            return new FlashView(
                    null, null, null, null, target, List.of(), List.of(), needs, FlashPlan.STEPS, FlashPlan.REMEDIES);
        }
        Row row = newest.get();
        Dictionary from = families.dictionary(row.family(), row.version());
        FlashPlan plan = FlashPlan.of(now.get(), from, to);
        return new FlashView(
                row.number(),
                row.takenAt(),
                from.family().label() + " " + from.version(),
                log.of(known).stream()
                        .filter(entry ->
                                CHANGE.contains(entry.kind()) && entry.at().isAfter(row.takenAt()))
                        .map(CraftLog.LogEntry::text)
                        .findFirst()
                        .orElse(null),
                target,
                plan.renamed().stream()
                        .map(one -> new RenamedView(one.setting().label(), one.before(), one.after()))
                        .toList(),
                plan.lost().stream()
                        .map(one -> new LostSetting(one.setting().label(), one.value(), one.versions()))
                        .toList(),
                needs,
                FlashPlan.STEPS,
                FlashPlan.REMEDIES);
    }
}

package ablemedic.app.workup;

import ablemedic.app.chart.CraftLog;
import ablemedic.app.chart.SnapshotStore;
import ablemedic.app.entry.Entered;
import ablemedic.app.workup.WorkUpEvent.Found;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Sureness;
import ablemedic.snapshot.ExportCheck;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;

/** The settings exports that are on a chart when a work-up is opened. */
@Component
class KeptExports {
    /** Lines of the log after which a settings export may be out of date. */
    private static final Set<String> CHANGES_SETTINGS = Set.of("flash", "sheet", "fix", "repair", "part", "bundle");

    private final SnapshotStore snapshots;
    private final CraftLog log;

    KeptExports(SnapshotStore snapshots, CraftLog log) {
        this.snapshots = snapshots;
        this.log = log;
    }

    /** The newest settings export, where nothing changed a setting since it was kept: evidence at once. */
    Optional<WorkUpEvent> asEvidence(String craftId, Occasion occasion) {
        List<SnapshotStore.Row> rows = snapshots.of(craftId);
        // The only export of a craft that was flashed is mostly the one kept before the flash.
        return rows.stream()
                .findFirst()
                .filter(row -> occasion != Occasion.FLASH || rows.size() > 1)
                .filter(row -> snapshots.snapshot(row).isPresent())
                .filter(row -> log.of(craftId).stream()
                        .takeWhile(line -> !line.kind().equals("snapshot"))
                        .noneMatch(line -> CHANGES_SETTINGS.contains(line.kind())))
                .map(row -> new Found(
                        ExportCheck.id(row.id()),
                        null,
                        new Entered(Map.of("seen", ExportCheck.LISTED), Map.of()),
                        Sureness.SURE));
    }
}

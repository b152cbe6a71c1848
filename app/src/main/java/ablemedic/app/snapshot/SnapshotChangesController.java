package ablemedic.app.snapshot;

import ablemedic.Families;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.SnapshotStore;
import ablemedic.app.chart.SnapshotStore.Row;
import ablemedic.app.firmware.FirmwareDialectStore;
import ablemedic.app.http.Refusal;
import ablemedic.app.snapshot.SnapshotViews.ChangesView;
import ablemedic.app.snapshot.SnapshotViews.WhatIf;
import ablemedic.app.workup.Diagnoses;
import ablemedic.app.workup.WorkUps;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Configuration;
import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.craft.Settings;
import ablemedic.diagnosis.Case;
import ablemedic.family.Complaint;
import ablemedic.firmware.Dictionary;
import ablemedic.snapshot.Change;
import ablemedic.snapshot.Consequence;
import ablemedic.snapshot.RestoreCommand;
import ablemedic.snapshot.Snapshot;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What changed between two snapshots of a craft, and what would follow of one setting more. */
@RestController
@RequestMapping("/api/crafts/{craftId}/snapshots")
class SnapshotChangesController {
    private static final Words REFUSALS =
            Catalogue.beside(SnapshotChangesController.class, "refusals").of("snapshot-changes-controller");

    private final CraftStore crafts;
    private final SnapshotStore snapshots;
    private final FirmwareDialectStore families;
    private final Diagnoses diagnoses;
    private final WorkUps workUps;

    SnapshotChangesController(
            CraftStore crafts,
            SnapshotStore snapshots,
            FirmwareDialectStore families,
            Diagnoses diagnoses,
            WorkUps workUps) {
        this.crafts = crafts;
        this.snapshots = snapshots;
        this.families = families;
        this.diagnoses = diagnoses;
        this.workUps = workUps;
    }

    @GetMapping("/{number}/changes")
    ChangesView changes(@PathVariable String craftId, @PathVariable int number, @RequestParam("since") int since) {
        String known = crafts.get(craftId).craftId();
        Row row = snapshots.get(known, number);
        Snapshot before = held(snapshots.get(known, since));
        Snapshot now = held(row);
        Craft sound = crafts.newestCraft(known);
        Optional<Case<Craft>> open = workUps.openCase(known);
        List<Change> changes = Change.between(
                before,
                now,
                sound,
                diagnoses.complaints(sound),
                open.map(Case::evidence).orElse(List.of()));
        Dictionary dictionary = families.dictionary(row.family(), row.version());
        List<RestoreCommand> putBack = RestoreCommand.list(before, now, dictionary);
        return new ChangesView(
                since,
                number,
                workUps.openComplaint(known).orElse(null),
                changes.stream().map(SnapshotViews::change).toList(),
                putBack.stream().map(SnapshotViews::putBack).toList(),
                putBack.isEmpty() ? "" : RestoreCommand.text(putBack, dictionary));
    }

    private Snapshot held(Row row) {
        return snapshots
                .snapshot(row)
                .orElseThrow(() -> Refusal.conflict(
                        "number", REFUSALS.with("family", row.family()).with("number", row.number()), "dialect-gone"));
    }

    /** What would follow if one setting had another value. */
    @GetMapping("/{number}/what-if")
    WhatIf whatIf(
            @PathVariable String craftId,
            @PathVariable int number,
            @RequestParam("setting") String settingId,
            @RequestParam("value") String value) {
        String known = crafts.get(craftId).craftId();
        Setting<?> setting = Settings.find(settingId)
                .orElseThrow(() -> Refusal.wrong(
                        "setting", REFUSALS.with("settingId", Refusal.shortened(settingId)), "no-setting"));
        Craft now = held(snapshots.get(known, number)).on(crafts.newestCraft(known));
        Configuration told;
        try {
            told = now.configuration().withWritten(setting, value);
        } catch (Rejected e) {
            throw Refusal.wrong("value", e.getMessage() + ".");
        }
        List<Complaint> complaints = diagnoses.complaints(now);
        return new WhatIf(
                setting.label(),
                now.configuration().said(setting),
                told.said(setting),
                Consequence.of(now, now.with(told), complaints).stream()
                        .map(Consequence::label)
                        .toList(),
                Consequence.of(now.with(told), now, complaints).stream()
                        .map(Consequence::label)
                        .toList(),
                Families.violations(now.with(told)).stream()
                        .filter(lint -> lint.settings().contains(setting))
                        .map(one -> SnapshotViews.lint(one, complaints))
                        .toList());
    }
}

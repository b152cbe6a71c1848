package ablemedic.app.snapshot;

import ablemedic.Families;
import ablemedic.app.batteries.BatteryStore;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.SnapshotStore;
import ablemedic.app.chart.SnapshotStore.Read;
import ablemedic.app.chart.SnapshotStore.Row;
import ablemedic.app.firmware.FirmwareDialectStore;
import ablemedic.app.http.DownloadName;
import ablemedic.app.http.Refusal;
import ablemedic.app.snapshot.SnapshotViews.ChangesView;
import ablemedic.app.snapshot.SnapshotViews.SnapshotRow;
import ablemedic.app.snapshot.SnapshotViews.SnapshotView;
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
import ablemedic.export.SettingsExport;
import ablemedic.family.Complaint;
import ablemedic.firmware.Dictionary;
import ablemedic.power.AlarmConvention;
import ablemedic.requirement.Violation;
import ablemedic.settings.BuildNeeds;
import ablemedic.snapshot.Change;
import ablemedic.snapshot.Consequence;
import ablemedic.snapshot.RestoreCommand;
import ablemedic.snapshot.Snapshot;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Snapshots of a craft's settings. */
@RestController
@RequestMapping("/api/crafts/{mark}/snapshots")
class SnapshotsController {
    private static final Words SAID =
            Catalogue.beside(SnapshotsController.class, "words").of("snapshots-controller");
    private static final Words REFUSALS =
            Catalogue.beside(SnapshotsController.class, "refusals").of("snapshots-controller");
    private static final int LONGEST_WORDS = 200;

    private final CraftStore crafts;
    private final SnapshotStore snapshots;
    private final FirmwareDialectStore families;
    private final Diagnoses diagnoses;
    private final WorkUps workUps;
    private final BatteryStore batteries;
    private final Clock clock;

    SnapshotsController(
            CraftStore crafts,
            SnapshotStore snapshots,
            FirmwareDialectStore families,
            Diagnoses diagnoses,
            WorkUps workUps,
            BatteryStore batteries,
            Clock clock) {
        this.crafts = crafts;
        this.snapshots = snapshots;
        this.families = families;
        this.diagnoses = diagnoses;
        this.workUps = workUps;
        this.batteries = batteries;
        this.clock = clock;
    }

    @GetMapping
    List<SnapshotRow> all(@PathVariable String mark) {
        return snapshots.counted(crafts.get(mark).mark()).stream()
                .map(this::row)
                .toList();
    }

    private SnapshotRow row(Row row) {
        return SnapshotViews.row(row, families.find(row.family()));
    }

    /**
     * Takes a settings export in; family and version left out are found by its names.
     *
     * @param target the build of the firmware that this board takes, if it is known
     */
    @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @RequestBody(
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_OCTET_STREAM_VALUE,
                            schema = @Schema(type = "string", format = "binary")))
    SnapshotView add(
            @PathVariable String mark,
            @RequestParam(name = "why", defaultValue = "") String why,
            @RequestParam(name = "name", defaultValue = "") String name,
            @RequestParam(name = "family", defaultValue = "") String family,
            @RequestParam(name = "version", defaultValue = "") String version,
            @RequestParam(name = "target", defaultValue = "") String target,
            HttpServletRequest file)
            throws IOException {
        String known = crafts.get(mark).mark();
        for (String words : List.of(why, name, target)) {
            if (words.length() > LONGEST_WORDS) {
                throw Refusal.wrong("why", REFUSALS.with("longestWords", LONGEST_WORDS), "words");
            }
        }
        byte[] export = file.getInputStream().readNBytes(SettingsExport.LONGEST + 1);
        Dictionary dictionary = dictionary(export, family, version);
        return view(snapshots.add(
                known,
                dictionary,
                target.strip(),
                why.isBlank() ? SAID.line("as-found").plain() : why.strip(),
                name.strip(),
                export,
                clock.instant()));
    }

    private Dictionary dictionary(byte[] file, String family, String version) {
        SettingsExport export;
        try {
            export = SettingsExport.read(file);
        } catch (Rejected e) {
            throw Refusal.wrong("file", e.getMessage());
        }
        if (!family.isEmpty()) {
            return families.dictionary(
                    family, version.isEmpty() ? families.get(family, "family").newest() : version);
        }
        return Dictionary.guess(export, families.all())
                .map(guess -> new Dictionary(guess.family(), guess.version()))
                .orElseThrow(() -> Refusal.wrong("family", REFUSALS, "no-dialect"));
    }

    @GetMapping("/{number}")
    SnapshotView one(@PathVariable String mark, @PathVariable int number) {
        return view(snapshots.get(crafts.get(mark).mark(), number));
    }

    private SnapshotView view(Row row) {
        Read read = snapshots.read(row);
        Craft sound = crafts.newestCraft(row.mark());
        List<Violation> lint = snapshots
                .snapshot(row)
                .map(snapshot -> lint(snapshot.on(sound), row))
                .orElse(List.of());
        List<Complaint> complaints = lint.isEmpty() ? List.of() : diagnoses.complaints(sound);
        return new SnapshotView(
                row(row),
                read.export().form().label(),
                read.export().encoding(),
                lint.stream().map(one -> SnapshotViews.lint(one, complaints)).toList(),
                SnapshotViews.notUnderstood(read));
    }

    private List<Violation> lint(Craft listed, Row row) {
        List<Violation> lacks = families.find(row.family())
                .map(family -> BuildNeeds.violations(listed, family, row.version()))
                .orElse(List.of());
        List<Violation> alarms = batteries.rules(row.mark()).stream()
                .flatMap(rule -> AlarmConvention.violations(listed, rule).stream())
                .toList();
        return Stream.of(Families.violations(listed), lacks, alarms)
                .flatMap(List::stream)
                .sorted(Comparator.comparing(Violation::severity))
                .toList();
    }

    /** The file as it came, byte for byte. */
    @GetMapping("/{number}/file")
    ResponseEntity<byte[]> file(@PathVariable String mark, @PathVariable int number) {
        Row row = snapshots.get(crafts.get(mark).mark(), number);
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        DownloadName.attachment(row.name(), row.mark() + "-" + number + ".txt"))
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .body(snapshots.file(row));
    }

    @GetMapping("/{number}/changes")
    ChangesView changes(@PathVariable String mark, @PathVariable int number, @RequestParam("since") int since) {
        String known = crafts.get(mark).mark();
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
            @PathVariable String mark,
            @PathVariable int number,
            @RequestParam("setting") String settingId,
            @RequestParam("value") String value) {
        String known = crafts.get(mark).mark();
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

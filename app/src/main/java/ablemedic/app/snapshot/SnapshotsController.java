package ablemedic.app.snapshot;

import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.SnapshotStore;
import ablemedic.app.chart.SnapshotStore.Read;
import ablemedic.app.chart.SnapshotStore.Row;
import ablemedic.app.firmware.FirmwareDialectStore;
import ablemedic.app.http.DownloadName;
import ablemedic.app.http.Refusal;
import ablemedic.app.snapshot.SnapshotViews.SnapshotRow;
import ablemedic.app.snapshot.SnapshotViews.SnapshotView;
import ablemedic.app.workup.Diagnoses;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.export.SettingsExport;
import ablemedic.family.Complaint;
import ablemedic.firmware.Dictionary;
import ablemedic.requirement.Violation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Clock;
import java.util.List;
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
@RequestMapping("/api/crafts/{craftId}/snapshots")
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
    private final SnapshotLint lint;
    private final Clock clock;

    SnapshotsController(
            CraftStore crafts,
            SnapshotStore snapshots,
            FirmwareDialectStore families,
            Diagnoses diagnoses,
            SnapshotLint lint,
            Clock clock) {
        this.crafts = crafts;
        this.snapshots = snapshots;
        this.families = families;
        this.diagnoses = diagnoses;
        this.lint = lint;
        this.clock = clock;
    }

    @GetMapping
    List<SnapshotRow> all(@PathVariable String craftId) {
        return snapshots.counted(crafts.get(craftId).craftId()).stream()
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
            @PathVariable String craftId,
            @RequestParam(name = "why", defaultValue = "") String why,
            @RequestParam(name = "name", defaultValue = "") String name,
            @RequestParam(name = "family", defaultValue = "") String family,
            @RequestParam(name = "version", defaultValue = "") String version,
            @RequestParam(name = "target", defaultValue = "") String target,
            HttpServletRequest file)
            throws IOException {
        String known = crafts.get(craftId).craftId();
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
                new SnapshotStore.Export(
                        target.strip(),
                        why.isBlank() ? SAID.line("as-found").plain() : why.strip(),
                        name.strip(),
                        export),
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
    SnapshotView one(@PathVariable String craftId, @PathVariable int number) {
        return view(snapshots.get(crafts.get(craftId).craftId(), number));
    }

    private SnapshotView view(Row row) {
        Read read = snapshots.read(row);
        Craft sound = crafts.newestCraft(row.craftId());
        List<Violation> violations = snapshots
                .snapshot(row)
                .map(snapshot -> lint.of(snapshot.on(sound), row))
                .orElse(List.of());
        List<Complaint> complaints = violations.isEmpty() ? List.of() : diagnoses.complaints(sound);
        return new SnapshotView(
                row(row),
                read.export().form().label(),
                read.export().encoding(),
                violations.stream()
                        .map(one -> SnapshotViews.lint(one, complaints))
                        .toList(),
                SnapshotViews.notUnderstood(read));
    }

    /** The file as it came, byte for byte. */
    @GetMapping("/{number}/file")
    ResponseEntity<byte[]> file(@PathVariable String craftId, @PathVariable int number) {
        Row row = snapshots.get(crafts.get(craftId).craftId(), number);
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        DownloadName.attachment(row.name(), row.craftId() + "-" + number + ".txt"))
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .body(snapshots.file(row));
    }
}

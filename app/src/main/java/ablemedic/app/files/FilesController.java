package ablemedic.app.files;

import ablemedic.app.chart.Corrections;
import ablemedic.app.chart.Corrections.EntryCorrection;
import ablemedic.app.chart.CraftLog;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.files.FileStore.Beside;
import ablemedic.app.files.FileStore.KeptFile;
import ablemedic.app.http.DownloadName;
import ablemedic.app.http.Refusal;
import ablemedic.app.workup.WorkUpStore;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Photos and files of a craft. */
@RestController
@RequestMapping("/api/crafts/{craftId}/files")
class FilesController {
    private static final Words REFUSALS =
            Catalogue.beside(FilesController.class, "refusals").of("files-controller");
    private static final int LONGEST_NAME = 120;

    private final FileStore files;
    private final CraftStore crafts;
    private final CraftLog log;
    private final WorkUpStore workUps;
    private final Corrections corrections;
    private final Clock clock;

    /**
     * A file put right.
     *
     * @param workUp the work-up that it belongs to
     * @param n the finding of it
     * @param line the line of the craft's log that it belongs to
     */
    record FileRight(
            @NotNull(message = "{says.what.it.is.called}") @Size(max = LONGEST_NAME, message = "{most.letters}")
            String name,

            @Nullable Long workUp,
            @Nullable Integer n,
            @Nullable Long line,

            @NotBlank(message = "{says.what.was.wrong.with.it}") @Size(max = 400, message = "{most.letters}")
            String reason) {}

    /** A file taken off. */
    record FileWithdrawn(
            @NotBlank(message = "{says.what.was.wrong.with.it}") @Size(max = 400, message = "{most.letters}")
            String reason) {}

    FilesController(
            FileStore files,
            Corrections corrections,
            CraftStore crafts,
            CraftLog log,
            WorkUpStore workUps,
            Clock clock) {
        this.files = files;
        this.corrections = corrections;
        this.crafts = crafts;
        this.log = log;
        this.workUps = workUps;
        this.clock = clock;
    }

    @GetMapping
    List<KeptFile> list(@PathVariable String craftId) {
        return files.of(crafts.get(craftId).craftId());
    }

    /**
     * Keeps a file.
     *
     * @param workUp the work-up that it belongs to; left out, it belongs to the craft alone
     * @param n the finding of it
     * @param line the line of the craft's log that it belongs to
     */
    @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    List<KeptFile> keep(
            @PathVariable String craftId,
            @RequestParam(defaultValue = "") String name,
            @RequestParam(required = false) @Nullable Long workUp,
            @RequestParam(required = false) @Nullable Integer n,
            @RequestParam(required = false) @Nullable Long line,
            InputStream body)
            throws IOException {
        String known = crafts.get(craftId).craftId();
        byte[] bytes = body.readNBytes(FileStore.LARGEST + 1);
        if (bytes.length > FileStore.LARGEST) {
            throw Refusal.wrong("file", REFUSALS.with("largest", FileStore.LARGEST / 1024 / 1024), "size");
        }
        FileType sort = FileType.of(bytes).orElseThrow(() -> Refusal.wrong("file", REFUSALS, "type"));
        files.keep(known, beside(known, workUp, n, line), called(name), sort, bytes, clock.instant());
        return files.of(known);
    }

    /** The file as it came; a picture to be shown, anything else to be saved. */
    @GetMapping("/{id}")
    ResponseEntity<byte[]> file(@PathVariable String craftId, @PathVariable long id) {
        KeptFile file = files.get(crafts.get(craftId).craftId(), id);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_TYPE, file.type())
                .header("Content-Security-Policy", "default-src 'none'; sandbox")
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        (file.picture() ? "inline" : "attachment") + "; filename=\""
                                + DownloadName.of(file.name(), "file") + "\"")
                .body(files.bytes(id));
    }

    /** Names a file anew, puts it beside something else, or brings back one that was taken off. */
    @PutMapping("/{id}")
    List<KeptFile> correct(@PathVariable String craftId, @PathVariable long id, @RequestBody @Valid FileRight right) {
        String known = crafts.get(craftId).craftId();
        Beside beside = beside(known, right.workUp(), right.n(), right.line());
        files.correct(
                files.get(known, id),
                called(right.name()),
                beside,
                right.reason().strip(),
                clock.instant());
        return files.of(known);
    }

    /** Takes a file off: it is shown no more but in the history, from where it can be brought back. */
    @PostMapping("/{id}/withdrawal")
    List<KeptFile> takeOff(
            @PathVariable String craftId, @PathVariable long id, @RequestBody @Valid FileWithdrawn withdrawn) {
        String known = crafts.get(craftId).craftId();
        KeptFile file = files.get(known, id);
        if (file.withdrawn()) {
            throw Refusal.conflict("id", REFUSALS.with("file", file.name()), "removed");
        }
        files.takeOff(known, file, withdrawn.reason().strip(), clock.instant());
        return files.of(known);
    }

    /** What was put right of the files of a craft, newest first. */
    @GetMapping("/corrections")
    List<EntryCorrection> corrections(@PathVariable String craftId) {
        return corrections.ofFiles(crafts.get(craftId).craftId());
    }

    private Beside beside(String craftId, @Nullable Long workUp, @Nullable Integer n, @Nullable Long line) {
        if (workUp != null && !workUps.get(workUp).craftId().equals(craftId)) {
            throw Refusal.wrong("workUp", REFUSALS.with("workUp", workUp), "other-craft");
        }
        if (n != null && (workUp == null || n < 1 || n > workUps.version(workUp))) {
            throw Refusal.wrong("n", REFUSALS.with("n", n), "no-finding");
        }
        if (line != null && log.of(craftId).stream().noneMatch(one -> one.id() == line)) {
            throw Refusal.wrong("line", REFUSALS.with("craftId", craftId).with("line", line), "no-line");
        }
        return new Beside(workUp, n, line);
    }

    private static String called(String name) {
        String called = name.strip().isEmpty() ? "file" : name.strip();
        return called.length() > LONGEST_NAME ? called.substring(0, LONGEST_NAME) : called;
    }
}

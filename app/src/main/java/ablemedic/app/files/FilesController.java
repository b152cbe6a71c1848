package ablemedic.app.files;

import ablemedic.app.chart.CraftLog;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.files.FileStore.Beside;
import ablemedic.app.files.FileStore.KeptFile;
import ablemedic.app.http.Refusal;
import ablemedic.app.workup.WorkUpStore;
import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Photos and files of a craft. */
@RestController
@RequestMapping("/api/crafts/{mark}/files")
class FilesController {
  private static final int LONGEST_NAME = 120;

  private final FileStore files;
  private final CraftStore crafts;
  private final CraftLog log;
  private final WorkUpStore workUps;
  private final Clock clock;

  FilesController(FileStore files, CraftStore crafts, CraftLog log, WorkUpStore workUps, Clock clock) {
    this.files = files;
    this.crafts = crafts;
    this.log = log;
    this.workUps = workUps;
    this.clock = clock;
  }

  @GetMapping
  List<KeptFile> list(@PathVariable String mark) {
    return files.of(crafts.get(mark).mark());
  }

  /**
   * Keeps a file.
   *
   * @param workUp the work-up that it belongs to; left out, it belongs to the craft alone
   * @param n      the finding of it
   * @param line   the line of the craft's log that it belongs to
   */
  @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  List<KeptFile> keep(@PathVariable String mark, @RequestParam(defaultValue = "") String name, @RequestParam(required = false) @Nullable Long workUp, @RequestParam(required = false) @Nullable Integer n,
      @RequestParam(required = false) @Nullable Long line, InputStream body) throws IOException {
    String known = crafts.get(mark).mark();
    byte[] bytes = body.readNBytes(FileStore.LARGEST + 1);
    if (bytes.length > FileStore.LARGEST) {
      throw Refusal.wrong("file", "A file of more than " + FileStore.LARGEST / 1024 / 1024 + " MB is not kept. Photos are made smaller by the page.");
    }
    FileSort sort = FileSort.of(bytes).orElseThrow(() -> Refusal.wrong("file", "Photos (JPEG, PNG, WEBP), PDF and plain text are kept; this is none of them."));
    if (workUp != null && !workUps.get(workUp).mark().equals(known)) {
      throw Refusal.wrong("workUp", "Work-up " + workUp + " is of another craft.");
    }
    if (n != null && (workUp == null || n < 1 || n > workUps.version(workUp))) {
      throw Refusal.wrong("n", "There is no finding " + n + " in it.");
    }
    if (line != null && log.of(known).stream().noneMatch(one -> one.id() == line)) {
      throw Refusal.wrong("line", "The log of " + known + " has no line " + line + ".");
    }
    String called = name.strip().isEmpty() ? "file" : name.strip();
    files.keep(known, new Beside(workUp, n, line), called.length() > LONGEST_NAME ? called.substring(0, LONGEST_NAME) : called, sort, bytes, clock.instant());
    return files.of(known);
  }

  /** The file as it came; a picture to be shown, anything else to be saved. */
  @GetMapping("/{id}")
  ResponseEntity<byte[]> file(@PathVariable String mark, @PathVariable long id) {
    KeptFile file = files.get(crafts.get(mark).mark(), id);
    return ResponseEntity.ok().header(HttpHeaders.CONTENT_TYPE, file.type()).header("Content-Security-Policy", "default-src 'none'; sandbox")
        .header(HttpHeaders.CONTENT_DISPOSITION, (file.picture() ? "inline" : "attachment") + "; filename=\"" + file.name().replaceAll("[^A-Za-z0-9._-]", "_") + "\"").body(files.bytes(id));
  }

  @DeleteMapping("/{id}")
  List<KeptFile> takeOff(@PathVariable String mark, @PathVariable long id) {
    String known = crafts.get(mark).mark();
    files.takeOff(files.get(known, id).id());
    return files.of(known);
  }
}

package ablemedic.app.workup;

import ablemedic.app.http.Refusal;
import ablemedic.app.instruments.CaptureAnswer;
import ablemedic.capture.CaptureReport.Verdict;
import ablemedic.capture.Captures;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Check;
import ablemedic.serial.RecordedPad;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Recordings that are dropped on a check: read, kept, and answered for. */
@RestController
@RequestMapping("/api/work-ups/{id}/captures")
class CapturesController {
  private static final String TWO_SECONDS = "Record the pad that the check names, two seconds of it.";

  private final WorkUps workUps;
  private final CaptureStore captures;
  private final Clock clock;

  CapturesController(WorkUps workUps, CaptureStore captures, Clock clock) {
    this.workUps = workUps;
    this.captures = captures;
    this.clock = clock;
  }

  /**
   * What came of a recording.
   *
   * @param number  under which it is kept; nothing where a signal must be chosen first
   * @param outcome that it answers to the check; empty where it answers none
   * @param label   the outcome in words
   */
  record CaptureFinding(@Nullable Long number, String outcome, String label, CaptureAnswer answer) {}

  /** Reads a recording for a check and keeps it; nothing is recorded as a finding by it. */
  @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  @RequestBody(content = @Content(mediaType = MediaType.APPLICATION_OCTET_STREAM_VALUE, schema = @Schema(type = "string", format = "binary")))
  CaptureFinding take(@PathVariable long id, @RequestParam("check") String checkId, @RequestParam("name") String name,
      @RequestParam(name = "signal", required = false) @Nullable String signal, HttpServletRequest file) throws IOException {
    WorkUp workUp = workUps.get(id);
    if (workUp.closed().isPresent()) {
      throw Refusal.conflict("id", "Work-up " + id + " is closed. Open it again first if the trouble came back.");
    }
    Craft sound = workUp.known().sound();
    Check<Craft> check = WorkUps.check(workUp, checkId);
    CaptureStore.Packing packing = new CaptureStore.Packing(file.getInputStream());
    Captures.Read read = Captures.read(packing, Optional.ofNullable(signal), bytes -> { });
    CaptureAnswer answer = CaptureAnswer.of(read);
    if (read.report().isEmpty()) {
      return new CaptureFinding(null, "", "", answer);
    }
    packing.readAllBytes();
    String outcome = RecordedPad.outcome(sound, checkId, read.report().get()).orElseThrow(() -> Refusal.wrong("check",
        "“" + check.title(sound) + "” is not answered by a recording. " + TWO_SECONDS));
    String told = read.report().get().verdicts().stream().findFirst().map(Verdict::text).orElse("");
    long number = captures.keep(id, checkId, Refusal.shortened(name.strip()), outcome, told, packing.packed(), clock.instant());
    String label = check.answers() instanceof Choices choices ? choices.questions().get(0).outcomes().stream().filter(one -> one.id().equals(outcome))
        .findFirst().map(one -> one.label()).orElse(outcome) : outcome;
    return new CaptureFinding(number, outcome, label, answer);
  }

  @GetMapping
  List<CaptureStore.Kept> kept(@PathVariable long id) {
    workUps.get(id);
    return captures.of(id);
  }

  @GetMapping("/{number}")
  ResponseEntity<byte[]> file(@PathVariable long id, @PathVariable long number) {
    String name = captures.of(id).stream().filter(one -> one.number() == number).findFirst().map(CaptureStore.Kept::name).orElse("recording");
    return ResponseEntity.ok().header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name.replaceAll("[^A-Za-z0-9._ -]", "_") + "\"")
        .contentType(MediaType.APPLICATION_OCTET_STREAM).body(captures.file(id, number));
  }
}

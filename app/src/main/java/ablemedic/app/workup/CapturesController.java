package ablemedic.app.workup;

import ablemedic.app.http.DownloadName;
import ablemedic.app.workup.RecordedPads.CaptureFinding;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.InputStreamResource;
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
    private final WorkUps workUps;
    private final RecordedPads taken;
    private final CaptureStore captures;
    private final Clock clock;

    CapturesController(WorkUps workUps, RecordedPads taken, CaptureStore captures, Clock clock) {
        this.workUps = workUps;
        this.taken = taken;
        this.captures = captures;
        this.clock = clock;
    }

    /** Reads a recording for a check and keeps it; nothing is recorded as a finding by it. */
    @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @RequestBody(
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_OCTET_STREAM_VALUE,
                            schema = @Schema(type = "string", format = "binary")))
    CaptureFinding take(
            @PathVariable long id,
            @RequestParam("check") String checkId,
            @RequestParam("name") String name,
            @RequestParam(name = "signal", required = false) @Nullable String signal,
            HttpServletRequest file)
            throws IOException {
        return taken.take(id, checkId, name, Optional.ofNullable(signal), file.getInputStream(), clock.instant());
    }

    @GetMapping
    List<CaptureStore.Kept> kept(@PathVariable long id) {
        workUps.get(id);
        return captures.of(id);
    }

    @GetMapping("/{number}")
    ResponseEntity<InputStreamResource> file(@PathVariable long id, @PathVariable long number) {
        String name = captures.of(id).stream()
                .filter(one -> one.number() == number)
                .findFirst()
                .map(CaptureStore.Kept::name)
                .orElse("recording");
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, DownloadName.attachment(name, "recording"))
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .body(new InputStreamResource(captures.file(id, number)));
    }
}

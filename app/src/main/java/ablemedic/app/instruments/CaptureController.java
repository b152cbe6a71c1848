package ablemedic.app.instruments;

import ablemedic.app.http.Refusal;
import ablemedic.capture.Captures;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.protocol.Format;
import ablemedic.protocol.Sender;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Recordings of a pad: reads them, and makes some to try it with. */
@RestController
class CaptureController {
    private static final Words SAID =
            Catalogue.beside(CaptureController.class, "words").of("capture-controller");
    private static final Words REFUSALS =
            Catalogue.beside(CaptureController.class, "refusals").of("capture-controller");
    private static final int MOST_FRAMES = 200;

    @PostMapping(path = "/api/instruments/capture", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @RequestBody(
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_OCTET_STREAM_VALUE,
                            schema = @Schema(type = "string", format = "binary")))
    CaptureAnswer read(
            HttpServletRequest file, @RequestParam(name = "signal", required = false) @Nullable String signal)
            throws IOException {
        Captures.Read read = Captures.read(file.getInputStream(), Optional.ofNullable(signal), bytes -> {});
        return CaptureAnswer.of(read);
    }

    /**
     * A made-up recording of a line, for trying and training.
     *
     * @param inverted whether it is turned against what the format has
     * @param rate of the sender's clock over the usual one
     */
    @GetMapping(path = "/api/instruments/signal", produces = MediaType.TEXT_PLAIN_VALUE)
    ResponseEntity<String> make(
            @RequestParam("format") Format format,
            @RequestParam(name = "form", defaultValue = "VCD") MadeCapture.Form form,
            @RequestParam(name = "inverted", defaultValue = "false") boolean inverted,
            @RequestParam(name = "rate", defaultValue = "1") double rate,
            @RequestParam(name = "frames", defaultValue = "20") int frames,
            @RequestParam(name = "highV", defaultValue = "3.3") double highV,
            @RequestParam(name = "noiseV", defaultValue = "0.05") double noiseV) {
        if (!Sender.FORMATS.contains(format)) {
            throw Refusal.wrong(
                    "format",
                    REFUSALS.with("format", format.label())
                            .with(
                                    "name",
                                    String.join(
                                            ", ",
                                            Sender.FORMATS.stream()
                                                    .map(Format::name)
                                                    .toList())),
                    "format");
        }
        Asked.within("rate", rate, 0.5, 2, SAID.line("rate").plain());
        Asked.within("highV", highV, 0, 30, "V");
        Asked.within("noiseV", noiseV, 0, 5, "V");
        int count = (int) Asked.within("frames", frames, 1, MOST_FRAMES, "frames");
        Sender usual = Sender.usual(format);
        Sender sender = new Sender(format, usual.baud() * rate, usual.inverted() != inverted, usual.everyS());
        String file = MadeCapture.of(sender, form, count, highV, noiseV);
        String name = format.id() + (form.suffix());
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .body(file);
    }
}

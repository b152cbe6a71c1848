package ablemedic.app.instruments;

import ablemedic.Families;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.http.Refusal;
import ablemedic.capture.Captures;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.protocol.Heard.Moment;
import ablemedic.radio.RadioSession;
import ablemedic.radio.SimulatedReceiver;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A stand-in for receiver and board, fed with a session at the radio. */
@RestController
class RadioSessionController {
    private static final Words REFUSALS =
            Catalogue.beside(RadioSessionController.class, "refusals").of("radio-session-controller");
    private final CraftStore crafts;

    RadioSessionController(CraftStore crafts) {
        this.crafts = crafts;
    }

    /** @param craftId the craft; none for any */
    record SessionAsked(
            @Nullable String craftId,

            @NotNull(message = "{is.what.is.done.at.the.radio}") @Size(max = 20_000, message = "{most.letters}")
            String session) {}

    record SessionAnswer(List<SimulatedReceiver.OnBench> seen) {}

    /**
     * @param session what a recording tells of a session, as text
     * @param signals of the file, where one of several has to be chosen first
     */
    record SessionRead(String session, List<String> signals) {}

    @PostMapping("/api/instruments/radio-session")
    SessionAnswer run(@RequestBody @Valid SessionAsked asked) {
        try {
            return new SessionAnswer(
                    SimulatedReceiver.run(craft(asked.craftId()), RadioSession.parse(asked.session())));
        } catch (Rejected e) {
            throw Refusal.wrong("session", e.right());
        }
    }

    /** Makes a session of a recording of a receiver's line. */
    @PostMapping(path = "/api/instruments/radio-session/recording", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @io.swagger.v3.oas.annotations.parameters.RequestBody(
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_OCTET_STREAM_VALUE,
                            schema = @Schema(type = "string", format = "binary")))
    SessionRead read(
            HttpServletRequest file,
            @RequestParam(name = "craft", required = false) @Nullable String craftId,
            @RequestParam(name = "signal", required = false) @Nullable String signal)
            throws IOException {
        Craft craft = craft(craftId);
        Captures.Read read = Captures.read(file.getInputStream(), Optional.ofNullable(signal), bytes -> {});
        if (read.report().isEmpty()) {
            return new SessionRead("", read.signals());
        }
        List<Moment> moments =
                read.report().get().carried().map(carried -> carried.moments()).orElse(List.of());
        if (moments.isEmpty()) {
            throw Refusal.wrong("file", REFUSALS, "no-frames");
        }
        return new SessionRead(RadioSession.of(moments, craft).written(), List.of());
    }

    private Craft craft(@Nullable String craftId) {
        return craftId == null || craftId.isEmpty()
                ? Families.anyCraft()
                : crafts.newestCraft(crafts.get(craftId).craftId());
    }
}

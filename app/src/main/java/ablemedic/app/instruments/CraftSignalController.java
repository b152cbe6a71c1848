package ablemedic.app.instruments;

import ablemedic.Families;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.http.Refusal;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fault;
import ablemedic.reading.Meter;
import ablemedic.serial.PadSignals;
import ablemedic.serial.PadSignals.OnPadNow;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Made-up recordings of a craft of the bench, sound or with a fault. */
@RestController
@RequestMapping("/api/crafts/{craftId}/signal")
class CraftSignalController {
    private static final Words REFUSALS =
            Catalogue.beside(CraftSignalController.class, "refusals").of("craft-signal-controller");
    private static final int FRAMES = 30;
    private static final int FRAMES_OF_VOLTS = 8;

    private final CraftStore crafts;

    CraftSignalController(CraftStore crafts) {
        this.crafts = crafts;
    }

    /** What can be recorded of a craft; no pads where the UARTs of its board are not entered. */
    record Recordable(List<String> pads, List<RecordableFault> faults) {}

    record RecordableFault(String id, String title) {}

    @GetMapping("/choices")
    Recordable choices(@PathVariable String craftId) {
        Craft craft = craft(craftId);
        return new Recordable(
                PadSignals.of(craft).map(PadSignals::pads).orElse(List.of()),
                Families.book(craft, Meter.USUAL).faults().stream()
                        .map(fault -> new RecordableFault(
                                fault.id(), fault.describe(craft).plain()))
                        .toList());
    }

    private Craft craft(String craftId) {
        return crafts.newestCraft(crafts.get(craftId).craftId());
    }

    /** A recording of one pad. */
    @GetMapping(produces = MediaType.TEXT_PLAIN_VALUE)
    ResponseEntity<String> record(
            @PathVariable String craftId,
            @RequestParam("pad") String pad,
            @RequestParam(name = "fault", required = false) @Nullable String fault,
            @RequestParam(name = "form", defaultValue = "VCD") MadeCapture.Form form,
            @RequestParam(name = "noiseV", defaultValue = "0.05") double noiseV) {
        Craft sound = craft(craftId);
        Asked.within("noiseV", noiseV, 0, 5, "V");
        PadSignals signals = PadSignals.of(sound).orElseThrow(() -> Refusal.wrong("craftId", REFUSALS, "no-uarts"));
        OnPadNow now = signals.on(pad, faulty(sound, fault))
                .orElseThrow(() -> Refusal.wrong(
                        "pad",
                        REFUSALS.with("pad", Refusal.shortened(pad)).with("pads", Refusal.someOf(signals.pads())),
                        "no-wire"));
        if (!now.unclear().isEmpty()) {
            throw Refusal.wrong("pad", now.unclear());
        }
        String file = now.sender()
                .map(sender -> MadeCapture.of(
                        sender, form, form == MadeCapture.Form.VOLTS ? FRAMES_OF_VOLTS : FRAMES, now.highV(), noiseV))
                .orElseGet(() -> MadeCapture.still(form, noiseV));
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        "attachment; filename=\"pad-" + pad.replaceAll("[^A-Za-z0-9]", "_") + form.suffix() + "\"")
                .body(file);
    }

    private static Craft faulty(Craft sound, @Nullable String fault) {
        if (fault == null || fault.isEmpty()) {
            return sound;
        }
        Fault<Craft> known = Families.book(sound, Meter.USUAL)
                .fault(fault)
                .orElseThrow(
                        () -> Refusal.wrong("fault", REFUSALS.with("fault", Refusal.shortened(fault)), "no-fault"));
        return known.applyTo(sound);
    }
}

package ablemedic.app.instruments;

import ablemedic.app.chart.CraftStore;
import ablemedic.app.entry.Expected;
import ablemedic.app.http.Refusal;
import ablemedic.app.meter.MeterStore;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.power.Probe.Mode;
import ablemedic.power.ReadHere;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What should I read here? The reading between two points of a craft, sound and under each fault that changes it. */
@RestController
class ReadHereController {
    private static final Words REFUSALS =
            Catalogue.beside(ReadHereController.class, "refusals").of("read-here-controller");
    private final CraftStore crafts;
    private final MeterStore meters;

    ReadHereController(CraftStore crafts, MeterStore meters) {
        this.crafts = crafts;
        this.meters = meters;
    }

    record TwoPoints(
            @NotBlank(message = "{names.a.craft}") String craftId,
            @NotNull(message = "{is.ohms.or.volts}") Mode mode,
            @NotBlank(message = "{names.a.point}") String red,
            @NotBlank(message = "{names.a.point}") String black) {}

    record HereAnswer(String redLabel, String blackLabel, String sound, List<UnderFault> under) {}

    /** A reading and the faults that give it. */
    record UnderFault(String reading, List<String> faults) {}

    @PostMapping("/api/instruments/read-here")
    HereAnswer solve(@RequestBody @Valid TwoPoints asked) {
        Craft craft = crafts.newestCraft(crafts.get(asked.craftId()).craftId());
        int red = point(craft, asked.red(), "red");
        int black = point(craft, asked.black(), "black");
        if (red == black) {
            throw Refusal.wrong("black", REFUSALS, "one-point");
        }
        ReadHere.Answer answer = ReadHere.of(craft, asked.mode(), red, black, meters.get());
        var wiring = craft.electrics().wiring();
        return new HereAnswer(
                wiring.label(red),
                wiring.label(black),
                Expected.of(answer.sound(), craft),
                answer.under().stream()
                        .map(u -> new UnderFault(Expected.of(u.reading(), craft), u.faults()))
                        .toList());
    }

    private static int point(Craft craft, String id, String where) {
        return craft.electrics()
                .wiring()
                .find(id)
                .orElseThrow(() -> Refusal.wrong(
                        where,
                        REFUSALS.with("point", id),
                        craft.electrics().sheet().isEmpty() ? "no-wiring" : "no-point"));
    }
}

package ablemedic.app.instruments;

import ablemedic.Families;
import ablemedic.app.chart.CraftStore;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.radio.OutputPass;
import jakarta.validation.Valid;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A spare channel of the radio passed through the board to a spare output. */
@RestController
class OutputPassController {
    private static final Words SAID =
            Catalogue.beside(OutputPassController.class, "words").of("output-pass-controller");
    private final CraftStore crafts;

    OutputPassController(CraftStore crafts) {
        this.crafts = crafts;
    }

    /** @param craftId the craft; none for any */
    record PassAsked(@Nullable String craftId, int channel, int output) {}

    @PostMapping("/api/instruments/output-pass")
    OutputPass pass(@RequestBody @Valid PassAsked asked) {
        Craft craft = asked.craftId() == null || asked.craftId().isEmpty()
                ? Families.anyCraft()
                : crafts.newestCraft(crafts.get(asked.craftId()).craftId());
        return OutputPass.of(
                craft,
                (int) Asked.within(
                        "channel", asked.channel(), 5, 18, SAID.line("channel").plain()),
                (int) Asked.within(
                        "output", asked.output(), 1, 16, SAID.line("output").plain()));
    }
}

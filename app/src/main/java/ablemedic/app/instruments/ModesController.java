package ablemedic.app.instruments;

import ablemedic.app.chart.CraftStore;
import ablemedic.app.http.Refusal;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;
import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.LinkSettings;
import ablemedic.craft.ModeRange;
import ablemedic.radio.ModePicture;
import ablemedic.radio.ModePicture.Combination;
import ablemedic.radio.ModePicture.Mode;
import ablemedic.radio.ModePicture.Remark;
import ablemedic.radio.ModePicture.Switch;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Switches and modes on a picture of channel ranges. */
@RestController
class ModesController {
    private static final Words SAID =
            Catalogue.beside(ModesController.class, "words").of("modes-controller");
    private static final Words REFUSALS =
            Catalogue.beside(ModesController.class, "refusals").of("modes-controller");
    private static final int LEAST_US = 800;
    private static final int MOST_US = 2200;

    private final CraftStore crafts;

    ModesController(CraftStore crafts) {
        this.crafts = crafts;
    }

    /** @param carried channels that the link carries */
    record ModesAsked(
            @NotNull @Size(max = 12, message = "{most}") List<@NotNull @Valid ModeLaid> modes,

            @NotNull @Size(max = 8, message = "{most}") List<@NotNull @Valid SwitchLaid> switches,

            int carried) {}

    record ModeLaid(
            @NotBlank(message = "{names.a.mode}") @Size(max = 40, message = "{most.letters}")
            String name,

            int channel,
            int fromUs,
            int toUs) {}

    /** @param positions what it sends, from at rest on, microseconds */
    record SwitchLaid(
            @NotBlank(message = "{names.a.switch}") @Size(max = 40, message = "{most.letters}")
            String name,

            int channel,

            @NotNull @Size(min = 2, max = 6, message = "{between}")
            List<@NotNull Integer> positions) {}

    record ModesAnswer(List<Remark> remarks, List<Combination> combinations) {}

    /** The modes and switches of a craft, as its sheet has them. */
    @GetMapping("/api/crafts/{craftId}/modes")
    ModesAsked ofSheet(@PathVariable String craftId) {
        Craft craft = crafts.newestCraft(crafts.get(craftId).craftId());
        List<ModeLaid> modes = Stream.of(
                        laid(ModePicture.ARM, craft.setting(ArmingSettings.ARM)),
                        laid("self-level", craft.setting(ArmingSettings.LEVEL)),
                        laid("sounder", craft.setting(ArmingSettings.SOUNDER)))
                .flatMap(List::stream)
                .toList();
        List<SwitchLaid> switches = new ArrayList<>();
        if (craft.setting(ArmingSettings.RADIO_CHANNEL) > 0) {
            switches.add(new SwitchLaid(
                    SAID.line("arm").plain(),
                    craft.setting(ArmingSettings.RADIO_CHANNEL),
                    List.of(1000, craft.setting(ArmingSettings.RADIO_ON))));
        }
        if (craft.setting(ArmingSettings.RADIO_LEVEL_CHANNEL) > 0) {
            switches.add(new SwitchLaid(
                    SAID.line("level").plain(),
                    craft.setting(ArmingSettings.RADIO_LEVEL_CHANNEL),
                    List.of(1000, 2000)));
        }
        return new ModesAsked(modes, switches, (int) IntStream.rangeClosed(1, 18)
                .filter(channel -> LinkSettings.carries(craft, channel))
                .count());
    }

    private static List<ModeLaid> laid(String name, ModeRange range) {
        return range.isNone() ? List.of() : List.of(new ModeLaid(name, range.channel(), range.fromUs(), range.toUs()));
    }

    @PostMapping("/api/instruments/modes")
    ModesAnswer modes(@RequestBody @Valid ModesAsked asked) {
        List<Mode> modes = new ArrayList<>();
        for (int i = 0; i < asked.modes().size(); i++) {
            modes.add(mode(asked.modes().get(i), "modes." + i));
        }
        List<Switch> switches = new ArrayList<>();
        for (int i = 0; i < asked.switches().size(); i++) {
            switches.add(laid(asked.switches().get(i), "switches." + i, switches));
        }
        ModePicture picture =
                ModePicture.of(modes, switches, (int) Asked.within("carried", asked.carried(), 4, 18, "channels"));
        return new ModesAnswer(picture.remarks(), picture.combinations());
    }

    private static Mode mode(ModeLaid laid, String where) {
        try {
            return new Mode(laid.name().strip(), new ModeRange(laid.channel(), laid.fromUs(), laid.toUs()));
        } catch (Rejected e) {
            throw Refusal.wrong(where, REFUSALS.with("laid", laid.name()).with("right", e.right()), "bad-range");
        }
    }

    private static Switch laid(SwitchLaid laid, String where, List<Switch> before) {
        Asked.within(
                where + ".channel", laid.channel(), 5, 18, SAID.line("channel").plain());
        laid.positions().forEach(us -> Asked.within(where + ".positions", us, LEAST_US, MOST_US, "µs"));
        if (before.stream().anyMatch(one -> one.name().equals(laid.name().strip()))) {
            throw Refusal.wrong(where + ".name", REFUSALS.with("laid", laid.name()), "same-name");
        }
        return new Switch(laid.name().strip(), laid.channel(), laid.positions());
    }
}

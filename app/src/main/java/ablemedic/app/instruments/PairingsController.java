package ablemedic.app.instruments;

import ablemedic.app.http.Refusal;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.firmware.Pairing;
import ablemedic.firmware.Pairing.Device;
import ablemedic.firmware.Release;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Versions that go together, or do not. */
@RestController
class PairingsController {
    private static final Words REFUSALS =
            Catalogue.beside(PairingsController.class, "refusals").of("pairings-controller");
    private static final int MOST = 20;

    /** @param versions by device; empty where it is not known */
    record PairingsAsked(
            @NotNull @Size(max = MOST, message = "{names.at.most.20.devices}")
            Map<@NotNull Device, @NotNull @Size(max = 60, message = "{most.letters}") String> versions) {}

    record PairingsAnswer(List<PairingView> pairings) {}

    /** @param right what would go; empty where it goes, or is not known */
    record PairingView(String one, String other, Pairing.Verdict verdict, String right, String why) {}

    @PostMapping("/api/instruments/version-pairs")
    PairingsAnswer judge(@RequestBody @Valid PairingsAsked asked) {
        Map<Device, Release> versions = new EnumMap<>(Device.class);
        asked.versions().forEach((device, text) -> {
            if (!text.isBlank()) {
                versions.put(
                        device,
                        Release.read(text)
                                .orElseThrow(() -> Refusal.wrong(
                                        "versions." + device,
                                        REFUSALS.with("text", Refusal.shortened(text)),
                                        "version")));
            }
        });
        return new PairingsAnswer(Pairing.judge(versions).stream()
                .map(one -> new PairingView(
                        one.pairing().one().label(),
                        one.pairing().other().label(),
                        one.verdict(),
                        one.right(),
                        one.pairing().why()))
                .toList());
    }
}

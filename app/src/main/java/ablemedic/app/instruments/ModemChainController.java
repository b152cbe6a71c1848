package ablemedic.app.instruments;

import ablemedic.app.chart.CraftStore;
import ablemedic.app.http.Refusal;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.serial.ModemChain;
import ablemedic.serial.ModemChain.Air;
import ablemedic.serial.ModemChain.Entry;
import ablemedic.serial.ModemChain.Grade;
import ablemedic.serial.ModemChain.HopOf;
import ablemedic.serial.ModemChain.Wire;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Telemetry over a pair of modems. Bits and bytes a second, volts. */
@RestController
class ModemChainController {
    private static final Words REFUSALS =
            Catalogue.beside(ModemChainController.class, "refusals").of("modem-chain-controller");
    private final CraftStore crafts;

    ModemChainController(CraftStore crafts) {
        this.crafts = crafts;
    }

    record WireAsked(int baud, int farBaud, boolean flow, boolean flowWired, double highV, double farHighV) {}

    record AirAsked(
            int baud,
            boolean oneWay,
            boolean changed,
            boolean restarted,
            boolean rangeFirst,
            int stations,
            int serialPorts) {}

    record ChainAsked(
            @NotNull @Valid WireAsked board,
            @NotNull @Valid AirAsked air,
            @NotNull @Valid WireAsked ground,
            double bytesPerS,
            boolean twoWay) {}

    /** @param share of its bits that are taken; more than 1 is more than it can do */
    record HopView(String label, Grade grade, double share) {}

    record FoundView(String hop, Grade grade, String text, String remedy) {}

    record ModemAnswer(List<HopView> hops, List<FoundView> found, List<Entry> entries) {}

    /** The chain of a craft, as its boxes are told on its sheet. */
    @GetMapping("/api/crafts/{craftId}/modem-chain")
    ChainAsked ofCraft(@PathVariable String craftId) {
        String known = crafts.get(craftId).craftId();
        ModemChain chain = ModemChain.of(crafts.newestCraft(known))
                .orElseThrow(() -> Refusal.wrong("craftId", REFUSALS.with("known", known), "no-modems"));
        return new ChainAsked(
                asked(chain.board()),
                new AirAsked(
                        chain.air().baud(),
                        chain.air().oneWay(),
                        chain.air().changed(),
                        chain.air().restarted(),
                        chain.air().rangeFirst(),
                        chain.air().stations(),
                        chain.air().serialPorts()),
                asked(chain.ground()),
                chain.bytesPerS(),
                chain.twoWay());
    }

    private static WireAsked asked(Wire wire) {
        return new WireAsked(wire.baud(), wire.farBaud(), wire.flow(), wire.flowWired(), wire.highV(), wire.farHighV());
    }

    @PostMapping("/api/instruments/modem-chain")
    ModemAnswer judge(@RequestBody @Valid ChainAsked asked) {
        ModemChain chain = new ModemChain(
                wire("board", asked.board()),
                air(asked.air()),
                wire("ground", asked.ground()),
                Asked.within("bytesPerS", asked.bytesPerS(), 0, 1_000_000, "bytes a second"),
                asked.twoWay());
        return new ModemAnswer(
                Arrays.stream(HopOf.values())
                        .map(hop -> new HopView(hop.label(), chain.grade(hop), chain.share(hop)))
                        .toList(),
                chain.found().stream()
                        .map(f -> new FoundView(f.hop().label(), f.grade(), f.text(), f.remedy()))
                        .toList(),
                chain.entries());
    }

    private static Wire wire(String where, WireAsked asked) {
        return new Wire(
                rate(where + ".baud", asked.baud()),
                rate(where + ".farBaud", asked.farBaud()),
                asked.flow(),
                asked.flowWired(),
                Asked.within(where + ".highV", asked.highV(), 1, 15, "V"),
                Asked.within(where + ".farHighV", asked.farHighV(), 1, 15, "V"));
    }

    private static Air air(AirAsked asked) {
        return new Air(
                rate("air.baud", asked.baud()),
                asked.oneWay(),
                asked.changed(),
                asked.restarted(),
                asked.rangeFirst(),
                (int) Asked.within("air.stations", asked.stations(), 0, 20, ""),
                (int) Asked.within("air.serialPorts", asked.serialPorts(), 0, 20, ""));
    }

    private static int rate(String where, int baud) {
        return (int) Asked.within(where, baud, 300, 10_000_000, "bits a second");
    }
}

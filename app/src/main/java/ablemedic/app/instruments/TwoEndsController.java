package ablemedic.app.instruments;

import ablemedic.app.http.Refusal;
import ablemedic.app.instruments.UartPlannerController.WishAsked;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.protocol.Format;
import ablemedic.uart.Grade;
import ablemedic.uart.JoinedPart;
import ablemedic.uart.JoinedPart.Told;
import ablemedic.uart.UartRequest;
import ablemedic.wiring.SerialBoard;
import ablemedic.wiring.SerialPad;
import ablemedic.wiring.UartFunction;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Whether a part and the UART that it is joined to understand one another. Bits a second, volts. */
@RestController
class TwoEndsController {
    private static final Words REFUSALS =
            Catalogue.beside(TwoEndsController.class, "refusals").of("two-ends-controller");
    private final SerialBoards boards;

    TwoEndsController(SerialBoards boards) {
        this.boards = boards;
    }

    /** What the UART is told. */
    record ToldAsked(
            @NotNull @Size(max = 8, message = "{most.letters}")
            String uart,

            @NotNull @Size(max = 5, message = "{most.functions}")
            List<@NotNull UartFunction> jobs,

            @NotNull Format format,
            int baud,
            boolean inverted,
            boolean oneWire,
            boolean softOn) {}

    /**
     * @param sends the pad, with its side, that the part's sending wire goes to, such as {@code R3 RX}
     * @param hears the pad that its hearing wire goes to
     * @param told nothing where nobody has read it
     */
    record EndsAsked(
            @NotNull String board,
            @NotNull @Valid WishAsked part,
            int baud,
            @Nullable String sends,
            @Nullable String hears,
            boolean ground,
            double supplyV,
            double standsV,
            @Nullable @Valid ToldAsked told,
            boolean computer) {}

    /** Empty where all is sound. */
    record EndsAnswer(List<FoundAtEnds> judged) {}

    record FoundAtEnds(Grade grade, String text, String remedy) {}

    @PostMapping("/api/instruments/two-ends")
    EndsAnswer judge(@RequestBody @Valid EndsAsked asked) {
        SerialBoard board = boards.get(asked.board());
        if (asked.told() != null && !board.uarts().contains(asked.told().uart())) {
            throw Refusal.wrong(
                    "told.uart",
                    REFUSALS.with("port", Refusal.shortened(asked.told().uart()))
                            .with("ports", String.join(", ", board.uarts())),
                    "no-uart");
        }
        WishAsked part = asked.part();
        return new EndsAnswer(new JoinedPart(
                        board,
                        new UartRequest(part.name(), part.job(), part.format(), part.volts5(), ""),
                        (int) Asked.within("baud", asked.baud(), 300, 10_000_000, "bits a second"),
                        pad(board, "sends", asked.sends()),
                        pad(board, "hears", asked.hears()),
                        asked.ground(),
                        Asked.within("supplyV", asked.supplyV(), 0, 60, "V"),
                        Asked.within("standsV", asked.standsV(), 1, 60, "V"),
                        Optional.ofNullable(asked.told())
                                .map(told -> new Told(
                                        told.uart(),
                                        told.jobs(),
                                        told.format(),
                                        (int) Asked.within("told.baud", told.baud(), 300, 10_000_000, "bits a second"),
                                        told.inverted(),
                                        told.oneWire(),
                                        told.softOn())),
                        asked.computer())
                .judged().stream()
                        .map(found -> new FoundAtEnds(
                                found.grade(),
                                found.text().plain(),
                                found.remedy().plain()))
                        .toList());
    }

    private static Optional<SerialPad> pad(SerialBoard board, String where, @Nullable String name) {
        if (name == null || name.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(board.pads().stream()
                .filter(pad -> (pad.name() + " " + pad.side()).equals(name))
                .findFirst()
                .orElseThrow(() -> Refusal.wrong(
                        where,
                        REFUSALS.with("name", Refusal.shortened(name))
                                .with(
                                        "side",
                                        String.join(
                                                ", ",
                                                board.pads().stream()
                                                        .map(pad -> pad.name() + " " + pad.side())
                                                        .toList())),
                        "no-pad")));
    }
}

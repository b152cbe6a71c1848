package ablemedic.app.instruments;

import ablemedic.app.http.Refusal;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.protocol.Format;
import ablemedic.serial.Serial;
import ablemedic.serial.UartPlanner;
import ablemedic.serial.UartPlanner.Placed;
import ablemedic.uart.UartRequest;
import ablemedic.wiring.SerialBoard;
import ablemedic.wiring.SerialPad;
import ablemedic.wiring.UartFunction;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The UART planner: these parts on this board. */
@RestController
class UartPlannerController {
    private static final Words REFUSALS =
            Catalogue.beside(UartPlannerController.class, "refusals").of("uart-planner-controller");
    private final SerialBoards boards;

    UartPlannerController(SerialBoards boards) {
        this.boards = boards;
    }

    /** What can be planned with. */
    record PlannerChoices(List<BoardView> boards, List<JobView> jobs) {}

    record BoardView(String id, String label, String processor, String computer, List<PadView> pads, String silent) {}

    record PadView(String name, String uart, SerialPad.Side side, String inverter, boolean soft) {}

    record JobView(UartFunction id, String label, List<FormatView> formats) {}

    record FormatView(Format id, String label, String page, List<Integer> bauds, boolean inverted) {}

    /** A part that wants a UART. */
    record WishAsked(
            @NotNull @Size(max = 40, message = "{most.letters}")
            String name,

            @NotNull UartFunction job,
            @NotNull Format format,
            boolean volts5,
            @Nullable String at) {}

    record PlanAsked(@NotNull String board, @NotNull List<@NotNull @Valid WishAsked> wishes) {}

    record PlanAnswer(List<PlacedView> placed, List<LostView> lost) {}

    /** @param uart empty for what goes over the UART of another, which is then named */
    record PlacedView(
            String name, String uart, String over, List<String> wires, List<String> set, List<String> minds) {}

    record LostView(String name, List<String> why, List<String> conflict, List<String> otherwise) {}

    @GetMapping("/api/instruments/port-planner")
    PlannerChoices choices() {
        return new PlannerChoices(
                boards.all().stream().map(UartPlannerController::view).toList(),
                Arrays.stream(UartFunction.values())
                        .map(job -> new JobView(
                                job,
                                job.label(),
                                job.formats().stream()
                                        .map(format -> new FormatView(
                                                format,
                                                format.label(),
                                                Serial.page(format),
                                                format.bauds(),
                                                format.inverted()))
                                        .toList()))
                        .toList());
    }

    private static BoardView view(SerialBoard board) {
        return new BoardView(
                board.id(),
                board.label(),
                board.processor().label(),
                board.computer(),
                board.pads().stream()
                        .map(pad -> new PadView(
                                pad.name(),
                                pad.uart(),
                                pad.side(),
                                pad.inverter().label(),
                                board.isSoft(pad.uart())))
                        .toList(),
                board.silent());
    }

    @PostMapping("/api/instruments/port-planner")
    PlanAnswer plan(@RequestBody @Valid PlanAsked asked) {
        SerialBoard board = boards.get(asked.board());
        for (int i = 0; i < asked.wishes().size(); i++) {
            WishAsked wish = asked.wishes().get(i);
            if (!wish.job().formats().contains(wish.format())) {
                throw Refusal.wrong(
                        "wishes[" + i + "].format",
                        REFUSALS.with("job", wish.job().label())
                                .with("format", wish.format().label()),
                        "format");
            }
        }
        UartPlanner.Planned planned = UartPlanner.plan(
                board,
                asked.wishes().stream()
                        .map(wish -> new UartRequest(
                                wish.name(),
                                wish.job(),
                                wish.format(),
                                wish.volts5(),
                                Optional.ofNullable(wish.at()).orElse("")))
                        .toList());
        return new PlanAnswer(
                planned.placed().stream().map(UartPlannerController::view).toList(),
                planned.lost().stream()
                        .map(lost -> new LostView(lost.wish().name(), lost.why(), lost.conflict(), lost.otherwise()))
                        .toList());
    }

    private static PlacedView view(Placed placed) {
        return new PlacedView(
                placed.wish().name(), placed.uart(), placed.over(), placed.wires(), placed.set(), placed.minds());
    }
}

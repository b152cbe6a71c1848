package ablemedic.app.instruments;

import ablemedic.app.http.Refusal;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;
import ablemedic.craft.Stick;
import ablemedic.craft.StickOrder;
import ablemedic.protocol.Format;
import ablemedic.radio.ChannelOrder;
import ablemedic.radio.ChannelOrder.Moved;
import ablemedic.radio.FrameTime;
import ablemedic.radio.TrimAndTravel;
import ablemedic.radio.TrimAndTravel.Travels;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Sticks, bars and frames: the order of the channels, trim and travel, how old a stick is. */
@RestController
class RadioController {
    private static final Words SAID =
            Catalogue.beside(RadioController.class, "words").of("radio-controller");
    private static final double LEAST_US = 500;
    private static final double MOST_US = 2500;

    /** @param bar the function that the board shows moving; none where no bar moved */
    record BarMoved(@NotNull Stick stick, @Nullable Stick bar, boolean up) {}

    record OrderAsked(
            @NotNull @Size(max = 4, message = "{has.four.letters}")
            String board,

            @NotNull @Size(max = 40, message = "{most}") List<@NotNull @Valid BarMoved> seen) {}

    /**
     * @param orders those that fit best
     * @param reversed sticks to reverse at the radio
     * @param against what none of them explains, in words
     * @param next the stick to move next; none where one order is found
     * @param wires for a receiver with a wire for each channel: where each lies now, and the row that it belongs to;
     *     empty where no order is found
     */
    record OrderAnswer(
            List<String> orders,
            double sure,
            List<String> reversed,
            List<String> against,
            @Nullable Stick next,
            List<WireRow> wires) {}

    /** @param row the board's row that the wire of a channel belongs to, and the one that it feeds now */
    record WireRow(int channel, String row, String now) {}

    @PostMapping("/api/instruments/channel-order")
    OrderAnswer order(@RequestBody @Valid OrderAsked asked) {
        StickOrder board;
        try {
            board = new StickOrder(asked.board());
        } catch (Rejected e) {
            throw Refusal.wrong("board", e.right());
        }
        ChannelOrder found = ChannelOrder.of(
                board,
                asked.seen().stream()
                        .map(one -> new Moved(one.stick(), Optional.ofNullable(one.bar()), one.up()))
                        .toList());
        return new OrderAnswer(
                found.orders().stream().map(StickOrder::toString).toList(),
                found.sure(),
                found.reversed().stream().map(Stick::label).toList(),
                found.against().stream()
                        .map(one -> SAID.with("stick", one.stick().label())
                                .with("some", Param.when(one.bar().isPresent()))
                                .with("bar", one.bar().map(Stick::label).orElse(""))
                                .line("against")
                                .plain())
                        .toList(),
                found.next().orElse(null),
                found.orders().size() == 1 ? wires(found.orders().get(0), board) : List.of());
    }

    /** Exchanged wires of a receiver are an exchanged order. */
    private static List<WireRow> wires(StickOrder radio, StickOrder board) {
        return Arrays.stream(Stick.values())
                .map(row -> new WireRow(
                        radio.channel(row) + 1,
                        row.label(),
                        board.on(radio.channel(row)).label()))
                .sorted(Comparator.comparingInt(WireRow::channel))
                .toList();
    }

    /** @param centreUs with the stick in the middle; none for a stick without one */
    record Bar(
            @NotNull Stick stick,
            @Nullable Double centreUs,
            double lowUs,
            double highUs,
            double lowPct,
            double highPct) {}

    record BarsAsked(
            @NotNull @Size(max = 4, message = "{most}") List<@NotNull @Valid Bar> bars) {}

    record BarsAnswer(List<BarAnswer> bars) {}

    /** @param lowPct travel to set; none where the radio cannot reach it */
    record BarAnswer(
            String stick,
            double trimUs,
            @Nullable Double lowPct,
            @Nullable Double highPct,
            boolean reversed) {}

    @PostMapping("/api/instruments/trim-and-travel")
    BarsAnswer bars(@RequestBody @Valid BarsAsked asked) {
        return new BarsAnswer(asked.bars().stream().map(RadioController::bar).toList());
    }

    private static BarAnswer bar(Bar bar) {
        String where = "bars." + bar.stick().label();
        if (bar.centreUs() != null) {
            Asked.within(where, bar.centreUs(), LEAST_US, MOST_US, "µs");
        }
        TrimAndTravel set = TrimAndTravel.of(
                Optional.ofNullable(bar.centreUs()),
                Asked.within(where, bar.lowUs(), LEAST_US, MOST_US, "µs"),
                Asked.within(where, bar.highUs(), LEAST_US, MOST_US, "µs"),
                new Travels(
                        Asked.within(where, bar.lowPct(), 1, TrimAndTravel.MOST_PCT, "%"),
                        Asked.within(where, bar.highPct(), 1, TrimAndTravel.MOST_PCT, "%")));
        return new BarAnswer(
                bar.stick().label(),
                set.trimUs(),
                set.lowPct().orElse(null),
                set.highPct().orElse(null),
                set.reversed());
    }

    /** @param betweenMs from one frame to the next; none for what is usual */
    record FramesAsked(
            int channels,

            @NotNull @Size(max = 20, message = "{most}") List<@NotNull @Valid FrameEvery> between) {}

    record FrameEvery(@NotNull Format format, double betweenMs) {}

    record FramesAnswer(List<FrameRow> rows) {}

    record FrameRow(
            Format id, String format, double betweenMs, double frameMs, double usualMs, double worstMs, boolean fits) {}

    @PostMapping("/api/instruments/frame-time")
    FramesAnswer frames(@RequestBody @Valid FramesAsked asked) {
        int channels = (int) Asked.within("channels", asked.channels(), 1, 18, "channels");
        return new FramesAnswer(Arrays.stream(Format.values())
                .filter(format -> FrameTime.usualBetweenMs(format).isPresent())
                .map(format -> {
                    double between = asked.between().stream()
                            .filter(one -> one.format() == format)
                            .findFirst()
                            .map(one -> Asked.within("between", one.betweenMs(), 0.5, 1000, "ms"))
                            .orElseGet(() -> FrameTime.usualBetweenMs(format).orElseThrow());
                    FrameTime time = FrameTime.of(format, channels, between).orElseThrow();
                    return new FrameRow(
                            format,
                            format.label(),
                            between,
                            time.frameMs(),
                            time.usualMs(),
                            time.worstMs(),
                            time.fits());
                })
                .toList());
    }
}

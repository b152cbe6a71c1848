package ablemedic.serial;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.protocol.Sender;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLines;
import ablemedic.wiring.SerialPad;
import java.util.List;
import java.util.Optional;

/** What stands on the serial pads of a craft as it is, for recordings that are made up of it. */
public final class PadSignals {
    private final CraftLines lines;

    private PadSignals(CraftLines lines) {
        this.lines = lines;
    }

    /** @param sound the craft by its sheet; nothing where the UARTs of its board are not entered */
    public static Optional<PadSignals> of(Craft sound) {
        return CraftLines.of(sound).map(PadSignals::new);
    }

    /**
     * What is on a pad.
     *
     * @param sender that sends there; none where all is still
     * @param highV its high level, volts
     * @param unclear why no recording can be made of it; empty where one can
     */
    public record OnPadNow(Optional<Sender> sender, double highV, String unclear) {}

    private static Words words() {
        return Serial.WORDS.name("recording");
    }

    /** The pads that wires are on. */
    public List<String> pads() {
        return lines.joined().stream()
                .flatMap(line -> line.needed().stream())
                .map(CraftLine.End::boardPad)
                .map(lines::pad)
                .flatMap(Optional::stream)
                .map(SerialPad::name)
                .distinct()
                .toList();
    }

    /** What is on one of those pads, on the craft as it is; nothing for any other. */
    public Optional<OnPadNow> on(String name, Craft craft) {
        return lines.board().pads().stream()
                .filter(pad -> pad.name().equals(name) && pads().contains(name))
                .findFirst()
                .map(pad -> lines.on(pad, craft))
                .map(on -> {
                    if (on.jammed()) {
                        return new OnPadNow(
                                Optional.empty(), 0, words().line("jammed").plain());
                    }
                    return on.sending()
                            .map(sending -> {
                                if (!Sender.FORMATS.contains(sending.format())) {
                                    return new OnPadNow(
                                            Optional.empty(),
                                            0,
                                            words().with(
                                                            "format",
                                                            Param.written(sending.format()
                                                                    .label()))
                                                    .line("not-made")
                                                    .plain());
                                }
                                Sender usual = Sender.usual(sending.format());
                                return new OnPadNow(
                                        Optional.of(new Sender(
                                                sending.format(),
                                                sending.baud() > 0 ? sending.baud() : usual.baud(),
                                                sending.inverted(),
                                                usual.everyS())),
                                        sending.highV(),
                                        "");
                            })
                            .orElseGet(() -> new OnPadNow(Optional.empty(), 0, ""));
                });
    }
}

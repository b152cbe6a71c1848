package ablemedic.serial;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Gaussian;
import ablemedic.diagnosis.Mixture;
import ablemedic.diagnosis.Mixture.Share;
import ablemedic.family.CheckBuilder;
import ablemedic.family.CheckList;
import ablemedic.family.Observer;
import ablemedic.family.Place;
import ablemedic.physics.Memory;
import ablemedic.physics.Powered;
import ablemedic.protocol.Format;
import ablemedic.protocol.Sender;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLine.End;
import ablemedic.uart.CraftLines;
import ablemedic.uart.OnPad;
import ablemedic.uart.OnPad.Sending;
import ablemedic.wiring.SerialPad;
import ablemedic.wiring.UartFunction;
import ablemedic.wiring.Wiring;
import java.util.List;
import java.util.Optional;

/** What a meter and what a logic analyser show on the pads of an FC that a wire lies on. */
final class PadChecks {
    private static final double HIGH_V = 3.3;
    private static final Memory<Sending, Average> AVERAGES = new Memory<>(500);

    private final Craft craft;
    private final CraftLines lines;
    private final CheckList checks;

    PadChecks(Craft craft, CraftLines lines, CheckList checks) {
        this.craft = craft;
        this.lines = lines;
        this.checks = checks;
    }

    void add(CraftLine line, End end) {
        Optional<SerialPad> found = lines.pad(end.boardPad());
        if (found.isEmpty() || line.job() == UartFunction.VIDEO_CONTROL || checks.has(RecordedPad.check(found.get()))) {
            return;
        }
        SerialPad pad = found.get();
        Facet<Craft, OnPad> facet = Facet.of("on-pad-" + pad.name(), c -> lines.on(pad, c));
        Format format = line.format();
        Wiring wiring = craft.electrics().wiring();
        Place tip = new Place.Probes(
                true,
                wiring.points().get(wiring.node(end.boardPad())),
                wiring.points().get(wiring.node(lines.boardPart().address(Powered.groundPad(lines.boardPart())))));
        Average usual = Average.of(new Sending(format, 0, format.inverted(), HIGH_V, false));
        ask("level-at-pad", "level-" + pad.name(), end, pad, format)
                .with("least", new Param.Quantity(usual.leastV(), "", 1))
                .with("most", new Param.Quantity(usual.mostV(), "", 1))
                .shows(
                        words -> new Scale(words.line("measure").plain(), "V", -1, 6),
                        volts -> from(facet, on -> level(volts, on)))
                .place(tip)
                .minutes(0.6)
                .add();
        ask(SerialChecks.SIGNAL, RecordedPad.check(pad), end, pad, format)
                .shows(facet, (asked, on) -> signal(asked, format, on))
                .place(tip)
                .minutes(2.5)
                .add();
    }

    private CheckBuilder ask(String entry, String id, End end, SerialPad pad, Format format) {
        return checks.ask(SerialChecks.words(entry))
                .id(id)
                .with("pad", Param.pad(end.boardPad(), pad.name()))
                .with("format", Param.written(format.label()))
                .needs(BenchNeeds.POWERED_AND_RADIO)
                .risk(0.3);
    }

    /** What can be seen of a line that should bear a format. */
    static Choices signals(Format format) {
        Words words = SerialChecks.words(SerialChecks.SIGNAL).with("format", Param.written(format.label()));
        return CheckBuilder.asked(words, words.outcomes());
    }

    private static Distribution signal(Choices answers, Format format, OnPad on) {
        return Categorical.expecting(answers, seen(format, on), Observer.LOOKS_CLOSELY.slips());
    }

    /** The outcome for what stands on a pad that should bear a format. */
    static String seen(Format format, OnPad on) {
        if (on.jammed()) {
            return "spoilt";
        }
        return on.sending()
                .map(sending -> {
                    if (sending.flaky()) {
                        return "spoilt";
                    } else if (sending.format() != format) {
                        return "other";
                    } else if (sending.inverted() != format.inverted()) {
                        return "turned";
                    }
                    int usual = format.bauds().stream().findFirst().orElse(0);
                    return usual > 0
                                    && Math.abs((double) sending.baud() / usual - 1) > 0.05
                                    && !format.bauds().contains(sending.baud())
                            ? "rate"
                            : "right";
                })
                .orElse("still");
    }

    private static Distribution level(Scale scale, OnPad on) {
        if (on.jammed()) {
            return new Gaussian(scale, 1.5, 1, Observer.READS.slips());
        }
        return on.sending()
                .map(sending -> average(scale, sending))
                .orElseGet(() -> new Mixture(List.of(
                        new Share(0.5, new Gaussian(scale, 0, 0.05, Observer.READS.slips())),
                        new Share(0.5, new Gaussian(scale, HIGH_V, 0.12, Observer.READS.slips())))));
    }

    private static Distribution average(Scale scale, Sending sending) {
        Average average = AVERAGES.of(sending, Average::of);
        return new Gaussian(
                scale,
                (average.leastV() + average.mostV()) / 2,
                0.08 + (average.mostV() - average.leastV()) / 2,
                Observer.READS.slips());
    }

    /** What a meter shows of what is sent, volts. */
    private record Average(double leastV, double mostV) {
        /**
         * How far from its idle level a line that is busy now and then shows on a meter, as a share of its high level.
         * From memory.
         */
        private static final double BUSY = 0.3;

        static Average of(Sending sending) {
            if (Sender.FORMATS.contains(sending.format())) {
                SignalOnMeter meter =
                        SignalOnMeter.of(sending.format(), sending.inverted(), sending.highV(), sending.baud(), 0);
                return new Average(meter.leastV(), meter.mostV());
            }
            return sending.inverted()
                    ? new Average(0, BUSY * sending.highV())
                    : new Average((1 - BUSY) * sending.highV(), sending.highV());
        }
    }
}

package ablemedic.app.instruments;

import ablemedic.protocol.Framing;
import ablemedic.protocol.Sender;
import ablemedic.serial.BaudError;
import ablemedic.serial.ByteBudget;
import ablemedic.serial.ByteBudget.Hop;
import ablemedic.serial.ByteBudget.Message;
import ablemedic.serial.ChannelNumber;
import ablemedic.serial.Serial;
import ablemedic.serial.SignalOnMeter;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The arithmetic of a serial line. Bits and bytes a second, volts. */
@RestController
class LineController {

    /** @param shownV what the meter shows, where something was read */
    record PadAsked(double highV, @Nullable Double shownV) {}

    /** What each format gives, plain and turned round; those that a shown voltage speaks for come first. */
    record PadAnswer(List<OnMeter> formats) {}

    /** @param fits whether the shown voltage may be of it */
    record OnMeter(
            String format,
            String page,
            boolean inverted,
            boolean usual,
            double idleV,
            double leastV,
            double mostV,
            @Nullable Boolean fits) {}

    /** A meter reads a line of pulses to a few hundredths of a volt. Common practice with no source. */
    private static final double METER_V = 0.08;

    @PostMapping("/api/instruments/signal-pad")
    PadAnswer pad(@RequestBody @Valid PadAsked asked) {
        double high = Asked.within("highV", asked.highV(), 0.5, 30, "V");
        Double shown = asked.shownV() == null ? null : Asked.within("shownV", asked.shownV(), 0, 60, "V");
        return new PadAnswer(Sender.FORMATS.stream()
                .flatMap(format -> Stream.of(format.inverted(), !format.inverted())
                        .map(inverted -> {
                            SignalOnMeter meter = SignalOnMeter.of(format, inverted, high, 0, 0);
                            return new OnMeter(
                                    format.label(),
                                    Serial.page(format),
                                    inverted,
                                    inverted == format.inverted(),
                                    meter.idleV(),
                                    meter.leastV(),
                                    meter.mostV(),
                                    shown == null ? null : meter.away(shown) <= METER_V);
                        }))
                .sorted(Comparator.comparing((OnMeter one) -> !Boolean.TRUE.equals(one.fits()))
                        .thenComparing(one -> !one.usual()))
                .toList());
    }

    record MessageAsked(
            @NotNull @Size(max = 40, message = "{most.letters}")
            String name,

            double rateHz,
            int payload,
            int overhead) {}

    record HopAsked(
            @NotNull @Size(max = 40, message = "{most.letters}")
            String name,

            double baud) {}

    record BudgetAskedOfLine(
            @NotNull @Size(max = 40, message = "{most.messages}")
            List<@NotNull @Valid MessageAsked> messages,

            @NotNull @Size(max = 12, message = "{most.hops}")
            List<@NotNull @Valid HopAsked> hops) {}

    /** @param divideBy by which all rates are divided so that the slowest hop carries them */
    record LineBudget(double bytesPerS, List<LoadedHop> hops, double divideBy, int leastBaud) {}

    record LoadedHop(String name, double baud, double share, double mayBytesPerS, boolean fits) {}

    @PostMapping("/api/instruments/byte-budget")
    LineBudget budget(@RequestBody @Valid BudgetAskedOfLine asked) {
        for (int i = 0; i < asked.messages().size(); i++) {
            Asked.within("messages[" + i + "].rateHz", asked.messages().get(i).rateHz(), 0, 1000, "a second");
            Asked.within("messages[" + i + "].payload", asked.messages().get(i).payload(), 0, 1000, "bytes");
            Asked.within("messages[" + i + "].overhead", asked.messages().get(i).overhead(), 0, 100, "bytes");
        }
        for (int i = 0; i < asked.hops().size(); i++) {
            Asked.within("hops[" + i + "].baud", asked.hops().get(i).baud(), 300, 10_000_000, "bits a second");
        }
        ByteBudget budget = ByteBudget.of(
                asked.messages().stream()
                        .map(m -> new Message(m.name(), m.rateHz(), m.payload(), m.overhead()))
                        .toList(),
                asked.hops().stream()
                        .map(h -> new Hop(h.name(), h.baud(), Framing.N1.bits()))
                        .toList());
        return new LineBudget(
                budget.bytesPerS(),
                budget.hops().stream()
                        .map(h -> new LoadedHop(h.hop().name(), h.hop().baud(), h.share(), h.bytesPerS(), h.fits()))
                        .toList(),
                budget.divideBy(),
                ByteBudget.baudFor(budget.bytesPerS(), Framing.N1.bits()));
    }

    /** @param otherOff by which the other end is off, as a share */
    record BaudAsked(double clockHz, int oversampling, double baud, boolean parity, int stopBits, double otherOff) {}

    record BaudAnswer(long divider, double baud, double off, double apart, double tolerance, boolean holds) {}

    @PostMapping("/api/instruments/baud-error")
    BaudAnswer baud(@RequestBody @Valid BaudAsked asked) {
        double clock = Asked.within("clockHz", asked.clockHz(), 32_768, 1e9, "Hz");
        int over = (int) Asked.within("oversampling", asked.oversampling(), 4, 64, "ticks a bit");
        double wanted = Asked.within("baud", asked.baud(), 300, 10_000_000, "bits a second");
        double other = Asked.within("otherOff", asked.otherOff(), -0.2, 0.2, "as a share; 1 % is 0.01");
        int stops = (int) Asked.within("stopBits", asked.stopBits(), 1, 2, "bits");
        BaudError error = BaudError.of(
                clock, over, wanted, new Framing(asked.parity() ? Framing.Parity.EVEN : Framing.Parity.NONE, stops));
        return new BaudAnswer(
                error.divider(),
                error.baud(),
                error.off(),
                (1 + error.off()) / (1 + other) - 1,
                error.tolerance(),
                error.holds(other));
    }

    record ChannelAsked(int channel) {}

    /** @param auxiliary none for a stick */
    record ChannelAnswer(int channel, @Nullable Integer auxiliary, List<CarriesIt> formats) {}

    record CarriesIt(String format, String page, int channels, boolean carries) {}

    @PostMapping("/api/instruments/channel-numbers")
    ChannelAnswer channel(@RequestBody @Valid ChannelAsked asked) {
        int channel = (int) Asked.within("channel", asked.channel(), 1, ChannelNumber.MOST, "");
        return new ChannelAnswer(
                channel,
                new ChannelNumber(channel).auxiliary().orElse(null),
                ChannelNumber.formats().stream()
                        .map(c -> new CarriesIt(
                                c.format().label(), Serial.page(c.format()), c.channels(), channel <= c.channels()))
                        .toList());
    }
}

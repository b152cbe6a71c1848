package ablemedic.capture;

import ablemedic.capture.CaptureReport.Carried;
import ablemedic.capture.CaptureReport.Serial;
import ablemedic.capture.CaptureReport.Verdict;
import ablemedic.capture.CaptureReport.Volts;
import ablemedic.capture.CaptureReport.Weight;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.protocol.Format;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** What follows from what a capture holds, in sentences. Limits are common practice with no source. */
record CaptureVerdicts(
        boolean bytesOnly,
        long bytes,
        long edges,
        double durationS,
        boolean standsHigh,
        Optional<Boolean> idlesHigh,
        Optional<Volts> volts,
        Optional<Serial> serial,
        Optional<Carried> carried,
        boolean pulsesInverted) {
    /** More than a pad of 3.3 V bears. */
    private static final double HARMS_V = 3.9;
    /** Less is no high level for an input of 3.3 V. */
    private static final double WEAK_V = 2.0;
    /** More is no low level. */
    private static final double LOW_V = 0.9;
    /**
     * A receiver samples the last of ten bits within half a bit: 5 % in all, 2 % left to each side with some to spare.
     */
    private static final double MOST_OFF = 0.02;

    private static final double SOME_WRONG = 0.01;
    private static final double RATE_FITS = 0.06;

    private static final Words WORDS =
            Catalogue.beside(CaptureVerdicts.class, "verdicts").of("capture");

    List<Verdict> all() {
        List<Verdict> all = new ArrayList<>();
        voltages(all);
        if (bytesOnly) {
            carried.ifPresentOrElse(
                    c -> heard(c, all),
                    () -> add(
                            all,
                            Weight.DOUBT,
                            bytes == 0 ? "empty" : "no-frames",
                            w -> w.with("bytes", new Param.Count(bytes))));
        } else if (edges == 0) {
            silent(all);
        } else {
            serial.ifPresent(s -> line(s, all));
            carried.ifPresentOrElse(c -> heard(c, all), () -> unknown(all));
        }
        all.sort(Comparator.comparing(Verdict::weight));
        return all;
    }

    private static void add(List<Verdict> all, Weight weight, String line, UnaryOperator<Words> filling) {
        all.add(new Verdict(weight, filling.apply(WORDS).line(line).plain()));
    }

    private static Param decimals(double value, int decimals, String unit) {
        return new Param.Quantity(value, unit, decimals);
    }

    private static Param digits(double value, int digits) {
        return Param.written(String.format(Locale.ROOT, "%." + digits + "g", value));
    }

    private void voltages(List<Verdict> all) {
        volts.filter(v -> v.high() > HARMS_V)
                .ifPresent(v -> add(all, Weight.HARMS, "too-high", w -> w.with("volts", decimals(v.high(), 1, "V"))));
        volts.filter(v -> v.high() > v.low() && v.high() < WEAK_V)
                .ifPresent(v -> add(all, Weight.FAULT, "weak", w -> w.with("volts", decimals(v.high(), 1, "V"))));
        volts.filter(v -> v.high() > v.low() && v.low() > LOW_V)
                .ifPresent(v -> add(all, Weight.FAULT, "not-low", w -> w.with("volts", decimals(v.low(), 1, "V"))));
    }

    private void silent(List<Verdict> all) {
        boolean idles = standsHigh && volts.map(v -> v.high() > WEAK_V).orElse(true);
        add(all, Weight.FAULT, idles ? "silent-high" : "silent-low", w -> w.with(
                        "level", new Param.Choice(volts.isPresent() ? "volts" : standsHigh ? "high" : "low"))
                .with("volts", decimals(volts.map(Volts::high).orElse(0.0), 2, "V"))
                .with("seconds", digits(durationS, 3)));
    }

    private void line(Serial s, List<Verdict> all) {
        double off = s.off();
        UnaryOperator<Words> rate = w -> w.with("baud", decimals(s.baud(), 0, ""))
                .with("framing", s.framing().toString())
                .with("off", decimals(100 * Math.abs(off), 1, "%"))
                .with("fast", Param.when(off > 0))
                .with("usual", decimals(s.usual(), 0, ""));
        boolean isOff = Math.abs(off) > MOST_OFF;
        add(all, isOff ? Weight.FAULT : Weight.SOUND, isOff ? "rate-off" : "rate", rate);
        boolean expected = carried.map(c -> c.format().inverted()).orElse(false);
        UnaryOperator<Words> format =
                w -> w.with("format", carried.map(c -> c.format().label()).orElse(""));
        if (s.inverted() && !expected) {
            add(
                    all,
                    carried.isPresent() ? Weight.FAULT : Weight.DOUBT,
                    carried.isPresent() ? "inverted-against" : "inverted",
                    format);
        } else if (s.inverted()) {
            add(all, Weight.DOUBT, "inverted-as-usual", format);
        } else if (expected) {
            add(all, Weight.DOUBT, "behind-inverter", format);
        }
        if (s.bytes() > 0 && (double) s.wrongBytes() / s.bytes() > SOME_WRONG) {
            add(
                    all,
                    Weight.FAULT,
                    "wrong-bytes",
                    w -> w.with("share", decimals(100.0 * s.wrongBytes() / s.bytes(), 1, "%")));
        }
    }

    private void heard(Carried c, List<Verdict> all) {
        String format = c.format().label();
        if (c.good() == 0) {
            add(all, Weight.FAULT, "all-wrong", w -> w.with("format", format).with("bad", new Param.Count(c.bad())));
            return;
        }
        add(all, Weight.SOUND, c.ratePerS() > 0 ? "sound-rate" : "sound", w -> w.with("format", format)
                .with("good", new Param.Count(c.good()))
                .with("rate", digits(c.ratePerS(), 4)));
        if (c.bad() > 0) {
            boolean many = (double) c.bad() / (c.good() + c.bad()) > SOME_WRONG;
            add(all, many ? Weight.FAULT : Weight.DOUBT, "some-wrong", w -> w.with("bad", new Param.Count(c.bad())));
        }
        if (pulsesInverted) {
            add(all, Weight.DOUBT, "pulses-down", w -> w);
        }
        serial.filter(s -> c.format().bauds().stream().noneMatch(baud -> Math.abs(s.baud() / baud - 1) < RATE_FITS))
                .ifPresent(s -> add(all, Weight.DOUBT, "unusual-rate", w -> w.with("baud", decimals(s.baud(), 0, ""))
                        .with("format", format)
                        .with(
                                "usual",
                                String.join(
                                        ", ",
                                        c.format().bauds().stream()
                                                .map(String::valueOf)
                                                .toList()))));
        if (!c.channels().isEmpty()) {
            List<String> moved = c.channels().stream()
                    .filter(channel -> channel.moved())
                    .map(channel -> String.valueOf(channel.number()))
                    .toList();
            add(
                    all,
                    Weight.SOUND,
                    moved.isEmpty() ? "none-moves" : "moves",
                    w -> w.with("channels", String.join(", ", moved)));
        }
    }

    private void unknown(List<Verdict> all) {
        List<String> alike = serial.map(s -> Arrays.stream(Format.values())
                        .filter(f -> f.framing().filter(s.framing()::equals).isPresent()
                                && f.inverted() == s.inverted()
                                && f.bauds().stream().anyMatch(baud -> Math.abs(s.baud() / baud - 1) < RATE_FITS))
                        .map(Format::label)
                        .toList())
                .orElse(List.of());
        add(
                all,
                Weight.DOUBT,
                alike.isEmpty() ? "unknown" : "could-be",
                w -> w.with("formats", String.join(", ", alike)));
    }
}

package ablemedic.capture;

import ablemedic.capture.CaptureReport.Carried;
import ablemedic.capture.CaptureReport.Serial;
import ablemedic.capture.CaptureReport.Verdict;
import ablemedic.capture.CaptureReport.Volts;
import ablemedic.capture.CaptureReport.Weight;
import ablemedic.protocol.Format;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

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

    List<Verdict> all() {
        List<Verdict> all = new ArrayList<>();
        voltages(all);
        if (bytesOnly) {
            carried.ifPresentOrElse(
                    c -> heard(c, all),
                    () -> all.add(new Verdict(
                            Weight.DOUBT,
                            bytes == 0
                                    ? "The file is empty."
                                    : "No frames of a known format in " + bytes
                                            + " bytes. Wrong rate, wrong framing or a line that was read upside "
                                            + "down give such bytes: record the pad itself, with times.")));
        } else if (edges == 0) {
            silent(all);
        } else {
            serial.ifPresent(s -> line(s, all));
            carried.ifPresentOrElse(c -> heard(c, all), () -> unknown(all));
        }
        all.sort(Comparator.comparing(Verdict::weight));
        return all;
    }

    private static String number(String pattern, Object... values) {
        return String.format(Locale.ROOT, pattern, values);
    }

    private void voltages(List<Verdict> all) {
        volts.filter(v -> v.high() > HARMS_V)
                .ifPresent(v -> all.add(new Verdict(
                        Weight.HARMS,
                        number(
                                "It stands at %.1f V when high: that harms a pad that bears 3.3 V only. Join it to a pad that bears 5 V, or over a divider.",
                                v.high()))));
        volts.filter(v -> v.high() > v.low() && v.high() < WEAK_V)
                .ifPresent(v -> all.add(new Verdict(
                        Weight.FAULT,
                        number(
                                "It reaches %.1f V only: something pulls the line down, or its sender lacks supply or ground.",
                                v.high()))));
        volts.filter(v -> v.high() > v.low() && v.low() > LOW_V)
                .ifPresent(v -> all.add(new Verdict(
                        Weight.FAULT,
                        number(
                                "It comes down to %.1f V only: two senders on one line, or no common ground.",
                                v.low()))));
    }

    private void silent(List<Verdict> all) {
        String level = volts.map(v -> number("at %.2f V", v.high())).orElse(standsHigh ? "high" : "low");
        all.add(
                new Verdict(
                        Weight.FAULT,
                        number("Nothing moves on it: it stands %s for all of %.3g s. ", level, durationS)
                                + (standsHigh
                                                && volts.map(v -> v.high() > WEAK_V)
                                                        .orElse(true)
                                        ? "A sound line that idles high, whose sender says nothing: not bound, its port without a job, or it only answers when asked."
                                        : "No sender, no supply, a torn lead, the wrong pad – or a line that idles low, whose sender says nothing.")));
    }

    private void line(Serial s, List<Verdict> all) {
        double off = s.off();
        String rate = number("%.0f baud, %s", s.baud(), s.framing());
        boolean known = carried.isPresent();
        if (Math.abs(off) > MOST_OFF) {
            all.add(new Verdict(
                    Weight.FAULT,
                    number(
                            "%s: %.1f %% %s than %.0f. A receiver bears about 2 %%; the sender's clock is off, or it is set to a rate of its "
                                    + "own.",
                            rate, 100 * Math.abs(off), off > 0 ? "faster" : "slower", s.usual())));
        } else {
            all.add(new Verdict(Weight.SOUND, number("%s; %.1f %% off %.0f.", rate, 100 * Math.abs(off), s.usual())));
        }
        boolean expected = carried.map(c -> c.format().inverted()).orElse(false);
        if (s.inverted() && !(known && expected)) {
            all.add(new Verdict(
                    known ? Weight.FAULT : Weight.DOUBT,
                    "It idles low: the line is inverted"
                            + carried.map(c -> ", and " + c.format().label() + " is not")
                                    .orElse("") + "."));
        } else if (s.inverted()) {
            all.add(new Verdict(
                    Weight.DOUBT,
                    carried.get().format().label()
                            + " idles low, as it should. Only a pad with an inverter hears it: F3, F7 and H7 "
                            + "class chips have one in the chip, F1 and F4 class boards behind certain pads only."));
        } else if (known && expected) {
            all.add(new Verdict(
                    Weight.DOUBT,
                    carried.get().format().label()
                            + " usually idles low; here it idles high: it comes from behind an inverter. A pad that "
                            + "inverts once more does not hear it."));
        }
        if (s.bytes() > 0 && (double) s.wrongBytes() / s.bytes() > SOME_WRONG) {
            all.add(new Verdict(
                    Weight.FAULT,
                    number(
                            "%.1f %% of its bytes have a wrong start, parity or stop bit: noise, a poor ground, or two senders on one "
                                    + "line.",
                            100.0 * s.wrongBytes() / s.bytes())));
        }
    }

    private void heard(Carried c, List<Verdict> all) {
        if (c.good() == 0) {
            all.add(new Verdict(
                    Weight.FAULT,
                    c.format().label() + " by its structure, but every one of " + c.bad() + " checksums is wrong."));
            return;
        }
        all.add(new Verdict(
                Weight.SOUND,
                c.format().label() + ": " + c.good() + " sound frames"
                        + (c.ratePerS() > 0 ? number(", %.4g a second", c.ratePerS()) : "") + "."));
        if (c.bad() > 0) {
            all.add(new Verdict(
                    (double) c.bad() / (c.good() + c.bad()) > SOME_WRONG ? Weight.FAULT : Weight.DOUBT,
                    c.bad() + (c.bad() == 1 ? " frame has" : " frames have")
                            + " a wrong checksum: noise, or bytes lost at a full line."));
        }
        if (pulsesInverted) {
            all.add(new Verdict(
                    Weight.DOUBT,
                    "Its pulses go down where they usually go up: two-way frames do that, or an inverter in between."));
        }
        serial.filter(s -> c.format().bauds().stream().noneMatch(baud -> Math.abs(s.baud() / baud - 1) < RATE_FITS))
                .ifPresent(s -> all.add(new Verdict(
                        Weight.DOUBT,
                        number(
                                "%.0f baud is no usual rate of %s (%s).",
                                s.baud(),
                                c.format().label(),
                                String.join(
                                        ", ",
                                        c.format().bauds().stream()
                                                .map(String::valueOf)
                                                .toList())))));
        if (!c.channels().isEmpty()) {
            List<String> moved = c.channels().stream()
                    .filter(channel -> channel.moved())
                    .map(channel -> String.valueOf(channel.number()))
                    .toList();
            all.add(new Verdict(
                    Weight.SOUND,
                    moved.isEmpty()
                            ? "No channel moves in it: a held frame and resting sticks look the same. Move a stick "
                                    + "while you record."
                            : "Channels that move: " + String.join(", ", moved) + "."));
        }
    }

    private void unknown(List<Verdict> all) {
        List<String> alike = serial.map(s -> java.util.Arrays.stream(Format.values())
                        .filter(f -> f.framing().filter(s.framing()::equals).isPresent()
                                && f.inverted() == s.inverted()
                                && f.bauds().stream().anyMatch(baud -> Math.abs(s.baud() / baud - 1) < RATE_FITS))
                        .map(Format::label)
                        .toList())
                .orElse(List.of());
        all.add(new Verdict(
                Weight.DOUBT,
                "Its frames are of no format that is read here. "
                        + (alike.isEmpty()
                                ? "No usual format has its rate, framing and level."
                                : "By rate, framing and level it could be " + String.join(", ", alike) + ".")));
    }
}

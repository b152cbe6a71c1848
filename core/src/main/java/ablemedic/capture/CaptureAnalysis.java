package ablemedic.capture;

import ablemedic.capture.CaptureReport.ByteAt;
import ablemedic.capture.CaptureReport.Carried;
import ablemedic.capture.CaptureReport.Serial;
import ablemedic.capture.CaptureReport.Strip;
import ablemedic.capture.CaptureReport.Volts;
import ablemedic.protocol.Frames;
import ablemedic.protocol.Framing;
import ablemedic.protocol.Heard;
import ablemedic.protocol.Line;
import ablemedic.protocol.PulseFrames;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Learns from the first stretches of a line what it is, then reads all of it in that light. The first stretch is cut
 * off by the start of the capture and tells no time.
 */
final class CaptureAnalysis implements Recorded {
    /** Stretches from which the line is learned. */
    private static final int LEARN = 60_000;

    private static final int LEAST_STRETCHES = 6;
    /** Share of the stretches or bytes that a format has to explain. */
    private static final double EXPLAINS = 0.6;

    private static final double EXPLAINS_BYTES = 0.3;
    private static final long LEAST_FRAMES = 2;
    /** Shorter than this much of a bit is noise. */
    private static final double GLITCH = 0.3;

    private static final List<Framing> FRAMINGS = List.of(Framing.N1, Framing.E2, Framing.E1, Framing.O1);
    /** A framing is as good as the best while no more of its bytes are wrong than this share. */
    private static final double AS_GOOD = 0.004;

    private static final int STRIP = 420;
    private static final double STRIP_BITS = 130;

    private boolean firstHigh;
    private double[] stretches = new double[1024];
    private int kept;
    private boolean learned;
    private long edges;
    private double duration;
    private double highS;
    private Optional<Boolean> idlesHigh = Optional.empty();
    private Optional<Volts> volts = Optional.empty();
    private boolean bytesOnly;

    private final List<Frames> formats = Frames.ofAll();
    private Optional<PulseFrames> pulses = Optional.empty();
    private Optional<BitTime> bit = Optional.empty();
    private Framing framing = Framing.N1;
    private boolean inverted;
    private long bytes;
    private long wrong;
    private Line reads = (high, seconds) -> {};
    private Optional<Deglitched> clean = Optional.empty();
    private final List<ByteAt> stripBytes = new ArrayList<>();
    private Strip strip = new Strip(false, List.of(), List.of());
    private double stripFromS;

    @Override
    public void volts(double low, double high) {
        volts = Optional.of(new Volts(low, high));
    }

    @Override
    public void value(byte value) {
        bytesOnly = true;
        take(0, value, true);
    }

    private void take(double timeS, byte value, boolean sound) {
        bytes++;
        wrong += sound ? 0 : 1;
        formats.forEach(frames -> frames.take(timeS, value));
        if (bit.isPresent() && stripBytes.size() < STRIP) {
            stripBytes.add(new ByteAt(timeS, timeS + framing.bits() * bit.get().seconds(), value & 0xFF, sound));
        }
    }

    @Override
    public void stands(boolean high, double seconds) {
        duration += seconds;
        highS += high ? seconds : 0;
        if (learned) {
            edges++;
            reads.stands(high, seconds);
            return;
        }
        if (kept == 0) {
            firstHigh = high;
        } else {
            edges++;
        }
        if (kept == stretches.length) {
            stretches = Arrays.copyOf(stretches, 2 * kept);
        }
        stretches[kept++] = seconds;
        if (kept == LEARN) {
            learn();
        }
    }

    private boolean highAt(int stretch) {
        return firstHigh == (stretch % 2 == 0);
    }

    private void learn() {
        learned = true;
        if (kept > 1) {
            int longest = 0;
            for (int i = 1; i < kept; i++) {
                longest = stretches[i] > stretches[longest] ? i : longest;
            }
            idlesHigh = Optional.of(highAt(longest));
        }
        if (kept >= LEAST_STRETCHES) {
            pulses = PulseFrames.ofAll().stream()
                    .filter(this::explainsPulses)
                    .findFirst()
                    .map(PulseFrames::anew);
            if (pulses.isPresent()) {
                reads = pulses.get();
            } else {
                BitTime.of(Arrays.copyOfRange(stretches, 1, kept - 1)).ifPresent(this::learnSerial);
            }
        }
        drawStrip();
        for (int i = 0; i < kept; i++) {
            reads.stands(highAt(i), stretches[i]);
        }
        stretches = new double[0];
    }

    private boolean explainsPulses(PulseFrames candidate) {
        for (int i = 0; i < kept; i++) {
            candidate.stands(highAt(i), stretches[i]);
        }
        return candidate.good() >= LEAST_FRAMES && candidate.coverage() >= EXPLAINS;
    }

    private void learnSerial(BitTime learned) {
        double shortest = GLITCH * learned.seconds();
        double best = Double.MAX_VALUE;
        for (Framing candidate : FRAMINGS) {
            for (boolean turned : new boolean[] {!idlesHigh.orElse(true), idlesHigh.orElse(true)}) {
                double errors = errors(learned, candidate, turned, shortest);
                if (errors < best - AS_GOOD) {
                    best = errors;
                    framing = candidate;
                    inverted = turned;
                }
            }
        }
        bit = Optional.of(learned);
        Deglitched line = new Deglitched(shortest, new SerialLine(learned.seconds(), framing, inverted, this::take));
        clean = Optional.of(line);
        reads = line;
    }

    /** The share of bytes that come out wrong; the worst where none come out. */
    private double errors(BitTime learned, Framing candidate, boolean turned, double shortest) {
        long[] counts = new long[2];
        Deglitched line =
                new Deglitched(shortest, new SerialLine(learned.seconds(), candidate, turned, (time, value, sound) -> {
                    counts[0]++;
                    counts[1] += sound ? 0 : 1;
                }));
        for (int i = 0; i < kept; i++) {
            line.stands(highAt(i), stretches[i]);
        }
        line.end();
        return counts[0] == 0 ? 1 : (double) counts[1] / counts[0];
    }

    /** The line from its first change on: so many bits, or so many changes where it has none. */
    private void drawStrip() {
        double until = bit.map(one -> STRIP_BITS * one.seconds()).orElse(Double.MAX_VALUE);
        List<Double> drawn = new ArrayList<>();
        stripFromS = Math.max(
                0,
                kept == 0 ? 0 : stretches[0] - bit.map(one -> 3 * one.seconds()).orElse(stretches[0]));
        double at = 0;
        for (int i = 0; i < kept && drawn.size() < (bit.isPresent() ? STRIP : 60) && at < until; i++) {
            double seconds = i == 0 ? stretches[0] - stripFromS : stretches[i];
            double shown = Math.min(seconds, until - at);
            drawn.add(shown);
            at += shown;
        }
        strip = new Strip(firstHigh, drawn, List.of());
    }

    CaptureReport report(CaptureForm form, List<String> signals) {
        if (!learned) {
            learn();
        }
        clean.ifPresent(Deglitched::end);
        formats.forEach(Frames::end);
        double stripS =
                strip.seconds().stream().mapToDouble(Double::doubleValue).sum();
        Strip drawn = new Strip(
                strip.firstHigh(),
                strip.seconds(),
                stripBytes.stream()
                        .map(b -> new ByteAt(b.fromS() - stripFromS, b.toS() - stripFromS, b.value(), b.sound()))
                        .filter(b -> b.fromS() >= 0 && b.fromS() < stripS)
                        .toList());
        Optional<Serial> serial = bit.map(b ->
                new Serial(b.baud(), b.u() * b.baud() * b.baud(), b.nearestUsual(), framing, inverted, bytes, wrong));
        Optional<Carried> carried = heard().map(h ->
                new Carried(h.format(), h.good(), h.bad(), h.ratePerS(), h.channels(), h.moments(), h.said()));
        CaptureVerdicts verdicts = new CaptureVerdicts(
                bytesOnly,
                bytes,
                edges,
                duration,
                edges == 0 && highS > 0,
                idlesHigh,
                volts,
                serial,
                carried,
                pulses.map(PulseFrames::inverted).orElse(false));
        return new CaptureReport(
                form, signals, duration, edges, idlesHigh, volts, serial, carried, verdicts.all(), drawn);
    }

    private Optional<Heard> heard() {
        if (pulses.isPresent()) {
            return Optional.of(pulses.get());
        }
        return formats.stream()
                .filter(frames -> frames.good() >= LEAST_FRAMES && frames.coverage() >= EXPLAINS_BYTES
                        || frames.bad() > LEAST_FRAMES && frames.good() + frames.bad() > 0.5 * bytes / 64)
                .max(Comparator.comparingDouble((Frames frames) -> frames.coverage())
                        .thenComparingLong(Frames::bad))
                .map(frames -> (Heard) frames);
    }
}

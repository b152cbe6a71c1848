package ablemedic.capture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.capture.CaptureReport.Verdict;
import ablemedic.capture.CaptureReport.Weight;
import ablemedic.protocol.Format;
import ablemedic.protocol.Framing;
import ablemedic.protocol.Sender;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

@Tag("thorough")
class CapturesTest {
    static final List<Double> STICKS = List.of(1500.0, 1300.0, 1000.0, 1700.0, 2000.0, 1200.0, 1500.0, 1500.0);

    static Captures.Read read(byte[] file, String signal) {
        try {
            return Captures.read(new ByteArrayInputStream(file), Optional.ofNullable(signal), bytes -> {});
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    static CaptureReport report(String file) {
        return read(file.getBytes(StandardCharsets.UTF_8), null).report().orElseThrow();
    }

    /** A recording of so many frames, the first stick moving. */
    static String recorded(Sender sender, int frames, java.util.function.Function<StringBuilder, CaptureWriter> form) {
        StringBuilder file = new StringBuilder();
        CaptureWriter writer = form.apply(file);
        writer.stands(!sender.inverted() && sender.format().framing().isPresent(), 0.002);
        for (int frame = 0; frame < frames; frame++) {
            List<Double> sticks = new ArrayList<>(STICKS);
            sticks.set(0, 1500 + 300.0 * frame / frames);
            sender.send(sticks, frame, writer);
        }
        writer.end();
        return file.toString();
    }

    static CaptureWriter volts(StringBuilder file, Sender sender, double noiseV) {
        double step = sender.format().framing().isPresent()
                ? 0.1 / sender.baud()
                : sender.baud() > 0 ? 0.04 / sender.baud() : 5e-6;
        return CaptureWriter.volts(file, "pad", step, 3.3, noiseV, 4);
    }

    @ParameterizedTest
    @EnumSource(
            value = Format.class,
            names = {"PWM", "PPM", "DSHOT", "SBUS", "IBUS", "CRSF", "MAVLINK", "NMEA"})
    void everyFormatIsKnownInEveryFormOfFile(Format format) {
        Sender sender = Sender.usual(format);
        int frames = 12;
        List<String> files = new ArrayList<>(List.of(
                recorded(sender, frames, file -> CaptureWriter.vcd(file, "pad")),
                recorded(sender, frames, file -> CaptureWriter.levels(file, "pad"))));
        if (format != Format.DSHOT && format != Format.NMEA) {
            files.add(recorded(sender, 5, file -> volts(file, sender, 0.05)));
        }
        for (String file : files) {
            CaptureReport report = report(file);
            assertThat(report.carried()).as("%s from %s", format, report.form()).isPresent();
            assertThat(report.carried().get().format()).isEqualTo(format);
            assertThat(report.carried().get().good())
                    .isGreaterThanOrEqualTo((file.startsWith("Time (us)") ? 5 : frames) - 2);
            assertThat(report.carried().get().bad()).isLessThanOrEqualTo(1);
            assertThat(report.carried().get().ratePerS())
                    .isCloseTo(1 / sender.everyS(), within(0.02 / sender.everyS()));
            assertThat(report.signals()).hasSize(1);
            format.framing().ifPresent(framing -> {
                assertThat(report.serial().orElseThrow().framing()).isEqualTo(framing);
                assertThat(report.serial().get().inverted()).isEqualTo(format.inverted());
                assertThat(report.serial().get().baud()).isCloseTo(sender.baud(), within(0.005 * sender.baud()));
                assertThat(report.idlesHigh()).contains(!format.inverted());
            });
            if (!report.carried().get().channels().isEmpty()) {
                assertThat(report.carried().get().channels().get(0).moved()).isTrue();
            }
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = Format.class,
            names = {"SBUS", "IBUS", "CRSF", "MAVLINK"})
    void anInvertedLineIsSaidToBeOne(Format format) {
        Sender usual = Sender.usual(format);
        Sender turned = new Sender(format, usual.baud(), !usual.inverted(), usual.everyS());
        CaptureReport report = report(recorded(turned, 10, file -> CaptureWriter.vcd(file, "pad")));
        assertThat(report.carried().orElseThrow().format()).isEqualTo(format);
        assertThat(report.serial().orElseThrow().inverted()).isEqualTo(!format.inverted());
        assertThat(report.verdicts())
                .extracting(Verdict::text)
                .anyMatch(text -> text.contains(format.inverted() ? "idles high" : "inverted"));
    }

    @Test
    void whatAPadBearsIsJudgedByTheVoltsOfTheLine() {
        Sender sender = Sender.usual(Format.IBUS);
        assertThat(report(recorded(sender, 5, file -> CaptureWriter.volts(file, "pad", 1e-6, 5, 0.05, 1)))
                        .verdicts()
                        .get(0))
                .satisfies(verdict -> assertThat(verdict.weight()).isEqualTo(Weight.HARMS));
        assertThat(report(recorded(sender, 5, file -> CaptureWriter.volts(file, "pad", 1e-6, 1.6, 0.02, 1)))
                        .verdicts()
                        .get(0)
                        .text())
                .contains("1.6 V only");
        assertThat(report(recorded(sender, 5, file -> CaptureWriter.volts(file, "pad", 1e-6, 3.3, 0.05, 1)))
                        .verdicts())
                .noneMatch(verdict -> verdict.weight() == Weight.HARMS || verdict.weight() == Weight.FAULT);
    }

    @ParameterizedTest
    @CsvSource({"0, low", "3.3, high"})
    void aSilentLineIsSaidToBeSilent(double volts, String level) {
        StringBuilder file = new StringBuilder("time (ms);V\n");
        for (int i = 0; i < 500; i++) {
            file.append(i * 0.01).append(';').append(volts + 0.01 * (i % 3)).append('\n');
        }
        CaptureReport report = report(file.toString());
        assertThat(report.edges()).isZero();
        assertThat(report.durationS()).isCloseTo(0.00499, within(1e-9));
        assertThat(report.verdicts().get(0).text())
                .startsWith("Nothing moves on it")
                .contains(level.equals("low") ? "No sender" : "idles high");
    }

    /**
     * Recordings made by other code, at usual rates up to 3 % off, with jitter, noise of a sample here and there and a
     * start in mid-frame, are read: rate within 0.5 %, framing and sense right, the format known.
     */
    @OutsideCheck(
            kind = Kind.REFERENCE_LIBRARY,
            source = "A generator of its own in the tests, which shares no code with the program")
    @Test
    void noisyRecordingsAreRecovered() {
        Random random = new Random(99);
        int tries = 40;
        int right = 0;
        List<String> failed = new ArrayList<>();
        for (int i = 0; i < tries; i++) {
            Format format = List.of(Format.SBUS, Format.IBUS, Format.CRSF, Format.MAVLINK)
                    .get(i % 4);
            double baud = format.bauds().get(random.nextInt(format.bauds().size()))
                    * (1 + 0.06 * (random.nextDouble() - 0.5));
            byte[] one = Sender.usual(format).bytes(STICKS, 0);
            byte[] bytes = new byte[12 * one.length];
            for (int frame = 0; frame < 12; frame++) {
                System.arraycopy(Sender.usual(format).bytes(STICKS, frame), 0, bytes, frame * one.length, one.length);
            }
            boolean inverted = random.nextBoolean();
            double sample = 1 / baud / (8 + random.nextInt(12));
            OtherHand hand = new OtherHand(i, sample, 0.03 / baud, 0.0005);
            Framing framing = format.framing().orElseThrow();
            String file = hand.serial(
                    bytes,
                    new OtherHand.Bursts(one.length, 30 / baud),
                    new OtherHand.Line(baud, framing.equals(Framing.E2), framing.stopBits(), inverted),
                    random.nextInt(5 * framing.bits()) + random.nextDouble());
            CaptureReport report = report(file);
            boolean known = report.serial()
                            .filter(s -> Math.abs(s.baud() / baud - 1) < 0.005
                                    && s.framing().equals(framing)
                                    && s.inverted() == inverted)
                            .isPresent()
                    && report.carried()
                            .filter(c -> c.format() == format && c.good() >= 8)
                            .isPresent();
            right += known ? 1 : 0;
            if (!known) {
                failed.add(format + " " + baud + " " + inverted + " → " + report.serial() + " "
                        + report.carried().map(c -> c.format() + " " + c.good()));
            }
        }
        System.out.println("Noisy recordings recovered: " + right + " of " + tries);
        assertThat(right).as("%s", failed).isGreaterThanOrEqualTo(tries * 95 / 100);
    }

    static byte[] concat(byte[] one, byte[] other) {
        byte[] both = java.util.Arrays.copyOf(one, one.length + other.length);
        System.arraycopy(other, 0, both, one.length, other.length);
        return both;
    }

    @Test
    void bytesWithoutTimesAreReadByTheirStructure() {
        byte[] frame = Sender.usual(Format.CRSF).bytes(STICKS, 0);
        StringBuilder hex = new StringBuilder();
        for (int i = 0; i < 20; i++) {
            for (byte value : frame) {
                hex.append(String.format("%02x ", value));
            }
            hex.append('\n');
        }
        CaptureReport report = report(hex.toString());
        assertThat(report.form()).isEqualTo(CaptureForm.HEX);
        assertThat(report.carried().orElseThrow().format()).isEqualTo(Format.CRSF);
        assertThat(report.carried().get().good()).isEqualTo(20);
        byte[] raw = new byte[20 * frame.length];
        for (int i = 0; i < 20; i++) {
            System.arraycopy(frame, 0, raw, i * frame.length, frame.length);
        }
        assertThat(read(raw, null).report().orElseThrow().form()).isEqualTo(CaptureForm.BYTES);
        assertThat(read(
                                "$GPGGA,123519,4807.038,N,01131.000,E,1,08,0.9,545.4,M,46.9,M,,*47\r\n"
                                        .repeat(3)
                                        .getBytes(StandardCharsets.US_ASCII),
                                null)
                        .report()
                        .orElseThrow()
                        .carried()
                        .orElseThrow()
                        .format())
                .isEqualTo(Format.NMEA);
    }
}

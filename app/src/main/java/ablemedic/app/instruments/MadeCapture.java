package ablemedic.app.instruments;

import ablemedic.capture.CaptureWriter;
import ablemedic.protocol.Sender;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Recordings that are made up, for trying and training: sticks that move a little, as an analyser or an oscilloscope
 * would write them.
 */
final class MadeCapture {
    private static final int CHANNELS = 16;
    private static final long MOST_SAMPLES = 400_000;
    private static final double STILL_S = 0.5;

    /** In what form a recording is made. */
    enum Form {
        VCD(".vcd"),
        LEVELS(".csv"),
        VOLTS(".csv");

        private final String suffix;

        Form(String suffix) {
            this.suffix = suffix;
        }

        String suffix() {
            return suffix;
        }
    }

    private MadeCapture() {}

    /** So many frames of a sender, with noise on the volts. */
    static String of(Sender sender, Form form, int frames, double highV, double noiseV) {
        StringBuilder file = new StringBuilder();
        double step = sender.baud() > 0 ? 0.1 / sender.baud() : 1e-5;
        CaptureWriter writer =
                writer(file, form, Math.max(step, frames * sender.everyS() / MOST_SAMPLES), highV, noiseV, frames);
        writer.stands(sender.format().framing().isPresent() != sender.inverted(), sender.everyS() / 10);
        for (int frame = 0; frame < frames; frame++) {
            List<Double> sticks = new ArrayList<>(Collections.nCopies(CHANNELS, 1500.0));
            sticks.set(0, 1500 + 400 * Math.sin(frame / 5.0));
            sticks.set(2, 1000.0);
            sender.send(sticks, frame, writer);
        }
        writer.end();
        return file.toString();
    }

    /** A line on which nothing is sent. */
    static String still(Form form, double noiseV) {
        StringBuilder file = new StringBuilder();
        CaptureWriter writer = writer(file, form, 1e-4, 0, noiseV, 1);
        writer.stands(false, STILL_S);
        writer.end();
        return file.toString();
    }

    private static CaptureWriter writer(
            StringBuilder file, Form form, double stepS, double highV, double noiseV, long seed) {
        return switch (form) {
            case VCD -> CaptureWriter.vcd(file, "pad");
            case LEVELS -> CaptureWriter.levels(file, "pad");
            case VOLTS -> CaptureWriter.volts(file, "pad", stepS, highV, noiseV, seed);
        };
    }
}

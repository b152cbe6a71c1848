package ablemedic.radio;

import ablemedic.protocol.Format;
import ablemedic.protocol.Framing;
import java.util.Optional;

/**
 * How old a stick is when the board has heard of it: it waits for its turn, on average half of the time between frames,
 * and then the frame takes its time on the wire.
 *
 * @param frameMs on the wire, milliseconds
 * @param betweenMs from the start of one frame to that of the next
 */
public record FrameTime(double frameMs, double betweenMs) {
    /** A train of pulses: eight channels of at most 2 ms and the gap that ends it. Common practice, no source. */
    private static final double PPM_PULSE_MS = 2;

    /** Bytes of a frame of channels; nothing for formats that send none, or none of a fixed length. */
    public static Optional<Integer> bytes(Format format) {
        return switch (format) {
            case SBUS -> Optional.of(25);
            case IBUS -> Optional.of(32);
            case CRSF -> Optional.of(26);
            case SATELLITE -> Optional.of(16);
            default -> Optional.empty();
        };
    }

    /** Time between frames that is usual, milliseconds; common practice, no source. */
    public static Optional<Double> usualBetweenMs(Format format) {
        return switch (format) {
            case SBUS -> Optional.of(9.0);
            case IBUS -> Optional.of(7.0);
            case CRSF -> Optional.of(6.67);
            case SATELLITE -> Optional.of(11.0);
            case PPM -> Optional.of(22.5);
            case PWM -> Optional.of(20.0);
            default -> Optional.empty();
        };
    }

    /**
     * @param channels of a train of pulses; ignored for bytes
     * @return nothing for a format that carries no sticks
     */
    public static Optional<FrameTime> of(Format format, int channels, double betweenMs) {
        Optional<Double> frame = bytes(format)
                .map(bytes -> bytes
                        * format.framing().map(Framing::bits).orElseThrow()
                        * 1000.0
                        / format.bauds().get(0));
        if (frame.isEmpty() && format == Format.PPM) {
            frame = Optional.of(channels * PPM_PULSE_MS);
        } else if (frame.isEmpty() && format == Format.PWM) {
            frame = Optional.of(PPM_PULSE_MS);
        }
        return frame.map(ms -> new FrameTime(ms, betweenMs));
    }

    /** Whether a frame is over before the next begins. */
    public boolean fits() {
        return frameMs <= betweenMs;
    }

    /** From a moved stick to the whole frame that tells it, on average, milliseconds. */
    public double usualMs() {
        return betweenMs / 2 + frameMs;
    }

    /** The same where it was just missed. */
    public double worstMs() {
        return betweenMs + frameMs;
    }
}

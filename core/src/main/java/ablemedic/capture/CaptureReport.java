package ablemedic.capture;

import ablemedic.protocol.Format;
import ablemedic.protocol.Framing;
import ablemedic.protocol.Heard.Channel;
import ablemedic.protocol.Heard.Moment;
import java.util.List;
import java.util.Optional;

/**
 * What a capture tells.
 *
 * @param form of the file
 * @param signals that the file holds, the chosen one among them; none where it holds bytes without times
 * @param durationS from first to last, seconds; 0 where it holds bytes without times
 * @param edges how often the level changed
 * @param idlesHigh where it stands when nothing is sent; nothing where it never changed or bears no levels
 * @param volts of its two levels
 * @param serial as a serial line
 * @param carried the format that its frames are of
 * @param verdicts what follows, the gravest first
 * @param strip its beginning, to be drawn
 */
public record CaptureReport(
        CaptureForm form,
        List<String> signals,
        double durationS,
        long edges,
        Optional<Boolean> idlesHigh,
        Optional<Volts> volts,
        Optional<Serial> serial,
        Optional<Carried> carried,
        List<Verdict> verdicts,
        Strip strip) {

    /** The voltages of the two levels; both the same where the line stands still. */
    public record Volts(double low, double high) {}

    /**
     * A serial line.
     *
     * @param baud bits a second, as measured
     * @param u its standard uncertainty
     * @param usual the usual rate that lies nearest
     * @param framing start, data, parity and stop bits
     * @param inverted whether an idle line is low
     * @param bytes that were read
     * @param wrongBytes of which start, parity or stop bits were wrong
     */
    public record Serial(
            double baud, double u, double usual, Framing framing, boolean inverted, long bytes, long wrongBytes) {
        /** How far the rate is off the usual one, as a share; positive where it is fast. */
        public double off() {
            return baud / usual - 1;
        }
    }

    /** What its frames are, and what they carry. */
    public record Carried(
            Format format,
            long good,
            long bad,
            double ratePerS,
            List<Channel> channels,
            List<Moment> moments,
            List<String> said) {}

    /** How grave something is. */
    public enum Weight {
        HARMS,
        FAULT,
        DOUBT,
        SOUND
    }

    /** One thing that follows, in a sentence or two. */
    public record Verdict(Weight weight, String text) {}

    /**
     * The beginning of the line.
     *
     * @param firstHigh the level of the first stretch
     * @param seconds how long each stretch stands, levels in turn
     * @param bytes that lie in it
     */
    public record Strip(boolean firstHigh, List<Double> seconds, List<ByteAt> bytes) {}

    /** A byte of the strip. */
    public record ByteAt(double fromS, double toS, int value, boolean sound) {}
}

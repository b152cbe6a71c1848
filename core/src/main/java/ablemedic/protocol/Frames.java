package ablemedic.protocol;

import java.util.List;

/**
 * Finds the frames of one format in bytes that come one by one, from wherever they begin. Remembers no more than the
 * longest frame.
 */
public final class Frames extends Tallied {
    private final Layout layout;
    private final byte[] window;
    private final double[] times;
    private int have;
    private long covered;
    private long bytes;

    private Frames(Format format, Layout layout) {
        super(format);
        this.layout = layout;
        this.window = new byte[2 * layout.longest()];
        this.times = new double[window.length];
    }

    /** One for each format whose structure is known, in the order in which they are tried. */
    public static List<Frames> ofAll() {
        return List.of(
                new Frames(Format.CRSF, new CrsfLayout()),
                new Frames(Format.IBUS, new IbusLayout()),
                new Frames(Format.SBUS, new SbusLayout()),
                new Frames(Format.MAVLINK, new MavlinkLayout()),
                new Frames(Format.NMEA, new NmeaLayout()));
    }

    /** One for a format whose structure is known. */
    public static Frames of(Format format) {
        return ofAll().stream()
                .filter(frames -> frames.format() == format)
                .findFirst()
                .orElseThrow(
                        () -> new IllegalArgumentException(format.label() + " has no structure that is read here"));
    }

    /**
     * Takes the next byte.
     *
     * @param timeS when it began, seconds
     */
    public void take(double timeS, byte value) {
        if (have == window.length) {
            search(false);
        }
        window[have] = value;
        times[have++] = timeS;
        bytes++;
    }

    /** Reads what is left when no more comes. */
    public void end() {
        search(true);
    }

    private void search(boolean atEnd) {
        int at = 0;
        while (at < have) {
            int length = layout.frame(window, at, have);
            if (length > have - at) {
                if (!atEnd) {
                    break;
                }
                at++;
            } else if (length > 0) {
                good(at, length);
                at += length;
            } else {
                if (length < 0) {
                    broken();
                }
                at++;
            }
        }
        System.arraycopy(window, at, window, 0, have - at);
        System.arraycopy(times, at, times, 0, have - at);
        have -= at;
    }

    private void good(int at, int length) {
        layout.read(window, at, length);
        sound(times[at], layout.channelsUs(), layout.isFailsafe());
        covered += length;
    }

    @Override
    public double coverage() {
        return bytes == 0 ? 0 : (double) covered / bytes;
    }

    @Override
    public List<String> said() {
        return layout.said();
    }
}

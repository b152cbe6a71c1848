package ablemedic.serial;

import ablemedic.protocol.Format;
import java.util.List;
import java.util.Optional;

/**
 * A channel of the radio by its numbers: the first four are the sticks, channel n is auxiliary n − 4. Common practice
 * with no source.
 *
 * @param channel from 1
 */
public record ChannelNumber(int channel) {
    public static final int STICKS = 4;
    public static final int MOST = 32;

    /** The auxiliary number; none for a stick. */
    public Optional<Integer> auxiliary() {
        return channel > STICKS ? Optional.of(channel - STICKS) : Optional.empty();
    }

    /** The formats that carry it, with how many channels each carries. */
    public static List<Carries> formats() {
        return List.of(
                new Carries(Format.PPM, 8),
                new Carries(Format.IBUS, 14),
                new Carries(Format.SBUS, 16),
                new Carries(Format.CRSF, 16),
                new Carries(Format.SATELLITE, 12));
    }

    /** How many channels a format carries. */
    public record Carries(Format format, int channels) {}
}

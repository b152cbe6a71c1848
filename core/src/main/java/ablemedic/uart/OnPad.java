package ablemedic.uart;

import ablemedic.protocol.Format;
import java.util.Optional;

/**
 * What stands on a pad of the flight board.
 *
 * @param sending what is sent there; nothing where all is still
 * @param jammed whether two send at once, or something holds it
 */
public record OnPad(Optional<Sending> sending, boolean jammed) {
    public static final OnPad STILL = new OnPad(Optional.empty(), false);
    public static final OnPad JAMMED = new OnPad(Optional.empty(), true);

    /**
     * What is sent: its format, bits a second, whether it idles low, its high level in volts, whether some of it is
     * lost.
     */
    public record Sending(Format format, int baud, boolean inverted, double highV, boolean flaky) {}
}

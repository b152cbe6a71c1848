package ablemedic.uart;

import ablemedic.protocol.Format;
import ablemedic.protocol.Format.Back;
import ablemedic.wiring.UartFunction;

/**
 * A part that wants a UART.
 *
 * @param name for people
 * @param job what the UART is told to do
 * @param format what is spoken
 * @param volts5 whether it sends at 5 V
 * @param at the UART that its wires are soldered to; empty for none
 */
public record UartRequest(String name, UartFunction job, Format format, boolean volts5, String at) {

    /** Whether the board hears it. */
    public boolean heard() {
        return switch (job) {
            case RECEIVER, GNSS -> true;
            case TELEMETRY -> format.back() == Back.TWO_WAY && !oneWire();
            case DISPLAY -> true;
            case VIDEO_CONTROL -> false;
        };
    }

    /** Whether the board speaks to it. */
    public boolean spokenTo() {
        return switch (job) {
            case RECEIVER -> format.back() == Back.TWO_WAY && format.wires() == 2;
            case GNSS -> format == Format.BINARY_GNSS;
            case TELEMETRY, DISPLAY, VIDEO_CONTROL -> true;
        };
    }

    /** Whether both ways go over one wire, which is then on the sending pad. */
    public boolean oneWire() {
        return format == Format.POLLED;
    }
}

package ablemedic.uart;

import ablemedic.protocol.Format;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Part;
import ablemedic.wiring.UartFunction;
import ablemedic.wiring.Wire;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A line of a craft as it is on the sheet: a part that speaks, and the leads from its pads to those of the flight
 * board.
 *
 * @param format the format that the sheet has it speak
 * @param sends the wire at the pad that it sends on; none where the sheet has none
 * @param hears the wire at the pad that it hears on
 */
public record CraftLine(
        Part part, InnerCircuit.Spoken spoken, Format format, Optional<End> sends, Optional<End> hears) {
    /** What stands higher is a signal of 5 V. */
    private static final double HIGH_V = 3.9;

    /**
     * A wire of a line.
     *
     * @param partPad the address of its end at the part
     * @param boardPad the address of its end at the FC
     * @param links the links that it is made of
     */
    public record End(Wire wire, String partPad, String boardPad, List<String> links) {
        /** What is printed at its pad of the FC. */
        public String printed() {
            return printed(boardPad);
        }

        /** What is printed at the pad of an address. */
        public static String printed(String address) {
            return address.substring(address.indexOf('.') + 1);
        }
    }

    public UartFunction job() {
        return spoken.job();
    }

    /** What it is named by in ids, such as {@code RX-receiver}. */
    public String id() {
        return part.id() + "-" + job().id();
    }

    /** What people call it. */
    public String label() {
        return part.label() + (job() == UartFunction.TELEMETRY && format != Format.MAVLINK ? "’s telemetry" : "");
    }

    /** Its wires, that to what it sends first. */
    public List<End> ends() {
        return Stream.of(sends, hears).flatMap(Optional::stream).toList();
    }

    /** Those of its wires that its format needs. */
    public List<End> needed() {
        UartRequest wish = wish(format);
        return Stream.of(sends.filter(end -> wish.heard() || wish.oneWire()), hears.filter(end -> wish.spokenTo()))
                .flatMap(Optional::stream)
                .toList();
    }

    public UartRequest wish(Format speaks) {
        return new UartRequest(label(), job(), speaks, spoken.highV() > HIGH_V, "");
    }
}

package ablemedic.serial;

import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLines;
import ablemedic.wiring.SerialPad;
import java.util.List;

/** Another UART for a line of a craft, where the FC has a free one that speaks its format. */
final class FreeUart {
    private FreeUart() {}

    /** What is wired and set to have it on another UART than its own; empty where none is free that speaks it. */
    static List<String> wired(CraftLines lines, CraftLine line) {
        return besides(lines, line, lines.portOf(line).orElse(""));
    }

    /** The same for a line that can't work as it is wired: its own UART counts too. */
    static List<String> planned(CraftLines lines, CraftLine line) {
        return besides(lines, line, "");
    }

    private static List<String> besides(CraftLines lines, CraftLine line, String failed) {
        List<String> taken = lines.joined().stream()
                .filter(other -> !other.equals(line))
                .flatMap(other -> lines.pads(other).stream())
                .map(SerialPad::uart)
                .distinct()
                .toList();
        return UartPlanner.elsewhere(lines.board(), line.wish(line.format()), taken, failed);
    }
}

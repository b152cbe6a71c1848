package ablemedic.serial;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Facet;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLines;

/** What is seen of a craft's lines as a whole, made once for what an owner tells and for what a check looks at. */
final class SeenOfLines {
    private SeenOfLines() {}

    static Facet<Craft, Telemetry> telemetry(CraftLines lines) {
        return Facet.of("telemetry-shown", craft -> Telemetry.of(lines, craft));
    }

    static Facet<Craft, SerialChecks.Positioning> satellites(CraftLines lines, CraftLine line) {
        return Facet.of("satellites", craft -> SerialChecks.positioning(lines, line, craft, false));
    }

    static Facet<Craft, String> computer(CraftLines lines) {
        return Facet.of("usb-as-listed", craft -> SerialChecks.listed(lines, craft));
    }
}

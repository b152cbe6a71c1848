package ablemedic.serial;

import ablemedic.capture.CaptureReport;
import ablemedic.craft.Craft;
import ablemedic.protocol.Format;
import ablemedic.uart.CraftLines;
import ablemedic.wiring.SerialPad;
import java.util.Optional;

/** What a recording of a pad says to the check that asked for a look at that pad. */
final class RecordedPad {
    /** Two clocks further apart do not understand one another; see {@link BaudError}. */
    private static final double RATE_FITS = 0.03;
    /** A recording of which more is broken is no sound line. */
    private static final double SPOILT = 0.2;

    private RecordedPad() {}

    /**
     * The outcome of a check for a recording.
     *
     * @param sound the craft as it should be
     * @return the outcome's id; nothing where the check is none that a recording answers
     */
    static Optional<String> outcome(Craft sound, String checkId, CaptureReport report) {
        return CraftLines.of(sound).flatMap(lines -> lines.joined().stream()
                .flatMap(line -> line.needed().stream()
                        .filter(end -> lines.pad(end.boardPad())
                                .map(RecordedPad::check)
                                .filter(checkId::equals)
                                .isPresent())
                        .map(end -> seen(
                                line.format(), lines.joined(line, sound, false).baud(), report)))
                .findFirst());
    }

    /** Whether a check of a kind is answered by a recording. */
    static boolean answers(String kind) {
        return kind.equals(SerialChecks.SIGNAL);
    }

    static String check(SerialPad pad) {
        return SerialChecks.SIGNAL + "-" + pad.name();
    }

    /** What is seen, where a format of this rate should be. */
    static String seen(Format format, int baud, CaptureReport report) {
        if (report.carried().isEmpty() && report.edges() == 0 && report.serial().isEmpty()) {
            return "still";
        }
        boolean broken = report.serial()
                .filter(serial -> serial.wrongBytes() > SPOILT * serial.bytes())
                .isPresent();
        boolean failing = report.carried()
                .filter(carried -> carried.bad() > SPOILT * (carried.good() + carried.bad()))
                .isPresent();
        if (broken || failing) {
            return "spoilt";
        }
        Optional<Format> found = report.carried().map(CaptureReport.Carried::format);
        if (found.isPresent() && found.get() != format) {
            return "other";
        }
        if (report.serial().isEmpty()) {
            return found.isPresent() ? "right" : "spoilt";
        }
        CaptureReport.Serial serial = report.serial().get();
        boolean rateFits = Math.abs(serial.baud() / baud - 1) <= RATE_FITS;
        boolean framed = format.framing().filter(serial.framing()::equals).isPresent();
        if (found.isEmpty() && !framed) {
            return "other";
        }
        if (serial.inverted() != format.inverted()) {
            return "turned";
        }
        return rateFits ? "right" : "rate";
    }
}

package ablemedic.serial;

import ablemedic.capture.CaptureReport;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.family.Complaint;
import ablemedic.family.Family;
import ablemedic.family.FamilyWords;
import ablemedic.family.Instrument;
import ablemedic.handbook.Handbook.Chapter;
import ablemedic.handbook.Handbook.Page;
import ablemedic.protocol.Format;
import ablemedic.reading.Meter;
import ablemedic.requirement.Requirement;
import ablemedic.uart.CraftLines;
import java.util.List;
import java.util.Optional;

/** The family of serial wiring and telemetry: what can be worked out of a line. */
public final class Serial {
    static final FamilyWords WORDS = FamilyWords.beside(Serial.class);

    private static final String TITLE = "Serial wiring";
    private static final List<Page> PAGES = WORDS.pages(TITLE, Chapter.FAULTS, Chapter.CHECKS, Chapter.FORMATS);

    public static final Family FAMILY = new Family() {
        @Override
        public String id() {
            return "serial";
        }

        @Override
        public String title() {
            return TITLE;
        }

        @Override
        public boolean isAnsweredByRecording(String kind) {
            return RecordedPad.answers(kind);
        }

        @Override
        public Optional<String> outcomeOf(CaptureReport recording, String checkId, Craft sound) {
            return RecordedPad.outcome(sound, checkId, recording);
        }

        @Override
        public List<Page> pages() {
            return PAGES;
        }

        @Override
        public List<Instrument> instruments() {
            return List.of(
                    new Instrument(
                            "capture",
                            "Capture",
                            "Drop what an analyser or an oscilloscope recorded: level, rate, framing, format, what it carries, what that means."),
                    new Instrument(
                            "port-planner",
                            "Port planner",
                            "These parts on this board: which pad and port for each, what to set, and which wishes cannot be had together."),
                    new Instrument(
                            "two-ends",
                            "Two ends of a line",
                            "A part, the pads that it is joined to and what the port is told: whether they understand one another, and what puts it right."),
                    new Instrument(
                            "signal-pad",
                            "Meter on a signal pad",
                            "What a meter shows on a line that sends a format, and which formats a shown voltage speaks for."),
                    new Instrument(
                            "modem-chain",
                            "Modem chain",
                            "Board, modem, air, modem, ground station: what is wrong at which hop, how full each is, what to enter at each box."),
                    new Instrument(
                            "byte-budget",
                            "Byte budget",
                            "Messages and their rates against every hop of the way: which one is too slow, and by how much."),
                    new Instrument(
                            "baud-error",
                            "Baud error from a clock",
                            "What rate a clock can really make, how far the two ends drift apart, and whether a byte survives that."),
                    new Instrument(
                            "channel-numbers",
                            "Channel and auxiliary numbers",
                            "Which auxiliary channel a channel of the radio is, and whether the line carries it at all."));
        }

        @Override
        public Book<Craft> book(Craft craft, Meter meter) {
            Craft sound = sound(craft);
            return CraftLines.of(sound)
                    .map(lines -> new Book<>(SerialFaults.of(sound, lines), SerialChecks.of(sound, lines)))
                    .orElseGet(() -> new Book<>(List.of(), List.of()));
        }

        @Override
        public List<Requirement> requirements() {
            return SerialRequirements.ALL;
        }

        @Override
        public List<Complaint> complaints(Craft craft, Meter meter, Check<Craft> flight) {
            Craft sound = sound(craft);
            return CraftLines.of(sound)
                    .map(lines -> SerialComplaints.of(lines, SerialChecks.of(sound, lines)))
                    .orElse(List.of());
        }
    };

    private Serial() {}

    private static Craft sound(Craft craft) {
        return craft.withElectrics(craft.electrics().sound());
    }

    /** The page of the handbook that tells of a format. */
    public static String page(Format format) {
        return "format-" + format.id();
    }
}

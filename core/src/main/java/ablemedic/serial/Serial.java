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

    private static final String TITLE = WORDS.name("serial").title().plain();
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
            return WORDS.instruments();
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

package ablemedic.power;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Survey;
import ablemedic.family.Complaint;
import ablemedic.family.Family;
import ablemedic.family.FamilyWords;
import ablemedic.family.Instrument;
import ablemedic.family.PrePowerConvention;
import ablemedic.handbook.Handbook.Chapter;
import ablemedic.handbook.Handbook.Page;
import ablemedic.reading.Meter;
import ablemedic.requirement.Requirement;
import ablemedic.wiring.Wiring;
import java.util.List;

/** The family of power and voltage: what it adds to the book of a craft, which depends on how the craft is wired. */
public final class Power {
    static final FamilyWords WORDS = FamilyWords.beside(Power.class);

    private static final String TITLE = WORDS.name("power").title().plain();
    private static final List<Page> PAGES = WORDS.pages(TITLE, Chapter.FAULTS, Chapter.CHECKS);

    public static final Family FAMILY = new Family() {
        @Override
        public String id() {
            return "power";
        }

        @Override
        public String title() {
            return TITLE;
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
            return Power.book(craft, meter);
        }

        @Override
        public List<Check<Craft>> prePowerRoutine(Craft craft, Meter meter, PrePowerConvention convention) {
            return PrePowerChecks.of(craft, meter, convention);
        }

        @Override
        public List<Requirement> requirements() {
            return PowerRequirements.ALL;
        }

        @Override
        public List<Complaint> complaints(Craft craft, Meter meter, Check<Craft> flight) {
            return Power.complaints(craft, meter, flight);
        }
    };

    private Power() {}

    /** The book of a craft wired like this, for a technician with this meter; empty for a craft without a sheet. */
    public static Book<Craft> book(Craft craft, Meter meter) {
        if (craft.electrics().sheet().isEmpty()) {
            return new Book<>(List.of(), List.of());
        }
        Craft sound = sound(craft);
        Wiring wiring = sound.electrics().wiring();
        List<Survey<Craft>> surveys = List.of(
                new ProbeSurvey(Probe.Mode.OHMS, wiring, meter), new ProbeSurvey(Probe.Mode.VOLTS, wiring, meter));
        return new Book<>(PowerFaults.of(sound), PowerChecks.of(sound, meter), surveys);
    }

    /**
     * What an owner can complain of.
     *
     * @param flight the flight that proves what shows only in the air
     */
    public static List<Complaint> complaints(Craft craft, Meter meter, Check<Craft> flight) {
        return craft.electrics().sheet().isEmpty() ? List.of() : PowerComplaints.of(sound(craft), meter, flight);
    }

    private static Craft sound(Craft craft) {
        return craft.withElectrics(craft.electrics().sound());
    }
}

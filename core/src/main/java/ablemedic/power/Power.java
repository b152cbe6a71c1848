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

    private static final String TITLE = "Power and voltage";
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
            return List.of(
                    new Instrument(
                            "read-here",
                            "What should I read here?",
                            "Two points of a craft: what the meter shows when all is well, and under each fault that changes it."),
                    new Instrument(
                            "scale-from-readings",
                            "Scale from readings",
                            "One or two readings against the meter: what is behind a wrong voltage, and the scale to enter."),
                    new Instrument(
                            "sense-chain",
                            "Sense chain",
                            "From the pack over divider and converter to the number on the screen."),
                    new Instrument(
                            "pack",
                            "Pack",
                            "Sag, resistance, usable charge, when to land, and when the cells are guessed wrong."),
                    new Instrument(
                            "rail-budget",
                            "Rail budget",
                            "What hangs on each regulator of a craft, what is to spare, and what a poor part does."),
                    new Instrument(
                            "lead-drop",
                            "Lead drop",
                            "The voltage lost in a lead by gauge and length, and the thinnest gauge that will do."),
                    new Instrument(
                            "limiter-bulb",
                            "Limiter bulb",
                            "Whether a bulb in series with the pack glows, shines or stays dark."),
                    new Instrument(
                            "meter",
                            "Your meter",
                            "Its accuracy and leads. Every reading that is predicted goes through it."));
        }

        @Override
        public Book<Craft> book(Craft craft, Meter meter) {
            return Power.book(craft, meter);
        }

        @Override
        public List<Check<Craft>> prePowerRoutine(Craft craft, Meter meter, PrePowerConvention school) {
            return PrePowerChecks.of(craft, meter, school);
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

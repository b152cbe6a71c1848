package ablemedic.bench;

import ablemedic.Families;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Occasion;
import ablemedic.family.Complaint;
import ablemedic.reading.Meter;
import ablemedic.simulation.SimulatedBody;
import ablemedic.simulation.SimulatedCraft;
import ablemedic.simulation.SimulatedTechnician;
import ablemedic.simulation.SimulatedTechnician.Habit;
import ablemedic.simulation.SimulatedTechnician.Walk;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.SplittableRandom;
import java.util.stream.Stream;

/**
 * Patients of one craft: unlike its sheet in what is guessed, seen with a meter that reads off and by somebody who is
 * wrong now and then. Every patient has one occasion and one fault; a fault comes as often as its odds after that
 * occasion say, three times more or less, since the odds are guesses too. The same number gives the same patient.
 */
final class Patients {
    private static final double WRONG_OBSERVATIONS = 0.05;
    private static final double METER = 1.008;

    private final String craftId;
    private final Craft craft;
    private final Book<Craft> book;
    private final Diagnosis<Craft> diagnosis;
    private final List<Complaint> complaints;
    private final long seed;

    Patients(String craftId, Craft craft, long seed) {
        this.craftId = craftId;
        this.craft = craft;
        this.book = Families.book(craft, Meter.USUAL);
        this.diagnosis = new Diagnosis<>(book, Assumptions.USUAL);
        this.complaints = Families.complaints(craft, Meter.USUAL);
        this.seed = seed;
    }

    /** Who came to the bench, and with what complaint. */
    record Drawn(Fault<Craft> fault, Complaint complaint, Occasion occasion, long seed) {}

    /** How one of them was worked up, by the name of the fault. */
    record Walked(String fault, Walk walk) {}

    String craftId() {
        return craftId;
    }

    Craft craft() {
        return craft;
    }

    Diagnosis<Craft> diagnosis() {
        return diagnosis;
    }

    List<Complaint> complaints() {
        return complaints;
    }

    /** Those faults of the book that an owner would complain of. */
    boolean shows(Fault<Craft> fault) {
        return complaint(fault).isPresent();
    }

    /** A patient with one of these faults. */
    Drawn draw(List<Fault<Craft>> faults, int number) {
        long drawnFrom = mixed(seed + 31L * craftId.hashCode() + number);
        Random random = new Random(drawnFrom);
        Occasion occasion = Occasion.values()[random.nextInt(Occasion.values().length)];
        return Stream.generate(() -> FaultDraw.of(faults, occasion, random))
                .flatMap(fault ->
                        complaint(fault).map(complaint -> new Drawn(fault, complaint, occasion, drawnFrom)).stream())
                .findFirst()
                .orElseThrow();
    }

    /**
     * Neighbouring seeds of {@link Random} begin alike: unmixed, all patients of a craft came after the same occasion.
     */
    private static long mixed(long number) {
        return new SplittableRandom(number).nextLong();
    }

    /** A patient with any fault of the book. */
    Drawn draw(int number) {
        return draw(book.faults(), number);
    }

    Walked walk(Drawn drawn, Habit habit) {
        return walk(drawn, diagnosis, habit);
    }

    /** The work-up of a patient by whom the book has no fault of this kind. */
    Walked walkForeign(Drawn drawn) {
        return walk(
                drawn,
                new Diagnosis<>(
                        new Book<>(
                                book.faults().stream()
                                        .filter(fault -> !fault.kind()
                                                .equals(drawn.fault().kind()))
                                        .toList(),
                                book.checks(),
                                book.surveys()),
                        Assumptions.USUAL),
                Habit.PLAN);
    }

    /** The work-up of a patient whose record is wrong. */
    Walked walkMisrecorded(int number) {
        long drawnFrom = mixed(seed + 31L * craftId.hashCode() + number);
        Misrecorded.Drawn drawn = Misrecorded.draw(craft, drawnFrom);
        Walk walk = walk(
                new SimulatedCraft<>(drawn.sheet(), drawn.body(), drawn.faults(), WRONG_OBSERVATIONS, METER),
                drawn.diagnosis(),
                drawn.complaint(),
                drawn.occasion(),
                Habit.PLAN,
                drawnFrom);
        return new Walked(drawn.said(), walk);
    }

    private Walked walk(Drawn drawn, Diagnosis<Craft> by, Habit habit) {
        SimulatedCraft<Craft> patient = new SimulatedCraft<>(
                craft, SimulatedBody.of(craft, drawn.seed()), List.of(drawn.fault()), WRONG_OBSERVATIONS, METER);
        return new Walked(
                drawn.fault().id(), walk(patient, by, drawn.complaint(), drawn.occasion(), habit, drawn.seed()));
    }

    private static Walk walk(
            SimulatedCraft<Craft> patient,
            Diagnosis<Craft> by,
            Complaint complaint,
            Occasion occasion,
            Habit habit,
            long seed) {
        return new SimulatedTechnician<>(by, complaint.seen(), complaint.proof().get(0), complaint::isFine)
                .workUp(patient, occasion, habit, seed);
    }

    /** The first complaint that an owner of a craft with this fault would make, and not of a sound one like it. */
    private Optional<Complaint> complaint(Fault<Craft> fault) {
        Craft faulty = fault.applyTo(craft);
        return complaints.stream()
                .filter(complaint -> complaint.isMadeOf(faulty) && !complaint.isMadeOf(craft))
                .findFirst();
    }
}

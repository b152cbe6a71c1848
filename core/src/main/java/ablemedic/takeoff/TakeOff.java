package ablemedic.takeoff;

import ablemedic.catalogue.Text;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Prediction;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Repair;
import ablemedic.family.Complaint;
import ablemedic.family.Family;
import ablemedic.family.Instrument;
import ablemedic.handbook.Handbook.Chapter;
import ablemedic.handbook.Handbook.Page;
import ablemedic.reading.Meter;
import ablemedic.requirement.Requirement;
import java.util.List;
import java.util.Optional;

/** The family of take-off: what it adds to the book. */
public final class TakeOff {
    private static final Book<Craft> BOOK = new Book<>(TakeOffFaults.all(), TakeOffChecks.all());

    private static final String TITLE =
            TakeOffWords.WORDS.name("take-off").title().plain();
    private static final List<Page> PAGES = TakeOffWords.WORDS.pages(TITLE, Chapter.FAULTS, Chapter.CHECKS);

    public static final Family FAMILY = new Family() {
        @Override
        public String id() {
            return "take-off";
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
            return TakeOffWords.WORDS.instruments();
        }

        @Override
        public Book<Craft> book(Craft craft, Meter meter) {
            return BOOK;
        }

        @Override
        public List<Requirement> requirements() {
            return TakeOffRequirements.ALL;
        }

        @Override
        public List<Complaint> complaints(Craft craft, Meter meter, Check<Craft> flight) {
            return List.of(complaint(), Shaking.complaint(flight));
        }

        @Override
        public Optional<Check<Craft>> flight() {
            return Optional.of(hover());
        }

        @Override
        public List<Check<Craft>> beforeFlight(Craft sound, List<Repair<Craft>> repairs, boolean flipped) {
            Check<Craft> motors = BOOK.check(TakeOffChecks.MOTORS).orElseThrow();
            Check<Craft> tilts = BOOK.check(TakeOffChecks.TILTS).orElseThrow();
            if (flipped) {
                return List.of(BOOK.check(TakeOffChecks.PROPS).orElseThrow(), tilts, motors);
            }
            return repairs.stream().anyMatch(repair -> turned(sound, repair))
                    ? List.of(tilts, motors)
                    : List.of(motors);
        }

        @Override
        public boolean crashed(Check<Craft> check, Reading reading) {
            String manner = check.id().equals(TakeOffChecks.HOVER)
                    ? "seen"
                    : check.id().equals(TakeOffSeen.ID) ? TakeOffSeen.MANNER_QUESTION : "";
            return reading instanceof Chosen chosen
                    && TakeOffSeen.id(Sight.Manner.FLIPS)
                            .equals(chosen.outcomes().get(manner));
        }
    };

    private TakeOff() {}

    /** Whether a repair turned the board, or what it was told of how it sits. */
    private static boolean turned(Craft sound, Repair<Craft> repair) {
        Craft faulty = repair.fault().applyTo(sound);
        Craft fixed = repair.fix().applyTo(faulty);
        return !faulty.mounted().equals(fixed.mounted())
                || !faulty.misalignment().equals(fixed.misalignment());
    }

    public static Book<Craft> book() {
        return BOOK;
    }

    /** The complaint that opens a work-up of this family; the hover proves it cured. */
    public static Complaint complaint() {
        Text label = TakeOffWords.WORDS.complaint(TakeOffSeen.ID).title();
        return new Complaint(
                TakeOffSeen.ID,
                label,
                seen(),
                Optional.of(Complaint.amiss(
                        TakeOffSeen.ID,
                        label,
                        Prediction.from(Sightings.FLIGHT, TakeOffSeen::outlook),
                        TakeOffSeen.FINE)),
                Optional.of(TakeOffSeen.FINE),
                List.of(hover()));
    }

    /** The complaint as it was seen; a work-up opens with its reading. */
    public static Check<Craft> seen() {
        return BOOK.check(TakeOffSeen.ID).orElseThrow();
    }

    /** The flight that proves a craft. */
    public static Check<Craft> hover() {
        return BOOK.check(TakeOffChecks.HOVER).orElseThrow();
    }

    /** The faults that look most like these at take-off, the most alike first, with the likeness from 0 to 1. */
    public static List<Lookalike> lookalikes(Craft sound, Craft faulty, double atLeast) {
        return BOOK.faults().stream()
                .filter(fault -> !fault.applyTo(sound).equals(faulty))
                .map(fault -> new Lookalike(fault, Likeness.of(faulty, fault.applyTo(sound))))
                .filter(like -> like.likeness() >= atLeast)
                .sorted((a, b) -> Double.compare(b.likeness(), a.likeness()))
                .toList();
    }

    /** A fault and how alike its take-off looks. */
    public record Lookalike(Fault<Craft> fault, double likeness) {}
}

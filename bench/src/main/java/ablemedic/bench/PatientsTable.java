package ablemedic.bench;

import ablemedic.Specialities;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Proof;
import ablemedic.diagnosis.Technician;
import ablemedic.diagnosis.Technician.Habit;
import ablemedic.diagnosis.Technician.Patient;
import ablemedic.diagnosis.Technician.Walk;
import ablemedic.reading.Meter;
import ablemedic.speciality.Complaint;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * How the plan fares on a bench that is not the model: crafts unlike their sheets in what is guessed, a meter that reads off,
 * observations that are wrong, and faults that the book does not hold, which is tried by leaving one kind of fault out of it.
 */
final class PatientsTable {
  private static final long SEED = 2026;
  private static final double WRONG_OBSERVATIONS = 0.05;
  private static final double METER = 1.008;

  private final Map<String, Craft> crafts;
  private final int every;

  /** @param every one in so many faults is taken */
  PatientsTable(Map<String, Craft> crafts, int every) {
    this.crafts = crafts;
    this.every = every;
  }

  void print() {
    Sum ofTheBook = new Sum();
    Sum foreign = new Sum();
    crafts.forEach((mark, craft) -> {
      Book<Craft> book = Specialities.book(craft, Meter.USUAL);
      walks(mark + ", faults of the book", ofTheBook, book, craft, sample(book.faults()));
      Map<String, Fault<Craft>> kinds = new LinkedHashMap<>();
      book.faults().forEach(fault -> kinds.putIfAbsent(fault.kind(), fault));
      Sum own = new Sum();
      sample(new ArrayList<>(kinds.values())).parallelStream().map(fault -> walk(without(book, fault.kind()), craft, fault))
          .flatMap(Optional::stream).toList().forEach(own::add);
      own.print(mark + ", foreign faults");
      foreign.add(own);
    });
    ofTheBook.print("all, faults of the book");
    foreign.print("all, foreign faults");
    System.out.printf(Locale.ROOT, "  right fix %.1f %% (98)   wrong fix at 92 %% %.1f %% (2)   right of those believed at 90 to 95 %%: %.0f %%"
        + " of %d (85 to 98)   foreign left to the book's outside %.0f %% (80)%n", 100.0 * ofTheBook.solved / ofTheBook.walks,
        100.0 * ofTheBook.wrongFixes / ofTheBook.walks, 100.0 * ofTheBook.calibratedRight / Math.max(1, ofTheBook.calibrated),
        ofTheBook.calibrated, 100.0 * foreign.gaveUp / foreign.walks);
  }

  private void walks(String what, Sum all, Book<Craft> book, Craft craft, List<Fault<Craft>> faults) {
    Diagnosis<Craft> diagnosis = new Diagnosis<>(book, Assumptions.USUAL);
    Sum own = new Sum();
    faults.parallelStream().map(fault -> walk(diagnosis, craft, fault)).flatMap(Optional::stream).toList().forEach(own::add);
    own.print(what);
    all.add(own);
  }

  private <T> List<T> sample(List<T> all) {
    List<T> taken = new ArrayList<>();
    for (int i = 0; i < all.size(); i += every) {
      taken.add(all.get(i));
    }
    return taken;
  }

  private static Diagnosis<Craft> without(Book<Craft> book, String kind) {
    return new Diagnosis<>(new Book<>(book.faults().stream().filter(fault -> !fault.kind().equals(kind)).toList(), book.checks(),
        book.surveys()), Assumptions.USUAL);
  }

  /** A work-up of the first complaint that an owner would make; nothing where an owner would see nothing. */
  private static Optional<Walked> walk(Diagnosis<Craft> diagnosis, Craft craft, Fault<Craft> fault) {
    Craft faulty = fault.applyTo(craft);
    long seed = SEED + fault.id().hashCode();
    Patient<Craft> patient = new Patient<>(craft, Unlike.craft(craft, seed), List.of(fault), WRONG_OBSERVATIONS, METER);
    return Specialities.complaints(craft, Meter.USUAL).stream()
        .filter(c -> !Proof.expected(c.seen(), faulty).equals(Proof.expected(c.seen(), craft))).findFirst()
        .map(complaint -> new Walked(fault.id(), new Technician<>(diagnosis, complaint.seen(), complaint.proof().get(0))
            .workUp(patient, Occasion.CRASH, Habit.PLAN, seed)));
  }

  private record Walked(String fault, Walk walk) {}

  /** What the walks come to. */
  private static final class Sum {
    private int walks;
    private int solved;
    private int gaveUp;
    private int wrongFixes;
    private int calibrated;
    private int calibratedRight;
    private double checks;
    private double minutes;
    private final List<String> missed = new ArrayList<>();

    void add(Walked walked) {
      Walk walk = walked.walk();
      walks++;
      solved += walk.solved() ? 1 : 0;
      gaveUp += walk.gaveUp() ? 1 : 0;
      wrongFixes += walk.wrongFixes().size();
      walk.wrongFixes().forEach(wrong -> missed.add(walked.fault() + " taken for " + wrong));
      calibrated += walk.calibrated().size();
      calibratedRight += (int) walk.calibrated().stream().filter(right -> right).count();
      checks += walk.checks();
      minutes += walk.minutes();
      if (!walk.solved()) {
        missed.add(walked.fault() + (walk.gaveUp() ? " (given up)" : ""));
      }
    }

    void add(Sum other) {
      walks += other.walks;
      solved += other.solved;
      gaveUp += other.gaveUp;
      wrongFixes += other.wrongFixes;
      calibrated += other.calibrated;
      calibratedRight += other.calibratedRight;
      checks += other.checks;
      minutes += other.minutes;
      missed.addAll(other.missed);
    }

    void print(String what) {
      System.out.printf(Locale.ROOT, "  %-32s %4d walks  %5.2f checks  %5.1f min  solved %d  given up %d  wrong fixes %d  %s%n", what,
          walks, checks / walks, minutes / walks, solved, gaveUp, wrongFixes, missed.size() > 8 ? missed.size() + " missed"
              : String.join(" ", missed));
    }
  }
}

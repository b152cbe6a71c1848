package ablemedic.bench;

import ablemedic.Specialities;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Technician;
import ablemedic.diagnosis.Technician.Habit;
import ablemedic.diagnosis.Technician.Patient;
import ablemedic.diagnosis.Technician.Walk;
import ablemedic.reading.Meter;
import ablemedic.speciality.Complaint;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * How the plan fares on a bench that is not the model: crafts unlike their sheets in what is guessed, a meter that reads off,
 * observations that are wrong, and faults that the book does not hold, which is tried by leaving one kind of fault out of it.
 * Every patient has one occasion and one fault; a fault comes as often as its odds after that occasion say, three times more
 * or less, since the odds are guesses too. Drawn without regard to odds, no belief could be told from a wish: a belief speaks of
 * what comes to the bench.
 */
final class PatientsTable {
  private static final double WRONG_OBSERVATIONS = 0.05;
  private static final double METER = 1.008;

  private final Map<String, Craft> crafts;
  private final int patients;
  private final long seed;

  /**
   * @param patients of each craft; a third as many have a foreign fault
   * @param seed     other seeds draw other patients
   */
  PatientsTable(Map<String, Craft> crafts, int patients, long seed) {
    this.crafts = crafts;
    this.patients = patients;
    this.seed = seed;
  }

  void print() {
    List<Walked> ofTheBook = new ArrayList<>();
    List<Walked> foreign = new ArrayList<>();
    crafts.forEach((mark, craft) -> {
      Book<Craft> book = Specialities.book(craft, Meter.USUAL);
      Diagnosis<Craft> diagnosis = new Diagnosis<>(book, Assumptions.USUAL);
      ofTheBook.addAll(walks(mark + ", faults of the book", craft, book, patients, fault -> diagnosis));
      foreign.addAll(walks(mark + ", foreign faults", craft, book, patients / 3, fault -> without(book, fault.kind())));
    });
    line("all, faults of the book", ofTheBook);
    line("all, foreign faults", foreign);
    List<Boolean> calibrated = ofTheBook.stream().flatMap(walked -> walked.walk().calibrated().stream()).toList();
    System.out.printf(Locale.ROOT, "  right fix %.1f %% (98)   wrong fix at 92 %% %.1f %% (2)   right of those believed at 90 to 95 %%: %.0f %%"
        + " of %d (85 to 98)   of the foreign that no fix cured, left to the book's outside %.0f %% (80)%n", share(ofTheBook, Walk::solved),
        100.0 * wrongFixes(ofTheBook) / ofTheBook.size(), 100.0 * calibrated.stream().filter(right -> right).count()
            / Math.max(1, calibrated.size()), calibrated.size(), share(foreign.stream().filter(walked -> !walked.walk().solved()).toList(), Walk::gaveUp));
  }

  private List<Walked> walks(String what, Craft craft, Book<Craft> book, int count, Function<Fault<Craft>, Diagnosis<Craft>> reasoning) {
    List<Complaint> complaints = Specialities.complaints(craft, Meter.USUAL);
    List<Walked> walks = IntStream.range(0, count).parallel().mapToObj(number -> {
      long drawnFrom = seed + 31L * what.hashCode() + number;
      Random random = new Random(drawnFrom);
      Occasion occasion = Occasion.values()[random.nextInt(Occasion.values().length)];
      Drawn drawn = Stream.generate(() -> Unlike.fault(book.faults(), occasion, random))
          .flatMap(fault -> FamilyTable.complaint(complaints, craft, fault).map(complaint -> new Drawn(fault, complaint)).stream())
          .findFirst().orElseThrow();
      return walk(reasoning.apply(drawn.fault()), craft, drawn, occasion, drawnFrom);
    }).toList();
    line(what, walks);
    return walks;
  }

  /** A fault that shows, with the first complaint that an owner would make. */
  private record Drawn(Fault<Craft> fault, Complaint complaint) {}

  private static double share(List<Walked> walks, Predicate<Walk> which) {
    return 100.0 * count(walks, which) / walks.size();
  }

  private static long count(List<Walked> walks, Predicate<Walk> which) {
    return walks.stream().map(Walked::walk).filter(which).count();
  }

  private static int wrongFixes(List<Walked> walks) {
    return walks.stream().mapToInt(walked -> walked.walk().wrongFixes().size()).sum();
  }

  private static void line(String what, List<Walked> walks) {
    List<String> missed = walks.stream().flatMap(Walked::missed).toList();
    System.out.printf(Locale.ROOT, "  %-32s %4d walks  %5.2f checks  %5.1f min  solved %d  given up %d  wrong fixes %d  %s%n", what,
        walks.size(), walks.stream().mapToInt(w -> w.walk().checks()).average().orElse(0),
        walks.stream().mapToDouble(w -> w.walk().minutes()).average().orElse(0), count(walks, Walk::solved),
        count(walks, Walk::gaveUp), wrongFixes(walks), missed.size() > 24 ? missed.size() + " missed" : String.join(" ", missed));
  }

  private static Diagnosis<Craft> without(Book<Craft> book, String kind) {
    return new Diagnosis<>(new Book<>(book.faults().stream().filter(fault -> !fault.kind().equals(kind)).toList(), book.checks(),
        book.surveys()), Assumptions.USUAL);
  }

  private static Walked walk(Diagnosis<Craft> diagnosis, Craft craft, Drawn drawn, Occasion occasion, long seed) {
    Patient<Craft> patient = new Patient<>(craft, Unlike.craft(craft, seed), List.of(drawn.fault()), WRONG_OBSERVATIONS, METER);
    Complaint complaint = drawn.complaint();
    return new Walked(drawn.fault().id(), new Technician<>(diagnosis, complaint.seen(), complaint.proof().get(0))
        .workUp(patient, occasion, Habit.PLAN, seed));
  }

  private record Walked(String fault, Walk walk) {
    /** What went wrong, in the order in which it is told. */
    Stream<String> missed() {
      return Stream.concat(walk.wrongFixes().stream().map(wrong -> fault + " taken for " + wrong),
          walk.solved() ? Stream.empty() : Stream.of(fault + (walk.gaveUp() ? " (given up)" : "")));
    }
  }
}

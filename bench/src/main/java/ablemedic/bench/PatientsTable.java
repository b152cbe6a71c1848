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
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;

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
    List<Walked> ofTheBook = new ArrayList<>();
    List<Walked> foreign = new ArrayList<>();
    crafts.forEach((mark, craft) -> {
      Book<Craft> book = Specialities.book(craft, Meter.USUAL);
      Diagnosis<Craft> diagnosis = new Diagnosis<>(book, Assumptions.USUAL);
      ofTheBook.addAll(walks(mark + ", faults of the book", craft, book.faults(), fault -> diagnosis));
      Map<String, Fault<Craft>> kinds = new LinkedHashMap<>();
      book.faults().forEach(fault -> kinds.putIfAbsent(fault.kind(), fault));
      foreign.addAll(walks(mark + ", foreign faults", craft, new ArrayList<>(kinds.values()), fault -> without(book, fault.kind())));
    });
    line("all, faults of the book", ofTheBook);
    line("all, foreign faults", foreign);
    List<Boolean> calibrated = ofTheBook.stream().flatMap(walked -> walked.walk().calibrated().stream()).toList();
    System.out.printf(Locale.ROOT, "  right fix %.1f %% (98)   wrong fix at 92 %% %.1f %% (2)   right of those believed at 90 to 95 %%: %.0f %%"
        + " of %d (85 to 98)   foreign left to the book's outside %.0f %% (80)%n", share(ofTheBook, Walk::solved),
        100.0 * wrongFixes(ofTheBook) / ofTheBook.size(), 100.0 * calibrated.stream().filter(right -> right).count()
            / Math.max(1, calibrated.size()), calibrated.size(), share(foreign, Walk::gaveUp));
  }

  private List<Walked> walks(String what, Craft craft, List<Fault<Craft>> faults,
      Function<Fault<Craft>, Diagnosis<Craft>> reasoning) {
    List<Walked> walks = sample(faults).parallelStream().map(fault -> walk(reasoning.apply(fault), craft, fault))
        .flatMap(Optional::stream).toList();
    line(what, walks);
    return walks;
  }

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
        count(walks, Walk::gaveUp), wrongFixes(walks), missed.size() > 8 ? missed.size() + " missed" : String.join(" ", missed));
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
    long seed = SEED + fault.id().hashCode();
    Patient<Craft> patient = new Patient<>(craft, Unlike.craft(craft, seed), List.of(fault), WRONG_OBSERVATIONS, METER);
    return PowerTable.complaint(Specialities.complaints(craft, Meter.USUAL), craft, fault)
        .map(complaint -> new Walked(fault.id(), new Technician<>(diagnosis, complaint.seen(), complaint.proof().get(0))
            .workUp(patient, Occasion.CRASH, Habit.PLAN, seed)));
  }

  private record Walked(String fault, Walk walk) {
    /** What went wrong, in the order in which it is told. */
    Stream<String> missed() {
      return Stream.concat(walk.wrongFixes().stream().map(wrong -> fault + " taken for " + wrong),
          walk.solved() ? Stream.empty() : Stream.of(fault + (walk.gaveUp() ? " (given up)" : "")));
    }
  }
}

package ablemedic.bench;

import ablemedic.bench.Patients.Walked;
import ablemedic.simulation.SimulatedTechnician.Habit;
import ablemedic.simulation.SimulatedTechnician.Walk;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.IntFunction;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * How the plan fares on a bench that is not the model, over all families, and with faults that the book does not hold,
 * which is tried by leaving one kind of fault out of it. Of a tenth the record is wrong. Drawn without regard to odds,
 * no belief could be told from a wish: a belief speaks of what comes to the bench.
 */
final class PatientsTable {
    /** One in so many has a record with one or two wrong entries. */
    private static final int MISRECORDED = 10;

    private final List<Patients> crafts;
    private final int patients;

    /** @param patients of each craft; a third as many have a foreign fault */
    PatientsTable(List<Patients> crafts, int patients) {
        this.crafts = crafts;
        this.patients = patients;
    }

    void print() {
        List<Walked> ofTheBook = new ArrayList<>();
        List<Walked> foreign = new ArrayList<>();
        for (Patients all : crafts) {
            ofTheBook.addAll(walks(
                    all.craftId() + ", faults of the book",
                    patients,
                    number -> isMisrecorded(number)
                            ? all.walkMisrecorded(number)
                            : all.walk(all.draw(number), Habit.PLAN)));
            foreign.addAll(walks(
                    all.craftId() + ", foreign faults",
                    patients / 3,
                    number -> all.walkForeign(all.draw(number + patients))));
        }
        line("all, faults of the book", ofTheBook);
        line(
                "of these with a wrong record",
                IntStream.range(0, ofTheBook.size())
                        .filter(at -> isMisrecorded(at % patients))
                        .mapToObj(ofTheBook::get)
                        .toList());
        line("all, foreign faults", foreign);
        List<Boolean> calibrated = ofTheBook.stream()
                .flatMap(walked -> walked.walk().calibrated().stream())
                .toList();
        System.out.printf(
                Locale.ROOT,
                "  right fix %.1f %% (98)   wrong fix at 92 %% %.1f %% (2)   right of those believed at 90 to 95 %%: %.0f %%"
                        + " of %d (85 to 98)   of the foreign that no fix cured, left to the book's outside %.0f %% (80)%n",
                share(ofTheBook, Walk::solved),
                100.0 * wrongFixes(ofTheBook) / ofTheBook.size(),
                100.0 * calibrated.stream().filter(right -> right).count() / Math.max(1, calibrated.size()),
                calibrated.size(),
                share(foreign.stream().filter(walked -> !walked.walk().solved()).toList(), Walk::gaveUp));
    }

    private static boolean isMisrecorded(int number) {
        return number % MISRECORDED == MISRECORDED - 1;
    }

    private static List<Walked> walks(String what, int count, IntFunction<Walked> walk) {
        List<Walked> walks = IntStream.range(0, count).parallel().mapToObj(walk).toList();
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
        return walks.stream()
                .mapToInt(walked -> walked.walk().wrongFixes().size())
                .sum();
    }

    private static void line(String what, List<Walked> walks) {
        List<String> missed = walks.stream().flatMap(PatientsTable::missed).toList();
        System.out.printf(
                Locale.ROOT,
                "  %-32s %4d walks  %5.2f checks  %5.1f min  solved %d  given up %d  wrong fixes %d  %s%n",
                what,
                walks.size(),
                walks.stream().mapToInt(w -> w.walk().checks()).average().orElse(0),
                walks.stream().mapToDouble(w -> w.walk().minutes()).average().orElse(0),
                count(walks, Walk::solved),
                count(walks, Walk::gaveUp),
                wrongFixes(walks),
                missed.size() > 24 ? missed.size() + " missed" : String.join(" ", missed));
    }

    /** What went wrong, in the order in which it is told. */
    private static Stream<String> missed(Walked walked) {
        Walk walk = walked.walk();
        return Stream.concat(
                walk.wrongFixes().stream().map(wrong -> walked.fault() + " taken for " + wrong),
                walk.solved() ? Stream.empty() : Stream.of(walked.fault() + (walk.gaveUp() ? " (given up)" : "")));
    }
}

package ablemedic.bench;

import ablemedic.Specialities;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Technician;
import ablemedic.diagnosis.Technician.Habit;
import ablemedic.diagnosis.Technician.Walk;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * How a simulated technician fares by each habit. The bound is the entropy of the remedy after the complaint over the
 * most that one check can tell: no habit can do with fewer checks on the average.
 */
final class TechnicianTable {
  private static final long SEED = 2026;

  private final Map<String, Craft> crafts;

  TechnicianTable(Map<String, Craft> crafts) {
    this.crafts = crafts;
  }

  /** Sums over the walks of one habit on one craft. */
  private static final class Tally {
    int walks;
    int missed;
    double checks;
    double minutes;
    double fixes;
    double bits;

    void add(Walk walk) {
      walks++;
      missed += walk.solved() ? 0 : 1;
      checks += walk.checks();
      minutes += walk.minutes();
      fixes += walk.fixes();
      bits += walk.bits();
    }

    void add(Tally other) {
      walks += other.walks;
      missed += other.missed;
      checks += other.checks;
      minutes += other.minutes;
      fixes += other.fixes;
      bits += other.bits;
    }
  }

  void print() {
    System.out.printf("  %-8s %-10s %7s %8s %6s %7s %7s %7s%n", "craft", "habit", "checks", "minutes", "fixes",
        "missed", "bits", "bound");
    Map<Habit, Tally> all = new java.util.EnumMap<>(Habit.class);
    crafts.forEach((mark, craft) -> {
      Diagnosis<Craft> diagnosis = new Diagnosis<>(Specialities.book(), Assumptions.USUAL);
      for (Habit habit : Habit.values()) {
        Tally tally = walk(diagnosis, craft, habit);
        all.computeIfAbsent(habit, h -> new Tally()).add(tally);
        line(mark, habit, tally);
      }
    });
    all.forEach((habit, tally) -> line("all", habit, tally));
  }

  private static Tally walk(Diagnosis<Craft> diagnosis, Craft craft, Habit habit) {
    Technician<Craft> technician = new Technician<>(
        diagnosis, Specialities.complaint(), Specialities.flight(), Specialities.flies());
    Tally tally = new Tally();
    Specialities.book().faults().parallelStream()
        .map(fault -> technician.workUp(craft, List.of(fault), Occasion.BUILD, habit, SEED))
        .toList()
        .forEach(tally::add);
    return tally;
  }

  private static void line(String mark, Habit habit, Tally t) {
    double n = t.walks;
    System.out.printf(Locale.ROOT, "  %-8s %-10s %7.2f %8.1f %6.2f %7s %7.2f %7.2f%n", mark,
        habit.name().toLowerCase(Locale.ROOT).replace('_', ' '), t.checks / n, t.minutes / n, t.fixes / n,
        t.missed + "/" + t.walks, t.bits / n, t.bits / n / mostBitsOfACheck());
  }

  private static double mostBitsOfACheck() {
    return Specialities.book().checks().stream().filter(Check::explores).map(Check::answers)
        .filter(Choices.class::isInstance).mapToInt(answers -> ((Choices) answers).combinations()).max()
        .stream().mapToDouble(n -> Math.log(n) / Math.log(2)).findFirst().orElseThrow();
  }
}

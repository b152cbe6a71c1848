package ablemedic.bench;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Technician;
import ablemedic.diagnosis.Technician.Habit;
import ablemedic.takeoff.TakeOff;
import java.util.EnumMap;
import java.util.Map;

/**
 * How a simulated technician fares by each habit with the faults of take-off. The bound is the entropy of the remedy after
 * the complaint over the most that one check can tell: no habit can do with fewer checks on the average.
 */
final class TechnicianTable {
  private static final long SEED = 2026;

  private final Map<String, Craft> crafts;

  TechnicianTable(Map<String, Craft> crafts) {
    this.crafts = crafts;
  }

  void print() {
    Tally.heading();
    Map<Habit, Tally> all = new EnumMap<>(Habit.class);
    crafts.forEach((mark, craft) -> {
      Diagnosis<Craft> diagnosis = new Diagnosis<>(TakeOff.book(), Assumptions.USUAL);
      for (Habit habit : Habit.values()) {
        Tally tally = walk(diagnosis, craft, habit);
        all.computeIfAbsent(habit, h -> new Tally()).add(tally);
        tally.line(mark, habit, mostBitsOfACheck());
      }
    });
    all.forEach((habit, tally) -> tally.line("all", habit, mostBitsOfACheck()));
  }

  private static Tally walk(Diagnosis<Craft> diagnosis, Craft craft, Habit habit) {
    Technician<Craft> technician = new Technician<>(diagnosis, TakeOff.seen(), TakeOff.hover());
    Tally tally = new Tally();
    TakeOff.book().faults().parallelStream()
        .map(fault -> new Walked(fault, technician.workUp(craft, java.util.List.of(fault), Occasion.BUILD, habit, SEED)))
        .toList()
        .forEach(walked -> tally.add(walked.fault().id(), walked.walk()));
    return tally;
  }

  private record Walked(Fault<Craft> fault, Technician.Walk walk) {}

  private static double mostBitsOfACheck() {
    return TakeOff.book().checks().stream().filter(Check::explores).map(Check::answers)
        .filter(Choices.class::isInstance).mapToInt(answers -> ((Choices) answers).combinations()).max()
        .stream().mapToDouble(n -> Math.log(n) / Math.log(2)).findFirst().orElseThrow();
  }
}

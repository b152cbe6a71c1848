package ablemedic.bench;

import ablemedic.Specialities;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Proof;
import ablemedic.diagnosis.Technician;
import ablemedic.diagnosis.Technician.Habit;
import ablemedic.reading.Meter;
import ablemedic.speciality.Complaint;
import ablemedic.speciality.Speciality;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How a simulated technician fares with every fault of one family that a craft can have, each opened with the complaint that it
 * gives cause for. The two other habits take every third fault, since they walk long. The bound takes a reading of a meter
 * for one of sixteen.
 */
final class FamilyTable {
  private static final long SEED = 2026;
  private static final double BITS_OF_A_READING = 4;
  private static final int SAMPLE = 3;

  private final Map<String, Craft> crafts;
  private final Speciality family;
  private final Occasion occasion;

  /**
   * @param crafts   each stands for its layout
   * @param occasion what happened to them since they last flew right
   */
  FamilyTable(Map<String, Craft> crafts, Speciality family, Occasion occasion) {
    this.crafts = crafts;
    this.family = family;
    this.occasion = occasion;
  }

  void print() {
    Tally.heading();
    crafts.forEach((mark, craft) -> {
      Diagnosis<Craft> diagnosis = new Diagnosis<>(Specialities.book(craft, Meter.USUAL), Assumptions.USUAL);
      List<Fault<Craft>> faults = family.book(craft, Meter.USUAL).faults();
      List<Complaint> complaints = new ArrayList<>(Specialities.complaints(craft, Meter.USUAL));
      Collections.rotate(complaints, -1);
      for (Habit habit : Habit.values()) {
        Tally tally = new Tally();
        List<Walked> walks = faults.parallelStream()
            .filter(fault -> habit == Habit.PLAN || faults.indexOf(fault) % SAMPLE == 0)
            .flatMap(fault -> walk(diagnosis, complaints, craft, fault, habit).stream()).toList();
        walks.forEach(walked -> tally.add(walked.fault().id(), walked.walk()));
        tally.line(mark, habit, BITS_OF_A_READING);
      }
      long silent = faults.stream().filter(fault -> complaint(complaints, craft, fault).isEmpty()).count();
      System.out.printf("  %-8s %d of %d faults show in nothing that an owner would see; only a meter finds them%n", mark, silent,
          faults.size());
    });
  }

  private record Walked(Fault<Craft> fault, Technician.Walk walk) {}

  private Optional<Walked> walk(
      Diagnosis<Craft> diagnosis, List<Complaint> complaints, Craft craft, Fault<Craft> fault, Habit habit) {
    return complaint(complaints, craft, fault).map(complaint -> new Walked(fault,
        new Technician<>(diagnosis, complaint.seen(), complaint.proof().get(0))
            .workUp(craft, List.of(fault), occasion, habit, SEED)));
  }

  /** The first complaint that an owner of a craft with this fault would make. */
  static Optional<Complaint> complaint(List<Complaint> complaints, Craft craft, Fault<Craft> fault) {
    Craft faulty = fault.applyTo(craft);
    return complaints.stream()
        .filter(c -> !Proof.expected(c.seen(), faulty).equals(Proof.expected(c.seen(), craft))).findFirst();
  }
}

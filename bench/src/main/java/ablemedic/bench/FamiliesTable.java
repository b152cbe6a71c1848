package ablemedic.bench;

import ablemedic.Families;
import ablemedic.bench.Patients.Drawn;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.BenchState;
import ablemedic.diagnosis.Case;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Sureness;
import ablemedic.family.Complaint;
import ablemedic.family.Family;
import ablemedic.reading.Meter;
import ablemedic.simulation.SimulatedTechnician.Habit;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * One table over all families: patients with a fault of the family, by the plan and by the two other habits, which take
 * every third of the same patients since they walk long. The bound is the entropy of the remedy after the complaint
 * over four bits, the most that a check of sixteen outcomes tells: no habit can do with fewer checks on the average.
 * The last column is what the plan took on the complaints of that family, warm, in the middle.
 */
final class FamiliesTable {
    private static final double BITS_OF_A_CHECK = 4;
    private static final int SAMPLE = 3;
    private static final int PLANS = 5;

    private final List<Ward> wards;
    private final int patients;

    /** The crafts on which a family is tried. */
    record Ward(Family family, List<Patients> crafts) {}

    /** @param patients of each family */
    FamiliesTable(List<Ward> wards, int patients) {
        this.wards = wards;
        this.patients = patients;
    }

    void print() {
        Tally.heading();
        wards.forEach(this::print);
    }

    private void print(Ward ward) {
        for (Habit habit : Habit.values()) {
            Tally tally = new Tally();
            IntStream.range(0, patients)
                    .filter(number -> habit == Habit.PLAN || number % SAMPLE == 0)
                    .parallel()
                    .mapToObj(number -> walk(ward, number, habit))
                    .toList()
                    .forEach(walked -> tally.add(walked.fault(), walked.walk()));
            tally.line(
                    ward.family().id(),
                    habit,
                    BITS_OF_A_CHECK,
                    habit == Habit.PLAN ? String.format(Locale.ROOT, "%.1f ms", planMs(ward)) : "");
        }
    }

    private static Patients.Walked walk(Ward ward, int number, Habit habit) {
        Patients patients = ward.crafts().get(number % ward.crafts().size());
        return patients.walk(draw(ward, patients, number), habit);
    }

    private static Drawn draw(Ward ward, Patients patients, int number) {
        List<Fault<Craft>> faults = ward.family().book(patients.craft(), Meter.USUAL).faults().stream()
                .filter(patients::shows)
                .toList();
        return patients.draw(faults, number);
    }

    /** Milliseconds from a complaint to the next check, in the middle of all complaints of the family. */
    private static double planMs(Ward ward) {
        Patients patients = ward.crafts().get(0);
        double[] all = patients.complaints().stream()
                .filter(one -> isOf(ward.family(), patients.craft(), one))
                .mapToDouble(one -> planMs(patients, one))
                .sorted()
                .toArray();
        return all[all.length / 2];
    }

    private static boolean isOf(Family family, Craft craft, Complaint complaint) {
        Check<Craft> flight = Families.ALL.stream()
                .flatMap(one -> one.flight().stream())
                .findFirst()
                .orElseThrow();
        return family.complaints(craft, Meter.USUAL, flight).stream()
                .anyMatch(one -> one.id().equals(complaint.id()));
    }

    private static double planMs(Patients patients, Complaint complaint) {
        Case<Craft> opened = new Case<>(patients.craft(), Occasion.CRASH, List.of(), List.of());
        Case<Craft> known = complaint
                .amiss()
                .map(amiss -> opened.with(amiss, Reading.Chosen.of(Complaint.TRUE), Sureness.SURE))
                .orElse(opened);
        double[] all = IntStream.range(0, PLANS)
                .mapToDouble(i -> {
                    long began = System.nanoTime();
                    patients.diagnosis()
                            .planner(patients.diagnosis().posterior(known))
                            .plan(BenchState.AT_INTAKE, Set.of());
                    return (System.nanoTime() - began) / 1e6;
                })
                .sorted()
                .toArray();
        return all[PLANS / 2];
    }
}

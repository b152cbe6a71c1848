package ablemedic.bench;

import ablemedic.simulation.SimulatedTechnician.Habit;
import ablemedic.simulation.SimulatedTechnician.Walk;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Sums over the walks of one habit. */
final class Tally {
    private int walks;
    private double checks;
    private double minutes;
    private double floor;
    private double fixes;
    private double bits;
    private final List<String> missed = new ArrayList<>();

    void add(String fault, Walk walk) {
        walks++;
        checks += walk.checks();
        minutes += walk.minutes();
        floor += walk.floor();
        fixes += walk.fixes();
        bits += walk.bits();
        if (!walk.solved()) {
            missed.add(fault);
        }
    }

    static void heading() {
        System.out.printf(
                "  %-8s %-10s %7s %8s %6s %6s %7s %7s %7s  %s%n",
                "family", "habit", "checks", "minutes", "floor", "fixes", "missed", "bits", "bound", "a plan");
    }

    /**
     * A line of the table; the floor is what a proof takes on any way, the bound is the bits over the most that one
     * check can tell, the plan its time.
     */
    void line(String what, Habit habit, double mostBitsOfACheck, String plan) {
        double n = walks;
        System.out.printf(
                Locale.ROOT,
                "  %-8s %-10s %7.2f %8.1f %6.1f %6.2f %7s %7.2f %7.2f  %-8s %s%n",
                what,
                habit.name().toLowerCase(Locale.ROOT).replace('_', ' '),
                checks / n,
                minutes / n,
                floor / n,
                fixes / n,
                missed.size() + "/" + walks,
                bits / n,
                bits / n / mostBitsOfACheck,
                plan,
                habit == Habit.PLAN ? String.join(" ", missed) : "");
    }
}

package ablemedic.takeoff;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.craft.Craft;
import ablemedic.craft.FlightMode;
import ablemedic.diagnosis.Fault;
import ablemedic.takeoff.Sight.Manner;
import ablemedic.takeoff.Sight.Turn;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.BiPredicate;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The linear motion and the simulation in time tell the same of every fault, and of every two together. */
@Tag("thorough")
class TwoRoutesAgreeTest {
    /** One of each sort in the trade's table; the others are their mirror images. */
    private static final Set<String> TABLE = Set.of(
            "outputs-2134",
            "outputs-1243",
            "outputs-4231",
            "outputs-1324",
            "outputs-3214",
            "outputs-1432",
            "outputs-2341",
            "outputs-3412",
            "outputs-4123",
            "board-90",
            "board-180",
            "board-270",
            "board-upside-down",
            "motor-and-prop-reversed-front-right",
            "motor-reversed-rear-left",
            "motor-dead-front-left",
            "motor-weak-rear-right",
            "all-and-props-reversed",
            "radio-other-order",
            "level-off-right");

    /**
     * Faults that keep a foot down while the others lift; the linear motion knows no ground, so the craft may lean
     * there and go over here. It is the same way.
     */
    private static final Set<String> LIFT_LAST = Set.of("motor-late", "prop-damaged");

    private final List<Disturbance> starts =
            List.of(Disturbance.USUAL.get(1), Disturbance.USUAL.get(6), Disturbance.USUAL.get(11));

    @ParameterizedTest
    @EnumSource(FlightMode.class)
    void onEverySingleFaultOfTheBook(FlightMode mode) {
        Craft sound = Crafts.inch5(mode);
        List<String> apart = new ArrayList<>();
        for (Fault<Craft> fault : TakeOff.book().faults()) {
            compare(
                    fault.id(),
                    fault.applyTo(sound),
                    LIFT_LAST.contains(fault.kind()) ? TwoRoutesAgreeTest::sameWay : TwoRoutesAgreeTest::alike,
                    apart);
        }
        assertThat(apart).isEmpty();
    }

    @Test
    void onEveryPairOfTheTable() {
        Craft sound = Crafts.inch5(FlightMode.RATE);
        List<Fault<Craft>> table = TakeOff.book().faults().stream()
                .filter(f -> TABLE.contains(f.id()))
                .toList();
        assertThat(table).hasSameSizeAs(TABLE);
        List<String> apart = new ArrayList<>();
        int pairs = 0;
        for (int i = 0; i < table.size(); i++) {
            for (int j = i + 1; j < table.size(); j++) {
                if (!table.get(i).site().equals(table.get(j).site())) {
                    pairs++;
                    compare(
                            table.get(i).id() + " + " + table.get(j).id(),
                            table.get(j).applyTo(table.get(i).applyTo(sound)),
                            TwoRoutesAgreeTest::sameWay,
                            apart);
                }
            }
        }
        assertThat(pairs).isGreaterThan(100);
        assertThat(apart).isEmpty();
    }

    private void compare(String what, Craft craft, BiPredicate<Sight, Sight> alike, List<String> apart) {
        List<Sight> linear = new LinearMotion(craft).sights(Disturbance.USUAL);
        for (Disturbance start : starts) {
            Sight flown =
                    new TimeSimulation(craft).fly(start, LinearMotion.HORIZON_S).sight();
            if (linear.stream().noneMatch(sight -> alike.test(sight, flown))) {
                apart.add(what + ": simulated " + flown + ", linear " + Set.copyOf(linear));
            }
        }
    }

    /** It goes, or does not, and the same way: edges within an eighth of a turn. */
    private static boolean alike(Sight linear, Sight flown) {
        if (gone(linear) != gone(flown)) {
            return false;
        }
        if (linear.edge().isPresent() && flown.edge().isPresent()) {
            return linear.edge().get().apart(flown.edge().get()) <= 1;
        }
        return linear.manner() == flown.manner();
    }

    /**
     * Two faults can saturate the motors, which the linear motion does not see: one that spins hard has no thrust left
     * to go over with, one with two weak corners leans where it would fall. The way it goes is still the same.
     */
    private static boolean sameWay(Sight linear, Sight flown) {
        if (linear.edge().isPresent() && flown.edge().isPresent()) {
            return linear.edge().get().apart(flown.edge().get()) <= 1;
        }
        return linear.manner() == flown.manner() || flown.spin() != Turn.NONE && linear.spin() == flown.spin();
    }

    /** Out of hand, against kept in hand. */
    private static boolean gone(Sight sight) {
        return sight.manner() != Manner.FLIES && sight.manner() != Manner.SLIDES;
    }
}

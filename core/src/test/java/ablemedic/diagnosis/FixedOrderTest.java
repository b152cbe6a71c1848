package ablemedic.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.Families;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.takeoff.TakeOff;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("thorough")
class FixedOrderTest {
    private static final Craft SOUND = Families.anyCraft();
    private static final Book<Craft> BOOK = TakeOff.book();

    private static List<Check<Craft>> planned() {
        return BOOK.checks().stream().filter(Check::planned).toList();
    }

    /**
     * Independent route: after that many minutes no fault of another remedy gives all that was seen, and one check
     * earlier one still does.
     */
    @Test
    void theMinutesEndWithTheCheckThatLeavesOneRemedy() {
        for (Fault<Craft> fault : BOOK.faults()) {
            double minutes = FixedOrder.minutes(BOOK.checks(), SOUND, fault, BOOK.faults());
            List<Check<Craft>> made = new ArrayList<>();
            double sum = 0;
            for (Check<Craft> check : planned()) {
                if (sum < minutes - 1e-9) {
                    sum += check.minutes();
                    made.add(check);
                }
            }
            assertThat(sum).as("whole checks").isCloseTo(minutes, within(1e-9));
            List<Fault<Craft>> alike = alike(fault, made);
            assertThat(alike).as(fault.id() + ": more checks clear nobody else").isEqualTo(alike(fault, planned()));
            if (!made.isEmpty()) {
                assertThat(alike(fault, made.subList(0, made.size() - 1)))
                        .as(fault.id())
                        .hasSizeGreaterThan(alike.size());
            }
        }
    }

    /** Those of another remedy that every check shows like this fault. */
    private static List<Fault<Craft>> alike(Fault<Craft> fault, List<Check<Craft>> made) {
        return BOOK.faults().stream()
                .filter(other -> !other.fixes(SOUND)
                        .get(0)
                        .remedy()
                        .equals(fault.fixes(SOUND).get(0).remedy()))
                .filter(other -> made.stream().allMatch(check -> Proof.expected(check, other.applyTo(SOUND))
                        .equals(Proof.expected(check, fault.applyTo(SOUND)))))
                .toList();
    }

    @Test
    void whoSuspectsOnlyTheFaultNeedsNoCheck() {
        Fault<Craft> fault = BOOK.fault("prop-hand-front-left").orElseThrow();
        assertThat(FixedOrder.minutes(BOOK.checks(), SOUND, fault, List.of(fault)))
                .isZero();
        assertThat(FixedOrder.minutes(List.of(), SOUND, fault, BOOK.faults())).isZero();
    }

    @Test
    void onlyTheChecksBeforeTheLastFixCount() {
        Fault<Craft> fault = BOOK.fault("prop-hand-front-left").orElseThrow();
        Check<Craft> look = BOOK.check("prop-front-left").orElseThrow();
        Case<Craft> opened = new Case<>(SOUND, Occasion.PART_SWAP, List.of(), List.of());
        assertThat(FixedOrder.took(opened)).isZero();
        Case<Craft> looked = opened.with(look, Chosen.of("ccw"), Sureness.SURE);
        Case<Craft> proven =
                looked.withRepair(fault, fault.fixes(SOUND).get(0)).with(look, Chosen.of("cw"), Sureness.SURE);
        assertThat(FixedOrder.took(looked)).isCloseTo(look.minutes(), within(1e-9));
        assertThat(FixedOrder.took(proven)).as("the proof is no search").isCloseTo(look.minutes(), within(1e-9));
    }
}

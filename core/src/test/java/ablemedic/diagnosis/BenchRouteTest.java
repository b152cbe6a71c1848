package ablemedic.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.diagnosis.BenchState.ShortTest;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("thorough")
class BenchRouteTest {
    private static final List<BenchNeeds> ALL_NEEDS = List.of(
            BenchNeeds.NOTHING,
            BenchNeeds.BATTERY_OUT,
            BenchNeeds.UNPOWERED,
            BenchNeeds.POWERED,
            BenchNeeds.POWERED_THROUGH_LIMITER,
            BenchNeeds.COMPUTER,
            BenchNeeds.COMPUTER_AND_RADIO,
            BenchNeeds.MOTORS_POWERED,
            BenchNeeds.FLIGHT);

    private static List<BenchState> allStates() {
        List<BenchState> states = new ArrayList<>();
        for (int bits = 0; bits < 128; bits++) {
            for (ShortTest test : ShortTest.values()) {
                states.add(new BenchState(
                        (bits & 1) != 0,
                        (bits & 2) != 0,
                        (bits & 4) != 0,
                        (bits & 8) != 0,
                        (bits & 16) != 0,
                        (bits & 32) != 0,
                        (bits & 64) != 0,
                        test));
            }
        }
        return states;
    }

    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source = "props off at the bench, short test first, antenna before power")
    @Test
    void noRouteEverPassesThroughADangerousStateThatItDidNotStartIn() {
        for (BenchState start : allStates()) {
            if (!start.objection().isEmpty()) {
                continue;
            }
            for (BenchNeeds needs : ALL_NEEDS) {
                BenchRoute.from(start, needs).ifPresent(route -> {
                    BenchState state = start;
                    for (BenchStep step : route.steps()) {
                        state = step.after(state);
                        assertThat(state.objection())
                                .as("%s after %s", route.steps(), step)
                                .isEmpty();
                    }
                    assertThat(state).isEqualTo(route.end());
                    assertThat(needs.metBy(state)).isTrue();
                });
            }
        }
    }

    @Test
    void everySafeStateLeadsToEveryNeedUnlessTheShortTestFailed() {
        for (BenchState start : allStates()) {
            if (!start.objection().isEmpty()) {
                continue;
            }
            for (BenchNeeds needs : ALL_NEEDS) {
                boolean powered = needs.battery() == BenchNeeds.Want.YES;
                assertThat(BenchRoute.from(start, needs).isPresent())
                        .as("from %s to %s", start, needs)
                        .isEqualTo(!(powered && start.shortTest() == ShortTest.FAILED));
            }
        }
    }

    @Test
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source = "props off before anything else is done to a craft that will be powered")
    void wherePropsComeOffNothingButUnpluggingStandsBeforeIt() {
        for (BenchState start : allStates()) {
            if (!start.objection().isEmpty() || !start.propsOn()) {
                continue;
            }
            for (BenchNeeds needs : ALL_NEEDS) {
                BenchRoute.from(start, needs)
                        .filter(route -> route.steps().contains(BenchStep.PROPS_OFF))
                        .ifPresent(route -> assertThat(
                                        route.steps().subList(0, route.steps().indexOf(BenchStep.PROPS_OFF)))
                                .as("%s from %s to %s", route.steps(), start, needs)
                                .isSubsetOf(BenchStep.BATTERY_OUT));
            }
        }
    }

    @Test
    void firstPowerGoesThroughTheLimiterAndMotorsAndFlightsDoNot() {
        BenchState ready = new BenchState(false, false, false, true, true, true, false, ShortTest.PASSED);
        assertThat(BenchRoute.from(ready, BenchNeeds.POWERED_THROUGH_LIMITER)
                        .orElseThrow()
                        .steps())
                .containsExactly(BenchStep.LIMITER_IN, BenchStep.BATTERY_IN);
        BenchState limited = BenchRoute.from(ready, BenchNeeds.POWERED_THROUGH_LIMITER)
                .orElseThrow()
                .end();
        assertThat(BenchRoute.from(limited, BenchNeeds.MOTORS_POWERED)
                        .orElseThrow()
                        .steps())
                .containsExactly(BenchStep.BATTERY_OUT, BenchStep.LIMITER_OUT, BenchStep.BATTERY_IN);
        assertThat(BenchRoute.from(limited, BenchNeeds.FLIGHT)
                        .orElseThrow()
                        .end()
                        .limiterIn())
                .isFalse();
    }

    @Test
    void theRoutineEndsWithFirstPowerSoThePropsAreOffBeforeIt() {
        BenchRoute flight =
                BenchRoute.from(BenchState.AT_INTAKE, BenchNeeds.FLIGHT).orElseThrow();
        assertThat(flight.steps())
                .containsSubsequence(
                        BenchStep.PROPS_OFF, BenchStep.SHORT_TEST, BenchStep.PROPS_ON, BenchStep.BATTERY_IN);
    }

    @Test
    void spinningMotorsAfterIntakeIsUnlockedByPropsOffAndTheRoutine() {
        BenchRoute route =
                BenchRoute.from(BenchState.AT_INTAKE, BenchNeeds.MOTORS_POWERED).orElseThrow();
        assertThat(route.guards()).containsExactlyInAnyOrder(BenchStep.PROPS_OFF, BenchStep.SHORT_TEST);
        assertThat(route.minutes()).isEqualTo(2 + 6 + 0.5 + 0.5);
    }
}

package ablemedic.takeoff;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.FlightMode;
import ablemedic.takeoff.Sight.Manner;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What makes a craft shake: gains, a loose board, a bent prop. Common practice, no source; the loops by their own
 * physics.
 */
class ShakingTest {
    private static List<Manner> seen(Craft craft) {
        return Sightings.of(craft).stream().map(Sight::manner).toList();
    }

    @ParameterizedTest
    @MethodSource("ablemedic.takeoff.Crafts#varied")
    void aLooseBoardShakesACraftOfAnySize(Craft sound) {
        List<Manner> loose = seen(Effects.boardLoose(sound));
        assertThat(loose.stream().filter(Manner.SHAKES::equals))
                .as("%s", sound.airframe())
                .hasSizeGreaterThan(loose.size() / 2);
        assertThat(seen(sound)).containsOnly(Manner.FLIES);
    }

    @ParameterizedTest
    @EnumSource(FlightMode.class)
    void aBentPropIsSeenToShakeItAboutEveryOtherTime(FlightMode mode) {
        Craft bent = Effects.propDamaged(Corner.REAR_LEFT).apply(Crafts.inch5(mode));
        assertThat(seen(bent).stream().filter(Manner.SHAKES::equals)).hasSize(Disturbance.USUAL.size() / 2);
    }

    @ParameterizedTest
    @EnumSource(FlightMode.class)
    void aBentPropThatDoesNotTurnShakesNothing(FlightMode mode) {
        Craft still = Effects.motorDead(Corner.REAR_LEFT)
                .apply(Effects.propDamaged(Corner.REAR_LEFT).apply(Crafts.inch5(mode)));
        assertThat(seen(still)).doesNotContain(Manner.SHAKES);
    }
}

package ablemedic.takeoff;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fault;
import ablemedic.takeoff.LinearMotion.Axis;
import ablemedic.takeoff.MotionStory.Fate;
import java.util.Locale;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Words, axes and curve of a take-off tell one story. */
@Tag("thorough")
class MotionStoryTest {
    private static final double SECONDS = 1.5;

    @ParameterizedTest
    @MethodSource("ablemedic.takeoff.Crafts#varied")
    void anAxisThatIsHeldNeitherSwingsNorBelongsToAMotionThatGrows(Craft sound) {
        for (Fault<Craft> fault : TakeOff.book().faults()) {
            MotionStory story = MotionStory.of(fault.applyTo(sound), SECONDS);
            for (Axis axis : Axis.values()) {
                if (story.axes().get(axis) == Fate.HELD) {
                    assertThat(MotionStory.swing(axis, story.flight().track()))
                            .as("%s of %s", axis, fault.id())
                            .isLessThanOrEqualTo(MotionStory.SWINGS_DEG);
                    assertThat(story.modes())
                            .as("%s of %s", axis, fault.id())
                            .noneMatch(mode -> mode.growth() > 1e-3
                                    && Math.abs(mode.direction()[axis.ordinal()]) > MotionStory.IN_IT);
                }
            }
        }
    }

    /**
     * Degrees that a rigid craft turns by in a time when one of four motors gives a share of its thrust and nothing
     * holds it.
     */
    private static double free(Craft craft, double share, double seconds) {
        // Torque of the missing thrust about both axes over the moments of inertia; half the acceleration times the
        // time squared.
        double arm = craft.airframe().motor(Corner.FRONT_RIGHT).forwardMm() / 1000;
        double torque = (1 - share) * craft.airframe().hoverThrustN() * arm;
        double[] inertia = craft.airframe().inertia();
        return Math.toDegrees(Math.hypot(torque / inertia[0], torque / inertia[1]) * seconds * seconds / 2);
    }

    @Test
    void aCraftWithAMotorThatLiftsNothingGoesOverAndDoesNotStandUpAgain() {
        Craft sound = Crafts.inch5(ablemedic.craft.FlightMode.LEVEL);
        assertThat(free(sound, 0, 0.25))
                .as("by hand: over in a quarter of a second")
                .isGreaterThan(80);
        for (String kind : new String[] {"motor-dead", "motor-reversed", "prop-hand"}) {
            for (Corner corner : Corner.ALL) {
                String id = kind + "-" + corner.name().toLowerCase(Locale.ROOT).replace('_', '-');
                var samples = MotionStory.of(
                                TakeOff.book().fault(id).orElseThrow().applyTo(sound), SECONDS)
                        .flight()
                        .track()
                        .samples();
                var last = samples.get(samples.size() - 1);
                assertThat(Math.hypot(last.rollDeg(), last.pitchDeg())).as(id).isGreaterThan(60);
            }
        }
    }
}

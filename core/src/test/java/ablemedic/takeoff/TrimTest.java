package ablemedic.takeoff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.craft.Airframe;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.FrameShape;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.Point;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinConvention;
import ablemedic.takeoff.Sight.Manner;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * A level hover shares the weight by the moments about the balance point; an offset costs thrust, and tips it only
 * where thrust ends.
 */
class TrimTest {
    /** Front motors wide and forward, rear ones narrow and further back, to keep props out of the picture. */
    private static final List<Point> DEADCAT =
            List.of(new Point(60, 125), new Point(-90, 75), new Point(-90, -75), new Point(60, -125));

    private static Craft craft(List<Point> motors, Point balance, double thrustToWeight) {
        Craft usual = CraftClass.INCH_5.sound(SpinConvention.INWARD, MotorNumbering.REAR_RIGHT_FIRST, Rotation.NONE);
        Airframe frame = usual.airframe();
        return usual.withAirframe(new Airframe(
                FrameShape.STRETCHED,
                motors,
                frame.massG(),
                frame.motorMassG(),
                frame.propDiameterMm(),
                balance,
                thrustToWeight));
    }

    private static Manner seen(Craft craft) {
        return Sightings.of(Sightings.FLIGHT.of(craft)).stream()
                .map(Sight::manner)
                .reduce((a, b) -> a.compareTo(b) < 0 ? a : b)
                .orElseThrow();
    }

    @Test
    void aDeadcatThatBalancesAtItsMiddleLiftsMoreWithItsFrontMotorsAndFlies() {
        Craft deadcat = craft(DEADCAT, new Point(0, 0), 5);
        Trim trim = Trim.of(deadcat.airframe());
        // Moments about the balance point by hand: two front motors at 60 mm, two rear ones at 90 mm: 60 a = 90 b, 2 a
        // + 2 b = 4.
        assertThat(trim.share(Corner.FRONT_RIGHT)).isCloseTo(1.2, within(1e-9));
        assertThat(trim.share(Corner.FRONT_LEFT)).isCloseTo(1.2, within(1e-9));
        assertThat(trim.share(Corner.REAR_RIGHT)).isCloseTo(0.8, within(1e-9));
        assertThat(seen(deadcat)).isEqualTo(Manner.FLIES);
        assertThat(new TimeSimulation(deadcat).flyDisturbed(1.5).sight().manner())
                .isEqualTo(Manner.FLIES);
    }

    @Test
    void underTheCentreOfThrustEveryMotorCarriesAQuarter() {
        Trim trim = Trim.of(craft(DEADCAT, new Point(-15, 0), 5).airframe());
        assertThat(Corner.ALL)
                .allSatisfy(corner -> assertThat(trim.share(corner)).isCloseTo(1, within(1e-9)));
    }

    @ParameterizedTest
    @CsvSource({"30, 0, 5", "0, -40, 5", "25, 25, 3", "-10, 33, 2"})
    @OutsideCheck(
            source = "statics: forces and moments about the balance point add up to the weight and to nothing",
            kind = Kind.PUBLISHED)
    void theSharesCarryTheWeightWithoutAMoment(double forward, double right, double thrustToWeight) {
        Airframe frame =
                craft(DEADCAT, new Point(forward, right), thrustToWeight).airframe();
        Trim trim = Trim.of(frame);
        double lift = 0;
        double roll = 0;
        double pitch = 0;
        for (Corner corner : Corner.ALL) {
            lift += trim.share(corner);
            roll += trim.share(corner) * (frame.motor(corner).rightMm() - right);
            pitch += trim.share(corner) * (frame.motor(corner).forwardMm() - forward);
        }
        assertThat(lift).isCloseTo(4, within(1e-9));
        assertThat(roll).isCloseTo(0, within(1e-6));
        assertThat(pitch).isCloseTo(0, within(1e-6));
    }

    @Test
    void anOffsetBeyondTheThrustIsNotLevelled() {
        Craft nose = craft(DEADCAT, new Point(40, 0), 1.3);
        assertThat(Trim.of(nose.airframe()).canLevel()).isFalse();
        assertThat(seen(nose)).isNotEqualTo(Manner.FLIES);
        assertThat(Trim.of(craft(DEADCAT, new Point(40, 0), 6).airframe()).canLevel())
                .isTrue();
    }
}

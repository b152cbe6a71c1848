package ablemedic.takeoff;

import static ablemedic.craft.Corner.FRONT_LEFT;
import static ablemedic.craft.Corner.FRONT_RIGHT;
import static ablemedic.craft.Corner.REAR_LEFT;
import static ablemedic.craft.Corner.REAR_RIGHT;
import static ablemedic.takeoff.LinearMotion.Axis.PITCH;
import static ablemedic.takeoff.LinearMotion.Axis.ROLL;
import static ablemedic.takeoff.LinearMotion.Axis.YAW;
import static ablemedic.takeoff.LinearMotion.Hold.CIRCLES;
import static ablemedic.takeoff.LinearMotion.Hold.DAMPED;
import static ablemedic.takeoff.LinearMotion.Hold.RUNS_AWAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.FlightMode;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.Rotation;
import ablemedic.craft.StickOrder;
import ablemedic.takeoff.LinearMotion.Axis;
import ablemedic.takeoff.LinearMotion.Hold;
import ablemedic.takeoff.LinearMotion.Mode;
import ablemedic.takeoff.Sight.Edge;
import ablemedic.takeoff.Sight.Manner;
import ablemedic.takeoff.Sight.Turn;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What each fault makes a craft do, as the trade knows it and as the matrices can be worked by hand. */
@OutsideCheck(
        kind = Kind.COMMON_PRACTICE,
        source = "the trade's table of faults and take-off behaviour; each line can be "
                + "checked by hand from the matrices")
class TradeTableTest {
    private final Craft sound = Crafts.inch5(FlightMode.RATE);

    private void axes(Craft craft, Hold roll, Hold pitch, Hold yaw) {
        assertThat(new LinearMotion(craft).axes()).isEqualTo(Map.of(ROLL, roll, PITCH, pitch, YAW, yaw));
    }

    /** The way the fastest runaway goes, with the leading axis positive. */
    private double[] runaway(Craft craft) {
        Mode mode = new LinearMotion(craft).modes().get(0);
        assertThat(mode.growth()).isPositive();
        return mode.direction();
    }

    private List<Sight> sights(Craft craft) {
        return new LinearMotion(craft).sights(Disturbance.USUAL);
    }

    @Test
    void aSoundCraftHoldsAllThreeAxes() {
        axes(sound, DAMPED, DAMPED, DAMPED);
        assertThat(sights(sound)).allMatch(s -> s.manner() == Manner.FLIES);
    }

    @Test
    void theTwoRightOutputsSwappedRunAwayInPitchAndNoseUpGoesWithNoseRight() {
        Craft craft = Crafts.swapped(sound, FRONT_RIGHT, REAR_RIGHT);
        axes(craft, DAMPED, RUNS_AWAY, DAMPED);
        assertThat(runaway(craft)[1] * runaway(craft)[2]).isPositive();
    }

    @Test
    void theTwoLeftOutputsSwappedRunAwayInPitchAndNoseUpGoesWithNoseLeft() {
        Craft craft = Crafts.swapped(sound, FRONT_LEFT, REAR_LEFT);
        axes(craft, DAMPED, RUNS_AWAY, DAMPED);
        assertThat(runaway(craft)[1] * runaway(craft)[2]).isNegative();
    }

    @Test
    void theTwoFrontOutputsSwappedRunAwayInRollAndRightDownGoesWithNoseLeft() {
        Craft craft = Crafts.swapped(sound, FRONT_LEFT, FRONT_RIGHT);
        axes(craft, RUNS_AWAY, DAMPED, DAMPED);
        assertThat(runaway(craft)[0] * runaway(craft)[2]).isNegative();
    }

    @Test
    void theTwoRearOutputsSwappedRunAwayInRollAndRightDownGoesWithNoseRight() {
        Craft craft = Crafts.swapped(sound, REAR_LEFT, REAR_RIGHT);
        axes(craft, RUNS_AWAY, DAMPED, DAMPED);
        assertThat(runaway(craft)[0] * runaway(craft)[2]).isPositive();
    }

    @Test
    void aDiagonalSwapRunsAwayAlongThatDiagonal() {
        double[] frontRightToRearLeft = runaway(Crafts.swapped(sound, FRONT_RIGHT, REAR_LEFT));
        assertThat(frontRightToRearLeft[0]).isCloseTo(-frontRightToRearLeft[1], offset(1e-6));
        double[] frontLeftToRearRight = runaway(Crafts.swapped(sound, FRONT_LEFT, REAR_RIGHT));
        assertThat(frontLeftToRearRight[0]).isCloseTo(frontLeftToRearRight[1], offset(1e-6));
        List<Mode> modes = new LinearMotion(Crafts.swapped(sound, FRONT_RIGHT, REAR_LEFT)).modes();
        assertThat(modes.stream().filter(m -> m.growth() > 0))
                .as("the other diagonal and yaw hold")
                .hasSize(1);
        assertThat(sights(Crafts.swapped(sound, FRONT_RIGHT, REAR_LEFT)))
                .allMatch(s ->
                        s.edge().orElseThrow() == Edge.FRONT_RIGHT || s.edge().orElseThrow() == Edge.REAR_LEFT);
    }

    @Test
    void allOutputsOneCornerOnCircleAndTheNoseRunsAway() {
        axes(Crafts.shifted(sound, 1), CIRCLES, CIRCLES, RUNS_AWAY);
        axes(Crafts.shifted(sound, 3), CIRCLES, CIRCLES, RUNS_AWAY);
    }

    @Test
    void allOutputsTwoCornersOnRunAwayAndTheNoseHolds() {
        axes(Crafts.shifted(sound, 2), RUNS_AWAY, RUNS_AWAY, DAMPED);
    }

    @Test
    void aBoardAQuarterRoundCirclesAndTheNoseHolds() {
        axes(Effects.boardTurned(Rotation.yaw(90)).apply(sound), CIRCLES, CIRCLES, DAMPED);
        axes(Effects.boardTurned(Rotation.yaw(270)).apply(sound), CIRCLES, CIRCLES, DAMPED);
    }

    @Test
    void aBoardHalfRoundRunsAwayAndTheNoseHolds() {
        axes(Effects.boardTurned(Rotation.yaw(180)).apply(sound), RUNS_AWAY, RUNS_AWAY, DAMPED);
    }

    @Test
    void aBoardUpsideDownRunsAwayInOneOfRollAndPitchAndInYaw() {
        axes(Effects.boardTurned(Rotation.UPSIDE_DOWN).apply(sound), DAMPED, RUNS_AWAY, RUNS_AWAY);
        axes(Effects.boardTurned(Rotation.of(0, 180, 0)).apply(sound), RUNS_AWAY, DAMPED, RUNS_AWAY);
    }

    @Test
    void oneMotorTheWrongWayWithItsPropHoldsButPushesTheNoseAndWeakensYaw() {
        for (Corner corner : Corner.ALL) {
            Craft craft = Effects.motorReversed(corner, true).apply(sound);
            axes(craft, DAMPED, DAMPED, DAMPED);
            double[] push = new LinearMotion(craft).push();
            assertThat(push[0]).isCloseTo(0, offset(1e-9));
            assertThat(push[1]).isCloseTo(0, offset(1e-9));
            assertThat(Math.abs(push[2])).isGreaterThan(1);
            assertThat(-new LinearMotion(craft).closedLoop()[2][2])
                    .isLessThan(-new LinearMotion(sound).closedLoop()[2][2]);
            assertThat(sights(craft)).allMatch(s -> s.manner() == Manner.SPINS && s.spin() != Turn.NONE);
        }
    }

    @Test
    void oneMotorTheWrongWayWithItsOldPropIsPushedDownAtOnceTheSameWayEachTime() {
        for (Corner corner : Corner.ALL) {
            tipsTowards(Effects.motorReversed(corner, false).apply(sound), corner);
        }
    }

    @Test
    void aDeadOrWeakMotorOrAPropOfTheWrongHandTipsTowardsItsCornerTheSameWayEachTime() {
        for (Corner corner : Corner.ALL) {
            tipsTowards(Effects.motorDead(corner).apply(sound), corner);
            tipsTowards(Effects.motorWeak(corner).apply(sound), corner);
            tipsTowards(Effects.propOfWrongHand(corner).apply(sound), corner);
        }
    }

    private void tipsTowards(Craft craft, Corner corner) {
        Edge edge = Edge.valueOf(corner.name());
        assertThat(sights(craft))
                .allMatch(s ->
                        s.manner() == Manner.FLIPS && s.atOnce() && s.edge().orElseThrow() == edge);
    }

    @Test
    void allFourTheOtherSchoolsWayRunAwayInYawAlone() {
        axes(Effects.allReversed(sound, true), DAMPED, DAMPED, RUNS_AWAY);
        assertThat(sights(Effects.allReversed(sound, true))).allMatch(s -> s.manner() == Manner.SPINS);
    }

    @Test
    void allFourTheWrongWayWithTheirOldPropsDoNotLift() {
        assertThat(sights(Effects.allReversed(sound, false))).allMatch(s -> s.manner() == Manner.STAYS_DOWN);
    }

    @Test
    void aWrongStickOrderTipsTheSameWayEachTimeAndTheHandTiltShowsNothing() {
        Craft craft = sound.with(RadioSettings.STICK_ORDER, StickOrder.TAER);
        axes(craft, DAMPED, DAMPED, DAMPED);
        List<Sight> sights = sights(craft);
        assertThat(sights)
                .allMatch(s -> s.manner() == Manner.FLIPS)
                .extracting(Sight::edge)
                .containsOnly(sights.get(0).edge());
        assertThat(craft.misalignment()).isEqualTo(Rotation.NONE);
    }

    @Test
    void selfLevelWithABadCalibrationSlidesAndDoesNotFlip() {
        Craft level = Crafts.inch5(FlightMode.LEVEL).with(FcSettings.LEVEL_OFF, Effects.levelOff(1, 0));
        assertThat(sights(level))
                .allMatch(s -> s.manner() == Manner.SLIDES && s.edge().orElseThrow() == Edge.RIGHT);
        assertThat(sights(sound.with(FcSettings.LEVEL_OFF, Effects.levelOff(1, 0))))
                .as("rate mode does not notice")
                .allMatch(s -> s.manner() == Manner.FLIES);
    }

    @Test
    void gainsFarTooHighShake() {
        assertThat(sights(sound.changing(FcSettings.GAIN, Effects::gainTooHigh)))
                .allMatch(s -> s.manner() == Manner.SHAKES);
    }

    @Test
    void aBiasTipsTheSameWayEachTimeAndARunawayDoesNot() {
        assertThat(sameWay(Effects.motorDead(FRONT_RIGHT).apply(sound))).isGreaterThan(0.85);
        assertThat(sameWay(Crafts.shifted(sound, 2))).isLessThan(0.5);
        assertThat(sameWay(Effects.boardTurned(Rotation.yaw(180)).apply(sound))).isLessThan(0.5);
    }

    private static double sameWay(Craft craft) {
        return new TakeOffSeen()
                .outlook(craft)
                .likelihood(new ablemedic.diagnosis.Reading.Chosen(Map.of("repeat", "same")));
    }

    @Test
    void theSameHoldsOnEveryClassBothSchoolsAndAnySeat() {
        Crafts.varied().forEach(craft -> {
            axes(craft, DAMPED, DAMPED, DAMPED);
            assertThat(new LinearMotion(Crafts.shifted(craft, 2)).axes().get(Axis.ROLL))
                    .isEqualTo(RUNS_AWAY);
            assertThat(new LinearMotion(Effects.allReversed(craft, true)).axes().get(YAW))
                    .isEqualTo(RUNS_AWAY);
        });
    }
}

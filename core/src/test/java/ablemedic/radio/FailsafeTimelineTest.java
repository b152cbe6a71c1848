package ablemedic.radio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.craft.Airframe;
import ablemedic.craft.CraftClass;
import ablemedic.craft.FailsafeSettings.AfterGuardTime;
import ablemedic.craft.FailsafeSettings.HomeAt;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.ReceiverSettings.WhenLost;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinConvention;
import ablemedic.radio.FailsafeTimeline.At;
import ablemedic.radio.FailsafeTimeline.End;
import ablemedic.radio.FailsafeTimeline.Event;
import ablemedic.radio.LostLink.FcOnLoss;
import ablemedic.radio.LostLink.Flight;
import ablemedic.radio.LostLink.Home;
import ablemedic.radio.LostLink.ReceiverOnLoss;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import java.util.Comparator;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.ODEStateAndDerivative;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;

class FailsafeTimelineTest {
    private static final Airframe FRAME = CraftClass.INCH_5
            .sound(SpinConvention.INWARD, MotorNumbering.REAR_RIGHT_FIRST, Rotation.NONE)
            .airframe();
    private static final Home READY = new Home(true, true, 12, 8, 10, 30, true, 0, HomeAt.ARMING);

    private static ReceiverOnLoss gives(WhenLost gives, boolean presetArm, double presetThrottle) {
        return new ReceiverOnLoss(gives, 0.5, presetArm, presetThrottle);
    }

    private static LostLink lost(
            ReceiverOnLoss receiver, AfterGuardTime stage, Home home, double distance, Optional<Double> back) {
        return new LostLink(receiver, new FcOnLoss(0.2, 1, stage, 25, 60), home, new Flight(10, 20, distance, 0, back));
    }

    /**
     * Written by hand before the simulation: which end each chain comes to. The guard time is over 1.7 s after the
     * loss, or 1.5 s with the flag.
     */
    @ParameterizedTest
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source =
                    "The failsafe chain: receiver, detection, guard, stage 2; what holds its last frame is never called lost; a return without a fix lands")
    @CsvSource({
        "NO_FRAMES,false,0,DROP,ready,,FALLS",
        "NO_FRAMES,false,0,LAND,ready,,LANDS",
        "NO_FRAMES,false,0,RETURN_HOME,ready,,HOME",
        "NO_FRAMES,false,0,RETURN_HOME,no-fix,,LANDS",
        "NO_FRAMES,false,0,RETURN_HOME,no-home,,LANDS",
        "NO_FRAMES,false,0,RETURN_HOME,few,,LANDS",
        "NO_FRAMES,false,0,RETURN_HOME,near,,LANDS",
        "NO_FRAMES,false,0,RETURN_HOME,no-level,,LANDS",
        "FLAG,false,0,DROP,ready,,FALLS",
        "FLAG,false,0,LAND,ready,,LANDS",
        "FLAG,false,0,RETURN_HOME,ready,,HOME",
        "FLAG,false,0,RETURN_HOME,no-fix,,LANDS",
        "HOLD,false,0,DROP,ready,,FLIES_ON",
        "HOLD,false,0,LAND,ready,,FLIES_ON",
        "HOLD,false,0,RETURN_HOME,ready,,FLIES_ON",
        "HOLD,false,0,DROP,ready,8,BACK",
        "PRESETS,false,0,LAND,ready,,FALLS",
        "PRESETS,false,90,LAND,ready,,FALLS",
        "PRESETS,true,0,RETURN_HOME,ready,,FALLS",
        "PRESETS,true,60,LAND,ready,,CLIMBS",
        "PRESETS,true,60,LAND,ready,8,BACK",
        "PRESETS,true,25,DROP,ready,,LANDS",
        "NO_FRAMES,false,0,DROP,ready,0.3,BACK",
        "NO_FRAMES,false,0,DROP,ready,1.6,BACK",
        "NO_FRAMES,false,0,DROP,ready,1.8,FALLS",
        "FLAG,false,0,DROP,ready,1.6,FALLS",
        "NO_FRAMES,false,0,LAND,ready,1.8,BACK",
        "NO_FRAMES,false,0,RETURN_HOME,ready,4,BACK",
        "NO_FRAMES,false,0,RETURN_HOME,ready,500,HOME",
        "NO_FRAMES,false,0,RETURN_HOME,turned,,STRAYS",
        "NO_FRAMES,false,0,RETURN_HOME,turned,9,BACK",
        "FLAG,false,0,RETURN_HOME,turned,,STRAYS",
        "NO_FRAMES,false,0,RETURN_HOME,askew,,HOME",
        "NO_FRAMES,false,0,LAND,turned,,LANDS"
    })
    void everyChainEndsAsTheHandWrittenTableHasIt(
            WhenLost receiver, boolean arm, double throttle, AfterGuardTime stage, String home, Double back, End end) {
        Home has =
                switch (home) {
                    case "no-fix" -> new Home(false, true, 12, 8, 10, 30, true, 0, HomeAt.ARMING);
                    case "no-home" -> new Home(true, false, 12, 8, 10, 30, true, 0, HomeAt.ARMING);
                    case "few" -> new Home(true, true, 5, 8, 10, 30, true, 0, HomeAt.ARMING);
                    case "no-level" -> new Home(true, true, 12, 8, 10, 30, false, 0, HomeAt.ARMING);
                    case "turned" -> new Home(true, true, 12, 8, 10, 30, true, 180, HomeAt.ARMING);
                    case "askew" -> new Home(true, true, 12, 8, 10, 30, true, -45, HomeAt.ARMING);
                    default -> READY;
                };
        assertThat(FailsafeTimeline.of(
                                FRAME,
                                lost(
                                        gives(receiver, arm, throttle),
                                        stage,
                                        has,
                                        home.equals("near") ? 4 : 80,
                                        Optional.ofNullable(back)))
                        .end())
                .isEqualTo(end);
    }

    /** Every receiver, stage 2, state of the fix and time at which the link is back, 168 in all. */
    @ParameterizedTest
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source = "The failsafe chain, written out by hand in ends-of-a-lost-link.csv")
    @CsvFileSource(resources = "ends-of-a-lost-link.csv", numLinesToSkip = 4)
    void everyCombinationEndsAsTheTableWrittenByHand(
            String receiver, String stage, String fix, String never, String early, String inGuard, String late) {
        WhenLost lost = receiver.startsWith("presets")
                ? WhenLost.PRESETS
                : WhenLost.valueOf(receiver.toUpperCase(Locale.ROOT).replace(' ', '_'));
        String throttle = receiver.replaceAll("\\D", "");
        Home home = fix.equals("yes") ? READY : new Home(false, true, 12, 8, 10, 30, true, 0, HomeAt.ARMING);
        AfterGuardTime second = stage.equals("return")
                ? AfterGuardTime.RETURN_HOME
                : AfterGuardTime.valueOf(stage.toUpperCase(Locale.ROOT));
        Map<Optional<Double>, String> ends = Map.of(
                Optional.empty(), never, Optional.of(0.3), early, Optional.of(1.2), inGuard, Optional.of(2.4), late);
        ends.forEach((back, end) -> assertThat(FailsafeTimeline.of(
                                FRAME,
                                lost(
                                        gives(
                                                lost,
                                                receiver.contains("armed"),
                                                throttle.isEmpty() ? 0 : Double.parseDouble(throttle)),
                                        second,
                                        home,
                                        80,
                                        back))
                        .end())
                .as(receiver + ", " + stage + ", fix " + fix + ", back " + back)
                .isEqualTo(
                        switch (end) {
                            case "F" -> End.FALLS;
                            case "L" -> End.LANDS;
                            case "H" -> End.HOME;
                            case "O" -> End.FLIES_ON;
                            case "C" -> End.CLIMBS;
                            default -> End.BACK;
                        }));
    }

    @Test
    void aWindTakesWhatComesDownAndKeepsAReturnAway() {
        LostLink drop = new LostLink(
                new ReceiverOnLoss(WhenLost.NO_FRAMES, 0.5, false, 0),
                new FcOnLoss(0.2, 1, AfterGuardTime.DROP, 25, 60),
                READY,
                new Flight(10, 20, 80, 5, Optional.empty()));
        assertThat(FailsafeTimeline.of(FRAME, drop).driftM())
                .isCloseTo(5 * Fall.of(FRAME).timeFor(20, 0), within(1e-9));
        LostLink home = new LostLink(
                new ReceiverOnLoss(WhenLost.NO_FRAMES, 0.5, false, 0),
                new FcOnLoss(0.2, 1, AfterGuardTime.RETURN_HOME, 25, 60),
                READY,
                new Flight(10, 20, 80, 4, Optional.empty()));
        FailsafeTimeline slow = FailsafeTimeline.of(FRAME, home);
        // 1.7 s, 10 m of climb at 3 m/s, 97 m at 4 m/s left of 8.
        assertThat(slow.events().stream()
                        .filter(event -> event.text().contains("over home"))
                        .findFirst()
                        .orElseThrow()
                        .atS())
                .isCloseTo(1.7 + 10 / 3.0 + 97 / 4.0, within(1e-9));
        LostLink gale = new LostLink(
                new ReceiverOnLoss(WhenLost.NO_FRAMES, 0.5, false, 0),
                new FcOnLoss(0.2, 1, AfterGuardTime.RETURN_HOME, 25, 60),
                READY,
                new Flight(10, 20, 80, 9, Optional.empty()));
        assertThat(FailsafeTimeline.of(FRAME, gale).end()).isEqualTo(End.STRAYS);
        assertThat(FailsafeTimeline.of(FRAME, gale).pilot()).isNotEmpty();
    }

    @Test
    void withoutDragAFallIsThatOfTheTextbook() {
        Fall stone = new Fall(0.6, 1e6);
        assertThat(stone.speedAfter(20, 0)).isCloseTo(Math.sqrt(2 * 9.80665 * 20), within(1e-4));
        assertThat(stone.timeFor(20, 0)).isCloseTo(Math.sqrt(2 * 20 / 9.80665), within(1e-3));
        assertThat(stone.energyJ(stone.speedAfter(20, 0))).isCloseTo(0.6 * 9.80665 * 20, within(0.01));
    }

    @Test
    @OutsideCheck(
            kind = Kind.REFERENCE_LIBRARY,
            source = "Hipparchus, Dormand-Prince 8(5,3): the same fall stepped through time")
    void aFallWithDragIsThatOfTheIntegrator() {
        Random random = new Random(8);
        for (int i = 0; i < 60; i++) {
            Fall fall = new Fall(0.2 + 2 * random.nextDouble(), 6 + 25 * random.nextDouble());
            double share = random.nextInt(3) == 0 ? 0.7 * random.nextDouble() : 0;
            double height = 2 + 60 * random.nextDouble();
            double time = fall.timeFor(height, share);
            double drag = 9.80665 / (fall.terminalMs() * fall.terminalMs());
            OrdinaryDifferentialEquation falling = new OrdinaryDifferentialEquation() {
                @Override
                public int getDimension() {
                    return 2;
                }

                @Override
                public double[] computeDerivatives(double t, double[] y) {
                    return new double[] {y[1], 9.80665 * (1 - share) - drag * y[1] * y[1]};
                }
            };
            ODEStateAndDerivative down = new DormandPrince853Integrator(1e-8, 1, 1e-10, 1e-10)
                    .integrate(falling, new ODEState(0, new double[] {0, 0}), time);
            assertThat(down.getPrimaryState()[0]).isCloseTo(height, within(1e-4 * height));
            assertThat(down.getPrimaryState()[1])
                    .isCloseTo(fall.speedAfter(height, share), within(1e-4 * fall.terminalMs()));
        }
    }

    /** Way flown blind is speed times detection and guard; by hand: 10 m/s × (0.5 + 0.2 + 1) s. */
    @Test
    void theWayFlownBlindIsSpeedTimesWhatPasses() {
        assertThat(FailsafeTimeline.of(
                                FRAME,
                                lost(
                                        gives(WhenLost.NO_FRAMES, false, 0),
                                        AfterGuardTime.DROP,
                                        READY,
                                        80,
                                        Optional.empty()))
                        .blindM())
                .isCloseTo(17, within(1e-9));
        assertThat(FailsafeTimeline.of(
                                FRAME,
                                lost(gives(WhenLost.FLAG, false, 0), AfterGuardTime.DROP, READY, 80, Optional.empty()))
                        .blindM())
                .isCloseTo(15, within(1e-9));
    }

    @Test
    void whatIsDangerousIsSaid() {
        assertThat(FailsafeTimeline.of(
                                FRAME,
                                lost(gives(WhenLost.HOLD, false, 0), AfterGuardTime.DROP, READY, 80, Optional.empty()))
                        .hazards())
                .anyMatch(one -> one.contains("never learns"));
        assertThat(FailsafeTimeline.of(
                                FRAME,
                                lost(
                                        gives(WhenLost.PRESETS, true, 80),
                                        AfterGuardTime.DROP,
                                        READY,
                                        80,
                                        Optional.empty()))
                        .hazards()
                        .get(0))
                .contains("climbs");
        LostLink high = new LostLink(
                new ReceiverOnLoss(WhenLost.NO_FRAMES, 0.5, false, 0),
                new FcOnLoss(0.2, 1, AfterGuardTime.LAND, 60, 60),
                READY,
                new Flight(10, 20, 80, 0, Optional.empty()));
        assertThat(FailsafeTimeline.of(FRAME, high).hazards().get(0)).contains("climbs at this weight");
        LostLink brief = new LostLink(
                new ReceiverOnLoss(WhenLost.NO_FRAMES, 0.5, false, 0),
                new FcOnLoss(0.2, 1, AfterGuardTime.LAND, 38, 1),
                READY,
                new Flight(10, 60, 80, 0, Optional.empty()));
        assertThat(FailsafeTimeline.of(FRAME, brief).hazards()).anyMatch(one -> one.contains("still"));
        assertThat(FailsafeTimeline.of(
                                FRAME,
                                lost(
                                        gives(WhenLost.NO_FRAMES, false, 0),
                                        AfterGuardTime.RETURN_HOME,
                                        new Home(false, true, 12, 8, 10, 30, true, 0, HomeAt.ARMING),
                                        80,
                                        Optional.empty()))
                        .hazards())
                .anyMatch(one -> one.contains("no fix"));
    }

    /**
     * Over everything that can be set: events and heights go forward in time, never under the ground, and every
     * timeline ends.
     */
    @Test
    void everyTimelineGoesForwardAndEnds() {
        Random random = new Random(4);
        for (int i = 0; i < 3000; i++) {
            WhenLost receiver = WhenLost.values()[random.nextInt(4)];
            LostLink lost = new LostLink(
                    new ReceiverOnLoss(receiver, random.nextDouble(), random.nextBoolean(), 100 * random.nextDouble()),
                    new FcOnLoss(
                            0.3 * random.nextDouble(),
                            3 * random.nextDouble(),
                            AfterGuardTime.values()[random.nextInt(3)],
                            100 * random.nextDouble(),
                            60 * random.nextDouble()),
                    new Home(
                            random.nextBoolean(),
                            random.nextBoolean(),
                            random.nextInt(20),
                            random.nextInt(20),
                            20 * random.nextDouble(),
                            60 * random.nextDouble(),
                            random.nextBoolean(),
                            360 * random.nextDouble() - 180,
                            HomeAt.ARMING),
                    new Flight(
                            20 * random.nextDouble(),
                            0.2 + 100 * random.nextDouble(),
                            300 * random.nextDouble(),
                            12 * random.nextDouble(),
                            random.nextBoolean() ? Optional.empty() : Optional.of(20 * random.nextDouble())));
            FailsafeTimeline line = FailsafeTimeline.of(FRAME, lost);
            assertThat(line.events())
                    .isSortedAccordingTo(Comparator.comparingDouble(Event::atS))
                    .isNotEmpty();
            assertThat(line.heights())
                    .isSortedAccordingTo(Comparator.comparingDouble(At::atS))
                    .allSatisfy(at -> assertThat(at.heightM()).isGreaterThanOrEqualTo(-1e-9));
            assertThat(line.blindM()).isNotNegative();
            assertThat(line.impactMs()).isBetween(0.0, Fall.of(FRAME).terminalMs() + 1e-9);
        }
    }
}

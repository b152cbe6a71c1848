package ablemedic.radio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ablemedic.catalogue.Rejected;
import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FailsafeSettings.AfterGuardTime;
import ablemedic.craft.LinkSettings;
import ablemedic.craft.ModeRange;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.ReceiverSettings;
import ablemedic.craft.ReceiverSettings.WhenLost;
import ablemedic.craft.Stick;
import ablemedic.craft.StickOrder;
import ablemedic.protocol.Heard.Moment;
import ablemedic.radio.RadioOff.Does;
import ablemedic.radio.SimulatedReceiver.Lamp;
import ablemedic.radio.SimulatedReceiver.OnBench;
import ablemedic.serial.SerialCrafts;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SimulatedReceiverTest {
    private static final Craft CRAFT = SerialCrafts.shared();

    private static OnBench last(List<OnBench> seen) {
        return seen.get(seen.size() - 1);
    }

    /** Written by hand from the chain: what the motors end with, and when, after the radio goes off at 8 s. */
    @ParameterizedTest
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source =
                    "The failsafe chain: receiver 0.5 s, board 0.2 s, guard 1 s, then drop, land or return; what holds its last frame is never called lost")
    @CsvSource({
        "NO_FRAMES,DROP,false,0,1.7,0",
        "NO_FRAMES,LAND,false,0,1.7,20",
        "NO_FRAMES,RETURN_HOME,false,0,1.7,20",
        "FLAG,DROP,false,0,1.5,0",
        "FLAG,LAND,false,0,1.5,20",
        "HOLD,DROP,false,0,,33",
        "HOLD,LAND,true,90,,33",
        "PRESETS,LAND,false,0,0.5,0",
        "PRESETS,DROP,true,0,0.5,5.5",
        "PRESETS,DROP,true,60,0.5,60"
    })
    void whatTheMotorsEndWithIsThatOfTheTable(
            WhenLost lost,
            AfterGuardTime stage,
            boolean presetArm,
            double presetThrottle,
            Double after,
            double percent) {
        Craft craft = CRAFT.with(ReceiverSettings.WHEN_LOST, lost)
                .with(FailsafeSettings.STAGE_2, stage)
                .with(ReceiverSettings.PRESET_ARM, presetArm)
                .with(ReceiverSettings.PRESET_THROTTLE, presetThrottle);
        List<OnBench> seen = SimulatedReceiver.radioOff(craft).stream()
                .filter(one -> one.atS() < 45)
                .toList();
        assertThat(last(seen).motorPercent()).isCloseTo(percent, within(1e-9));
        if (after != null) {
            assertThat(seen.stream()
                            .filter(one -> one.atS() > 8
                                    && one.motorPercent() == last(seen).motorPercent())
                            .findFirst()
                            .orElseThrow()
                            .atS())
                    .isCloseTo(8 + after, within(1e-9));
        }
    }

    /** The prediction that the checks use and the stand-in are two pieces of code; over random settings they agree. */
    @Test
    void theStandInDoesWhatTheCheckPredicts() {
        Random random = new Random(11);
        for (int i = 0; i < 300; i++) {
            Craft craft = CRAFT.with(ReceiverSettings.WHEN_LOST, WhenLost.values()[random.nextInt(4)])
                    .with(FailsafeSettings.STAGE_2, AfterGuardTime.values()[random.nextInt(3)])
                    .with(ReceiverSettings.NOTICES, 0.1 + random.nextDouble())
                    .with(FailsafeSettings.DETECTS, random.nextDouble() / 2)
                    .with(FailsafeSettings.GUARD, 0.2 + 2 * random.nextDouble())
                    .with(ReceiverSettings.PRESET_ARM, random.nextBoolean())
                    .with(ReceiverSettings.PRESET_THROTTLE, random.nextBoolean() ? 0.0 : 60)
                    .with(FailsafeSettings.LANDING_THROTTLE, 25.0)
                    .with(FailsafeSettings.LANDING_TIME, random.nextBoolean() ? 60.0 : 5);
            RadioOff predicted = RadioOff.of(craft);
            List<OnBench> seen = SimulatedReceiver.radioOff(craft).stream()
                    .filter(one -> one.atS() < 45)
                    .toList();
            double ends = last(seen).motorPercent();
            OnBench at = seen.stream()
                    .filter(one -> one.atS() >= 8 + predicted.afterS() - 1e-9)
                    .findFirst()
                    .orElse(last(seen));
            Does does = ends == 0 && at.motorPercent() == 0
                    ? Does.STOP
                    : ends == 0 ? Does.BRIEF : ends == 33 ? Does.ON : ends < 6 ? Does.IDLE : Does.LAND;
            assertThat(does)
                    .as(predicted + " " + craft.configuration().said(ReceiverSettings.WHEN_LOST))
                    .isEqualTo(predicted.does());
        }
    }

    @Test
    void afterADropItStaysDisarmedUntilTheArmSwitchWasOff() {
        List<OnBench> seen = SimulatedReceiver.run(
                CRAFT,
                RadioSession.parse(
                        "0 radio on\n1 pack in\n3 arm on\n4 radio off\n8 radio on\n10 throttle 20\n11 throttle 0\n12 arm off\n13 arm on"));
        assertThat(seen.stream().filter(one -> one.atS() > 5.6 && one.atS() < 13))
                .noneMatch(OnBench::armed);
        assertThat(last(seen).armed()).isTrue();
    }

    @Test
    void aLinkThatIsBackWithinTheGuardTimeIsThePilots() {
        List<OnBench> seen = SimulatedReceiver.run(
                CRAFT, RadioSession.parse("0 radio on\n1 pack in\n3 arm on\n4 throttle 40\n5 radio off\n5.9 radio on"));
        assertThat(last(seen).armed()).isTrue();
        assertThat(last(seen).motorPercent()).isEqualTo(40);
        assertThat(seen).anyMatch(OnBench::lost);
    }

    @Test
    void whatIsNotBoundWaitsAndNothingMoves() {
        List<OnBench> seen = SimulatedReceiver.run(
                CRAFT.with(LinkSettings.RADIO_GENERATION, 2),
                RadioSession.parse("0 pack in\n1 radio on\n3 arm on\n4 throttle 50"));
        assertThat(seen)
                .allMatch(one -> one.lamp() == Lamp.SLOW
                        && one.motorPercent() == 0
                        && one.barsUs().isEmpty());
        assertThat(SimulatedReceiver.run(CRAFT, RadioSession.parse("0 radio on")))
                .allMatch(one -> one.lamp() == Lamp.DARK);
    }

    @Test
    void aStickMovesTheBarThatTheOrdersGiveItTurnedAndTrimmed() {
        Craft craft = CRAFT.with(RadioSettings.STICK_ORDER, StickOrder.TAER)
                .with(RadioSettings.reversed(Stick.PITCH), true)
                .with(RadioSettings.trim(Stick.PITCH), 20.0);
        OnBench seen = last(SimulatedReceiver.run(craft, RadioSession.parse("0 radio on\n0 pack in\n3 pitch 100")));
        // TAER against AETR: pitch is third, where the board looks for throttle; 3000 - (1500 + 500 + 20).
        assertThat(seen.barsUs().get(Stick.THROTTLE)).isCloseTo(980, within(1e-9));
    }

    @Test
    void theSameSessionGivesTheSameTwiceInWhateverOrderItsLinesStand() {
        List<String> lines = new ArrayList<>(List.of(
                "0 radio on", "1 pack in", "3 arm on", "4 throttle 30", "6 radio off", "20 radio on", "25 arm off"));
        List<OnBench> first = SimulatedReceiver.run(CRAFT, RadioSession.parse(String.join("\n", lines)));
        Collections.shuffle(lines, new Random(3));
        assertThat(SimulatedReceiver.run(CRAFT, RadioSession.parse(String.join("\n", lines))))
                .isEqualTo(first);
    }

    @ParameterizedTest
    @CsvSource({
        "'1 pack', 'line 1'",
        "'0 pack in\n3 throttle 101', 'line 2'",
        "'0 arm maybe', 'line 1'",
        "'99999 pack in', 'line 1'",
        "'', ''",
        "'# only a remark', ''",
        "'-1 pack in', 'line 1'"
    })
    void whatCannotBeReadIsSaidByLine(String text, String where) {
        assertThatThrownBy(() -> RadioSession.parse(text))
                .isInstanceOf(Rejected.class)
                .hasMessageContaining(where == null ? "" : where);
    }

    @Test
    void randomTextIsReadOrRefusedAndNeverFails() {
        Random random = new Random(5);
        for (int i = 0; i < 2000; i++) {
            byte[] bytes = new byte[random.nextInt(60)];
            random.nextBytes(bytes);
            try {
                SimulatedReceiver.run(
                        CRAFT, RadioSession.parse(new String(bytes, java.nio.charset.StandardCharsets.UTF_8)));
            } catch (Rejected e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }

    /** A recording of a receiver that falls silent: link, arm at 1 s, throttle at 2 s, silence from 4 s to 9 s. */
    @Test
    void aRecordingMakesASession() {
        ModeRange arm = CRAFT.setting(ArmingSettings.ARM);
        List<Moment> moments = List.of(
                moment(0, 1000, 1000, false, false),
                moment(1, 1000, arm.fromUs() + 50, false, false),
                moment(2, 1400, arm.fromUs() + 50, false, false),
                moment(4, 1400, arm.fromUs() + 50, false, true),
                moment(9, 1000, arm.fromUs() + 50, false, false));
        RadioSession session = RadioSession.of(moments, CRAFT);
        assertThat(RadioSession.parse(session.written())).isEqualTo(session);
        List<OnBench> seen = SimulatedReceiver.run(CRAFT, session);
        assertThat(seen).anyMatch(one -> one.armed() && Math.abs(one.motorPercent() - 40) < 1e-9);
        assertThat(seen.stream().filter(one -> one.atS() > 5 + 1.7 + 1e-9)).noneMatch(OnBench::armed);
        assertThat(session.acts())
                .filteredOn(act -> act.stick().equals(Optional.of(Stick.THROTTLE)))
                .isNotEmpty();
    }

    private static Moment moment(double at, double throttle, double arm, boolean failsafe, boolean silent) {
        List<Double> us = new ArrayList<>(Collections.nCopies(16, 1500.0));
        us.set(2, throttle);
        us.set(4, arm);
        return new Moment(at, us, failsafe, silent);
    }
}

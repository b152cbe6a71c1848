package ablemedic.radio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FailsafeSettings.AfterGuardTime;
import ablemedic.craft.LinkSettings;
import ablemedic.craft.ModeRange;
import ablemedic.craft.ReceiverSettings;
import ablemedic.craft.ReceiverSettings.WhenLost;
import ablemedic.power.PowerCrafts;
import ablemedic.radio.FailsafeTimeline.End;
import ablemedic.radio.LostLink.Moment;
import ablemedic.radio.ModePicture.Combination;
import ablemedic.radio.ModePicture.Mode;
import ablemedic.radio.ModePicture.Remark;
import ablemedic.radio.ModePicture.Switch;
import ablemedic.radio.ModePicture.Weight;
import ablemedic.radio.RadioOff.Does;
import ablemedic.radio.RadioOffVerdict.StageJudged;
import ablemedic.radio.RadioOffVerdict.Works;
import ablemedic.radio.ReturnHome.Condition;
import ablemedic.radio.ReturnHome.Go;
import ablemedic.serial.SerialCrafts;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * What is advised around a lost link: stages judged, modes laid out, settings chosen, a return cleared, a channel
 * passed on.
 */
class FailsafeAdviceTest {
    private static final Craft CRAFT = SerialCrafts.shared().with(FailsafeSettings.STAGE_2, AfterGuardTime.RETURN_HOME);

    /** By hand: receiver 0.5, board 0.2, guard 1 s; drop after 1.7 s is right. */
    @ParameterizedTest
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source =
                    "Motors that go on: the receiver holds. Stopped at once: presets. Right but late: the guard time. Another end: stage 2")
    @CsvSource({
        "STOP,1.7,AS_SET,AS_SET,AS_SET",
        "STOP,2.2,AS_SET,AS_SET,AS_SET",
        "STOP,11,AS_SET,NOT,AS_SET",
        "STOP,,AS_SET,UNSEEN,AS_SET",
        "ON,,NOT,UNSEEN,UNSEEN",
        "IDLE,0.6,NOT,UNSEEN,UNSEEN",
        "LAND,1.8,AS_SET,AS_SET,NOT",
        "BRIEF,1.7,AS_SET,AS_SET,NOT"
    })
    void eachStageIsJudgedByWhatWasSeen(Does does, Double after, Works receiver, Works first, Works second) {
        RadioOffVerdict verdict = RadioOffVerdict.of(PowerCrafts.stack(), does, Optional.ofNullable(after));
        assertThat(verdict.stages()).extracting(StageJudged::works).containsExactly(receiver, first, second);
        assertThat(verdict.passed())
                .isEqualTo(receiver == Works.AS_SET && first == Works.AS_SET && second == Works.AS_SET);
    }

    @Test
    void aStopBeforeAnyGuardTimeIsThatOfPresets() {
        Craft slow = PowerCrafts.stack().with(FailsafeSettings.GUARD, 5.0);
        assertThat(RadioOffVerdict.of(slow, Does.STOP, Optional.of(0.6))
                        .stages()
                        .get(0)
                        .why())
                .contains("failsafe values");
        assertThat(RadioOffVerdict.of(slow.with(ReceiverSettings.WHEN_LOST, WhenLost.HOLD), Does.ON, Optional.empty())
                        .passed())
                .as("what holds can never pass")
                .isFalse();
    }

    @Test
    void theStandInOfASoundCraftPassesAndThatOfAHoldingReceiverDoesNot() {
        for (AfterGuardTime stage : AfterGuardTime.values()) {
            Craft craft = PowerCrafts.stack().with(FailsafeSettings.STAGE_2, stage);
            RadioOff off = RadioOff.of(craft);
            assertThat(RadioOffVerdict.of(craft, off.does(), Optional.of(off.afterS()))
                            .passed())
                    .isTrue();
            assertThat(RadioOffVerdict.of(craft, Does.ON, Optional.empty()).passed())
                    .isFalse();
        }
    }

    private static List<Remark> remarks(List<Mode> modes, List<Switch> switches) {
        return ModePicture.of(modes, switches, 16).remarks();
    }

    private static Mode mode(String name, int channel, int from, int to) {
        return new Mode(name, new ModeRange(channel, from, to));
    }

    @Test
    void theUsualLayoutHasNothingToSayAndEveryCombinationIsGoneThrough() {
        ModePicture picture = ModePicture.of(
                List.of(mode("arm", 5, 1700, 2100), mode("self-level", 6, 1700, 2100)),
                List.of(new Switch("A", 5, List.of(1000, 2000)), new Switch("B", 6, List.of(1000, 2000))),
                16);
        assertThat(picture.remarks()).isEmpty();
        assertThat(picture.combinations())
                .containsExactlyInAnyOrder(
                        new Combination(Map.of("A", 1000, "B", 1000), List.of()),
                        new Combination(Map.of("A", 2000, "B", 1000), List.of("arm")),
                        new Combination(Map.of("A", 1000, "B", 2000), List.of("self-level")),
                        new Combination(Map.of("A", 2000, "B", 2000), List.of("arm", "self-level")));
    }

    @ParameterizedTest
    @CsvSource({
        "900,2100,HARMS,every position",
        "900,1300,HARMS,at rest",
        "2050,2150,WRONG,No position",
        "1000,1990,DOUBTFUL,edge"
    })
    void anArmSwitchThatIsLaidWronglyIsSaid(int from, int to, Weight weight, String words) {
        assertThat(remarks(List.of(mode("arm", 5, from, to)), List.of(new Switch("A", 5, List.of(1000, 2000)))))
                .anyMatch(one -> one.weight() == weight && one.text().contains(words));
    }

    @Test
    void sharedChannelsGapsMissingSwitchesAndChannelsThatAreNotCarriedAreSaid() {
        List<Switch> three = List.of(new Switch("A", 5, List.of(1000, 1500, 2000)));
        assertThat(remarks(List.of(mode("arm", 5, 1700, 2100), mode("sounder", 5, 1900, 2100)), three))
                .extracting(Remark::text)
                .anyMatch(text -> text.contains("overlap"))
                .anyMatch(text -> text.contains("gap"));
        assertThat(remarks(List.of(mode("arm", 7, 1700, 2100)), three))
                .extracting(Remark::text)
                .anyMatch(text -> text.contains("no switch moves"))
                .anyMatch(text -> text.contains("nothing uses that channel"));
        assertThat(ModePicture.of(
                                List.of(mode("arm", 9, 1700, 2100)),
                                List.of(new Switch("A", 9, List.of(1000, 2000))),
                                8)
                        .remarks())
                .extracting(Remark::text)
                .anyMatch(text -> text.contains("carries 8"));
        assertThat(remarks(List.of(new Mode("arm", ModeRange.NONE)), List.of()))
                .extracting(Remark::text)
                .containsExactly("No switch arms it.");
    }

    /** Brute force: what is on at a combination is what the ranges hold, whatever ranges and switches come. */
    @Test
    void combinationsAreThoseOfTheRanges() {
        Random random = new Random(9);
        for (int i = 0; i < 200; i++) {
            List<Mode> modes = new ArrayList<>();
            List<Switch> switches = new ArrayList<>();
            for (int m = 0; m < 3; m++) {
                int from = 900 + random.nextInt(900);
                modes.add(mode("m" + m, 5 + random.nextInt(3), from, from + 100 + random.nextInt(300)));
                switches.add(new Switch(
                        "s" + m, 5 + m, random.nextBoolean() ? List.of(1000, 2000) : List.of(1000, 1500, 2000)));
            }
            for (Combination one : ModePicture.of(modes, switches, 16).combinations()) {
                for (Mode mode : modes) {
                    int us = one.positions().get("s" + (mode.range().channel() - 5));
                    assertThat(one.on().contains(mode.name()))
                            .isEqualTo(us >= mode.range().fromUs()
                                    && us <= mode.range().toUs());
                }
            }
        }
    }

    private static final ReturnHome.Seen ALL = new ReturnHome.Seen(
            Optional.of(12), Optional.of(true), Optional.of(15.0), Optional.of(3.0), Optional.of(true));

    @Test
    void aTryIsClearedOnlyWhenEveryConditionHoldsAndItsPlanTellsDistanceAndHeight() {
        ReturnHome cleared = ReturnHome.of(CRAFT, ALL);
        assertThat(cleared.conditions())
                .allSatisfy(one -> assertThat(one.go()).as(one.toString()).isEqualTo(Go.GO));
        assertThat(cleared.plan()).anyMatch(step -> step.contains("30 m")).anyMatch(step -> step.contains("take over"));
        assertThat(cleared.conditions())
                .allSatisfy(one -> assertThat(one.source()).isNotBlank());
    }

    @ParameterizedTest
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source =
                    "Return home wants a fix, home noted, eight satellites, the climb above what stands around, level calibrated, a test passed; first try 10 m, 30 m high")
    @CsvSource({
        "7,true,15,3,true,Satellites",
        "12,false,15,3,true,Home set",
        "12,true,25,3,true,Climbs",
        "12,true,15,6,true,wind",
        "12,true,15,3,false,Radio-off"
    })
    void oneThatFailsIsNoGo(int satellites, boolean noted, double obstacle, double wind, boolean tested, String which) {
        ReturnHome home = ReturnHome.of(
                CRAFT,
                new ReturnHome.Seen(
                        Optional.of(satellites),
                        Optional.of(noted),
                        Optional.of(obstacle),
                        Optional.of(wind),
                        Optional.of(tested)));
        assertThat(home.conditions())
                .filteredOn(one -> one.go() == Go.NO_GO)
                .extracting(Condition::what)
                .singleElement()
                .asString()
                .contains(which);
        assertThat(home.plan()).isEmpty();
    }

    @Test
    void whatNobodyEnteredIsUnknownAndThatIsNoGo() {
        ReturnHome home = ReturnHome.of(
                CRAFT,
                new ReturnHome.Seen(
                        Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty()));
        assertThat(home.isGo()).isFalse();
        assertThat(home.conditions()).filteredOn(one -> one.go() == Go.UNKNOWN).hasSize(5);
        assertThat(ReturnHome.of(PowerCrafts.stack().with(FailsafeSettings.STAGE_2, AfterGuardTime.RETURN_HOME), ALL)
                        .isGo())
                .as("without a module")
                .isFalse();
    }

    @ParameterizedTest
    @EnumSource(AfterGuardTime.class)
    void theSafestSettingsEndAsTheirSchoolSaysAndTheLandingIsSoft(AfterGuardTime convention) {
        SafestFailsafe safest = SafestFailsafe.of(CRAFT.with(ReceiverSettings.WHEN_LOST, WhenLost.HOLD), convention);
        Craft set = CRAFT;
        for (SafestFailsafe.Told one : safest.settings()) {
            set = entered(set, one);
        }
        FailsafeTimeline line = FailsafeTimeline.of(set.airframe(), LostLink.of(set, Moment.usual(true)));
        assertThat(line.end())
                .isEqualTo(
                        convention == AfterGuardTime.DROP
                                ? End.FALLS
                                : convention == AfterGuardTime.LAND ? End.LANDS : End.HOME);
        if (convention == AfterGuardTime.LAND) {
            assertThat(line.impactMs()).isBetween(1.0, 7.0);
            assertThat(TimelineSpread.of(set.airframe(), LostLink.of(set, Moment.usual(true)))
                            .ends())
                    .as("what is not known of it makes it no climb")
                    .isEmpty();
        }
        assertThat(safest.settings()).allSatisfy(one -> assertThat(one.why()).isNotBlank());
        assertThat(safest.settings())
                .filteredOn(one -> one.setting().equals(ReceiverSettings.WHEN_LOST))
                .allMatch(SafestFailsafe.Told::differs);
    }

    private static Craft entered(Craft craft, SafestFailsafe.Told one) {
        String safest = one.safest();
        return ReceiverSettings.WHEN_LOST.equals(one.setting())
                ? craft.with(ReceiverSettings.WHEN_LOST, WhenLost.NO_FRAMES)
                : FailsafeSettings.STAGE_2.equals(one.setting())
                        ? craft.with(
                                FailsafeSettings.STAGE_2,
                                List.of(AfterGuardTime.values()).stream()
                                        .filter(stage -> stage.label().equals(safest))
                                        .findFirst()
                                        .orElseThrow())
                        : one.setting().equals(FailsafeSettings.LANDING_THROTTLE)
                                ? craft.with(
                                        FailsafeSettings.LANDING_THROTTLE, Double.parseDouble(safest.split(" ")[0]))
                                : craft;
    }

    @Test
    void whatIsNotKnownToTheDigitLiesAroundTheTimelineAndGrowsWithNothingKnown() {
        LostLink lost = LostLink.of(PowerCrafts.stack(), Moment.usual(false));
        FailsafeTimeline line = FailsafeTimeline.of(PowerCrafts.stack().airframe(), lost);
        TimelineSpread spread = TimelineSpread.of(PowerCrafts.stack().airframe(), lost);
        assertThat(line.impactMs())
                .isStrictlyBetween(spread.impactMs().least(), spread.impactMs().most());
        // Reaction of 0.7 s within 30 %, guard 1 s, at 8 m/s.
        assertThat(spread.blindM().least()).isCloseTo(8 * (0.7 * 0.7 + 1), within(1e-9));
        assertThat(spread.blindM().most()).isCloseTo(8 * (0.7 * 1.3 + 1), within(1e-9));
        assertThat(spread.ends()).isEmpty();
    }

    @Test
    void aLandingThrottleJustBelowHoveringMayClimbAndThatIsSaid() {
        Craft craft = PowerCrafts.stack()
                .with(FailsafeSettings.STAGE_2, AfterGuardTime.LAND)
                .with(
                        FailsafeSettings.LANDING_THROTTLE,
                        100 * PowerCrafts.stack().airframe().hoverThrottle() * 0.99);
        assertThat(TimelineSpread.of(craft.airframe(), LostLink.of(craft, Moment.usual(false)))
                        .ends())
                .contains(End.CLIMBS);
    }

    @ParameterizedTest
    @OutsideCheck(kind = Kind.COMMON_PRACTICE, source = "Channel n is auxiliary n - 4")
    @CsvSource({"5,1", "8,4", "12,8", "16,12"})
    void auxiliaryNumbersBeginAfterTheSticks(int channel, int auxiliary) {
        assertThat(OutputPass.of(PowerCrafts.stack(), channel, 6).auxiliary()).isEqualTo(auxiliary);
    }

    @Test
    void whatSpeaksAgainstAnOutputIsSaid() {
        Craft craft = PowerCrafts.stack();
        assertThat(OutputPass.of(craft, 9, 6).against()).isEmpty();
        assertThat(OutputPass.of(craft, craft.setting(ArmingSettings.ARM).channel(), 2)
                        .against())
                .hasSize(2);
        assertThat(OutputPass.of(craft.with(LinkSettings.CHANNELS, 8), 9, 6).against())
                .singleElement()
                .asString()
                .contains("doesn't carry");
        assertThatThrownBy(() -> OutputPass.of(craft, 3, 6))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("5 or higher");
    }
}

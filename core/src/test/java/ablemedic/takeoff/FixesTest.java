package ablemedic.takeoff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import ablemedic.craft.Craft;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.Stick;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.takeoff.LinearMotion.Hold;
import ablemedic.takeoff.Sight.Manner;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Whatever is wrong, every fix of it makes the craft fly again. */
@Tag("thorough")
class FixesTest {
    @ParameterizedTest
    @MethodSource("ablemedic.takeoff.Crafts#varied")
    void everyFixOfEveryFaultMakesTheCraftFlyAgain(Craft sound) {
        for (Fault<Craft> fault : TakeOff.book().faults()) {
            for (Fix<Craft> fix : fault.fixes(sound)) {
                Craft fixed = fix.applyTo(fault.applyTo(sound));
                LinearMotion motion = new LinearMotion(fixed);
                assertThat(motion.axes().values())
                        .as(fault.id() + " by " + fix.id())
                        .containsOnly(Hold.DAMPED);
                assertThat(motion.push())
                        .as(fault.id() + " by " + fix.id())
                        .containsExactly(new double[3], offset(1e-6));
                assertThat(motion.sights(Disturbance.USUAL)).allMatch(s -> s.manner() == Manner.FLIES);
                for (Stick stick : Stick.values()) {
                    assertThat(fixed.setting(RadioSettings.reversed(stick)))
                            .isEqualTo(sound.setting(RadioSettings.reversed(stick)));
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("ablemedic.takeoff.Crafts#varied")
    void theWaysToFixOneFaultBearOneRemedyAndSayWhatChanges(Craft sound) {
        for (Fault<Craft> fault : TakeOff.book().faults()) {
            var fixes = fault.fixes(sound);
            assertThat(fixes.stream().map(Fix::remedy).collect(Collectors.toSet()))
                    .as(fault.id())
                    .hasSize(1);
            assertThat(fixes.stream().map(Fix::id)).as(fault.id()).doesNotHaveDuplicates();
            assertThat(fixes).allSatisfy(fix -> {
                assertThat(fix.steps()).isNotEmpty();
                assertThat(fix.values()).isNotEmpty().allSatisfy(v -> assertThat(v.before())
                        .isNotEqualTo(v.after()));
                assertThat(fix.minutes()).isPositive();
            });
        }
    }

    @ParameterizedTest
    @MethodSource("ablemedic.takeoff.Crafts#varied")
    void everyFaultChangesTheCraftAndEveryCheckForesaysSomethingOfIt(Craft sound) {
        for (Fault<Craft> fault : TakeOff.book().faults()) {
            Craft faulty = fault.applyTo(sound);
            assertThat(faulty).as(fault.id()).isNotEqualTo(sound);
            assertThat(TakeOff.book().checks().stream()
                            .anyMatch(check -> !ablemedic.diagnosis.Proof.expected(check, faulty)
                                    .equals(ablemedic.diagnosis.Proof.expected(check, sound))))
                    .as("some check can show " + fault.id())
                    .isTrue();
        }
    }
}

package ablemedic.settings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.craft.MotorProtocol;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class MotorStartTest {
    /** By hand: sixteen bits at the rate of the name, thousands a second. Common practice, no source. */
    @Test
    void aFrameLastsSixteenBits() {
        assertThat(MotorProtocol.DSHOT600.longestUs()).isCloseTo(26.67, within(0.01));
        assertThat(MotorProtocol.DSHOT300.longestUs()).isCloseTo(53.33, within(0.01));
        assertThat(MotorProtocol.DSHOT150.longestUs()).isCloseTo(106.67, within(0.01));
        assertThat(MotorProtocol.ONESHOT125.longestUs()).isEqualTo(250);
    }

    /** By hand: 490 pulses of 2 ms leave 40 µs between them; at 8 kHz a value is due every 125 µs. */
    @Test
    void whatIsSlowerThanTheLoopDoesNotKeepUp() {
        assertThat(Arrays.stream(MotorProtocol.values()).filter(one -> one.keepsUpWith(490)))
                .containsExactly(MotorProtocol.values());
        assertThat(Arrays.stream(MotorProtocol.values()).filter(one -> one.keepsUpWith(8000)))
                .containsExactly(
                        MotorProtocol.SHORT_PULSES,
                        MotorProtocol.DSHOT150,
                        MotorProtocol.DSHOT300,
                        MotorProtocol.DSHOT600);
    }

    @Test
    void digitalIsChosenWhereBothSpeakItAndPulsesWithEndPointsWhereTheyDoNot() {
        assertThat(MotorStart.of(EnumSet.allOf(MotorProtocol.class), 4000, List.of())
                        .protocol())
                .contains(MotorProtocol.DSHOT600);
        MotorStart old = MotorStart.of(Set.of(MotorProtocol.PWM, MotorProtocol.ONESHOT125), 2000, List.of());
        assertThat(old.protocol()).contains(MotorProtocol.ONESHOT125);
        assertThat(old.calibrate()).isTrue();
        assertThat(MotorStart.of(Set.of(MotorProtocol.PWM), 4000, List.of()).protocol())
                .as("2 ms do not go into a quarter of one")
                .isEmpty();
        for (int bits = 1; bits < 64; bits++) {
            Set<MotorProtocol> spoken = EnumSet.noneOf(MotorProtocol.class);
            for (MotorProtocol one : MotorProtocol.values()) {
                if ((bits >> one.ordinal() & 1) == 1) {
                    spoken.add(one);
                }
            }
            MotorStart.of(spoken, 1000, List.of()).protocol().ifPresent(chosen -> {
                assertThat(spoken).contains(chosen);
                assertThat(spoken).allSatisfy(other -> assertThat(
                                other.isDigital() && !chosen.isDigital() && other.keepsUpWith(1000))
                        .isFalse());
            });
        }
    }

    @Test
    void idleLiesOverTheHighestThresholdAndUnevenOnesAreCalibrated() {
        MotorStart even = MotorStart.of(Set.of(MotorProtocol.ONESHOT125), 1000, List.of(4.2, 4.5, 4.4, 4.6));
        assertThat(even.idle().orElseThrow()).isCloseTo(5.6, within(1e-9));
        assertThat(even.calibrate()).isFalse();
        MotorStart uneven = MotorStart.of(Set.of(MotorProtocol.ONESHOT125), 1000, List.of(4.2, 7.5, 4.4));
        assertThat(uneven.calibrate()).isTrue();
        assertThat(uneven.spread()).isCloseTo(3.3, within(1e-9));
        assertThat(MotorStart.of(Set.of(MotorProtocol.DSHOT300), 1000, List.of(4.2, 7.5))
                        .calibrate())
                .as("frames have no end points")
                .isFalse();
        assertThat(MotorStart.of(Set.of(MotorProtocol.DSHOT300), 1000, List.of(4.2, 9.5))
                        .isOneStiff())
                .isTrue();
        assertThat(even.isOneStiff()).isFalse();
    }
}

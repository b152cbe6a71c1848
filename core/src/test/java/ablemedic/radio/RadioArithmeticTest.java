package ablemedic.radio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.craft.Stick;
import ablemedic.craft.StickOrder;
import ablemedic.protocol.Format;
import ablemedic.radio.ChannelOrder.Moved;
import ablemedic.radio.TrimAndTravel.Travels;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RadioArithmeticTest {
    private static List<Moved> seen(StickOrder radio, StickOrder board) {
        return Arrays.stream(Stick.values())
                .map(stick -> new Moved(stick, Optional.of(board.on(radio.channel(stick))), true))
                .toList();
    }

    /**
     * The trade's own example: throttle moves roll, roll moves pitch, pitch moves throttle. Worked by hand: the radio
     * sends TAER.
     */
    @Test
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source = "AETR and TAER are the two usual orders; three bars that moved tell them apart")
    void theUsualMixUpIsFoundFromThreeSticks() {
        ChannelOrder found = ChannelOrder.of(
                StickOrder.AETR,
                List.of(
                        new Moved(Stick.THROTTLE, Optional.of(Stick.ROLL), true),
                        new Moved(Stick.ROLL, Optional.of(Stick.PITCH), true),
                        new Moved(Stick.PITCH, Optional.of(Stick.THROTTLE), false)));
        assertThat(found.orders()).containsExactly(StickOrder.TAER);
        assertThat(found.reversed()).containsExactly(Stick.PITCH);
        assertThat(found.against()).isEmpty();
        assertThat(found.next()).isEmpty();
    }

    @Test
    void everyOrderIsFoundUnderEveryBoardAndFromAnyThreeSticks() {
        for (StickOrder radio : ChannelOrder.all()) {
            for (StickOrder board : ChannelOrder.all()) {
                List<Moved> all = seen(radio, board);
                assertThat(ChannelOrder.of(board, all).orders()).containsExactly(radio);
                for (int left = 0; left < 4; left++) {
                    List<Moved> three = new ArrayList<>(all);
                    three.remove(left);
                    assertThat(ChannelOrder.of(board, three).orders()).containsExactly(radio);
                }
                ChannelOrder two = ChannelOrder.of(board, all.subList(0, 2));
                assertThat(two.orders()).hasSize(2).contains(radio);
                assertThat(two.next()).isPresent().get().isIn(Stick.THROTTLE, Stick.YAW);
            }
        }
    }

    @Test
    void oneBarSeenWronglyIsOutvotedByASecondLookAndSaid() {
        List<Moved> seen = new ArrayList<>(seen(StickOrder.AETR, StickOrder.AETR));
        seen.add(new Moved(Stick.ROLL, Optional.of(Stick.YAW), true));
        ChannelOrder found = ChannelOrder.of(StickOrder.AETR, seen);
        assertThat(found.orders()).containsExactly(StickOrder.AETR);
        assertThat(found.against()).singleElement().satisfies(one -> assertThat(one.bar())
                .contains(Stick.YAW));
        ChannelOrder twice = ChannelOrder.of(
                StickOrder.AETR,
                List.of(
                        new Moved(Stick.ROLL, Optional.of(Stick.ROLL), true),
                        new Moved(Stick.PITCH, Optional.of(Stick.ROLL), true)));
        assertThat(twice.orders().size()).as("two sticks on one bar cannot be").isGreaterThan(1);
        assertThat(twice.against().size() + twice.orders().size()).isGreaterThan(2);
    }

    @Test
    void noiseOnAThousandRadiosLeavesMostFoundAndSureOnlyWhereRight() {
        Random random = new Random(12);
        List<StickOrder> all = List.copyOf(ChannelOrder.all());
        int right = 0;
        int single = 0;
        double sure = 0;
        for (int i = 0; i < 1000; i++) {
            StickOrder radio = all.get(random.nextInt(24));
            List<Moved> seen = new ArrayList<>();
            for (Moved moved : seen(radio, StickOrder.AETR)) {
                seen.add(
                        random.nextInt(20) > 0
                                ? moved
                                : new Moved(
                                        moved.stick(),
                                        Optional.of(
                                                Stick.values()[
                                                        (moved.bar()
                                                                                .orElseThrow()
                                                                                .ordinal()
                                                                        + 1
                                                                        + random.nextInt(3))
                                                                % 4]),
                                        true));
            }
            ChannelOrder found = ChannelOrder.of(StickOrder.AETR, seen);
            if (found.orders().size() == 1) {
                single++;
                right += found.orders().get(0).equals(radio) ? 1 : 0;
                sure += found.sure();
            }
        }
        assertThat(right)
                .as("four bars seen right, each one time in twenty wrong: 0.95 to the fourth")
                .isGreaterThan(800);
        assertThat((double) right / single).isGreaterThan(0.95);
        assertThat(sure / single).as("as sure as it is right").isCloseTo((double) right / single, within(0.05));
    }

    @ParameterizedTest
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source =
                    "Centre 1500, ends 1000 and 2000 µs; trim for 1503 or 1497, travel for the ends, a bar that is reversed at the radio")
    @CsvSource({
        "1500,1000,2000,0,100,100,false",
        "1503,1003,2003,-3,100,100,false",
        "1497,997,1997,3,100,100,false",
        "1500,1020,1980,0,104.2,104.2,false",
        "1500,988,2012,0,97.7,97.7,false",
        "1500,2000,1000,0,100,100,true",
        "1510,1010,1980,-10,100,106.4,false"
    })
    void aBarIsBroughtToItsMiddleAndItsEnds(
            double centre, double low, double high, double trim, double lowPct, double highPct, boolean reversed) {
        TrimAndTravel set = TrimAndTravel.of(Optional.of(centre), low, high, Travels.USUAL);
        assertThat(set.trimUs()).isEqualTo(trim);
        assertThat(set.lowPct()).contains(lowPct);
        assertThat(set.highPct()).contains(highPct);
        assertThat(set.reversed()).isEqualTo(reversed);
    }

    @Test
    void whatCannotBeReachedIsNotPromised() {
        assertThat(TrimAndTravel.of(Optional.empty(), 1490, 2000, Travels.USUAL).lowPct())
                .as("it hardly moves")
                .isEmpty();
        assertThat(TrimAndTravel.of(Optional.empty(), 1300, 1700, Travels.USUAL).lowPct())
                .as("more than radios give")
                .isEmpty();
        assertThat(TrimAndTravel.of(Optional.empty(), 1090, 1910, Travels.USUAL).trimUs())
                .as("a throttle has no middle")
                .isZero();
    }

    /**
     * By hand: 25 bytes of 12 bits at 100 000 baud are 3 ms; 32 of 10 at 115 200 are 2.78 ms; 26 of 10 at 416 666 are
     * 0.62 ms.
     */
    @ParameterizedTest
    @OutsideCheck(
            kind = Kind.FROM_MEMORY,
            source = "Lengths of the frames; the times follow from bits and rates by hand")
    @CsvSource({
        "SBUS,9,3.0,7.5,12.0",
        "SBUS,18,3.0,12.0,21.0",
        "IBUS,7,2.778,6.278,9.778",
        "CRSF,4,0.624,2.624,4.624",
        "SATELLITE,11,1.389,6.889,12.389",
        "PPM,22.5,16,27.25,38.5"
    })
    void howOldAStickIsFollowsFromFrameAndRate(
            Format format, double between, double frame, double usual, double worst) {
        FrameTime time = FrameTime.of(format, 8, between).orElseThrow();
        assertThat(time.frameMs()).isCloseTo(frame, within(0.001));
        assertThat(time.usualMs()).isCloseTo(usual, within(0.001));
        assertThat(time.worstMs()).isCloseTo(worst, within(0.001));
        assertThat(time.fits()).isTrue();
        assertThat(FrameTime.of(format, 8, frame / 2).orElseThrow().fits()).isFalse();
    }

    @Test
    void aFormatWithoutSticksHasNoFrameOfThem() {
        assertThat(FrameTime.of(Format.NMEA, 8, 100)).isEmpty();
        assertThat(FrameTime.usualBetweenMs(Format.NMEA)).isEmpty();
    }
}

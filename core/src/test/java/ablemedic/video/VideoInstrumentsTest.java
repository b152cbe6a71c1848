package ablemedic.video;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import ablemedic.craft.VideoSettings.Fields;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import ablemedic.video.Channels.Channel;
import ablemedic.video.Channels.Disturbs;
import ablemedic.video.ScreenGrid.Item;
import ablemedic.video.ScreenGrid.Stands;
import ablemedic.video.VideoHeat.Air;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class VideoInstrumentsTest {
    private static List<Integer> of(String... names) {
        return List.of(names).stream()
                .map(name -> Channels.find(name).orElseThrow().megahertz())
                .toList();
    }

    @OutsideCheck(
            kind = Kind.FROM_MEMORY,
            source =
                    "Tables of the five usual bands, printed in the manuals of all such transmitters; from memory, two of each row")
    @CsvSource({
        "A1, 5865",
        "A8, 5725",
        "B1, 5733",
        "B8, 5866",
        "E1, 5705",
        "E5, 5885",
        "E8, 5945",
        "F1, 5740",
        "F4, 5800",
        "F8, 5880",
        "R1, 5658",
        "R8, 5917",
        "L1, 5362",
        "L8, 5621"
    })
    @ParameterizedTest
    void channelsAreThoseOfTheTables(String name, int megahertz) {
        assertThat(Channels.find(name)).map(Channel::megahertz).contains(megahertz);
    }

    @Test
    void fortyEightChannelsLieWithinTheirTable() {
        assertThat(Channels.ALL).hasSize(48).allSatisfy(one -> assertThat(one.megahertz())
                .isBetween(5362, 5945));
        assertThat(Channels.ALL.stream().map(Channel::name).distinct()).hasSize(48);
        assertThat(Channels.on(5880)).extracting(Channel::name).containsExactly("F8", "R7");
    }

    @OutsideCheck(
            kind = Kind.PUBLISHED,
            source = "Third-order products 2 f1 - f2 by hand, as in any textbook of radio: 2 x 5695 - 5658 = 5732")
    @Test
    void threeEvenlySpacedChannelsAreTheWorstThatThereIs() {
        assertThat(Channels.among(of("R1", "R2", "R3")))
                .contains(new Disturbs(2, 1, 0, 5732, 0), new Disturbs(0, 1, 2, 5658, 0));
        assertThat(Channels.among(of("R1", "R4"))).isEmpty();
        assertThat(Channels.among(of("F4", "R5")))
                .containsExactly(new Disturbs(0, 1, 1, 5806, 6), new Disturbs(1, 0, 0, 5800, 6));
    }

    /** The same sums in another shape: every pair's two products against every third, over random choices. */
    @Test
    void disturbancesAgreeWithEnumeration() {
        Random random = new Random(5);
        for (int round = 0; round < 300; round++) {
            List<Integer> set =
                    random.ints(2 + random.nextInt(5), 5300, 5950).boxed().toList();
            List<String> byHand = new ArrayList<>();
            for (int a = 0; a < set.size(); a++) {
                for (int b = a + 1; b < set.size(); b++) {
                    int gap = set.get(b) - set.get(a);
                    if (Math.abs(gap) < 30) {
                        byHand.add(a + " " + b);
                        byHand.add(b + " " + a);
                    }
                    for (int c = 0; c < set.size(); c++) {
                        if (c != a && c != b && Math.abs(set.get(a) - gap - set.get(c)) < 12) {
                            byHand.add(c + " " + a + "+" + b);
                        }
                        if (c != a && c != b && Math.abs(set.get(b) + gap - set.get(c)) < 12) {
                            byHand.add(c + " " + b + "+" + a);
                        }
                    }
                }
            }
            assertThat(Channels.among(set).stream()
                            .map(d -> d.pilot() + " " + d.one() + (d.isBeside() ? "" : "+" + d.other())))
                    .containsExactlyInAnyOrderElementsOf(byHand);
        }
    }

    @ParameterizedTest
    @CsvSource({"R, 4, false", "R, 3, true", "RF, 3, true", "AB, 3, false", "E, 5, false"})
    void theBestChoiceIsNoWorseThanAnyOther(String bands, int pilots, boolean free) {
        List<String> all = bands.chars().mapToObj(c -> String.valueOf((char) c)).toList();
        List<Channel> best = Channels.best(all, pilots, free);
        assertThat(best).hasSize(pilots).allSatisfy(one -> assertThat(!free || one.isFree())
                .isTrue());
        int margin = Channels.margin(best.stream().map(Channel::megahertz).toList());
        List<Integer> from = Channels.ALL.stream()
                .filter(one -> all.contains(one.band()) && (!free || one.isFree()))
                .map(Channel::megahertz)
                .toList();
        assertThat(choices(from, pilots))
                .allSatisfy(one -> assertThat(Channels.margin(one)).isLessThanOrEqualTo(margin));
        assertThat(margin >= 0)
                .isEqualTo(Channels.among(best.stream().map(Channel::megahertz).toList())
                        .isEmpty());
    }

    private static List<List<Integer>> choices(List<Integer> from, int n) {
        if (n == 0) {
            return List.of(List.of());
        }
        List<List<Integer>> all = new ArrayList<>();
        for (int i = 0; i <= from.size() - n; i++) {
            for (List<Integer> rest : choices(from.subList(i + 1, from.size()), n - 1)) {
                List<Integer> one = new ArrayList<>(List.of(from.get(i)));
                one.addAll(rest);
                all.add(one);
            }
        }
        return all;
    }

    @Test
    void moreThanThereAreChannelsIsNoChoice() {
        assertThat(Channels.best(List.of("R"), 9, false)).isEmpty();
    }

    /** Small steps of time in place of the closed form. */
    @ParameterizedTest
    @EnumSource(Air.class)
    void timesToShutDownAgreeWithSmallSteps(Air air) {
        for (int milliwatts : List.of(25, 200, 600, 1000)) {
            VideoHeat heat = new VideoHeat(milliwatts, air, 25);
            double kelvinsAWatt = (heat.endC() - 25) / heat.watts();
            double celsius = 25;
            double seconds = 0;
            while (celsius < VideoHeat.SHUTS_C && seconds < 36_000) {
                celsius += 0.05 * (heat.watts() - (celsius - 25) / kelvinsAWatt) / 10;
                seconds += 0.05;
            }
            if (Double.isInfinite(heat.minutes())) {
                assertThat(seconds).isGreaterThanOrEqualTo(36_000);
            } else {
                assertThat(seconds / 60).isCloseTo(heat.minutes(), within(0.02 + 0.01 * heat.minutes()));
            }
            assertThat(heat.soonest()).isLessThanOrEqualTo(heat.minutes());
            assertThat(heat.latest()).isGreaterThanOrEqualTo(heat.minutes());
        }
    }

    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source = "Common practice, no source: at 600 mW a transmitter overheats on a still bench, at 25 mW never")
    @Test
    void onAStillBenchSixHundredMilliwattsOverheatAndTwentyFiveDoNot() {
        assertThat(new VideoHeat(600, Air.STILL, 22).shutsWithin(15)).isGreaterThan(0.7);
        assertThat(new VideoHeat(600, Air.FLIGHT, 22).shutsWithin(60)).isLessThan(0.05);
        assertThat(new VideoHeat(25, Air.STILL, 35).shutsWithin(600)).isZero();
    }

    @Test
    void heatOfNothingIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> new VideoHeat(0, Air.STILL, 20));
        assertThatIllegalArgumentException().isThrownBy(() -> new VideoHeat(25, Air.STILL, 90));
        assertThatIllegalArgumentException().isThrownBy(() -> new VideoHeat(Double.NaN, Air.STILL, 20));
    }

    @OutsideCheck(
            kind = Kind.PUBLISHED,
            source = "Rec. ITU-R BT.1700: 576 and 480 lines in two fields; 18 lines a character")
    @Test
    void fiftyFieldsMakeSixteenRowsAndSixtyThirteen() {
        assertThat(ScreenGrid.rows(Fields.FIFTY)).isEqualTo(576 / 2 / 18).isEqualTo(16);
        assertThat(ScreenGrid.rows(Fields.SIXTY)).isEqualTo(480 / 2 / 18).isEqualTo(13);
    }

    @Test
    void itemsFallInsideCutOutsideOrOnOneAnother() {
        ScreenGrid grid = new ScreenGrid(Fields.FIFTY, 0.8);
        assertThat(List.of(grid.firstColumn(), grid.lastColumn(), grid.firstRow(), grid.lastRow()))
                .containsExactly(3, 26, 2, 13);
        List<ScreenGrid.Placed> placed = grid.placed(List.of(
                new Item("cell", 3, 2, 5),
                new Item("strength", 25, 2, 4),
                new Item("clock", 0, 15, 5),
                new Item("name", 12, 8, 8),
                new Item("warning", 15, 8, 6)));
        assertThat(placed)
                .extracting(ScreenGrid.Placed::stands)
                .containsExactly(Stands.INSIDE, Stands.CUT, Stands.OUTSIDE, Stands.OVERLAPS, Stands.OVERLAPS);
        assertThat(placed.get(1).column()).isEqualTo(23);
        assertThat(placed.get(2))
                .extracting(ScreenGrid.Placed::column, ScreenGrid.Placed::row)
                .containsExactly(3, 13);
        assertThatIllegalArgumentException().isThrownBy(() -> new ScreenGrid(Fields.FIFTY, 0.4));
    }

    @ParameterizedTest
    @CsvSource({"FIFTY, 0.5", "FIFTY, 0.9", "SIXTY, 0.75", "SIXTY, 1"})
    void whereAnItemIsMovedToIsInside(Fields fields, double share) {
        ScreenGrid grid = new ScreenGrid(fields, share);
        for (int column = 0; column < ScreenGrid.COLUMNS; column++) {
            for (int row = 0; row < 16; row++) {
                ScreenGrid.Placed one =
                        grid.placed(List.of(new Item("x", column, row, 4))).get(0);
                assertThat(grid.placed(List.of(new Item("x", one.column(), one.row(), 4)))
                                .get(0)
                                .stands())
                        .isEqualTo(Stands.INSIDE);
                assertThat(one.stands() == Stands.INSIDE).isEqualTo(one.column() == column && one.row() == row);
            }
        }
    }
}

package ablemedic.power;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.power.BatteryEntry.Judged;
import ablemedic.power.BatteryEntry.Likely;
import ablemedic.wiring.BatteryType;
import ablemedic.wiring.Chemistry;
import java.util.List;
import java.util.function.BiFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What is noted of a battery against what batteries give. Common practice, no source. */
class BatteryEntryTest {
    private static final BatteryType FOUR_CELLS = new BatteryType(4, Chemistry.LIPO, 1500, 4);

    @Test
    void whatABatteryCannotGiveIsRefusedAndWhatItSeldomGivesIsAsked() {
        assertThat(BatteryEntry.atRest(FOUR_CELLS, 25).likely()).isEqualTo(Likely.NEVER);
        assertThat(BatteryEntry.atRest(FOUR_CELLS, 8).likely()).isEqualTo(Likely.SELDOM);
        assertThat(BatteryEntry.atRest(FOUR_CELLS, 16.9).likely())
                .as("a meter that shows a little much")
                .isEqualTo(Likely.FINE);
        assertThat(BatteryEntry.charge(FOUR_CELLS, 99_999).likely()).isEqualTo(Likely.NEVER);
        assertThat(BatteryEntry.charge(FOUR_CELLS, 2_000).likely()).isEqualTo(Likely.SELDOM);
        assertThat(BatteryEntry.charge(FOUR_CELLS, 1_550).likely()).isEqualTo(Likely.FINE);
        assertThat(BatteryEntry.current(FOUR_CELLS, 1_200).likely()).isEqualTo(Likely.NEVER);
        assertThat(BatteryEntry.current(FOUR_CELLS, 300).likely()).isEqualTo(Likely.SELDOM);
        assertThat(BatteryEntry.current(FOUR_CELLS, 90).likely()).isEqualTo(Likely.FINE);
        assertThat(BatteryEntry.underLoad(FOUR_CELLS, 9).likely()).isEqualTo(Likely.SELDOM);
    }

    @ParameterizedTest
    @EnumSource(Chemistry.class)
    void everyChargeOfEveryChemistryIsFineAtRest(Chemistry chemistry) {
        for (int cells = 1; cells <= 14; cells++) {
            BatteryType kind = new BatteryType(cells, chemistry, 1500, 4);
            for (double charge = 0; charge <= 1; charge += 0.05) {
                assertThat(BatteryEntry.atRest(kind, cells * chemistry.restingV(charge))
                                .likely())
                        .as("%s cells at %s", cells, charge)
                        .isEqualTo(Likely.FINE);
            }
        }
    }

    @Test
    void whatIsNotFineSaysWhy() {
        for (BiFunction<BatteryType, Double, Judged> one : List.of(
                wide(BatteryEntry::atRest),
                wide(BatteryEntry::underLoad),
                wide(BatteryEntry::charge),
                wide(BatteryEntry::current))) {
            for (double value : new double[] {0.6, 8, 25, 300, 2_000, 99_999}) {
                Judged judged = one.apply(FOUR_CELLS, value);
                assertThat(judged.why().isEmpty()).isEqualTo(judged.likely() == Likely.FINE);
            }
        }
    }

    private static BiFunction<BatteryType, Double, Judged> wide(BiFunction<BatteryType, Double, Judged> one) {
        return one;
    }
}

package ablemedic.power;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.VoltageSource;
import ablemedic.diagnosis.Proof;
import ablemedic.power.ScaleFromReadings.Pair;
import ablemedic.reading.Meter;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import ablemedic.wiring.BatteryType;
import ablemedic.wiring.Chemistry;
import ablemedic.wiring.Gauge;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Laws that hold for any battery, wire, bulb and pair of readings. */
class PackAndScreenTest {
    private final Craft craft = PowerCrafts.separate();

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 8, 12})
    void everyPackBetweenItsBoundsIsGuessedRightAndJustOutsideWrong(int cells) {
        BatteryType battery = new BatteryType(cells, Chemistry.LIPO, 1500, 4);
        double[] right = CellGuess.rightBetween(battery);
        for (double share = 0.01; share < 1; share += 0.01) {
            double cell = right[0] + share * (right[1] - right[0]);
            if (cell * cells >= 1) {
                assertThat(CellGuess.of(cell * cells))
                        .as("%d cells at %.2f V", cells, cell)
                        .isEqualTo(cells);
            }
        }
        assertThat(CellGuess.of((right[1] + 0.01) * cells)).isEqualTo(cells + 1);
        if (cells > 1) {
            assertThat(CellGuess.of((right[0] - 0.01) * cells)).isEqualTo(cells - 1);
        }
    }

    @ParameterizedTest
    @CsvSource({"16.8, 4", "12.6, 3", "25.2, 6", "8.4, 2", "0, 0", "0.9, 0", "12.8, 3", "13.0, 4", "4.35, 2"})
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source = "a full cell has 4.20 V; a board takes the least count with no cell above 4.30 V")
    void aFullPackOfTheTradeIsGuessedRight(double volts, int cells) {
        assertThat(CellGuess.of(volts)).isEqualTo(cells);
    }

    @Test
    void twiceTheLengthIsTwiceTheDropAndTwiceTheCurrentIsFourTimesTheHeat() {
        for (int awg = 10; awg <= 30; awg += 2) {
            WireDrop one = WireDrop.of(new Gauge(awg), 100, 5, 20);
            assertThat(WireDrop.of(new Gauge(awg), 200, 5, 20).dropV()).isCloseTo(2 * one.dropV(), within(1e-12));
            assertThat(WireDrop.of(new Gauge(awg), 100, 10, 20).watts()).isCloseTo(4 * one.watts(), within(1e-9));
            assertThat(WireDrop.of(new Gauge(awg), 100, 5, 80).ohms())
                    .as("warm copper")
                    .isGreaterThan(one.ohms());
            assertThat(WireDrop.of(new Gauge(awg + 1), 100, 5, 20).ohms())
                    .as("thinner")
                    .isGreaterThan(one.ohms());
        }
    }

    @Test
    void whatNoGaugeCanKeepGetsNone() {
        assertThat(WireDrop.thinnest(10_000, 500, 20, 0.001)).isEmpty();
    }

    @Test
    void theBulbTakesMoreTheLessTheCraftResists() {
        double before = 0;
        for (double ohms : new double[] {1000, 300, 100, 30, 10, 3, 1, 0.3, 0}) {
            LimiterBulb.Steady steady = LimiterBulb.with(16.4, 24, 21, ohms);
            assertThat(steady.bulbV()).isGreaterThan(before);
            assertThat(steady.bulbV() + steady.craftV()).isCloseTo(16.4, within(1e-9));
            assertThat(steady.amps() * ohms).as("Ohm's law at the craft").isCloseTo(steady.craftV(), within(1e-6));
            before = steady.bulbV();
        }
    }

    @Test
    void aBulbAtItsRatedVoltageTakesItsRatedPower() {
        for (double watts : new double[] {5, 10, 21, 35, 55}) {
            LimiterBulb.Steady steady = LimiterBulb.with(12, 12, watts, 0);
            assertThat(steady.amps() * steady.bulbV()).isCloseTo(watts, within(1e-3));
        }
    }

    @ParameterizedTest
    @EnumSource(Chemistry.class)
    void theUsableShareFallsWithTheLoadAndRisesWithABolderLanding(Chemistry chemistry) {
        BatteryType battery = new BatteryType(4, chemistry, 1500, 5);
        double careful = BatteryUse.landCellV(chemistry, LandingVoltageRule.LONG_LIFE.landV());
        double bold = BatteryUse.landCellV(chemistry, LandingVoltageRule.USE_THE_PACK.landV());
        assertThat(bold).isLessThan(careful);
        double before = 1;
        for (double amps = 0; amps <= 60; amps += 5) {
            double share = BatteryUse.usableShare(battery, careful, amps);
            assertThat(share).isBetween(0.0, before);
            assertThat(BatteryUse.usableShare(battery, bold, amps)).isGreaterThanOrEqualTo(share);
            before = share;
        }
    }

    @Test
    void theEnergyOfTwoLegsIsThatOfTheWhole() {
        BatteryType battery = new BatteryType(6, Chemistry.LIPO, 1300, 4);
        double whole = BatteryUse.energyWh(battery, 0.8, 12);
        assertThat(whole)
                .isGreaterThan(BatteryUse.energyWh(battery, 0.4, 12))
                .isLessThan(2 * BatteryUse.energyWh(battery, 0.4, 12));
        assertThat(BatteryUse.energyWh(battery, 0.8, 20))
                .as("more load, more is lost in the pack")
                .isLessThan(whole);
    }

    @Test
    void aScaleThatIsPutRightShowsTheTruthWhateverItWas() {
        Random random = new Random(7);
        for (int n = 0; n < 40; n++) {
            double wrong = SenseChain.rightScale(craft) * (0.8 + 0.4 * random.nextDouble());
            Craft told = craft.with(FcSettings.VOLTAGE_SCALE, wrong);
            SenseChain full = SenseChain.at(told, 16.5);
            SenseChain low = SenseChain.at(told, 13.4);
            ScaleFromReadings.Answer answer = ScaleFromReadings.of(
                    List.of(new Pair(full.trueV(), full.shownV()), new Pair(low.trueV(), low.shownV())),
                    wrong,
                    told,
                    Meter.USUAL);
            double newScale = answer.newScale().orElseThrow().value();
            SenseChain then = SenseChain.at(told.with(FcSettings.VOLTAGE_SCALE, newScale), 15.2);
            assertThat(then.shownV()).as("scale %.3f", wrong).isCloseTo(then.trueV(), within(0.03));
            assertThat(Math.abs(newScale - SenseChain.rightScale(craft)))
                    .isLessThan(answer.newScale().orElseThrow().expanded() + 0.01 * newScale);
        }
    }

    @Test
    void theConverterNeverShowsMoreThanItsReferenceAllows() {
        for (double volts = 2; volts < 70; volts += 1.5) {
            SenseChain chain = SenseChain.at(craft, volts);
            assertThat(chain.shownV()).isLessThanOrEqualTo(chain.fullScaleV() + 1e-9);
            assertThat(chain.converterV()).isBetween(0.0, SenseChain.REFERENCE_V);
        }
    }

    @Test
    void aSourceToldAsNoneShowsNothingAndTheControllersTellTheTruth() {
        assertThat(SenseChain.at(craft.with(FcSettings.VOLTAGE_SOURCE, VoltageSource.NONE), 15)
                        .shownV())
                .isZero();
        SenseChain controllers = SenseChain.at(craft.with(FcSettings.VOLTAGE_SOURCE, VoltageSource.CONTROLLERS), 15);
        assertThat(controllers.shownV()).isEqualTo(controllers.trueV());
    }

    @Test
    void theLowestPackThatIsEverFlownShowsWithinATenthOfItsVoltage() {
        double steps = SenseChain.REFERENCE_V / SenseChain.STEPS * craft.setting(FcSettings.VOLTAGE_SCALE);
        assertThat(steps).as("one step of the converter on the screen").isLessThan(0.1);
    }

    @Test
    void aPartsLookShowsItsOwnHarmAndNoOthers() {
        var answers = PowerChecks.of(craft, Meter.USUAL).stream()
                .filter(c -> c.id().startsWith("look-"))
                .toList();
        assertThat(answers).hasSizeGreaterThan(4);
        Craft crossed = craft.withElectrics(craft.electrics().with(new PowerDefect.SupplyCrossed("CRR")));
        long telling = answers.stream()
                .filter(c -> !Proof.expected(c, crossed).equals(Proof.expected(c, craft)))
                .count();
        assertThat(telling).as("only the look at that controller tells of it").isEqualTo(1);
    }
}

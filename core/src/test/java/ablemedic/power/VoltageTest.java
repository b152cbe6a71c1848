package ablemedic.power;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Reading.Measured;
import ablemedic.physics.Powered;
import ablemedic.power.ScaleFromReadings.Pair;
import ablemedic.reading.Estimate;
import ablemedic.reading.Meter;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import ablemedic.wiring.BatteryType;
import ablemedic.wiring.Chemistry;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Gauge;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The sense chain, the scale, the battery and the instruments around them. */
@Tag("thorough")
class VoltageTest {
    private final Craft craft = PowerCrafts.separate();
    private final Electrics electrics = craft.electrics();

    private double shown(String fault, double batteryV) {
        Fault<Craft> one = PowerFaults.of(craft).stream()
                .filter(f -> f.id().equals(fault))
                .findFirst()
                .orElseThrow();
        return SenseChain.at(one.applyTo(craft), batteryV).shownV();
    }

    @Test
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source = "10 kilohm over 1 kilohm: ratio 11, full scale 36.3 V at a reference of 3.3 V")
    void theUsualDividerHasARatioOfElevenAndItsFullScale() {
        assertThat(SenseChain.rightScale(craft)).isEqualTo(11);
        assertThat(SenseChain.at(craft, 16).fullScaleV()).isCloseTo(36.3, within(1e-9));
        assertThat(SenseChain.at(craft, 16).shownV()).isCloseTo(16, within(0.05));
        assertThat(SenseChain.at(craft, 60).shownV()).isCloseTo(36.3, within(1e-6));
    }

    @Test
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source =
                    "the ratio of shown to true tells the fault: constant on a regulated pad, 0 with the lead off, 10/11 or 11/10 with the divider assumed wrong")
    void theRatioOfShownToTrueTellsTheFault() {
        for (double battery : new double[] {13, 14.8, 16.8}) {
            assertThat(shown("sense-on-PB_5V", battery)).isCloseTo(5, within(0.1));
            assertThat(shown("sense-on-FC_3V3", battery)).isCloseTo(3.3, within(0.1));
            assertThat(shown("open-PB_Bp_FC_VS", battery)).isCloseTo(0, within(0.01));
            assertThat(shown("source-none", battery)).isZero();
            assertThat(shown("scale-0_909", battery) / battery).isCloseTo(10.0 / 11, within(0.005));
            assertThat(shown("scale-1_1", battery) / battery).isCloseTo(1.1, within(0.005));
        }
    }

    @ParameterizedTest
    @CsvSource({"6, 3.50, 5", "6, 3.60, 6", "4, 4.20, 4", "4, 4.35, 5", "4, 3.20, 3", "2, 3.00, 2", "1, 4.20, 1"})
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source = "a pack below about 3.5 V a cell, or of high-voltage cells at 4.35 V, is misjudged at plug-in")
    void theGuessOfTheCellsGoesWrongFarDownAndWithHighVoltageCells(int cells, double cellV, int guessed) {
        assertThat(CellGuess.of(cells * cellV)).isEqualTo(guessed);
        double[] right = CellGuess.rightBetween(new BatteryType(cells, Chemistry.LIPO, 1000, 5));
        assertThat(cellV >= right[0] && cellV < right[1]).isEqualTo(guessed == cells);
    }

    @Test
    void aNumberToldWithTheReadingMakesThePredictionSharp() {
        Check<Craft> check =
                Power.book(craft, Meter.USUAL).check("shown-full").orElseThrow().told(16.52);
        assertThat(check.outlook(craft).likelihood(new Measured(16.5)))
                .isGreaterThan(20 * check.outlook(craft).likelihood(new Measured(15.0)));
    }

    private static String advice(String line) {
        return ScaleFromReadings.words().line(line).plain();
    }

    @Test
    void oneReadingNeverGivesAScale() {
        for (double shown = 0; shown <= 30; shown += 0.1) {
            var answer = ScaleFromReadings.of(List.of(new Pair(15.2, shown)), 11, craft, Meter.USUAL);
            assertThat(answer.newScale()).as("%.1f V shown", shown).isEmpty();
            assertThat(answer.advice()).isNotBlank();
        }
        var close = ScaleFromReadings.of(List.of(new Pair(15.2, 14), new Pair(15.2, 13.9)), 11, craft, Meter.USUAL);
        assertThat(close.newScale())
                .as("the second of two readings at one pack")
                .isEmpty();
        assertThat(close.advice()).isEqualTo(advice("alike"));
    }

    @ParameterizedTest
    @ValueSource(doubles = {3.3, 5, 9, 10, 12})
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source =
                    "3.3, 5, 9, 10 and 12 V are what such boards regulate to; a number near one is first a wire on the wrong pad")
    void aShownValueNearARegulatedVoltageIsFirstASenseLeadOnIt(double rail) {
        for (Craft wired : List.of(craft, craft.withElectrics(Electrics.NONE))) {
            for (double off : new double[] {-0.1, 0, 0.1}) {
                var answer = ScaleFromReadings.of(List.of(new Pair(15.2, rail + off)), 11, wired, Meter.USUAL);
                assertThat(answer.causes().get(0).what())
                        .contains("sense wire")
                        .contains(PowerFaults.number(rail) + " V");
                assertThat(answer.causes().get(0).belief()).isGreaterThan(0.5);
                assertThat(answer.advice()).contains(PowerFaults.number(rail) + " V regulator");
            }
        }
    }

    @Test
    void whatTheMeterReadsIsAtThePacksLeadsSoThatAShortIsNoCauseOfALowReading() {
        var low = ScaleFromReadings.of(List.of(new Pair(15.2, 14.1), new Pair(13.6, 12.6)), 11, craft, Meter.USUAL);
        assertThat(low.causes())
                .extracting(ScaleFromReadings.Cause::what)
                .noneMatch(what -> what.contains("hort") || what.contains("ridge"));
    }

    @Test
    void twoReadingsPartScaleFromOffsetAndNeverScaleARegulatedSource() {
        var offset = ScaleFromReadings.of(List.of(new Pair(16.6, 15.8), new Pair(13.2, 12.4)), 11, craft, Meter.USUAL);
        assertThat(offset.offsetV().orElseThrow().value()).isCloseTo(-0.8, within(1e-9));
        assertThat(offset.newScale().orElseThrow().value()).isCloseTo(11, within(1e-9));
        assertThat(offset.advice()).isEqualTo(advice("offset"));
        var scale = ScaleFromReadings.of(List.of(new Pair(16.5, 15.0), new Pair(13.2, 12.0)), 11, craft, Meter.USUAL);
        assertThat(scale.newScale().orElseThrow().value()).isCloseTo(12.1, within(1e-9));
        assertThat(Math.abs(scale.offsetV().orElseThrow().value()))
                .isLessThan(scale.offsetV().orElseThrow().expanded());
        for (double rail : new double[] {5.0, 3.3, 12.0}) {
            var regulated =
                    ScaleFromReadings.of(List.of(new Pair(16.5, rail), new Pair(13.2, rail)), 11, craft, Meter.USUAL);
            assertThat(regulated.newScale())
                    .as("no scale for a source of " + rail)
                    .isEmpty();
            assertThat(regulated.advice()).contains("doesn't follow the battery");
        }
    }

    @Test
    void theCausesAreTheReasoningsOwnAndSayWhatEachWouldShow() {
        var right = ScaleFromReadings.of(List.of(new Pair(16.4, 16.4), new Pair(13.5, 13.5)), 11, craft, Meter.USUAL);
        assertThat(right.causes().get(0).what()).isEqualTo(advice("sound"));
        var off = ScaleFromReadings.of(List.of(new Pair(16.4, 0)), 11, craft, Meter.USUAL);
        assertThat(off.newScale()).isEmpty();
        assertThat(off.causes())
                .extracting(ScaleFromReadings.Cause::what)
                .contains("Open wire from power board B+ to FC VS");
        var set = ScaleFromReadings.of(List.of(new Pair(16.5, 15.0), new Pair(13.2, 12.0)), 10, craft, Meter.USUAL);
        assertThat(set.causes().get(0).what()).contains("divider: 11");
        assertThat(set.newScale().orElseThrow().value()).isCloseTo(11, within(1e-9));
        Craft bare = craft.withElectrics(Electrics.NONE);
        assertThat(ScaleFromReadings.of(List.of(new Pair(16.4, 5), new Pair(13, 5)), 11, bare, Meter.USUAL)
                        .causes()
                        .get(0)
                        .what())
                .contains("rail");
    }

    @Test
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source = "a 1300 mAh pack gives about 1000 mAh to the land voltage; usable is 75 to 80 % of the label")
    void aPackGivesThreeQuartersToEightTenthsOfItsLabel() {
        BatteryType battery = new BatteryType(4, Chemistry.LIPO, 1300, 4);
        double share = BatteryUse.usableShare(battery, LandingVoltageRule.LONG_LIFE.landV(), 8);
        assertThat(share).isBetween(0.74, 0.81);
        assertThat(share * 1300).isCloseTo(1000, within(50.0));
        assertThat(BatteryUse.usableShare(battery, LandingVoltageRule.USE_THE_PACK.landV(), 8))
                .isGreaterThan(share);
    }

    @Test
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source =
                    "cells: full 4.20 V, nominal 3.7 V, storage 3.8 V; 4 cells full 16.8 V; conventions 3.7, and 3.5 with critical 3.3 V")
    void thePackHasTheTradesVoltages() {
        assertThat(PowerCrafts.FOUR_CELLS.fullV()).isCloseTo(16.8, within(1e-9));
        assertThat(PowerCrafts.FOUR_CELLS.nominalV()).isCloseTo(14.8, within(1e-9));
        assertThat(Chemistry.LIPO.chargeAt(3.8)).isBetween(0.3, 0.6);
        assertThat(LandingVoltageRule.values()[0])
                .as("the careful one is the default")
                .isEqualTo(LandingVoltageRule.LONG_LIFE);
        assertThat(LandingVoltageRule.USE_THE_PACK.criticalV()).isEqualTo(3.3);
        assertThat(LandingVoltageRule.USE_THE_PACK.warnV()).isEqualTo(3.5);
    }

    @Test
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source = "pack resistance from sag (V_rest − V_load)/I; new charge scale = old · charged back / counted")
    void resistanceAndChargeScaleFollowFromTheLog() {
        Estimate ohms = BatteryUse.resistance(16.6, 16.1, Estimate.exactly(25), Meter.USUAL);
        assertThat(ohms.value()).isCloseTo(0.02, within(1e-12));
        assertThat(BatteryUse.chargeScale(1.2, Estimate.exactly(1000), Estimate.exactly(800))
                        .value())
                .isCloseTo(1.5, within(1e-12));
        assertThat(BatteryUse.flightTime(1000, List.of())).isEmpty();
    }

    @Test
    @OutsideCheck(kind = Kind.PUBLISHED, source = "JCGM 100:2008 (GUM) 5.2: readings by one instrument share its error")
    void twoReadingsByOneMeterShareItsErrorInPart() {
        // The factor is common: at 16.6 and 13.2 V it puts 0.5 % on both, so that a line through the two keeps its
        // intercept.
        // By hand: limits 0.103 and 0.086 V, of which 0.083 and 0.066 V are the factor; r = 0.083·0.066 /
        // (0.103·0.086).
        double r = 0.083 * 0.066 / (0.103 * 0.086);
        assertThat(Meter.USUAL.correlation(16.6, 13.2)).isCloseTo(r, within(1e-9));
        double ua = 0.103 / Math.sqrt(3);
        double ub = 0.086 / Math.sqrt(3);
        Estimate ohms = BatteryUse.resistance(16.6, 13.2, Estimate.exactly(10), Meter.USUAL);
        assertThat(ohms.u()).isCloseTo(Math.sqrt(ua * ua + ub * ub - 2 * r * ua * ub) / 10, within(1e-12));
        var offset = ScaleFromReadings.of(List.of(new Pair(16.6, 15.8), new Pair(13.2, 12.4)), 11, craft, Meter.USUAL);
        double shown = 0.05 / Math.sqrt(3);
        double a = 13.2 / 3.4;
        double b = 16.6 / 3.4;
        double u = Math.sqrt(
                (a * a + b * b) * shown * shown + a * a * ua * ua + b * b * ub * ub - 2 * a * b * r * ua * ub);
        assertThat(offset.offsetV().orElseThrow().u()).isCloseTo(u, within(1e-9));
    }

    @Test
    void afterTwoFlightsTheTimeIsHardlyKnown() {
        // 900 mAh in 6 min and 1100 in 7: 150 and 157.1 mAh/min, mean 153.6, standard deviation of the mean 3.57; t for
        // one
        // degree of freedom at 95.45 % is 13.97, so 6.51 min ± 13.97·3.57/153.6 of it.
        BatteryUse.FlightTime two = BatteryUse.flightTime(
                        1000, List.of(new BatteryUse.Flight(900, 6), new BatteryUse.Flight(1100, 7)))
                .orElseThrow();
        assertThat(two.minutes()).isCloseTo(6.51, within(0.01));
        assertThat(two.plusMinus()).isCloseTo(6.51 * 13.97 * 3.571 / 153.57, within(0.01));
        List<BatteryUse.Flight> many = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            many.add(new BatteryUse.Flight(i % 2 == 0 ? 900 : 910, 6));
        }
        assertThat(BatteryUse.flightTime(1000, many).orElseThrow().plusMinus()).isLessThan(0.05);
    }

    @Test
    void theEnergyIsTheChargeTimesTheMeanVoltageUnderLoad() {
        BatteryType battery = new BatteryType(4, Chemistry.LIPO, 1000, 5);
        double whole = BatteryUse.energyWh(battery, 1, 0);
        assertThat(whole).isBetween(14.0, 16.0);
        assertThat(whole - BatteryUse.energyWh(battery, 1, 10))
                .as("I·R·Q")
                .isCloseTo(10 * battery.ohms() * 1, within(1e-9));
        assertThat(BatteryUse.energyWh(battery, 0, 10)).isZero();
    }

    @Test
    void theRailBudgetAddsUpAndSaysWhatAPoorPartDoes() {
        Craft greedy = PowerCrafts.wired(
                ablemedic.parts.WiringLayout.SEPARATE, List.of("receiver", "display", "lights", "modem"));
        var rails = RailBudget.of(greedy.electrics());
        assertThat(rails.get(0).givesA()).isCloseTo(0.06 + 0.1 + 0.2 + 0.12 + 0.12, within(0.03));
        assertThat(rails.get(0).spareA()).isCloseTo(0.8 * 2 - rails.get(0).givesA(), within(1e-9));
        assertThat(rails.get(0).poor()).anySatisfy(p -> {
            assertThat(p.part()).isEqualTo("OSD board");
            assertThat(p.amps()).isEqualTo(0.5);
            assertThat(p.givesA()).isGreaterThan(rails.get(0).givesA() + 0.3);
        });
        assertThat(RailBudget.fromUsb(greedy.electrics())).contains("receiver").doesNotContain("FC");
    }

    @Test
    void aLeadDropsByOhmsLawAndTheThinnestGaugeKeepsTheBound() {
        WireDrop drop = WireDrop.of(new Gauge(16), 100, 20, 20);
        assertThat(drop.dropV()).isCloseTo(20 * 2 * 0.1 * 0.01317, within(1e-3));
        assertThat(drop.watts()).isCloseTo(20 * drop.dropV(), within(1e-12));
        for (double most : new double[] {0.02, 0.1, 0.5}) {
            Gauge thinnest = WireDrop.thinnest(100, 20, 20, most).orElseThrow();
            assertThat(WireDrop.of(thinnest, 100, 20, 20).dropV()).isLessThanOrEqualTo(most);
            assertThat(WireDrop.of(new Gauge(thinnest.awg() + 1), 100, 20, 20).dropV())
                    .isGreaterThan(most);
        }
    }

    @Test
    @OutsideCheck(kind = Kind.COMMON_PRACTICE, source = "limiter bulb: bright at a short, dark with a sound craft")
    void theBulbIsBrightAtAShortAndDarkWithASoundCraft() {
        assertThat(LimiterBulb.with(16.4, 24, 21, 0.1).look()).isEqualTo(LimiterBulb.Look.BRIGHT);
        assertThat(LimiterBulb.with(16.4, 24, 21, 2).look()).isNotEqualTo(LimiterBulb.Look.DARK);
        assertThat(LimiterBulb.with(16.4, 24, 21, 80).look()).isEqualTo(LimiterBulb.Look.DARK);
        LimiterBulb.Steady steady = LimiterBulb.with(16.4, 24, 21, 10);
        assertThat(steady.bulbV() + steady.amps() * 10).isCloseTo(16.4, within(1e-6));
    }

    @Test
    @OutsideCheck(kind = Kind.FROM_MEMORY, source = "a filament lamp's power goes as its voltage to the 1.6")
    void aBulbThatCannotDoTheJobIsTold() {
        LimiterBulb.Steady over = LimiterBulb.with(25, 12, 21, 0);
        assertThat(over.amps() * over.bulbV()).isCloseTo(21 * Math.pow(25 / 12.0, 1.6), withinPercentage(5));
        assertThat(LimiterBulb.fitness(25, 12, 21)).isEqualTo(LimiterBulb.Fitness.BURNS_OUT);
        assertThat(LimiterBulb.fitness(16.4, 12, 21))
                .as("four cells on a bulb of a car")
                .isEqualTo(LimiterBulb.Fitness.BURNS_OUT);
        assertThat(LimiterBulb.fitness(16.4, 230, 60))
                .as("a bulb of the mains")
                .isEqualTo(LimiterBulb.Fitness.STAYS_DARK);
        assertThat(LimiterBulb.fitness(16.4, 24, 21)).isEqualTo(LimiterBulb.Fitness.FIT);
        for (double battery = 3.5; battery < 60; battery += 0.7) {
            int n = LimiterBulb.inSeries(battery, 12);
            assertThat(battery / n).as("%.1f V over %d of them", battery, n).isLessThanOrEqualTo(12 * 1.15);
        }
    }

    @Test
    void aWornPackSagsAndAWeakCellShowsUnderLoad() {
        Electrics worn = electrics.with(new PowerDefect.WornBattery(4));
        Electrics weak = electrics.with(new PowerDefect.WeakCell(0.7));
        Powered.Run flying = new Powered.Run(15.4, 8, 1);
        double sound = Powered.of(electrics, flying).plugV();
        assertThat(Powered.of(worn, flying).plugV()).isLessThan(sound - 1);
        assertThat(Powered.of(weak, flying).plugV()).isCloseTo(sound - 0.7, within(0.05));
        assertThat(BatteryUse.worn(PowerCrafts.FOUR_CELLS, 0.064)).isTrue();
        assertThat(BatteryUse.worn(PowerCrafts.FOUR_CELLS, 0.018)).isFalse();
    }
}

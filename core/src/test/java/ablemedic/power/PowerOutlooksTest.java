package ablemedic.power;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.catalogue.Text;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Gaussian;
import ablemedic.diagnosis.Proof;
import ablemedic.family.PrePowerConvention;
import ablemedic.reading.Meter;
import ablemedic.wiring.Archetype;
import ablemedic.wiring.CopperDefect;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Part;
import ablemedic.wiring.Wiring;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The checks of power, on every fault that they can meet. */
class PowerOutlooksTest {
    static Stream<Craft> crafts() {
        return Stream.of(PowerCrafts.separate(), PowerCrafts.stack());
    }

    private static List<Check<Craft>> checks(Craft craft) {
        List<Check<Craft>> all = new ArrayList<>(Power.book(craft, Meter.USUAL).checks());
        all.addAll(PrePowerChecks.of(craft, Meter.USUAL, PrePowerConvention.FULL));
        return all;
    }

    private static List<Craft> states(Craft craft) {
        List<Craft> states = new ArrayList<>(List.of(craft));
        for (Fault<Craft> fault : Power.book(craft, Meter.USUAL).faults()) {
            states.add(fault.applyTo(craft));
        }
        return states;
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void everyOutlookIsOneInAllOrASpreadWithinItsScale(Craft craft) {
        for (Craft state : states(craft)) {
            for (Check<Craft> check : checks(craft)) {
                Distribution outlook = check.outlook(state);
                if (outlook instanceof Categorical ways) {
                    double sum = 0;
                    int outcomes = ((Choices) check.answers()).combinations();
                    for (int i = 0; i < outcomes; i++) {
                        assertThat(ways.probability(i)).as(check.id()).isBetween(0.0, 1.0);
                        sum += ways.probability(i);
                    }
                    assertThat(sum).as(check.id()).isCloseTo(1, within(1e-9));
                } else if (outlook instanceof Gaussian spread) {
                    Scale scale = (Scale) check.answers();
                    assertThat(spread.mean())
                            .as("%s of %s", check.id(), state.electrics())
                            .isFinite()
                            .isBetween(scale.low() - 1e-6, scale.high() + 1e-6);
                    assertThat(spread.spread()).as(check.id()).isPositive();
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void everyIdIsOneChecksOwnAndEveryWordIsThere(Craft craft) {
        List<Check<Craft>> checks = Power.book(craft, Meter.USUAL).checks();
        assertThat(checks).extracting(Check::id).doesNotHaveDuplicates();
        assertThat(checks).allSatisfy(check -> {
            assertThat(check.title(craft).plain()).isNotBlank().doesNotContain("null");
            assertThat(Text.joined(check.steps(craft), " ").plain())
                    .isNotBlank()
                    .doesNotContain("null")
                    .doesNotContain("NaN");
            assertThat(check.minutes()).isPositive();
            assertThat(check.risk()).isBetween(0.0, 1.0);
        });
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void everyFixIsWordedForThisCraftWithItsTime(Craft craft) {
        for (Fault<Craft> fault : Power.book(craft, Meter.USUAL).faults()) {
            assertThat(fault.describe(craft).plain()).isNotBlank().doesNotContain("null");
            assertThat(fault.fixes(craft)).isNotEmpty().allSatisfy(fix -> {
                assertThat(fix.steps()).as(fault.id()).isNotEmpty().allSatisfy(step -> assertThat(step.plain())
                        .isNotBlank());
                assertThat(fix.minutes()).isPositive();
            });
        }
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void aNumberToldLeavesTheCheckWhatItIsAndIsKeptApartFromAnother(Craft craft) {
        int told = 0;
        for (Check<Craft> check : Power.book(craft, Meter.USUAL).checks()) {
            Optional<Scale> scale = check.toTell();
            if (scale.isEmpty()) {
                continue;
            }
            told++;
            double middle = (scale.get().low() + scale.get().high()) / 2;
            Check<Craft> with = check.told(middle);
            assertThat(with.id()).isEqualTo(check.id());
            assertThat(with.key())
                    .isNotEqualTo(check.key())
                    .isNotEqualTo(check.told(middle * 0.9).key())
                    .isEqualTo(check.told(middle).key());
            assertThat(with.outlook(craft))
                    .isNotEqualTo(check.told(middle * 0.5).outlook(craft));
        }
        assertThat(told).isPositive();
    }

    @Test
    void aDarkPartIsNamedAndAllDarkIsSaidOnce() {
        Craft craft = PowerCrafts.separate();
        Check<Craft> on =
                Power.book(craft, Meter.USUAL).check(PowerChecks.ALL_ON).orElseThrow();
        for (Part part : craft.electrics().sheet().parts()) {
            if (part.archetype().load().isPresent() && part.archetype().kind() == Archetype.Kind.PART) {
                Craft dead = craft.withElectrics(craft.electrics().with(new PowerDefect.OtherDraw(part.id(), 0)));
                assertThat(((Categorical) on.outlook(dead))
                                .choices()
                                .questions()
                                .get(0)
                                .outcomes())
                        .extracting(o -> o.id())
                        .contains(part.id());
                assertThat(Proof.expected(on, dead).toString()).as(part.id()).contains(part.label());
            }
        }
        String plug = craft.electrics().wiring().links().stream()
                .filter(l -> l.a() == plugPlus(craft) || l.b() == plugPlus(craft))
                .map(Wiring.Link::id)
                .findFirst()
                .orElseThrow();
        Craft dark = craft.withElectrics(craft.electrics().with(new CopperDefect.Open(plug)));
        assertThat(Proof.expected(on, dark).toString()).isEqualTo("All of them: nothing comes on");
    }

    private static int plugPlus(Craft craft) {
        return craft.electrics().wiring().plug().orElseThrow()[0];
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void theRoutineGoesFromTheEyeOverThePackOutToThePackIn(Craft craft) {
        List<Check<Craft>> steps = PrePowerChecks.of(craft, Meter.USUAL, PrePowerConvention.FULL);
        assertThat(steps).extracting(Check::id).doesNotHaveDuplicates().startsWith("routine-look");
        boolean powered = false;
        for (Check<Craft> step : steps) {
            boolean now = step.needs().equals(ablemedic.diagnosis.BenchNeeds.POWERED);
            assertThat(powered && !now)
                    .as("%s comes after the pack is in", step.id())
                    .isFalse();
            powered |= now;
        }
        List<String> ids = steps.stream().map(Check::id).toList();
        int limiter = ids.indexOf("routine-limiter");
        assertThat(ids.subList(0, limiter)).as("no volts before the limiter").noneMatch(id -> id.startsWith("volts~"));
        int rails = craft.electrics().wiring().all(InnerCircuit.Regulator.class).size();
        assertThat(ids.subList(limiter + 1, ids.size())).as("every rail").hasSize(rails);
    }

    @Test
    void aCraftWithoutASheetHasTheRoutineOfEveryBench() {
        Craft bare = PowerCrafts.separate().withElectrics(ablemedic.wiring.Electrics.NONE);
        assertThat(PrePowerChecks.of(bare, Meter.USUAL, PrePowerConvention.FULL))
                .extracting(Check::id)
                .containsExactly("routine-look", "routine-short", "routine-polarity", "routine-limiter");
    }
}

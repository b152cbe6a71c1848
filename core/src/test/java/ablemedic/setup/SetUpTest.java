package ablemedic.setup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.Families;
import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FailsafeSettings.AfterGuardTime;
import ablemedic.diagnosis.BenchRoute;
import ablemedic.diagnosis.BenchState;
import ablemedic.family.Complaint;
import ablemedic.power.PowerCrafts;
import ablemedic.reading.Meter;
import ablemedic.serial.SerialCrafts;
import ablemedic.setup.SetUp.Made;
import ablemedic.setup.SetUpOrder.Placed;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

@Tag("thorough")
class SetUpTest {
    private static final Craft FULL = SerialCrafts.shared().with(FailsafeSettings.STAGE_2, AfterGuardTime.RETURN_HOME);
    private static final List<Craft> CRAFTS =
            List.of(FULL, SerialCrafts.polled(), SerialCrafts.modem(), PowerCrafts.separate(), Families.anyCraft());

    private static SetUp of(Craft craft, SetUpOccasion occasion) {
        return SetUp.of(Families.book(craft, Meter.USUAL), occasion);
    }

    private static List<String> ids(SetUpOrder order) {
        return order.steps().stream().map(placed -> placed.made().step().id()).toList();
    }

    @ParameterizedTest
    @EnumSource(SetUpOccasion.class)
    void everyStepIsMadeOnceOrLeftOutWithAReasonAndComesAfterWhatItNeeds(SetUpOccasion occasion) {
        for (Craft craft : CRAFTS) {
            SetUp setUp = of(craft, occasion);
            Set<String> made =
                    setUp.steps().stream().map(one -> one.step().id()).collect(Collectors.toSet());
            Set<String> out =
                    setUp.leftOut().stream().map(one -> one.step().id()).collect(Collectors.toSet());
            assertThat(Collections.disjoint(made, out)).isTrue();
            assertThat(made).hasSize(SetUpStep.all().size() - out.size());
            assertThat(setUp.leftOut()).allSatisfy(one -> assertThat(one.why()).isNotBlank());
            SetUpOrder order = SetUpOrder.of(setUp.steps(), BenchState.AT_INTAKE);
            assertThat(order.steps()).extracting(Placed::made).containsExactlyInAnyOrderElementsOf(setUp.steps());
            for (int i = 0; i < order.steps().size(); i++) {
                for (int j = i + 1; j < order.steps().size(); j++) {
                    assertThat(order.steps()
                                    .get(i)
                                    .made()
                                    .step()
                                    .comesAfter(
                                            order.steps().get(j).made().step().id()))
                            .as(ids(order) + " " + i + " " + j)
                            .isFalse();
                }
            }
            assertThat(ids(order))
                    .last()
                    .isEqualTo(
                            made.contains("return") ? "return" : occasion == SetUpOccasion.MOTORS ? "props" : "hover");
        }
    }

    @Test
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source =
                    "It answers before anything; version first; alignment before level; receiver, order, centre, ends, switches; motors props off; failsafe; props and hover last")
    void theOrderOfPractitionersIsKept() {
        List<String> order = ids(SetUpOrder.of(of(FULL, SetUpOccasion.BUILD).steps(), BenchState.AT_INTAKE));
        for (String pair : new String[] {
            "answers image",
            "image alignment",
            "alignment level",
            "ports bind",
            "bind order",
            "order middles",
            "middles ends",
            "switches arms",
            "alignment motors",
            "motors props",
            "radio-off props",
            "props hover",
            "north home",
            "answers snapshot",
            "snapshot build",
            "build ports",
            "hover return"
        }) {
            assertThat(order.indexOf(pair.split(" ")[0])).as(pair).isLessThan(order.indexOf(pair.split(" ")[1]));
        }
    }

    /** Every order of a few steps, tried one by one. */
    @Test
    void noOrderOfAFewStepsTakesLess() {
        Random random = new Random(8);
        for (int i = 0; i < 25; i++) {
            List<Made> all = new ArrayList<>(of(CRAFTS.get(random.nextInt(CRAFTS.size())), SetUpOccasion.BUILD)
                    .steps());
            Collections.shuffle(all, random);
            List<Made> few = all.subList(0, Math.min(6, all.size()));
            assertThat(SetUpOrder.of(few, BenchState.AT_INTAKE).minutes())
                    .isCloseTo(least(few, new ArrayList<>(), BenchState.AT_INTAKE, 0), within(1e-9));
        }
    }

    private static double least(List<Made> all, List<Made> made, BenchState bench, double minutes) {
        if (made.size() == all.size()) {
            return minutes;
        }
        double best = Double.POSITIVE_INFINITY;
        for (Made next : all) {
            boolean ready = !made.contains(next)
                    && all.stream()
                            .noneMatch(other -> !other.equals(next)
                                    && !made.contains(other)
                                    && next.step().comesAfter(other.step().id()));
            if (ready) {
                BenchRoute route = BenchRoute.from(bench, next.check().needs()).orElseThrow();
                List<Made> more = new ArrayList<>(made);
                more.add(next);
                best = Math.min(
                        best,
                        least(
                                all,
                                more,
                                route.end(),
                                minutes + route.minutes() + next.check().minutes()));
            }
        }
        return best;
    }

    @Test
    void itTakesLessThanTheOrderOfTheTableAndNeverPutsThePackInWithPropsOnAtTheBench() {
        SetUp setUp = of(FULL, SetUpOccasion.BUILD);
        SetUpOrder order = SetUpOrder.of(setUp.steps(), BenchState.AT_INTAKE);
        BenchState bench = BenchState.AT_INTAKE;
        double table = 0;
        for (Made made : setUp.steps()) {
            BenchRoute route = BenchRoute.from(bench, made.check().needs()).orElseThrow();
            table += route.minutes() + made.check().minutes();
            bench = route.end();
        }
        assertThat(order.minutes()).isLessThan(table);
        assertThat(order.steps())
                .allSatisfy(
                        placed -> assertThat(placed.before().end().objection()).isEmpty());
    }

    @Test
    void aStepThatDoesNotGiveWhatItShouldOpensAComplaintThatThereIs() {
        Set<String> known = Stream.of(FULL, PowerCrafts.separate(), SerialCrafts.modem())
                .flatMap(craft -> Families.complaints(craft, Meter.USUAL).stream())
                .map(Complaint::id)
                .collect(Collectors.toSet());
        assertThat(SetUpStep.all())
                .allSatisfy(step -> assertThat(known).as(step.id()).contains(step.complaint()));
        assertThat(SetUpStep.all()).extracting(SetUpStep::id).doesNotHaveDuplicates();
        Set<String> ids = SetUpStep.all().stream().map(SetUpStep::id).collect(Collectors.toSet());
        assertThat(SetUpStep.all()).allSatisfy(step -> assertThat(step.after())
                .as(step.id())
                .allMatch(after -> ids.contains(after) || after.equals(SetUpStep.ALL)));
        assertThat(Arrays.asList(SetUpOccasion.values()))
                .allSatisfy(occasion -> assertThat(of(FULL, occasion).steps())
                        .as(occasion.label())
                        .hasSizeGreaterThan(occasion == SetUpOccasion.MOTORS ? 1 : 4));
    }
}

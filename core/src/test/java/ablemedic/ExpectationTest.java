package ablemedic;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.OtherRecords.Pair;
import ablemedic.craft.Craft;
import ablemedic.craft.Rotation;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Check;
import ablemedic.requirement.Expectation;
import ablemedic.requirement.Expectation.Gives;
import ablemedic.requirement.Expectation.Waits;
import ablemedic.requirement.Recorded;
import ablemedic.requirement.Required;
import ablemedic.requirement.Severity;
import ablemedic.serial.SerialCrafts;
import ablemedic.video.VideoCrafts;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** No set-up, proof or routine of any craft expects an answer that tells of a hazard or a failure. */
@Tag("thorough")
class ExpectationTest {
    private static final int PAIRS = 40;
    /** Kinds of checks that have named outcomes and none that is forbidden, each with the reason. */
    private static final Map<String, String> FREE = Map.of(
            "board-arrow",
            "an FC may be mounted any way, if it is configured so",
            "shown-cells",
            "any number of cells is flown",
            "told",
            "what an owner tells is no step");

    @Test
    void everyKindOfCheckThatIsExpectedAnywhereHasWhatMayNotBeExpectedOfIt() throws IOException {
        Set<String> known = new String(
                        Expectation.class.getResourceAsStream("forbidden.csv").readAllBytes(), StandardCharsets.UTF_8)
                .lines()
                .skip(1)
                .map(line -> line.split(";")[0])
                .collect(Collectors.toSet());
        Set<String> missing = new TreeSet<>();
        for (Craft craft : Stream.concat(SerialCrafts.all().stream(), VideoCrafts.all().stream())
                .toList()) {
            BadExpectations.expected(craft).values().stream()
                    .filter(check -> !(check.answers() instanceof Scale))
                    .map(Check::kind)
                    .filter(kind -> !known.contains(kind) && !FREE.containsKey(kind) && !kind.startsWith("bar-"))
                    .forEach(missing::add);
        }
        assertThat(missing).isEmpty();
    }

    @Test
    void onCraftWithOneSettingWrongNothingBadIsExpected() {
        nothingBadIsExpected(OtherRecords.singly(VideoCrafts.digital()));
    }

    /** All pairs: {@code ./medic bench pairs}. */
    @Test
    void onCraftWithTwoSettingsOfOneFacetWrongNothingBadIsExpected() {
        for (Craft craft : List.of(SerialCrafts.shared(), SerialCrafts.modem())) {
            List<Pair> pairs = OtherRecords.pairsOfOneFacet(
                    craft, BadExpectations.expected(craft).values());
            nothingBadIsExpected(OtherRecords.evenly(pairs, PAIRS).stream()
                    .map(pair -> pair.on(craft))
                    .toList());
        }
    }

    private static void nothingBadIsExpected(List<Craft> records) {
        BadExpectations bad = new BadExpectations();
        assertThat(records).isNotEmpty().allSatisfy(record -> assertThat(bad.of(record))
                .isEmpty());
    }

    @Test
    void whatDependsOnAConflictWaitsForItAndNothingElseDoes() {
        Craft craft = SerialCrafts.shared().withMounted(Rotation.UPSIDE_DOWN);
        Required required = Families.required(Recorded.of(craft));
        Map<String, Check<Craft>> steps = BadExpectations.expected(required.craft());
        for (String waiting : List.of("tilts", "flat", "hover")) {
            assertThat(Expectation.of(steps.get(waiting), required))
                    .as(waiting)
                    .isInstanceOfSatisfying(Waits.class, waits -> assertThat(waits.on())
                            .singleElement()
                            .satisfies(one -> assertThat(one.severity()).isEqualTo(Severity.HAZARD)));
        }
        for (String free : List.of("motors", "sticks", "props", "telemetry-shown", "radio-off")) {
            assertThat(Expectation.of(steps.get(free), required)).as(free).isInstanceOf(Gives.class);
        }
    }
}

package ablemedic.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import ablemedic.catalogue.Rejected;
import ablemedic.parts.PartType.CapacitorOf;
import ablemedic.parts.PartType.DriveOf;
import ablemedic.parts.PartType.LoadOf;
import ablemedic.parts.PartType.PadOf;
import ablemedic.parts.PartType.RegulatorOf;
import ablemedic.parts.PartType.TraceOf;
import ablemedic.wiring.Archetype;
import ablemedic.wiring.Pad;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A sort that cannot be is refused with the place, whatever is wrong with it. */
class PartTypeRulesTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static PartType sound() {
        return new PartType(
                "relay",
                "Relay, 5 V",
                "REL",
                Archetype.Kind.PART,
                new PartType.SupplyOf(4.5, 5.5),
                List.of(
                        new PadOf("+", Pad.Kind.SUPPLY, 5, 0, false, 1),
                        new PadOf("-", Pad.Kind.GROUND, 0, 0, false, 2),
                        new PadOf("3V3", Pad.Kind.FEED, 3.3, 1, false, 2),
                        new PadOf("G", Pad.Kind.GROUND, 0, 1, false, 2)),
                new PartType.InnerOf(
                        List.of(new TraceOf("-", "G", 0.003)),
                        null,
                        List.of(new CapacitorOf("+", "-", 22e-6, false)),
                        List.of(new RegulatorOf("+", "3V3", "-", 3.3, 0.5, true)),
                        null,
                        List.of(new LoadOf("+", "-", 5, 0.1, 0.2)),
                        null,
                        null),
                null,
                null,
                null);
    }

    private static PartType with(UnaryOperator<ObjectNode> change) {
        return JSON.treeToValue(change.apply((ObjectNode) JSON.valueToTree(sound())), PartType.class);
    }

    private static Arguments wrong(String where, String rule, UnaryOperator<ObjectNode> change) {
        return Arguments.of(where, rule, with(change));
    }

    static Stream<Arguments> wrongs() {
        return Stream.of(
                wrong("id", "id", n -> n.put("id", "My Relay")),
                wrong("label", "label", n -> n.put("label", " ")),
                wrong("shortName", "short-name", n -> n.put("shortName", "R-1")),
                wrong("lowestV", "lowest-v", n -> n.put("lowestV", 9)),
                wrong("highestV", "highest-v", n -> n.put("highestV", 61)),
                wrong("pads[1].name", "same-pad", n -> pad(n, 1, p -> p.put("name", "+"))),
                wrong("pads[0].name", "pad-name", n -> pad(n, 0, p -> p.put("name", "plus pad"))),
                wrong("pads[0].volts", "pad-volts", n -> pad(n, 0, p -> p.put("volts", -1))),
                wrong("pads[2].room", "pad-room", n -> pad(n, 2, p -> p.put("room", 4))),
                wrong("pads[2].row", "pad-row", n -> pad(n, 2, p -> p.put("row", -1))),
                wrong("traces[0]", "no-pad", n -> item(n, "traces", p -> p.put("to", "X"))),
                wrong("traces[0]", "two-pads", n -> item(n, "traces", p -> p.put("to", "-"))),
                wrong("traces[0].ohms", "trace", n -> item(n, "traces", p -> p.put("ohms", 0))),
                wrong("capacitors[0].farads", "capacitor", n -> item(n, "capacitors", p -> p.put("farads", -1))),
                wrong("regulators[0].out", "regulator-out", n -> item(n, "regulators", p -> p.put("volts", 5))),
                wrong("regulators[0].limitA", "regulator-limit", n -> item(n, "regulators", p -> p.put("limitA", 0))),
                wrong("loads[0].poorAmps", "load-poor", n -> item(n, "loads", p -> p.put("poorAmps", 0.05))),
                board("uarts.pads[3].pad", "no-pad", n -> uart(n, 3, p -> p.put("pad", "R9"))),
                board("uarts.pads[3].pad", "not-serial", n -> uart(n, 3, p -> p.put("pad", "9V"))),
                board("uarts.pads[3].port", "uart", n -> uart(n, 3, p -> p.put("port", "13"))),
                board("uarts.pads[0].inverter", "no-inverter", n -> uart(n, 0, p -> p.put("inverter", "CHIP"))),
                board("uarts.pads[2].inverter", "twice", n -> uart(n, 2, p -> p.put("inverter", "NONE"))),
                board("uarts.pads[3].port", "pads-of-side", n -> uart(n, 3, p -> p.put("port", "1"))),
                board("uarts.computer", "no-uart", n -> uarts(n, p -> p.put("computer", "9"))),
                board(
                        "uarts.pads",
                        "serial-pad",
                        n -> uarts(n, p -> {
                            ((ArrayNode) p.get("pads")).remove(0);
                            return p;
                        })),
                board("uarts", "uarts-of-fc", n -> n.put("kind", "PART")),
                part("spoken[0].formats", "formats", n -> item(n, "spoken", p -> p.put("job", "GNSS"))),
                part(
                        "spoken[0].sends",
                        "sends-or-hears",
                        n -> item(n, "spoken", p -> p.put("sends", "").put("hears", ""))),
                part("spoken[0].hears", "other-pad", n -> item(n, "spoken", p -> p.put("hears", "TX"))),
                part("spoken[0]", "no-pad", n -> item(n, "spoken", p -> p.put("sends", "Q"))),
                part("spoken[0].highV", "high-v", n -> item(n, "spoken", p -> p.put("highV", 0))));
    }

    private static Arguments board(String where, String rule, UnaryOperator<ObjectNode> change) {
        return of("board-f4-pad", where, rule, change);
    }

    private static Arguments part(String where, String rule, UnaryOperator<ObjectNode> change) {
        return of("receiver", where, rule, change);
    }

    private static Arguments of(String id, String where, String rule, UnaryOperator<ObjectNode> change) {
        ObjectNode written =
                (ObjectNode) JSON.valueToTree(PartType.of(PartsLibrary.find(id).orElseThrow()));
        return Arguments.of(where, rule, JSON.treeToValue(change.apply(written), PartType.class));
    }

    private static ObjectNode uarts(ObjectNode sort, UnaryOperator<ObjectNode> change) {
        change.apply((ObjectNode) sort.get("uarts"));
        return sort;
    }

    private static ObjectNode uart(ObjectNode sort, int i, UnaryOperator<ObjectNode> change) {
        change.apply((ObjectNode) sort.get("uarts").get("pads").get(i));
        return sort;
    }

    private static ObjectNode pad(ObjectNode sort, int i, UnaryOperator<ObjectNode> change) {
        change.apply((ObjectNode) sort.get("pads").get(i));
        return sort;
    }

    private static ObjectNode item(ObjectNode sort, String list, UnaryOperator<ObjectNode> change) {
        change.apply((ObjectNode) sort.get(list).get(0));
        return sort;
    }

    @Test
    void aSoundSortIsTaken() {
        assertThat(sound().archetype().load().orElseThrow().amps()).isEqualTo(0.1);
        assertThat(PartType.of(sound().archetype())).isEqualTo(sound());
    }

    @ParameterizedTest
    @MethodSource("wrongs")
    void whatIsWrongIsRefusedWithThePlaceAndWhatWouldBeRight(String where, String rule, PartType sort) {
        assertThatExceptionOfType(Rejected.class).isThrownBy(sort::archetype).satisfies(e -> assertThat(e.wrong())
                .anySatisfy(one -> {
                    assertThat(one.where()).isEqualTo(where);
                    assertThat(one.rule()).isEqualTo(rule);
                }));
    }

    @Test
    void everythingThatIsWrongIsNamedAtOnce() {
        PartType sort = new PartType(
                "BAD",
                "",
                "",
                null,
                new PartType.SupplyOf(-1, 0),
                List.of(),
                new PartType.InnerOf(
                        null, null, null, null, null, null, List.of(new DriveOf("+", "-", "S")), List.of("C")),
                null,
                null,
                null);
        assertThatExceptionOfType(Rejected.class).isThrownBy(sort::archetype).satisfies(e -> assertThat(e.wrong())
                .extracting(Rejected.Wrong::where)
                .contains(
                        "id",
                        "label",
                        "shortName",
                        "kind",
                        "lowestV",
                        "highestV",
                        "pads",
                        "drives[0]",
                        "currentSensors[0]"));
    }
}

package ablemedic.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

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
                4.5,
                5.5,
                List.of(
                        new PadOf("+", Pad.Kind.SUPPLY, 5, 0, false, 1),
                        new PadOf("-", Pad.Kind.GROUND, 0, 0, false, 2),
                        new PadOf("3V3", Pad.Kind.FEED, 3.3, 1, false, 2),
                        new PadOf("G", Pad.Kind.GROUND, 0, 1, false, 2)),
                List.of(new TraceOf("-", "G", 0.003)),
                null,
                List.of(new CapacitorOf("+", "-", 22e-6, false)),
                List.of(new RegulatorOf("+", "3V3", "-", 3.3, 0.5, true)),
                null,
                List.of(new LoadOf("+", "-", 5, 0.1, 0.2)),
                null,
                null,
                null,
                null,
                null);
    }

    private static PartType with(UnaryOperator<ObjectNode> change) {
        return JSON.treeToValue(change.apply((ObjectNode) JSON.valueToTree(sound())), PartType.class);
    }

    private static Arguments wrong(String where, String right, UnaryOperator<ObjectNode> change) {
        return Arguments.of(where, right, with(change));
    }

    static Stream<Arguments> wrongs() {
        return Stream.of(
                wrong("id", "small letters", n -> n.put("id", "My Relay")),
                wrong("label", "1 to 60 letters", n -> n.put("label", " ")),
                wrong("shortName", "such as RX", n -> n.put("shortName", "R-1")),
                wrong("lowestV", "between 0", n -> n.put("lowestV", 9)),
                wrong("highestV", "between 0 and 60", n -> n.put("highestV", 61)),
                wrong("pads[1].name", "two pads named +", n -> pad(n, 1, p -> p.put("name", "+"))),
                wrong("pads[0].name", "as printed", n -> pad(n, 0, p -> p.put("name", "plus pad"))),
                wrong("pads[0].volts", "between 0", n -> pad(n, 0, p -> p.put("volts", -1))),
                wrong("pads[2].room", "0 to 3 leads", n -> pad(n, 2, p -> p.put("room", 4))),
                wrong("pads[2].row", "counted from 0", n -> pad(n, 2, p -> p.put("row", -1))),
                wrong("traces[0]", "no pad “X”", n -> item(n, "traces", p -> p.put("to", "X"))),
                wrong("traces[0]", "two pads, not one", n -> item(n, "traces", p -> p.put("to", "-"))),
                wrong("traces[0].ohms", "more than 0", n -> item(n, "traces", p -> p.put("ohms", 0))),
                wrong("capacitors[0].farads", "more than 0", n -> item(n, "capacitors", p -> p.put("farads", -1))),
                wrong(
                        "regulators[0].out",
                        "FEED pad of its own voltage",
                        n -> item(n, "regulators", p -> p.put("volts", 5))),
                wrong("regulators[0].limitA", "more than 0", n -> item(n, "regulators", p -> p.put("limitA", 0))),
                wrong(
                        "loads[0].poorAmps",
                        "at least what the good one does",
                        n -> item(n, "loads", p -> p.put("poorAmps", 0.05))),
                board("ports.pads[3].pad", "no pad “R9”", n -> port(n, 3, p -> p.put("pad", "R9"))),
                board("ports.pads[3].pad", "no serial pad", n -> port(n, 3, p -> p.put("pad", "9V"))),
                board("ports.pads[3].port", "from 1 to 12", n -> port(n, 3, p -> p.put("port", "13"))),
                board("ports.pads[0].inverter", "in the chip", n -> port(n, 0, p -> p.put("inverter", "CHIP"))),
                board(
                        "ports.pads[2].inverter",
                        "same pad under two labels",
                        n -> port(n, 2, p -> p.put("inverter", "NONE"))),
                board("ports.pads[3].port", "led out to 3 pads", n -> port(n, 3, p -> p.put("port", "1"))),
                board("ports.computer", "no port 9", n -> ports(n, p -> p.put("computer", "9"))),
                board(
                        "ports.pads",
                        "say which side",
                        n -> ports(n, p -> {
                            ((ArrayNode) p.get("pads")).remove(0);
                            return p;
                        })),
                board("ports", "only a flight controller", n -> n.put("kind", "PART")),
                part("spoken[0].formats", "formats of its job", n -> item(n, "spoken", p -> p.put("job", "GNSS"))),
                part(
                        "spoken[0].sends",
                        "sends on a pad",
                        n -> item(n, "spoken", p -> p.put("sends", "").put("hears", ""))),
                part("spoken[0].hears", "another pad", n -> item(n, "spoken", p -> p.put("hears", "TX"))),
                part("spoken[0]", "no pad “Q”", n -> item(n, "spoken", p -> p.put("sends", "Q"))),
                part("spoken[0].highV", "more than 0", n -> item(n, "spoken", p -> p.put("highV", 0))));
    }

    private static Arguments board(String where, String right, UnaryOperator<ObjectNode> change) {
        return of("board-f4-pad", where, right, change);
    }

    private static Arguments part(String where, String right, UnaryOperator<ObjectNode> change) {
        return of("receiver", where, right, change);
    }

    private static Arguments of(String id, String where, String right, UnaryOperator<ObjectNode> change) {
        ObjectNode written =
                (ObjectNode) JSON.valueToTree(PartType.of(PartsLibrary.find(id).orElseThrow()));
        return Arguments.of(where, right, JSON.treeToValue(change.apply(written), PartType.class));
    }

    private static ObjectNode ports(ObjectNode sort, UnaryOperator<ObjectNode> change) {
        change.apply((ObjectNode) sort.get("ports"));
        return sort;
    }

    private static ObjectNode port(ObjectNode sort, int i, UnaryOperator<ObjectNode> change) {
        change.apply((ObjectNode) sort.get("ports").get("pads").get(i));
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
    void whatIsWrongIsRefusedWithThePlaceAndWhatWouldBeRight(String where, String right, PartType sort) {
        assertThatExceptionOfType(UnusablePartTypeException.class)
                .isThrownBy(sort::archetype)
                .satisfies(e -> assertThat(e.wrong()).anySatisfy(one -> {
                    assertThat(one.where()).isEqualTo(where);
                    assertThat(one.right()).contains(right);
                }));
    }

    @Test
    void everythingThatIsWrongIsNamedAtOnce() {
        PartType sort = new PartType(
                "BAD",
                "",
                "",
                null,
                -1,
                0,
                List.of(),
                null,
                null,
                null,
                null,
                null,
                null,
                List.of(new DriveOf("+", "-", "S")),
                List.of("C"),
                null,
                null,
                null);
        assertThatExceptionOfType(UnusablePartTypeException.class)
                .isThrownBy(sort::archetype)
                .satisfies(e -> assertThat(e.wrong())
                        .extracting(UnusablePartTypeException.Wrong::where)
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

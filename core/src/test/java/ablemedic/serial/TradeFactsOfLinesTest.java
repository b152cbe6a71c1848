package ablemedic.serial;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.Families;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.physics.BatteryOut;
import ablemedic.reading.Meter;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLine.End;
import ablemedic.uart.CraftLines;
import ablemedic.uart.Reach;
import ablemedic.wiring.CopperDefect;
import ablemedic.wiring.Defect;
import ablemedic.wiring.Electrics;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What a technician knows of each trouble by heart, held against what follows from the craft. */
class TradeFactsOfLinesTest {
    private static final Craft SHARED = SerialCrafts.shared();
    private static final Craft POLLED = SerialCrafts.polled();
    private static final Craft MODEM = SerialCrafts.modem();
    private static final Craft SMALL = SerialCrafts.with("board-f1", "receiver-satellite");

    static Stream<Arguments> facts() {
        return Stream.of(
                fact(
                        SHARED,
                        "open-FC_R1_RX_TX",
                        Map.of("bars-move", "still", "telemetry-shown", "all", "receiver-lamp", "solid")),
                fact(SHARED, "open-FC_T1_RX_RX", Map.of("bars-move", "move", "telemetry-shown", "strength")),
                fact(
                        SHARED,
                        "exchanged-RX-receiver",
                        Map.of("bars-move", "still", "telemetry-shown", "strength", "wires-RX-receiver", "exchanged")),
                fact(
                        SHARED,
                        "open-FC_R5_RX_p",
                        Map.of("bars-move", "still", "telemetry-shown", "nothing", "receiver-lamp", "dark")),
                fact(
                        SHARED,
                        "dead-RX",
                        Map.of("receiver-lamp", "dark", "known-good-RX", "works", "signal-at-pad-R1", "still")),
                fact(
                        SHARED,
                        "sensors-not-discovered",
                        Map.of("bars-move", "move", "telemetry-shown", "strength", "sensors-setting", "no")),
                fact(SHARED, "telemetry-off", Map.of("bars-move", "move", "telemetry-shown", "strength")),
                fact(SHARED, "radio-telemetry-off", Map.of("bars-move", "move", "telemetry-shown", "nothing")),
                fact(
                        SHARED,
                        "not-bound",
                        Map.of("bars-move", "still", "receiver-lamp", "slow", "telemetry-shown", "nothing")),
                fact(SHARED, "module-off", Map.of("bars-move", "still", "receiver-lamp", "slow")),
                fact(
                        SHARED,
                        "job-missing-RX-receiver",
                        Map.of(
                                "bars-move",
                                "still",
                                "jobs-receiver",
                                "none",
                                "receiver-lamp",
                                "solid",
                                "signal-at-pad-R1",
                                "right")),
                fact(SHARED, "job-at-6-RX-receiver", Map.of("bars-move", "still", "jobs-receiver", "6")),
                fact(SHARED, "format-sbus-RX-receiver", Map.of("bars-move", "still", "signal-at-pad-R1", "right")),
                fact(SHARED, "inversion-RX-receiver", Map.of("bars-move", "still", "signal-at-pad-R1", "right")),
                fact(
                        SHARED,
                        "rate-19200-GNSS-gnss",
                        Map.of("satellites", "dead", "bars-move", "move", "signal-at-pad-R2", "right")),
                fact(SHARED, "part-rate-19200-GNSS-gnss", Map.of("satellites", "dead", "known-good-GNSS", "works")),
                fact(
                        SHARED,
                        "sky-face-down-GNSS",
                        Map.of("satellites", "none", "positioning-page", "heard", "module-lies", "down")),
                fact(SHARED, "sky-beside-transmitter-GNSS", Map.of("satellites", "few", "positioning-page", "heard")),
                fact(
                        SHARED,
                        "version-telemetry-broken",
                        Map.of("telemetry-shown", "strength", "other-version", "works", "bars-move", "move")),
                fact(SHARED, "left-behind", Map.of("ports-kept", "back", "bars-move", "still")),
                fact(SHARED, "charge-cable", Map.of("port-listed", "none", "bars-move", "move")),
                fact(SHARED, "driver-missing", Map.of("port-listed", "unknown")),
                fact(SMALL, "computer-port-given-away", Map.of("port-listed", "silent")),
                fact(
                        POLLED,
                        "half-duplex-off-RX-telemetry",
                        Map.of("telemetry-shown", "strength", "bars-move", "move", "settings-from-ground", "not")),
                fact(POLLED, "inversion-RX-telemetry", Map.of("telemetry-shown", "strength", "bars-move", "move")),
                fact(POLLED, "open-FC_T2_RX_TEL", Map.of("telemetry-shown", "strength", "signal-at-pad-T2", "still")),
                fact(
                        POLLED,
                        "speaks-ibus-RX-receiver",
                        Map.of("bars-move", "still", "signal-at-pad-R1", "other", "receiver-lamp", "solid")),
                fact(MODEM, "modem-one-way", Map.of("telemetry-shown", "all", "settings-from-ground", "not")),
                fact(MODEM, "modem-flow", Map.of("telemetry-shown", "nothing", "settings-from-ground", "not")),
                fact(MODEM, "ground-modem-38400", Map.of("telemetry-shown", "nothing")),
                fact(MODEM, "modem-unpaired", Map.of("telemetry-shown", "nothing")),
                fact(MODEM, "open-FC_R3_MDM_TX", Map.of("telemetry-shown", "all", "settings-from-ground", "not")),
                fact(MODEM, "too-many-bytes", Map.of("telemetry-shown", "nothing")));
    }

    private static Arguments fact(Craft craft, String fault, Map<String, String> shows) {
        return Arguments.of(craft, fault, shows);
    }

    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source = "what each fault of a serial line, a link or a modem chain looks like at the bench")
    @ParameterizedTest(name = "{1} {2}")
    @MethodSource("facts")
    void aFaultLooksAsEveryTechnicianKnowsIt(Craft craft, String fault, Map<String, String> shows) {
        var book = Families.book(craft, Meter.USUAL);
        Craft faulty = book.fault(fault)
                .orElseThrow(() -> new AssertionError("no fault " + fault + " among "
                        + book.faults().stream().map(f -> f.id()).toList()))
                .applyTo(craft);
        shows.forEach((check, outcome) -> assertThat(likeliest(book.check(check).orElseThrow(), faulty))
                .as(check)
                .isEqualTo(outcome));
    }

    private static String likeliest(Check<Craft> check, Craft craft) {
        Categorical ways = (Categorical) check.outlook(craft);
        double[] shares = ways.ways().get(0).probabilities()[0];
        int most = IntStream.range(0, shares.length)
                .reduce((a, b) -> shares[a] >= shares[b] ? a : b)
                .orElseThrow();
        return ways.choices().questions().get(0).outcomes().get(most).id();
    }

    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source = "copper that a meter finds carries a signal, and copper that it does not find carries none")
    @Test
    void aSignalGoesWhereAMeterFindsCopper() {
        for (Craft craft : SerialCrafts.all()) {
            CraftLines lines = CraftLines.of(craft).orElseThrow();
            for (CraftLine line : lines.joined()) {
                for (End end : line.needed()) {
                    Electrics sound = craft.electrics();
                    for (Defect harm : Stream.concat(
                                    end.links().stream()
                                            .flatMap(link -> Stream.of(
                                                    new CopperDefect.Open(link), new CopperDefect.Poor(link, 4_000))),
                                    lines.board().pads().stream()
                                            .limit(3)
                                            .map(pad -> new CopperDefect.WireMoved(
                                                    end.wire().id(),
                                                    lines.boardPart().address(pad.name()))))
                            .toList()) {
                        Electrics harmed = sound.with(harm);
                        String lies = harmed.movedTo(end.wire().id(), end.boardPad());
                        double ohms = BatteryOut.of(harmed, Meter.USUAL)
                                .ohms(
                                        harmed.wiring().node(end.partPad()),
                                        harmed.wiring().node(lies));
                        boolean copper = ohms < 1;
                        boolean none = ohms > 100_000;
                        CraftLines.Now now = lines.now(line, craft.withElectrics(harmed), false);
                        Reach best = now.heard().compareTo(now.spoken()) > 0 ? now.heard() : now.spoken();
                        if (none && line.needed().size() == 1) {
                            assertThat(best).as(line.id() + " " + harm).isEqualTo(Reach.NONE);
                        }
                        if (best == Reach.GOOD && line.needed().size() == 1) {
                            assertThat(copper).as(line.id() + " " + harm).isTrue();
                        }
                    }
                }
            }
        }
    }
}

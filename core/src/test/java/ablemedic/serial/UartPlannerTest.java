package ablemedic.serial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ablemedic.catalogue.Rejected;
import ablemedic.parts.SerialBoards;
import ablemedic.protocol.Format;
import ablemedic.serial.UartPlanner.Lost;
import ablemedic.serial.UartPlanner.Placed;
import ablemedic.serial.UartPlanner.Planned;
import ablemedic.uart.UartRequest;
import ablemedic.wiring.Processor;
import ablemedic.wiring.SerialBoard;
import ablemedic.wiring.SerialPad;
import ablemedic.wiring.SerialPad.Inverter;
import ablemedic.wiring.SerialPad.Side;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@Tag("thorough")
class UartPlannerTest {
    private static UartRequest receiver(Format format) {
        return new UartRequest("receiver", UartFunction.RECEIVER, format, false, "");
    }

    private static final UartRequest GNSS = new UartRequest("positioning", UartFunction.GNSS, Format.NMEA, false, "");
    private static final UartRequest DISPLAY =
            new UartRequest("display", UartFunction.DISPLAY, Format.DISPLAY, false, "");
    private static final UartRequest POLLED =
            new UartRequest("telemetry", UartFunction.TELEMETRY, Format.POLLED, false, "");

    private static SerialBoard board(String id) {
        return SerialBoards.find(id).orElseThrow();
    }

    /** What any technician knows of one wire, written apart from the planner: sense, side, speed and volts. */
    private static boolean works(SerialBoard board, String uart, UartRequest wish) {
        boolean low = Set.of(Format.SBUS, Format.POLLED, Format.STREAM).contains(wish.format());
        boolean soft = board.soft().contains(uart);
        if (soft
                && !Set.of(Format.STREAM, Format.NMEA, Format.BINARY_GNSS, Format.MAVLINK, Format.VIDEO_CONTROL)
                        .contains(wish.format())) {
            return false;
        }
        List<Side> sides =
                switch (wish.format()) {
                    case SBUS, IBUS, SATELLITE, NMEA -> List.of(Side.RX);
                    case POLLED, STREAM, VIDEO_CONTROL -> List.of(Side.TX);
                    default -> List.of(Side.RX, Side.TX);
                };
        return sides.stream().allMatch(side -> board.pads().stream()
                .anyMatch(pad -> pad.uart().equals(uart)
                        && pad.side() == side
                        && (soft
                                || pad.inverter() == Inverter.CHIP
                                || pad.inverter() == Inverter.JUMPER
                                || pad.inverter() == Inverter.SOFTWARE
                                || low == (pad.inverter() == Inverter.FIXED))
                        && (!wish.volts5() || pad.bears5V() || side == Side.TX && wish.format() != Format.POLLED)));
    }

    private static int worth(UartRequest wish) {
        return switch (wish.job()) {
            case RECEIVER -> 100;
            case GNSS -> 30;
            case DISPLAY -> 25;
            case TELEMETRY -> 20;
            case VIDEO_CONTROL -> 10;
        };
    }

    /** The worth of what is lost in the best of all ways, by trying every one. */
    private static int leastLost(
            SerialBoard board, List<UartRequest> wishes, int from, Set<String> used, boolean receiverPlaced) {
        if (from == wishes.size()) {
            return 0;
        }
        UartRequest wish = wishes.get(from);
        int best = worth(wish) + leastLost(board, wishes, from + 1, used, receiverPlaced);
        if (wish.job() == UartFunction.TELEMETRY && wish.format() == Format.CRSF && receiverPlaced) {
            best = Math.min(best, leastLost(board, wishes, from + 1, used, true));
        }
        for (String uart : board.uarts()) {
            if (!used.contains(uart) && works(board, uart, wish)) {
                Set<String> more = new HashSet<>(used);
                more.add(uart);
                best = Math.min(
                        best,
                        leastLost(
                                board,
                                wishes,
                                from + 1,
                                more,
                                receiverPlaced || wish.job() == UartFunction.RECEIVER && wish.format() == Format.CRSF));
            }
        }
        return best;
    }

    private static List<UartRequest> drawn(Random random) {
        List<UartRequest> wishes = new ArrayList<>();
        List<UartFunction> jobs = new ArrayList<>(List.of(UartFunction.values()));
        jobs.remove(UartFunction.RECEIVER);
        java.util.Collections.shuffle(jobs, random);
        jobs.add(0, UartFunction.RECEIVER);
        for (UartFunction job : jobs.subList(0, 2 + random.nextInt(4))) {
            List<Format> formats = job.formats();
            wishes.add(new UartRequest(
                    job.label(),
                    job,
                    formats.get(random.nextInt(formats.size())),
                    random.nextInt(4) == 0,
                    random.nextInt(3) == 0 ? String.valueOf(1 + random.nextInt(4)) : ""));
        }
        return wishes;
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void noWayLosesLessThanThePlan(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 150; i++) {
            SerialBoard board = SerialBoards.SHIPPED.get(random.nextInt(SerialBoards.SHIPPED.size()));
            List<UartRequest> wishes = drawn(random);
            Planned planned = UartPlanner.plan(board, wishes);
            assertThat(planned.placed().size() + planned.lost().size()).isEqualTo(wishes.size());
            assertThat(planned.lost().stream()
                            .mapToInt(lost -> worth(lost.wish()))
                            .sum())
                    .as("%s %s", board.id(), wishes)
                    .isEqualTo(leastLost(board, wishes, 0, Set.of(), false));
            List<String> uarts = planned.placed().stream()
                    .map(Placed::uart)
                    .filter(uart -> !uart.isEmpty())
                    .toList();
            assertThat(uarts).as("a port holds one job").doesNotHaveDuplicates();
            assertThat(planned.placed())
                    .allMatch(placed -> placed.uart().isEmpty() || works(board, placed.uart(), placed.wish()));
            for (Lost lost : planned.lost()) {
                List<UartRequest> conflict = wishes.stream()
                        .filter(wish -> lost.conflict().contains(wish.name()))
                        .toList();
                assertThat(conflict).contains(lost.wish());
                assertThat(leastLost(board, conflict, 0, Set.of(), false))
                        .as("cannot be had together")
                        .isPositive();
                for (UartRequest without : conflict) {
                    List<UartRequest> fewer =
                            conflict.stream().filter(wish -> wish != without).toList();
                    assertThat(leastLost(board, fewer, 0, Set.of(), false))
                            .as("%s without %s", lost.conflict(), without.name())
                            .isZero();
                }
            }
        }
    }

    @Test
    void onAnF4BoardAnInvertedReceiverGoesToTheInvertedPad() {
        Planned planned = UartPlanner.plan(board("board-f4-pad"), List.of(receiver(Format.SBUS), GNSS));
        assertThat(planned.placed()).extracting(Placed::uart).containsExactly("1", "3");
        assertThat(planned.placed().get(0).wires()).contains("receiver signal to pad SBUS");
        assertThat(planned.placed().get(0).set()).containsExactly("UART 1: receiver, SBUS at 100000 baud.");
    }

    @Test
    void polledTelemetryOnAnF4BoardWithoutAnInverterIsLostWithTheReasonOfEveryPort() {
        Planned planned = UartPlanner.plan(board("board-f4-pad"), List.of(receiver(Format.SBUS), POLLED));
        assertThat(planned.lost()).hasSize(1);
        assertThat(planned.lost().get(0).conflict()).containsExactly("telemetry");
        assertThat(planned.lost().get(0).why()).contains("UART 3: no inverter at its TX pad.", "UART 6: no TX pad.");
        assertThat(planned.lost().get(0).otherwise())
                .anyMatch(text -> text.contains("OSD"))
                .anyMatch(text -> text.contains("spare channel"));
    }

    @Test
    void onAnF7BoardTheSameTelemetryIsHadByASetting() {
        assertThat(UartPlanner.plan(board("board-f7"), List.of(receiver(Format.SBUS), POLLED))
                        .placed()
                        .get(1)
                        .set())
                .contains("Half duplex on.")
                .anyMatch(set -> set.endsWith("inversion on."));
    }

    @Test
    void aLinkThatCarriesTelemetryNeedsNoPortForIt() {
        UartRequest telemetry = new UartRequest("telemetry", UartFunction.TELEMETRY, Format.CRSF, false, "");
        Planned planned = UartPlanner.plan(board("board-f1"), List.of(receiver(Format.CRSF), telemetry));
        assertThat(planned.placed()).extracting(Placed::uart).containsExactly("2", "");
    }

    @Test
    void whatIsSolderedStaysWhereItLies() {
        for (String uart : List.of("1", "2", "3", "4", "6")) {
            UartRequest at = new UartRequest("positioning", UartFunction.GNSS, Format.NMEA, false, uart);
            assertThat(UartPlanner.plan(board("board-f7"), List.of(at, receiver(Format.IBUS), DISPLAY))
                            .placed()
                            .get(0)
                            .uart())
                    .isEqualTo(uart);
        }
    }

    @Test
    void theComputersPortIsTakenLastAndSaidSo() {
        Planned planned = UartPlanner.plan(board("board-f1"), List.of(receiver(Format.IBUS), DISPLAY));
        Placed onComputers = planned.placed().stream()
                .filter(placed -> placed.uart().equals("1"))
                .findFirst()
                .orElseThrow();
        assertThat(onComputers.minds()).anyMatch(mind -> mind.contains("USB"));
        assertThat(UartPlanner.plan(board("board-f1"), List.of(receiver(Format.IBUS)))
                        .placed()
                        .get(0)
                        .uart())
                .isEqualTo("2");
    }

    @Test
    void moreThanAPortEachCannotBeHad() {
        List<UartRequest> many = IntStream.range(0, 6)
                .mapToObj(i -> new UartRequest("display " + i, UartFunction.DISPLAY, Format.DISPLAY, false, ""))
                .toList();
        Planned planned = UartPlanner.plan(board("board-f3"), many);
        assertThat(planned.placed()).hasSize(3);
        assertThat(planned.lost()).hasSize(3).allSatisfy(lost -> assertThat(lost.conflict())
                .hasSize(4));
        assertThatThrownBy(() -> UartPlanner.plan(
                        board("board-f3"),
                        IntStream.range(0, 13).mapToObj(i -> GNSS).toList()))
                .isInstanceOf(Rejected.class);
    }

    @Test
    void aBoardThatContradictsItselfIsRefusedWithTheReason() {
        SerialPad one = new SerialPad("R1", "1", Side.RX, Inverter.NONE, true);
        refused(Processor.F4, "no-inverter", new SerialPad("R1", "1", Side.RX, Inverter.CHIP, true));
        refused(Processor.F4, "twice", one, new SerialPad("RX", "1", Side.RX, Inverter.NONE, true));
        refused(
                Processor.F4,
                "pads-of-side",
                one,
                new SerialPad("S", "1", Side.RX, Inverter.FIXED, true),
                new SerialPad("J", "1", Side.RX, Inverter.JUMPER, true));
        refused(Processor.F4, "same-pad", one, new SerialPad("R1", "2", Side.RX, Inverter.NONE, true));
        refused(Processor.F4, "pads");
        assertThatThrownBy(() -> new SerialBoard("x", "x", Processor.F4, List.of(one), "9", List.of(), ""))
                .isInstanceOfSatisfying(
                        Rejected.class, e -> assertThat(e.rule()).isEqualTo("no-uart"));
    }

    private static void refused(Processor processor, String rule, SerialPad... pads) {
        assertThatThrownBy(() -> new SerialBoard("x", "x", processor, List.of(pads), "", List.of(), ""))
                .isInstanceOfSatisfying(Rejected.class, e -> assertThat(e.wrong())
                        .extracting(Rejected.Wrong::rule)
                        .contains(rule));
    }

    @Test
    void everyClassOfProcessorHasABoard() {
        assertThat(SerialBoards.SHIPPED).extracting(SerialBoard::processor).contains(Processor.values());
        assertThat(SerialBoards.SHIPPED).extracting(SerialBoard::id).doesNotHaveDuplicates();
    }
}

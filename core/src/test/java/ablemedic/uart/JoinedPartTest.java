package ablemedic.uart;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.parts.SerialBoards;
import ablemedic.protocol.Format;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import ablemedic.uart.JoinedPart.Told;
import ablemedic.wiring.SerialBoard;
import ablemedic.wiring.SerialPad;
import ablemedic.wiring.UartFunction;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("thorough")
class JoinedPartTest {
    static final SerialBoard F4 = SerialBoards.find("board-f4-pad").orElseThrow();
    static final SerialBoard F7 = SerialBoards.find("board-f7").orElseThrow();
    static final SerialBoard JUMPERS = SerialBoards.find("board-f4-jumper").orElseThrow();

    static SerialPad pad(SerialBoard board, String name) {
        return board.pads().stream()
                .filter(pad -> pad.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    static UartRequest wish(UartFunction job, Format format) {
        return new UartRequest(job.label(), job, format, false, "");
    }

    static Told told(String uart, UartFunction job, Format format, boolean inverted) {
        return new Told(uart, List.of(job), format, format.bauds().get(0), inverted, false, false);
    }

    static JoinedPart receiver(SerialBoard board, String pad, Format format, boolean inverted) {
        return new JoinedPart(
                board,
                wish(UartFunction.RECEIVER, format),
                format.bauds().get(0),
                Optional.of(pad(board, pad)),
                Optional.empty(),
                true,
                5,
                5,
                Optional.of(told(pad(board, pad).uart(), UartFunction.RECEIVER, format, inverted)),
                false);
    }

    private static List<String> remedies(JoinedPart part) {
        return part.judged().stream().map(one -> one.remedy().plain()).toList();
    }

    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source = "An inverted receiver on a plain pad of an F4 board is silence on a sound wire")
    @Test
    void anInvertedReceiverNeedsAnInverter() {
        assertThat(receiver(F4, "SBUS", Format.SBUS, true).judged()).isEmpty();
        assertThat(receiver(F4, "R3", Format.SBUS, true).grade()).contains(Grade.WRONG);
        assertThat(remedies(receiver(F4, "R3", Format.SBUS, true))).containsExactly("Move the wire to pad SBUS.");
        assertThat(remedies(receiver(F4, "SBUS", Format.IBUS, false)))
                .containsExactly("Move the wire to pad R1 or R3 or R4 or R6.");
        assertThat(receiver(F7, "R3", Format.SBUS, true).judged()).isEmpty();
        assertThat(remedies(receiver(F7, "R3", Format.SBUS, false))).containsExactly("Switch inversion on for UART 3.");
        assertThat(remedies(receiver(JUMPERS, "R1", Format.SBUS, false)))
                .containsExactly("Set the jumper of pad R1 for an inverted signal.");
    }

    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source = "TX goes to RX and the reverse; one-wire links use TX; common ground always")
    @Test
    void wiresAreCrossedAndAGroundIsShared() {
        UartRequest link = wish(UartFunction.RECEIVER, Format.CRSF);
        Told told = told("3", UartFunction.RECEIVER, Format.CRSF, false);
        JoinedPart straight = new JoinedPart(
                F7,
                link,
                416_666,
                Optional.of(pad(F7, "T3")),
                Optional.of(pad(F7, "R3")),
                false,
                5,
                5,
                Optional.of(told),
                false);
        assertThat(remedies(straight)).contains("Swap its two wires.").anyMatch(remedy -> remedy.contains("ground"));
        JoinedPart crossed = new JoinedPart(
                F7,
                link,
                416_666,
                Optional.of(pad(F7, "R3")),
                Optional.of(pad(F7, "T3")),
                true,
                5,
                5,
                Optional.of(told),
                false);
        assertThat(crossed.judged()).isEmpty();
        JoinedPart split = new JoinedPart(
                F7,
                link,
                416_666,
                Optional.of(pad(F7, "R3")),
                Optional.of(pad(F7, "T4")),
                true,
                5,
                5,
                Optional.of(told),
                false);
        assertThat(split.judged().get(0).text().plain()).contains("two UARTs");
        UartRequest polled = wish(UartFunction.TELEMETRY, Format.POLLED);
        JoinedPart onRx = new JoinedPart(
                F7,
                polled,
                57_600,
                Optional.of(pad(F7, "R2")),
                Optional.empty(),
                true,
                5,
                5,
                Optional.of(new Told("2", List.of(UartFunction.TELEMETRY), Format.POLLED, 57_600, true, true, false)),
                false);
        assertThat(remedies(onRx)).anyMatch(remedy -> remedy.contains("TX pad"));
    }

    @Test
    void whatHarmsComesFirst() {
        UartRequest satellite =
                new UartRequest("satellite receiver", UartFunction.RECEIVER, Format.SATELLITE, false, "");
        JoinedPart fed = new JoinedPart(
                F7,
                satellite,
                115_200,
                Optional.of(pad(F7, "T1")),
                Optional.empty(),
                false,
                5,
                3.3,
                Optional.empty(),
                false);
        assertThat(fed.judged().get(0)).satisfies(first -> {
            assertThat(first.grade()).isEqualTo(Grade.HARMS);
            assertThat(first.text().plain()).contains("takes 3.3 V at most and is fed with 5 V");
        });
        JoinedPart fiveVolts = new JoinedPart(
                F7,
                new UartRequest("module", UartFunction.GNSS, Format.NMEA, true, ""),
                9600,
                Optional.of(pad(F7, "R1")),
                Optional.empty(),
                true,
                5,
                5,
                Optional.of(told("1", UartFunction.GNSS, Format.NMEA, false)),
                false);
        assertThat(fiveVolts.grade()).contains(Grade.HARMS);
    }

    @Test
    void theJobIsOneAndAtThePortOfTheWire() {
        Optional<Told> elsewhere = Optional.of(told("4", UartFunction.RECEIVER, Format.IBUS, false));
        JoinedPart wire = receiver(F4, "R3", Format.IBUS, false);
        assertThat(remedies(with(wire, elsewhere)))
                .containsExactly("Give the function to UART 3; that is quicker than the iron.");
        assertThat(with(wire, Optional.empty()).grade()).contains(Grade.UNKNOWN);
        assertThat(with(wire, Optional.of(new Told("3", List.of(), Format.IBUS, 115_200, false, false, false)))
                        .grade())
                .contains(Grade.WRONG);
        assertThat(with(
                                wire,
                                Optional.of(new Told(
                                        "3",
                                        List.of(UartFunction.RECEIVER, UartFunction.TELEMETRY),
                                        Format.IBUS,
                                        115_200,
                                        false,
                                        false,
                                        false)))
                        .judged()
                        .get(0)
                        .text()
                        .plain())
                .contains("2 functions");
        JoinedPart both = new JoinedPart(
                F7,
                wish(UartFunction.RECEIVER, Format.CRSF),
                416_666,
                Optional.of(pad(F7, "R3")),
                Optional.of(pad(F7, "T3")),
                true,
                5,
                5,
                Optional.of(new Told(
                        "3",
                        List.of(UartFunction.RECEIVER, UartFunction.TELEMETRY),
                        Format.CRSF,
                        420_000,
                        false,
                        false,
                        false)),
                false);
        assertThat(both.judged()).as("a format that carries both").isEmpty();
    }

    static JoinedPart with(JoinedPart part, Optional<Told> told) {
        return new JoinedPart(
                part.board(),
                part.part(),
                part.baud(),
                part.sends(),
                part.hears(),
                part.ground(),
                part.supplyV(),
                part.standsV(),
                told,
                part.computer());
    }
}

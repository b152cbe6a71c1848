package ablemedic.uart;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.parts.SerialBoards;
import ablemedic.protocol.Format;
import ablemedic.protocol.Frames;
import ablemedic.protocol.Framing;
import ablemedic.protocol.Sender;
import ablemedic.serial.UartPlanner;
import ablemedic.serial.UartPlanner.Placed;
import ablemedic.uart.JoinedPart.Told;
import ablemedic.wiring.SerialBoard;
import ablemedic.wiring.SerialPad;
import ablemedic.wiring.SerialPad.Inverter;
import ablemedic.wiring.SerialPad.Side;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The rules of the two ends of a line, against frames that go over it bit by bit. */
class JoinedFramesTest {
    /** What the planner gives is sound by the rules. */
    @Test
    void everyPortThatIsPlannedIsSound() {
        Random random = new Random(5);
        int judged = 0;
        for (int i = 0; i < 800; i++) {
            SerialBoard board = SerialBoards.SHIPPED.get(random.nextInt(SerialBoards.SHIPPED.size()));
            List<UartRequest> wishes = new ArrayList<>();
            for (UartFunction job : UartFunction.values()) {
                List<Format> formats = job.formats();
                wishes.add(new UartRequest(
                        job.label(), job, formats.get(random.nextInt(formats.size())), random.nextInt(5) == 0, ""));
            }
            for (Placed placed : UartPlanner.plan(board, wishes).placed()) {
                if (placed.uart().isEmpty()) {
                    continue;
                }
                UartRequest part = placed.wish();
                List<SerialPad> pads = placed.wires().stream()
                        .filter(wire -> wire.contains(" to pad "))
                        .map(wire -> JoinedPartTest.pad(board, wire.substring(wire.indexOf(" to pad ") + 8)))
                        .toList();
                Optional<SerialPad> sends = pads.stream()
                        .filter(pad -> pad.side() == Side.RX || part.oneWire())
                        .findFirst();
                Optional<SerialPad> hears = pads.stream()
                        .filter(pad -> pad.side() == Side.TX && !part.oneWire())
                        .findFirst();
                int baud = board.isSoft(placed.uart())
                        ? 9600
                        : part.format().bauds().get(0);
                JoinedPart joined = new JoinedPart(
                        board,
                        part,
                        baud,
                        sends,
                        hears,
                        true,
                        5,
                        5,
                        Optional.of(new Told(
                                placed.uart(),
                                List.of(part.job()),
                                part.format(),
                                baud,
                                part.format().inverted(),
                                part.oneWire(),
                                true)),
                        false);
                assertThat(joined.judged())
                        .as("%s", joined)
                        .noneMatch(one -> one.grade() == Grade.HARMS || one.grade() == Grade.WRONG);
                judged++;
            }
        }
        assertThat(judged).isGreaterThan(2000);
    }

    /**
     * The rules against the line itself: the part's frames are sent, turned round where the pad turns them, and read
     * bit by bit as the UART is told. Frames come out just where the rules find nothing wrong.
     */
    @Test
    void framesComeOutOfThePortJustWhereTheRulesFindNothingWrong() {
        Random random = new Random(6);
        List<Format> formats = List.of(Format.SBUS, Format.IBUS, Format.NMEA);
        int through = 0;
        for (int i = 0; i < 4000; i++) {
            SerialBoard board = SerialBoards.SHIPPED.get(1 + random.nextInt(SerialBoards.SHIPPED.size() - 1));
            List<SerialPad> pads = board.pads().stream()
                    .filter(pad -> !board.isSoft(pad.uart()))
                    .toList();
            SerialPad pad = pads.get(random.nextInt(pads.size()));
            Format format = formats.get(random.nextInt(3));
            int baud = format.bauds().get(random.nextInt(format.bauds().size()));
            Format toldFormat = random.nextInt(3) == 0 ? formats.get(random.nextInt(3)) : format;
            int toldBaud = random.nextInt(4) == 0
                    ? List.of(9600, 100_000, 115_200, 57_600).get(random.nextInt(4))
                    : baud;
            Told told = new Told(
                    random.nextInt(5) == 0 ? "9" : pad.uart(),
                    List.of(UartFunction.GNSS),
                    toldFormat,
                    toldBaud,
                    random.nextBoolean(),
                    false,
                    false);
            JoinedPart part = new JoinedPart(
                    board,
                    JoinedPartTest.wish(UartFunction.GNSS, format),
                    baud,
                    Optional.of(pad),
                    Optional.empty(),
                    true,
                    5,
                    5,
                    Optional.of(told),
                    false);
            boolean sound = part.judged().stream().noneMatch(one -> one.grade() == Grade.WRONG);
            boolean heard = pad.side() == Side.RX && told.uart().equals(pad.uart()) && arrives(format, baud, pad, told);
            assertThat(heard).as("%s %s", part, part.judged()).isEqualTo(sound);
            through += heard ? 1 : 0;
        }
        assertThat(through).isBetween(300, 3000);
    }

    private static boolean arrives(Format format, int baud, SerialPad pad, Told told) {
        Sender usual = Sender.usual(format);
        Sender sender = new Sender(format, baud, format.inverted(), usual.everyS() * 9600 / Math.min(9600, baud));
        boolean turned = pad.inverter() == Inverter.FIXED || pad.inverter() != Inverter.NONE && told.inverted();
        List<double[]> stretches = new ArrayList<>();
        stretches.add(new double[] {format.inverted() ? 0 : 1, 0.01});
        for (int frame = 0; frame < 5; frame++) {
            sender.send(List.of(1600.0), frame, (high, seconds) -> stretches.add(new double[] {high ? 1 : 0, seconds}));
        }
        Frames frames = Frames.of(told.format());
        for (int value :
                read(stretches, turned, told.baud(), told.format().framing().orElseThrow())) {
            frames.take(0, (byte) value);
        }
        frames.end();
        return frames.good() >= 4;
    }

    /**
     * A plain receiver of bits: wait for a fall, sample each bit in its middle, give up a byte whose stop bit is low or
     * whose parity is odd.
     */
    private static List<Integer> read(List<double[]> stretches, boolean turned, double baud, Framing framing) {
        double end = stretches.stream().mapToDouble(s -> s[1]).sum();
        double[] edges = new double[stretches.size() + 1];
        for (int i = 0; i < stretches.size(); i++) {
            edges[i + 1] = edges[i] + stretches.get(i)[1];
        }
        List<Integer> bytes = new ArrayList<>();
        int at = 0;
        double time = 0;
        while (time < end) {
            while (at < stretches.size() && (edges[at + 1] <= time || level(stretches, at, turned))) {
                at++;
                time = Math.max(time, edges[Math.min(at, stretches.size())]);
            }
            if (at == stretches.size()) {
                return bytes;
            }
            double start = Math.max(time, edges[at]);
            int value = 0;
            int ones = 0;
            boolean good = true;
            int bits = framing.bits() - 1;
            for (int bit = 1; bit <= bits; bit++) {
                double sample = start + (bit + 0.5) / baud;
                int k = at;
                while (k + 1 < stretches.size() && edges[k + 1] <= sample) {
                    k++;
                }
                boolean one = level(stretches, k, turned);
                if (bit <= 8) {
                    value |= one ? 1 << bit - 1 : 0;
                    ones += one ? 1 : 0;
                } else if (bit == 9 && framing.parity() == Framing.Parity.EVEN) {
                    good &= one == (ones % 2 == 1);
                } else {
                    good &= one;
                }
            }
            if (good) {
                bytes.add(value);
            }
            time = start + (bits + 0.5) / baud;
        }
        return bytes;
    }

    private static boolean level(List<double[]> stretches, int at, boolean turned) {
        return stretches.get(at)[0] > 0 != turned;
    }
}

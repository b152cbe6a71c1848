package ablemedic.parts;

import ablemedic.protocol.Format;
import ablemedic.wiring.ElectricSheet;
import ablemedic.wiring.Gauge;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Part;
import ablemedic.wiring.SerialBoard;
import ablemedic.wiring.SerialPad;
import ablemedic.wiring.SerialPad.Side;
import ablemedic.wiring.Wire;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Runs the serial wires of a part that is added to a sheet to the first free UART that hears what it speaks. */
final class SerialWires {
    private static final Gauge THIN = new Gauge(28);
    private static final double LENGTH_MM = 80;
    /** A software UART makes no more than this; common practice with no source. */
    private static final int SOFT_BAUD = 19_200;

    private SerialWires() {}

    /** The wires; none for a line that no free UART hears, or where the board has no UARTs. */
    static List<Wire> of(ElectricSheet sheet, Part part) {
        List<Wire> wires = new ArrayList<>();
        Optional<Part> boardPart = sheet.flightBoard();
        Optional<SerialBoard> board = boardPart.flatMap(b -> SerialBoard.of(b.archetype()));
        if (board.isEmpty()) {
            return wires;
        }
        for (InnerCircuit one : part.archetype().inner()) {
            if (one instanceof InnerCircuit.Spoken spoken) {
                List<Wire> before = new ArrayList<>(sheet.wires());
                before.addAll(wires);
                board.get().uarts().stream()
                        .filter(uart -> isFree(board.get(), boardPart.get(), uart, before))
                        .sorted(Comparator.comparing(
                                uart -> uart.equals(board.get().computer())
                                        || board.get().isSoft(uart)))
                        .map(uart -> to(board.get(), boardPart.get(), uart, part, spoken))
                        .filter(run -> !run.isEmpty())
                        .findFirst()
                        .ifPresent(wires::addAll);
            }
        }
        return wires;
    }

    private static boolean isFree(SerialBoard board, Part boardPart, String uart, List<Wire> wires) {
        return board.pads().stream()
                .filter(pad -> pad.uart().equals(uart))
                .map(pad -> boardPart.address(pad.name()))
                .noneMatch(pad -> wires.stream().anyMatch(wire -> wire.endsAt(pad)));
    }

    private static List<Wire> to(
            SerialBoard board, Part boardPart, String uart, Part part, InnerCircuit.Spoken spoken) {
        Format format = spoken.formats().get(0);
        List<Wire> run = new ArrayList<>();
        boolean oneWire = format == Format.POLLED;
        for (String pad : List.of(spoken.sends(), spoken.hears())) {
            if (pad.isEmpty()) {
                continue;
            }
            Side side = pad.equals(spoken.sends()) && !oneWire ? Side.RX : Side.TX;
            Optional<SerialPad> fits = board.pads(uart, side).stream()
                    .filter(one -> one.hears(format.inverted()))
                    .filter(one ->
                            !board.isSoft(uart) || format.bauds().stream().anyMatch(baud -> baud <= SOFT_BAUD))
                    .findFirst();
            if (fits.isEmpty()) {
                return List.of();
            }
            run.add(new Wire(boardPart.address(fits.get().name()), part.address(pad), THIN, LENGTH_MM, false));
        }
        return run;
    }
}

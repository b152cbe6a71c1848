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

/** Runs the serial leads of a part that is added to a sheet to the first free port that hears what it speaks. */
final class SerialWires {
    private static final Gauge THIN = new Gauge(28);
    private static final double LENGTH_MM = 80;
    /** A software port makes no more than this; common practice with no source. */
    private static final int SOFT_BAUD = 19_200;

    private SerialWires() {}

    /** The leads; none for a line that no free port hears, or where the board has no ports. */
    static List<Wire> of(ElectricSheet sheet, Part part) {
        List<Wire> leads = new ArrayList<>();
        Optional<Part> boardPart = sheet.flightBoard();
        Optional<SerialBoard> board = boardPart.flatMap(b -> SerialBoard.of(b.archetype()));
        if (board.isEmpty()) {
            return leads;
        }
        for (InnerCircuit one : part.archetype().inner()) {
            if (one instanceof InnerCircuit.Spoken spoken) {
                List<Wire> before = new ArrayList<>(sheet.leads());
                before.addAll(leads);
                board.get().ports().stream()
                        .filter(port -> isFree(board.get(), boardPart.get(), port, before))
                        .sorted(Comparator.comparing(
                                port -> port.equals(board.get().computer())
                                        || board.get().isSoft(port)))
                        .map(port -> to(board.get(), boardPart.get(), port, part, spoken))
                        .filter(run -> !run.isEmpty())
                        .findFirst()
                        .ifPresent(leads::addAll);
            }
        }
        return leads;
    }

    private static boolean isFree(SerialBoard board, Part boardPart, String port, List<Wire> leads) {
        return board.pads().stream()
                .filter(pad -> pad.port().equals(port))
                .map(pad -> boardPart.address(pad.name()))
                .noneMatch(pad -> leads.stream()
                        .anyMatch(lead -> lead.from().equals(pad) || lead.to().equals(pad)));
    }

    private static List<Wire> to(
            SerialBoard board, Part boardPart, String port, Part part, InnerCircuit.Spoken spoken) {
        Format format = spoken.formats().get(0);
        List<Wire> run = new ArrayList<>();
        boolean oneWire = format == Format.POLLED;
        for (String pad : List.of(spoken.sends(), spoken.hears())) {
            if (pad.isEmpty()) {
                continue;
            }
            Side side = pad.equals(spoken.sends()) && !oneWire ? Side.RX : Side.TX;
            Optional<SerialPad> fits = board.pads(port, side).stream()
                    .filter(one -> one.hears(format.inverted()))
                    .filter(one ->
                            !board.isSoft(port) || format.bauds().stream().anyMatch(baud -> baud <= SOFT_BAUD))
                    .findFirst();
            if (fits.isEmpty()) {
                return List.of();
            }
            run.add(new Wire(boardPart.address(fits.get().name()), part.address(pad), THIN, LENGTH_MM, false));
        }
        return run;
    }
}

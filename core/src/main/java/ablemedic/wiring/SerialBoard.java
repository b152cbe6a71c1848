package ablemedic.wiring;

import ablemedic.wiring.SerialPad.Inverter;
import ablemedic.wiring.SerialPad.Side;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The serial side of a flight board.
 *
 * @param id stable name in kebab case
 * @param processor its class
 * @param pads of its ports, in the order in which they lie
 * @param computer the port that the computer's bridge takes while it is joined; empty where it has a way of its own
 * @param soft ports that the firmware makes out of a plain pin
 * @param silent what its print does not tell
 */
public record SerialBoard(
        String id,
        String label,
        Processor processor,
        List<SerialPad> pads,
        String computer,
        List<String> soft,
        String silent) {
    private static final int MOST_PADS = 40;
    private static final int PADS_OF_A_SIDE = 2;

    /** A description that contradicts itself. */
    public static final class UnusableException extends RuntimeException {
        private static final long serialVersionUID = 1;
        private final String where;

        public UnusableException(String where, String right) {
            super(right);
            this.where = where;
        }

        public String where() {
            return where;
        }
    }

    /** @throws UnusableException where the description contradicts itself */
    public SerialBoard {
        pads = List.copyOf(pads);
        soft = List.copyOf(soft);
        need(!pads.isEmpty() && pads.size() <= MOST_PADS, "pads", "a board has 1 to " + MOST_PADS + " serial pads");
        Map<String, List<SerialPad>> sides = new LinkedHashMap<>();
        for (int i = 0; i < pads.size(); i++) {
            SerialPad pad = pads.get(i);
            String where = "pads[" + i + "]";
            need(
                    !pad.name().isBlank() && pad.name().length() <= 12,
                    where + ".name",
                    "a pad is named by 1 to 12 letters, as printed");
            need(
                    pad.port().matches("[A-Za-z0-9]{1,8}"),
                    where + ".port",
                    "a port is named by 1 to 8 letters or digits, such as 3");
            need(
                    pad.inverter() != Inverter.CHIP || processor.inverts(),
                    where + ".inverter",
                    "no port of an " + processor.label()
                            + " chip turns a line round in the chip; the pad has an inverter behind it, a jumper or none");
            need(
                    pads.stream()
                                    .filter(other -> other.name().equals(pad.name()) && other.side() == pad.side())
                                    .count()
                            == 1,
                    where + ".name",
                    "there are two pads named " + pad.name());
            List<SerialPad> side = sides.computeIfAbsent(pad.port() + " " + pad.side(), s -> new ArrayList<>());
            side.add(pad);
            need(
                    side.size() <= PADS_OF_A_SIDE,
                    where + ".port",
                    "one side of port " + pad.port() + " is led out to " + side.size()
                            + " pads; at most a plain one and an inverted one are met");
            need(
                    side.stream()
                                    .filter(one -> one.inverter() == pad.inverter())
                                    .count()
                            == 1,
                    where + ".inverter",
                    "two pads of one side are the same pad under two labels: enter it once, with both labels");
        }
        need(computer.isEmpty() || ports(pads).contains(computer), "computer", "there is no port " + computer);
        for (String port : soft) {
            need(ports(pads).contains(port), "soft", "there is no port " + port);
        }
    }

    /** The serial side of a sort of board; nothing where it has none. */
    public static Optional<SerialBoard> of(Archetype sort) {
        List<SerialPad> pads = sort.inner().stream()
                .filter(SerialPad.class::isInstance)
                .map(SerialPad.class::cast)
                .toList();
        return sort.inner().stream()
                .filter(InnerCircuit.Chip.class::isInstance)
                .map(InnerCircuit.Chip.class::cast)
                .findFirst()
                .map(chip -> new SerialBoard(
                        sort.id(), sort.label(), chip.processor(), pads, chip.computer(), chip.soft(), chip.silent()));
    }

    private static void need(boolean holds, String where, String right) {
        if (!holds) {
            throw new UnusableException(where, right);
        }
    }

    private static List<String> ports(List<SerialPad> pads) {
        return pads.stream().map(SerialPad::port).distinct().toList();
    }

    /** Its ports in the order of their pads. */
    public List<String> ports() {
        return ports(pads);
    }

    /** The pads of one side of a port; none where it is not led out. */
    public List<SerialPad> pads(String port, Side side) {
        return pads.stream()
                .filter(pad -> pad.port().equals(port) && pad.side() == side)
                .toList();
    }

    public boolean isSoft(String port) {
        return soft.contains(port);
    }
}

package ablemedic.wiring;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.EntryCheck;
import ablemedic.catalogue.Rejected;
import ablemedic.wiring.SerialPad.Inverter;
import ablemedic.wiring.SerialPad.Side;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The serial side of an FC.
 *
 * @param id stable name in kebab case
 * @param processor its class
 * @param pads of its UARTs, in the order in which they lie
 * @param computer the UART that the computer's bridge takes while it is joined; empty where it has a way of its own
 * @param soft UARTs that the firmware makes out of a plain pin
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
    private static final Catalogue WORDS = Catalogue.beside(SerialBoard.class, "refusals");
    private static final int MOST_PADS = 40;
    private static final int PADS_OF_A_SIDE = 2;

    /** @throws Rejected where the description contradicts itself */
    public SerialBoard {
        pads = List.copyOf(pads);
        soft = List.copyOf(soft);
        EntryCheck check = new EntryCheck(WORDS.of("serial-board"));
        check.need(!pads.isEmpty() && pads.size() <= MOST_PADS, "pads", "pads", "most", MOST_PADS);
        Map<String, List<SerialPad>> sides = new LinkedHashMap<>();
        for (int i = 0; i < pads.size(); i++) {
            SerialPad pad = pads.get(i);
            String where = "pads[" + i + "]";
            check.need(!pad.name().isBlank() && pad.name().length() <= 12, where + ".name", "pad-name");
            check.need(pad.uart().matches("[A-Za-z0-9]{1,8}"), where + ".port", "uart-name");
            check.need(
                    pad.inverter() != Inverter.CHIP || processor.inverts(),
                    where + ".inverter",
                    "no-inverter",
                    "processor",
                    processor.label());
            check.need(
                    pads.stream()
                                    .filter(other -> other.name().equals(pad.name()) && other.side() == pad.side())
                                    .count()
                            == 1,
                    where + ".name",
                    "same-pad",
                    "pad",
                    pad.name());
            List<SerialPad> side = sides.computeIfAbsent(pad.uart() + " " + pad.side(), s -> new ArrayList<>());
            side.add(pad);
            check.need(side.size() <= PADS_OF_A_SIDE, where + ".port", "pads-of-side", "uart", pad.uart());
            check.need(
                    side.stream()
                                    .filter(one -> one.inverter() == pad.inverter())
                                    .count()
                            == 1,
                    where + ".inverter",
                    "twice");
        }
        check.need(computer.isEmpty() || uarts(pads).contains(computer), "computer", "no-uart", "uart", computer);
        for (String uart : soft) {
            check.need(uarts(pads).contains(uart), "soft", "no-uart", "uart", uart);
        }
        check.end();
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

    private static List<String> uarts(List<SerialPad> pads) {
        return pads.stream().map(SerialPad::uart).distinct().toList();
    }

    /** Its UARTs in the order of their pads. */
    public List<String> uarts() {
        return uarts(pads);
    }

    /** The pads of one side of a UART; none where it is not led out. */
    public List<SerialPad> pads(String uart, Side side) {
        return pads.stream()
                .filter(pad -> pad.uart().equals(uart) && pad.side() == side)
                .toList();
    }

    public boolean isSoft(String uart) {
        return soft.contains(uart);
    }
}

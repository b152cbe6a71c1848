package ablemedic.serial;

import ablemedic.catalogue.Param;
import ablemedic.craft.Craft;
import ablemedic.family.StoppedLine;
import ablemedic.serial.SerialDefect.DeadUartPad;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLine.End;
import ablemedic.uart.CraftLines;
import ablemedic.uart.Judged;
import ablemedic.wiring.CopperDefect;
import ablemedic.wiring.CopperDefect.WireMoved;
import ablemedic.wiring.SerialPad;
import ablemedic.wiring.Wiring;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What can be wrong with the wires of a line and the pads that they are on. */
final class WireFaults {
    private static final int WRONG_PADS = 3;
    private static final double MOVE_MINUTES = 8;
    private static final double REPLACE_FC_MINUTES = 60;
    private static final double REWIRE_MINUTES = 15;

    private final SerialFaults faults;
    private final Craft craft;
    private final CraftLines lines;

    WireFaults(SerialFaults faults) {
        this.faults = faults;
        this.craft = faults.sound();
        this.lines = faults.lines();
    }

    void addTo(CraftLine line) {
        asWired(line);
        exchanged(line);
        line.needed().forEach(end -> plausible(end).forEach(wrong -> moved(line, end, wrong)));
    }

    /** What the chart alone shows: it is all but known, and only the chart can be wrong. */
    private void asWired(CraftLine line) {
        List<Judged> wrong = lines.bySheet(line);
        if (wrong.isEmpty()) {
            return;
        }
        String found =
                wrong.stream().map(one -> one.text() + " " + one.remedy()).collect(Collectors.joining(" "));
        String remedy = wrong.get(0).remedy().plain();
        faults.add("cannot-work-as-joined", "cannot-work-" + line.id())
                .site("serial wires " + line.id())
                .prior(SerialOdds.BY_SHEET)
                .with("line", SerialFaults.line(line))
                .with("first", Param.written(remedy.substring(0, remedy.length() - 1)))
                .with("found", Param.written(found))
                .with("planned", Param.written(String.join(" ", FreeUart.planned(lines, line))))
                .defectInPlace(new StoppedLine(line.part().id(), line.id()))
                .remedy("sound line " + line.id())
                .fix("rejoin", REWIRE_MINUTES);
    }

    private void exchanged(CraftLine line) {
        if (line.sends().isEmpty() || line.hears().isEmpty()) {
            return;
        }
        End one = line.sends().get();
        End other = line.hears().get();
        String first = one.wire().id();
        String second = other.wire().id();
        faults.add("wires-exchanged", "exchanged-" + line.id())
                .site("serial wires " + line.id())
                .prior(SerialOdds.WIRES_EXCHANGED)
                .with("line", SerialFaults.line(line))
                .wiring(
                        e -> e.with(new WireMoved(first, e.movedTo(second, other.boardPad())))
                                .with(new WireMoved(second, e.movedTo(first, one.boardPad()))),
                        e -> e.without(CopperDefect.ofWireEnd(first)).without(CopperDefect.ofWireEnd(second)))
                .remedy("both wires " + line.id())
                .fix("move", MOVE_MINUTES);
    }

    private void moved(CraftLine line, End end, String wrong) {
        Wiring wiring = craft.electrics().wiring();
        String wire = end.wire().id();
        faults.add("wire-on-wrong-pad", "moved-" + plain(end.partPad()) + "-" + plain(wrong))
                .site("serial wires " + line.id())
                .prior(SerialOdds.WRONG_PAD)
                .with("end", Param.pad(end.partPad(), wiring.label(wiring.node(end.partPad()))))
                .with("wrong", Param.pad(wrong, End.printed(wrong)))
                .with("right", Param.pad(end.boardPad(), end.printed()))
                .wiring(e -> e.with(new WireMoved(wire, wrong)), e -> e.without(CopperDefect.ofWireEnd(wire)))
                .remedy("wire " + end.partPad() + " on " + end.boardPad())
                .fix("move", MOVE_MINUTES);
    }

    /**
     * Pads on which a wire may be by mistake: its neighbours, the other pad of its side, and the pads of its side at
     * the next UARTs.
     */
    private List<String> plausible(End end) {
        Optional<SerialPad> found = lines.pad(end.boardPad());
        if (found.isEmpty()) {
            return List.of();
        }
        SerialPad right = found.get();
        Set<String> wrong = new LinkedHashSet<>();
        List<SerialPad> all = lines.board().pads();
        int at = all.indexOf(right);
        for (SerialPad pad : all) {
            int apart = Math.abs(all.indexOf(pad) - at);
            boolean twin = pad.uart().equals(right.uart()) && pad.side() == right.side();
            boolean likeIt = pad.side() == right.side() && apart <= 2;
            if (!pad.equals(right) && (twin || apart == 1 || likeIt)) {
                wrong.add(lines.boardPart().address(pad.name()));
            }
        }
        return wrong.stream()
                .filter(pad -> !craft.electrics().sheet().isWired(pad))
                .limit(WRONG_PADS)
                .toList();
    }

    /** Sides of UARTs that are dead in the MCU. */
    void deadPads() {
        Set<String> done = new HashSet<>();
        for (CraftLine line : lines.joined()) {
            line.needed().stream().filter(end -> done.add(end.boardPad())).forEach(end -> dead(line, end));
        }
    }

    private void dead(CraftLine line, End end) {
        List<String> how = FreeUart.wired(lines, line);
        faults.add("port-pad-dead", "dead-pad-" + plain(end.boardPad()))
                .site("serial pad " + end.boardPad())
                .prior(SerialOdds.UART_PAD_DEAD)
                .with("pad", Param.pad(end.boardPad(), end.printed()))
                .with("line", SerialFaults.line(line))
                .with("format", Param.written(line.format().label()))
                .with("free", Param.when(!how.isEmpty()))
                .with("how", Param.written(String.join(" ", how)))
                .defectInPlace(new DeadUartPad(end.boardPad()))
                .remedy("sound port for " + line.id())
                .fix("other-port", how.isEmpty() ? REPLACE_FC_MINUTES : REWIRE_MINUTES);
    }

    /** A name without the marks that paths and files part by. */
    private static String plain(String address) {
        return address.replace('.', '_').replace("+", "p");
    }
}

package ablemedic.uart;

import ablemedic.craft.Craft;
import ablemedic.uart.CraftLine.End;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Pad;
import ablemedic.wiring.SerialPad;
import ablemedic.wiring.SerialPad.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The wires of the lines of a craft: what gets through them, and what else sends on them or holds them. */
final class LineWires {
    private final CraftLines lines;
    private final Craft sound;

    LineWires(CraftLines lines, Craft sound) {
        this.lines = lines;
        this.sound = sound;
    }

    /** Whether what is sent gets through a wire, whatever it says. */
    Reach through(Craft craft, End end) {
        Electrics electrics = craft.electrics();
        String at = electrics.movedTo(end.wire().id(), end.boardPad());
        double ohms = ohms(electrics, end);
        if (Double.isInfinite(ohms)
                || electrics.deadUart(at)
                || jammed(craft, end, at) && !jammed(sound, end, end.boardPad())) {
            return Reach.NONE;
        }
        return ohms > 0 ? Reach.FLAKY : Reach.GOOD;
    }

    /** What its links have come to, ohms: 0 where all are sound, infinite where one is open. */
    private static double ohms(Electrics electrics, End end) {
        return end.links().stream()
                .mapToDouble(link -> electrics.spoilt(link).orElse(0))
                .sum();
    }

    /** Whether a wire has something on it that sends as well, or that holds it. */
    boolean jammed(Craft craft, End end, String boardPad) {
        Electrics electrics = craft.electrics();
        List<String> bridged = new ArrayList<>(electrics.bridgedWith(boardPad));
        bridged.addAll(electrics.bridgedWith(end.partPad()));
        if (bridged.stream().anyMatch(pad -> holds(craft, end, pad))) {
            return true;
        }
        return lines.all().stream()
                .flatMap(line -> line.sends().stream())
                .filter(other -> !other.equals(end))
                .anyMatch(other ->
                        electrics.movedTo(other.wire().id(), other.boardPad()).equals(boardPad)
                                && ohms(electrics, other) < Double.POSITIVE_INFINITY);
    }

    /** Whether a pad drives whatever is bridged with it. */
    private boolean holds(Craft craft, End end, String pad) {
        Electrics electrics = craft.electrics();
        if (electrics.sheet().pad(pad).kind() != Pad.Kind.SERIAL) {
            return true;
        }
        Optional<SerialPad> onBoard = lines.pad(pad);
        boolean boardSends = onBoard.filter(one -> one.side() == Side.TX
                        && !CraftLines.jobs(craft, one.uart()).isEmpty())
                .isPresent();
        boolean partSends = lines.all().stream()
                .flatMap(line -> line.ends().stream())
                .filter(other -> !other.equals(end))
                .anyMatch(other -> other.partPad().equals(pad)
                        || electrics
                                .movedTo(other.wire().id(), other.boardPad())
                                .equals(pad));
        return boardSends || partSends;
    }
}

package ablemedic.serial;

import ablemedic.catalogue.Param;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Facet;
import ablemedic.family.CheckList;
import ablemedic.uart.CraftLines;
import ablemedic.wiring.SerialPad;
import ablemedic.wiring.SerialPad.Inverter;
import ablemedic.wiring.SerialPad.Side;
import java.util.List;
import java.util.Optional;

/** A UART that receives itself is sound from pad to pad. */
final class LoopChecks {
    private static final double LOOP_SLIPS = 0.08;
    private final CraftLines lines;
    private final CheckList checks;

    private LoopChecks(CraftLines lines, CheckList checks) {
        this.lines = lines;
        this.checks = checks;
    }

    static void addTo(CheckList checks, CraftLines lines) {
        new LoopChecks(lines, checks).loops();
    }

    /** A UART that receives itself is sound from pad to pad. */
    private void loops() {
        lines.joined().stream()
                .flatMap(line -> lines.pads(line).stream())
                .map(SerialPad::uart)
                .distinct()
                .filter(uart -> !uart.equals(lines.board().computer()))
                .forEach(uart -> looped(uart, Side.RX)
                        .ifPresent(rx -> looped(uart, Side.TX).ifPresent(tx -> loop(uart, rx, tx))));
    }

    private Optional<SerialPad> looped(String uart, Side side) {
        return lines.board().pads(uart, side).stream()
                .filter(pad -> pad.inverter() != Inverter.FIXED)
                .findFirst();
    }

    private void loop(String uart, SerialPad rx, SerialPad tx) {
        List<String> pads =
                List.of(lines.boardPart().address(rx.name()), lines.boardPart().address(tx.name()));
        checks.ask(SerialChecks.words("loop-back"))
                .id("loop-" + uart)
                .at(lines.boardPart())
                .with("uart", SerialFaults.uart(uart))
                .with("rx", Param.pad(pads.get(0), rx.name()))
                .with("tx", Param.pad(pads.get(1), tx.name()))
                .shows(
                        Facet.of("uart-" + uart, (Craft c) -> pads.stream().noneMatch(c.electrics()::deadUart)),
                        (asked, sound) -> Categorical.expecting(asked, sound ? "hears" : "deaf", LOOP_SLIPS))
                .needs(BenchNeeds.COMPUTER)
                .minutes(5)
                .risk(0.1)
                .add();
    }
}

package ablemedic.uart;

import ablemedic.craft.Craft;
import ablemedic.craft.UartSettings;
import ablemedic.wiring.UartFunction;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Tells an FC its UARTs as the wires of its sheet lie: what is right for that craft, to begin from. */
public final class UartsFromWiring {
    private UartsFromWiring() {}

    /**
     * The same craft, its UARTs with the jobs and formats of what is joined to them; as it was where the board has no
     * UARTs entered.
     */
    public static Craft told(Craft craft) {
        Optional<CraftLines> lines = CraftLines.of(craft);
        Craft now = craft;
        if (lines.isPresent()) {
            for (String uart : lines.get().board().uarts()) {
                now = now.with(UartSettings.jobsOf(uart), List.of());
            }
            for (CraftLine line : lines.get().joined()) {
                now = told(now, lines.get(), line);
            }
        }
        return now;
    }

    /** The same craft, with what is right for the lines of one of its parts told besides. */
    public static Craft toldOf(Craft craft, String partId) {
        Optional<CraftLines> lines = CraftLines.of(craft);
        Craft now = craft;
        if (lines.isPresent()) {
            for (CraftLine line : lines.get().joined().stream()
                    .filter(line -> line.part().id().equals(partId))
                    .toList()) {
                now = told(now, lines.get(), line);
            }
        }
        return now;
    }

    private static Craft told(Craft craft, CraftLines lines, CraftLine line) {
        Optional<String> uart = lines.portOf(line);
        if (uart.isEmpty()) {
            return craft;
        }
        List<UartFunction> jobs = Stream.concat(
                        craft.setting(UartSettings.jobsOf(uart.get())).stream(), Stream.of(line.job()))
                .distinct()
                .sorted()
                .toList();
        Craft now =
                craft.with(UartSettings.jobsOf(uart.get()), jobs).with(UartSettings.format(line.job()), line.format());
        return lines.board().isSoft(uart.get()) ? now.with(UartSettings.SOFT, true) : now;
    }
}

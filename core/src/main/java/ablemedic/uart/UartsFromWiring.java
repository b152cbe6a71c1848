package ablemedic.uart;

import ablemedic.craft.Craft;
import ablemedic.craft.UartSettings;
import ablemedic.wiring.UartFunction;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Tells a flight board its ports as the leads of its sheet lie: what is right for that craft, to begin from. */
public final class UartsFromWiring {
    private UartsFromWiring() {}

    /**
     * The same craft, its ports with the jobs and formats of what is joined to them; as it was where the board has no
     * ports entered.
     */
    public static Craft told(Craft craft) {
        Optional<CraftLines> lines = CraftLines.of(craft);
        Craft now = craft;
        if (lines.isPresent()) {
            for (String port : lines.get().board().ports()) {
                now = now.with(UartSettings.jobsOf(port), List.of());
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
        Optional<String> port = lines.portOf(line);
        if (port.isEmpty()) {
            return craft;
        }
        List<UartFunction> jobs = Stream.concat(
                        craft.told(UartSettings.jobsOf(port.get())).stream(), Stream.of(line.job()))
                .distinct()
                .sorted()
                .toList();
        Craft now =
                craft.with(UartSettings.jobsOf(port.get()), jobs).with(UartSettings.format(line.job()), line.format());
        return lines.board().isSoft(port.get()) ? now.with(UartSettings.SOFT, true) : now;
    }
}

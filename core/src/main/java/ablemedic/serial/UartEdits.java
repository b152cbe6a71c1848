package ablemedic.serial;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Text;
import ablemedic.craft.Craft;
import ablemedic.craft.SpokenSettings;
import ablemedic.craft.UartSettings;
import ablemedic.protocol.Format;
import ablemedic.requirement.Edit;
import ablemedic.uart.CraftLine;
import ablemedic.uart.GnssLoad;
import ablemedic.uart.JoinedPart;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is set otherwise at a UART, or at the part on it: function, protocol, rate. */
final class UartEdits {
    private final Craft craft;

    UartEdits(Craft craft) {
        this.craft = craft;
    }

    /** Its function given to the UART that it lies on, and taken from any other. */
    Optional<Edit> function(CraftLine line, String uart) {
        if (uart.isEmpty()) {
            return Optional.empty();
        }
        boolean shared = line.job() == UartFunction.RECEIVER
                && craft.setting(UartSettings.jobsOf(uart)).contains(UartFunction.TELEMETRY)
                && line.format().back() == Format.Back.TWO_WAY;
        Edit give = Edit.set(
                UartSettings.jobsOf(uart),
                shared ? List.of(UartFunction.RECEIVER, UartFunction.TELEMETRY) : List.of(line.job()));
        List<Edit> all = new ArrayList<>(List.of(give));
        all.addAll(takenFromOthers(line.job(), uart));
        return Optional.of(Edit.together(all));
    }

    /** A function taken from every UART but one. */
    List<Edit> takenFromOthers(UartFunction function, String uart) {
        return UartSettings.uartsWith(function, craft).stream()
                .filter(other -> !other.equals(uart))
                .map(other -> Edit.set(
                        UartSettings.jobsOf(other),
                        craft.setting(UartSettings.jobsOf(other)).stream()
                                .filter(job -> job != function)
                                .toList()))
                .toList();
    }

    List<Edit> formats(CraftLine line) {
        List<Edit> all = new ArrayList<>(List.of(Edit.set(UartSettings.format(line.job()), line.format())));
        Format told = craft.setting(UartSettings.format(line.job()));
        if (line.spoken().formats().contains(told)) {
            all.add(Edit.set(
                    SpokenSettings.format(line.job()),
                    told == line.spoken().formats().get(0) ? Optional.empty() : Optional.of(told)));
        }
        return all;
    }

    List<Edit> rates(CraftLine line, JoinedPart joined, String uart) {
        List<Edit> all = new ArrayList<>();
        List<Integer> usual = line.format().bauds();
        if (!uart.isEmpty()) {
            int told = craft.setting(UartSettings.baud(uart));
            if (usual.contains(joined.baud())) {
                all.add(Edit.set(UartSettings.baud(uart), joined.baud() == usual.get(0) ? 0 : joined.baud()));
            }
            if (told == 0 || usual.contains(told)) {
                all.add(Edit.set(SpokenSettings.baud(line.job()), told == 0 || told == usual.get(0) ? 0 : told));
            }
            if (all.isEmpty()) {
                all.add(Edit.all(
                        title("rates", "baud", Param.whole(usual.get(0), "")),
                        Edit.set(UartSettings.baud(uart), 0),
                        Edit.set(SpokenSettings.baud(line.job()), 0)));
            }
        }
        return all;
    }

    List<Edit> overloads(CraftLine line, JoinedPart joined, String uart) {
        int hz = craft.setting(SpokenSettings.GNSS_HZ);
        GnssLoad load = GnssLoad.of(joined, hz);
        List<Edit> all = new ArrayList<>(List.of(Edit.set(SpokenSettings.GNSS_HZ, load.fits())));
        line.format().bauds().stream()
                .sorted()
                .filter(baud -> load.share() * joined.baud() / baud <= 0.7)
                .findFirst()
                .filter(baud -> !uart.isEmpty())
                .ifPresent(baud -> all.add(Edit.all(
                        Serial.WORDS
                                .name("edits")
                                .with("uart", SerialFaults.uart(uart))
                                .with("line", SerialFaults.line(line))
                                .with("baud", Param.whole(baud, ""))
                                .line("fast"),
                        Edit.set(UartSettings.baud(uart), baud),
                        Edit.set(SpokenSettings.baud(line.job()), baud))));
        return all;
    }

    static Text title(String line, String gap, Param param) {
        return Serial.WORDS.name("edits").with(gap, param).line(line);
    }
}

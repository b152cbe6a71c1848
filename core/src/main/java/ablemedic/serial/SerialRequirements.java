package ablemedic.serial;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.craft.FirmwareSettings;
import ablemedic.craft.ModemSettings;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.SpokenSettings;
import ablemedic.craft.UartSettings;
import ablemedic.protocol.Format.Back;
import ablemedic.requirement.Edit;
import ablemedic.requirement.Requirement;
import ablemedic.requirement.Severity;
import ablemedic.requirement.Violation;
import ablemedic.uart.CraftLines;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What serial lines, their UARTs and the computer's way in must satisfy; lines by the same rules as the map. */
final class SerialRequirements {
    private static final String TELEMETRY = "telemetry";
    private static final double BITS_A_BYTE = 10;

    static final List<Requirement> ALL = List.of(
            new Requirement("part-format", SerialRequirements::formats),
            new Requirement("line", SerialRequirements::lines),
            new Requirement("uart", SerialRequirements::idleFunctions),
            new Requirement("usb", SerialRequirements::computersUart),
            new Requirement("computer", SerialRequirements::computer),
            new Requirement("telemetry", SerialRequirements::telemetry),
            new Requirement("modem", SerialRequirements::modem));

    private SerialRequirements() {}

    /** A part speaks only what it can. */
    private static List<Violation> formats(Craft craft) {
        return CraftLines.of(craft)
                .map(lines -> lines.joined().stream()
                        .flatMap(line -> craft
                                .setting(SpokenSettings.format(line.job()))
                                .filter(told -> !line.spoken().formats().contains(told))
                                .map(told -> Violation.cannotWork(
                                        "part-format-" + line.id(),
                                        Serial.WORDS
                                                .requirement("part-format")
                                                .with("line", SerialFaults.line(line))
                                                .with("set", Param.written(told.label()))
                                                .with(
                                                        "right",
                                                        Param.written(
                                                                line.format().label())),
                                        LineEdits.complaint(line.job()),
                                        List.of(SpokenSettings.format(line.job())),
                                        Edit.set(SpokenSettings.format(line.job()), Optional.empty())))
                                .stream())
                        .toList())
                .orElse(List.of());
    }

    private static List<Violation> lines(Craft craft) {
        return SerialMap.of(craft)
                .map(map -> {
                    LineEdits edits = LineEdits.of(craft);
                    return map.lines().stream()
                            .flatMap(line -> line.judged().stream()
                                    .map(judged -> edits.violation(line, judged))
                                    .flatMap(Optional::stream))
                            .toList();
                })
                .orElse(List.of());
    }

    /** Functions of UARTs on which no part for them lies. */
    private static List<Violation> idleFunctions(Craft craft) {
        List<Violation> found = new ArrayList<>();
        SerialMap.of(craft).ifPresent(map -> {
            for (SerialMap.Port uart : map.uarts()) {
                uart.jobs().stream()
                        .filter(job ->
                                map.lines().stream().noneMatch(line -> carries(line, job) && lies(line, uart.name())))
                        .forEach(job -> found.add(new Violation(
                                "uart-" + uart.name() + "-" + job.id(),
                                Severity.DOUBTFUL,
                                idle(uart, job).line("cause"),
                                idle(uart, job).line("remedy"),
                                List.of(UartSettings.jobsOf(uart.name())),
                                pads(craft, uart),
                                LineEdits.complaint(job),
                                List.of())));
            }
        });
        return found;
    }

    private static Words idle(SerialMap.Port uart, UartFunction job) {
        return Serial.WORDS
                .requirement("uart-idle")
                .with("uart", SerialFaults.uart(uart.name()))
                .with("function", Param.written(job.label()));
    }

    private static boolean carries(SerialMap.Line line, UartFunction job) {
        return line.wish().job() == job
                || job == UartFunction.TELEMETRY
                        && line.wish().job() == UartFunction.RECEIVER
                        && line.wish().format().back() == Back.TWO_WAY;
    }

    private static boolean lies(SerialMap.Line line, String uart) {
        return line.wires().stream().anyMatch(wire -> wire.uart().equals(uart));
    }

    private static List<String> pads(Craft craft, SerialMap.Port uart) {
        return craft.electrics().sheet().flightBoard().stream()
                .flatMap(board -> uart.pads().stream().map(pad -> board.address(pad.name())))
                .toList();
    }

    /**
     * The UART that the computer takes while it is plugged in: a part there is silent then, and the computer is shut
     * out.
     */
    private static List<Violation> computersUart(Craft craft) {
        return SerialMap.of(craft)
                .map(map -> {
                    String uart = map.board().computer();
                    if (uart.isEmpty()
                            || craft.setting(UartSettings.jobsOf(uart)).isEmpty()) {
                        return List.<Violation>of();
                    }
                    Setting<List<UartFunction>> jobs = UartSettings.jobsOf(uart);
                    List<Edit> edits = LineEdits.of(craft).away(uart);
                    Words words = Serial.WORDS
                            .requirement("usb")
                            .with("uart", SerialFaults.uart(uart))
                            .with(
                                    "functions",
                                    Param.written(craft.configuration().said(jobs)));
                    return List.of(
                            edits.isEmpty()
                                    ? Violation.doubt("usb-" + uart, words, "no-computer", jobs)
                                    : new Violation(
                                            "usb-" + uart,
                                            Severity.CANNOT_WORK,
                                            words.line("cause"),
                                            edits.get(0).title(),
                                            List.of(jobs),
                                            List.of(),
                                            "no-computer",
                                            edits));
                })
                .orElse(List.of());
    }

    private static List<Violation> computer(Craft craft) {
        List<Violation> found = new ArrayList<>();
        Violation.unless(craft, SpokenSettings.CABLE, true, Serial.WORDS.requirement("usb-cable"), "no-computer")
                .ifPresent(found::add);
        Violation.unless(craft, SpokenSettings.DRIVER, true, Serial.WORDS.requirement("usb-driver"), "no-computer")
                .ifPresent(found::add);
        return found;
    }

    private static List<Violation> telemetry(Craft craft) {
        Optional<CraftLines> lines = CraftLines.onSheet(craft);
        Optional<Telemetry.Way> way = lines.flatMap(Telemetry::way);
        if (way.isEmpty()) {
            return List.of();
        }
        List<Violation> found = new ArrayList<>();
        Violation.unless(craft, UartSettings.TELEMETRY, true, Serial.WORDS.requirement("telemetry-on"), TELEMETRY)
                .ifPresent(found::add);
        Violation.unless(
                        craft,
                        FirmwareSettings.TELEMETRY_WORKS,
                        true,
                        Serial.WORDS.requirement("telemetry-version"),
                        TELEMETRY)
                .ifPresent(found::add);
        if (way.get() != Telemetry.Way.MODEM) {
            Violation.unless(
                            craft,
                            RadioSettings.TELEMETRY,
                            true,
                            Serial.WORDS.requirement("telemetry-radio"),
                            TELEMETRY)
                    .ifPresent(found::add);
            Violation.unless(
                            craft,
                            RadioSettings.SENSORS,
                            true,
                            Serial.WORDS.requirement("telemetry-sensors"),
                            TELEMETRY)
                    .ifPresent(found::add);
        }
        return found;
    }

    private static List<Violation> modem(Craft craft) {
        if (CraftLines.onSheet(craft)
                .flatMap(Telemetry::way)
                .filter(Telemetry.Way.MODEM::equals)
                .isEmpty()) {
            return List.of();
        }
        List<Violation> found = new ArrayList<>();
        Violation.unless(craft, ModemSettings.ONE_WAY, false, Serial.WORDS.requirement("modem-one-way"), TELEMETRY)
                .ifPresent(found::add);
        Violation.unless(craft, ModemSettings.FLOW, false, Serial.WORDS.requirement("modem-flow"), TELEMETRY)
                .ifPresent(found::add);
        Violation.unless(craft, ModemSettings.PAIRED, true, Serial.WORDS.requirement("modem-paired"), TELEMETRY)
                .ifPresent(found::add);
        int ground = craft.setting(ModemSettings.GROUND);
        int station = craft.setting(ModemSettings.STATION);
        if (ground != station) {
            found.add(Violation.cannotWork(
                    Serial.WORDS
                            .requirement("modem-ground")
                            .with("ground", Param.whole(ground, ""))
                            .with("station", Param.whole(station, "")),
                    TELEMETRY,
                    List.of(ModemSettings.STATION, ModemSettings.GROUND),
                    Edit.set(ModemSettings.STATION, ground),
                    Edit.set(ModemSettings.GROUND, station)));
        }
        double most = ByteBudget.FILL * craft.setting(ModemSettings.AIR) / BITS_A_BYTE;
        if (craft.setting(ModemSettings.BYTES) > most) {
            found.add(Violation.cannotWork(
                    Serial.WORDS
                            .requirement("modem-bytes")
                            .with("sent", Param.whole(craft.setting(ModemSettings.BYTES), ""))
                            .with("most", Param.whole(Math.round(most), "")),
                    TELEMETRY,
                    List.of(ModemSettings.BYTES, ModemSettings.AIR),
                    Edit.set(ModemSettings.BYTES, (int) Math.max(1, Math.floor(most)))));
        }
        return found;
    }

    /** The UARTs on which a part lies, for its lines. */
    static Stream<String> uarts(SerialMap.Line line) {
        return line.wires().stream().map(SerialMap.Wire::uart).distinct().filter(UartSettings.UARTS::contains);
    }
}

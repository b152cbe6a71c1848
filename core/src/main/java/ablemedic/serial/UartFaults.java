package ablemedic.serial;

import ablemedic.catalogue.Param;
import ablemedic.configuration.Setting;
import ablemedic.craft.AsFormat;
import ablemedic.craft.Craft;
import ablemedic.craft.UartSettings;
import ablemedic.family.FaultBuilder;
import ablemedic.protocol.Format;
import ablemedic.protocol.Format.Back;
import ablemedic.serial.SerialDefect.OtherJumper;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLines;
import ablemedic.wiring.SerialPad;
import ablemedic.wiring.SerialPad.Inverter;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** What can be wrong with how the UART of a line is configured, and with the rates of both ends. */
final class UartFaults {
    private static final int ELSEWHERE = 2;
    private static final double SET_MINUTES = 3;
    /** One of two wrong rates that are as likely. */
    private static final double HALF = 0.5;

    private final SerialFaults faults;
    private final Craft craft;
    private final CraftLines lines;

    UartFaults(SerialFaults faults) {
        this.faults = faults;
        this.craft = faults.sound();
        this.lines = faults.lines();
    }

    void addTo(CraftLine line) {
        lines.portOf(line).ifPresent(uart -> {
            missing(line, uart);
            twice(line, uart);
            elsewhere(line, uart);
            inversion(line, uart);
            halfDuplex(line, uart);
            rates(line, uart);
            softSerial(line, uart);
        });
    }

    private FaultBuilder named(FaultBuilder fault, CraftLine line, String uart) {
        return fault.with("line", SerialFaults.line(line))
                .with("uart", SerialFaults.uart(uart))
                .with("function", Param.written(line.job().label()))
                .with("format", Param.written(line.format().label()))
                .with("low", Param.when(line.format().inverted()));
    }

    private void missing(CraftLine line, String uart) {
        named(
                        faults.wrong(
                                "job-missing",
                                "job-missing-" + line.id(),
                                SerialSettings.jobs(uart),
                                SerialOdds.JOB_MISSING,
                                was -> without(was, line.job())),
                        line,
                        uart)
                .fix("set", SET_MINUTES);
    }

    private void twice(CraftLine line, String uart) {
        UartFunction function = line.job();
        Stream.of(UartFunction.values())
                .filter(other -> isTakenTwice(line, other))
                .findFirst()
                .ifPresent(other -> named(
                                faults.wrong(
                                        "job-twice",
                                        "job-twice-" + line.id(),
                                        SerialSettings.jobs(uart),
                                        SerialOdds.JOB_TWICE,
                                        was -> with(was, other)),
                                line,
                                uart)
                        .with("other", Param.written(other.label()))
                        .with("function", Param.written(function.label()))
                        .fix("set", SET_MINUTES));
    }

    /** A function that somebody may give to the UART of a line as well: it is on no other, and the format lacks it. */
    private boolean isTakenTwice(CraftLine line, UartFunction other) {
        boolean carried = line.job() == UartFunction.RECEIVER
                && other == UartFunction.TELEMETRY
                && line.format().back() == Back.TWO_WAY;
        return other != line.job()
                && !carried
                && (other == UartFunction.GNSS || other == UartFunction.TELEMETRY)
                && UartSettings.uartsWith(other, craft).isEmpty();
    }

    private void elsewhere(CraftLine line, String uart) {
        lines.board().uarts().stream()
                .filter(other -> !other.equals(uart)
                        && craft.setting(UartSettings.jobsOf(other)).isEmpty())
                .limit(ELSEWHERE)
                .forEach(other -> on(line, uart, other));
    }

    private void on(CraftLine line, String uart, String other) {
        UartFunction function = line.job();
        Setting<List<UartFunction>> right = UartSettings.jobsOf(uart);
        Setting<List<UartFunction>> wrong = UartSettings.jobsOf(other);
        List<UartFunction> functions = craft.setting(right);
        List<UartFunction> others = craft.setting(wrong);
        named(faults.add("job-elsewhere", "job-at-" + other + "-" + line.id()), line, uart)
                .site("setting " + right.id())
                .prior(SerialOdds.JOB_ELSEWHERE)
                .with("wrong", SerialFaults.uart(other))
                .changes(any ->
                        any.changing(right, was -> without(was, function)).changing(wrong, was -> with(was, function)))
                .fixedBy(
                        "set",
                        "function " + function.id() + " on " + uart,
                        any -> any.with(right, functions).with(wrong, others),
                        SET_MINUTES)
                .add();
    }

    private void inversion(CraftLine line, String uart) {
        List<SerialPad> used = lines.pads(line);
        boolean low = line.format().inverted();
        if (used.stream().anyMatch(pad -> pad.inverter() == Inverter.CHIP || pad.inverter() == Inverter.SOFTWARE)
                && !lines.board().isSoft(uart)) {
            named(
                            faults.wrong(
                                    "inversion-wrong",
                                    "inversion-" + line.id(),
                                    SerialSettings.inversion(uart),
                                    SerialOdds.INVERSION,
                                    was -> low ? AsFormat.OFF : AsFormat.ON),
                            line,
                            uart)
                    .with("set", faults.said(UartSettings.inversion(uart)))
                    .fix("set", SET_MINUTES);
        }
        used.stream()
                .filter(pad -> pad.inverter() == Inverter.JUMPER)
                .findFirst()
                .ifPresent(pad -> jumper(line, uart, pad));
    }

    private void jumper(CraftLine line, String uart, SerialPad pad) {
        String address = lines.boardPart().address(pad.name());
        named(faults.add("jumper-wrong", "jumper-" + line.id()), line, uart)
                .site("serial jumper " + address)
                .prior(SerialOdds.JUMPER)
                .with("pad", Param.pad(address, pad.name()))
                .defectInPlace(new OtherJumper(address))
                .remedy("jumper " + address)
                .fix("put-right", 8);
    }

    private void halfDuplex(CraftLine line, String uart) {
        if (line.format() == Format.POLLED) {
            named(
                            faults.wrong(
                                    "half-duplex-wrong",
                                    "half-duplex-off-" + line.id(),
                                    SerialSettings.oneWire(uart),
                                    SerialOdds.HALF_DUPLEX,
                                    was -> AsFormat.OFF),
                            line,
                            uart)
                    .with("set", faults.said(UartSettings.oneWire(uart)))
                    .fix("set", SET_MINUTES);
        }
    }

    private void rates(CraftLine line, String uart) {
        if (line.format().bauds().size() < 2 || line.format() == Format.CRSF) {
            return;
        }
        int right = baud(line, uart);
        for (int wrong : otherRates(right, line.format())) {
            named(
                            faults.wrong(
                                    "rate-wrong",
                                    "rate-" + wrong + "-" + line.id(),
                                    SerialSettings.baud(uart),
                                    SerialOdds.RATE.times(HALF),
                                    was -> wrong),
                            line,
                            uart)
                    .with("wrong", Param.whole(wrong, ""))
                    .with("right", Param.whole(right, ""))
                    .fix("set", SET_MINUTES);
        }
        List<Integer> comesAs =
                line.format().bauds().stream().filter(rate -> rate != right).toList();
        for (int wrong : comesAs) {
            named(
                            faults.wrong(
                                    "part-rate-wrong",
                                    "part-rate-" + wrong + "-" + line.id(),
                                    SerialSettings.partBaud(line.job()),
                                    SerialOdds.RATE.times(1.0 / comesAs.size()),
                                    was -> wrong),
                            line,
                            uart)
                    .with("wrong", Param.whole(wrong, ""))
                    .with("right", Param.whole(right, ""))
                    .fix("set", 6);
        }
    }

    private void softSerial(CraftLine line, String uart) {
        if (!lines.board().isSoft(uart)) {
            return;
        }
        named(
                        faults.wrong(
                                "soft-serial-missing",
                                "soft-not-built",
                                SerialSettings.SOFT_BUILT,
                                SerialOdds.SOFT_MISSING,
                                was -> false),
                        line,
                        uart)
                .fix("set", 25);
        faults.wrong("soft-serial-off", "soft-off", SerialSettings.SOFT, SerialOdds.SOFT, was -> false)
                .fix("set", SET_MINUTES);
    }

    private int baud(CraftLine line, String uart) {
        int set = craft.setting(UartSettings.baud(uart));
        return set > 0 ? set : line.format().bauds().get(0);
    }

    /** The usual rates next to the right one. */
    static List<Integer> otherRates(int right, Format format) {
        List<Integer> sorted = format.bauds().stream().sorted().toList();
        List<Integer> near = new ArrayList<>();
        sorted.stream().filter(rate -> rate < right).reduce((a, b) -> b).ifPresent(near::add);
        sorted.stream().filter(rate -> rate > right).findFirst().ifPresent(near::add);
        return near;
    }

    private static List<UartFunction> without(List<UartFunction> functions, UartFunction one) {
        return functions.stream().filter(other -> other != one).toList();
    }

    private static List<UartFunction> with(List<UartFunction> functions, UartFunction one) {
        return Stream.concat(functions.stream(), Stream.of(one))
                .distinct()
                .sorted()
                .toList();
    }
}

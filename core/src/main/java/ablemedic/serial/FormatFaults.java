package ablemedic.serial;

import ablemedic.catalogue.Param;
import ablemedic.protocol.Format;
import ablemedic.uart.CraftLine;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What can be wrong with the protocol of a line: the FC expects another, or the part speaks another. */
final class FormatFaults {
    /** One of about two wrong protocols that are as likely. */
    private static final double HALF = 0.5;

    private final SerialFaults faults;

    FormatFaults(SerialFaults faults) {
        this.faults = faults;
    }

    void addTo(CraftLine line) {
        UartFunction function = line.job();
        function.formats().stream().filter(other -> other != line.format()).forEach(other -> faults.wrong(
                        "format-wrong",
                        "format-" + other.id() + "-" + line.id(),
                        SerialSettings.format(function),
                        SerialOdds.FORMAT.times(HALF),
                        was -> other)
                .with("line", SerialFaults.line(line))
                .with("function", Param.written(function.label()))
                .with("wrong", Param.written(other.label()))
                .with("right", Param.written(line.format().label()))
                .fix("set", 3));
        List<Format> others = otherSpoken(line);
        others.forEach(other -> faults.wrong(
                        "part-speaks-otherwise",
                        "speaks-" + other.id() + "-" + line.id(),
                        SerialSettings.partFormat(function),
                        SerialOdds.PART_FORMAT.times(1.0 / others.size()),
                        was -> Optional.of(other))
                .with("line", SerialFaults.line(line))
                .with("receiver", Param.when(function == UartFunction.RECEIVER))
                .with("wrong", Param.written(other.label()))
                .with("right", Param.written(line.format().label()))
                .fix("set", 5));
    }

    /** What else the part can speak; receivers with a choice can send all channels as pulses too. */
    private static List<Format> otherSpoken(CraftLine line) {
        List<Format> others = new ArrayList<>(line.spoken().formats());
        if (line.job() == UartFunction.RECEIVER && others.size() > 1) {
            others.add(Format.PPM);
        }
        others.remove(line.format());
        return others;
    }
}

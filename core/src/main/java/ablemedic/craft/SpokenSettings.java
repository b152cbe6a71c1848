package ablemedic.craft;

import ablemedic.configuration.Device;
import ablemedic.configuration.Setting;
import ablemedic.configuration.ValueForm.Choice;
import ablemedic.configuration.ValueForm.Count;
import ablemedic.protocol.Format;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What the parts on serial lines and the computer are set to. */
public final class SpokenSettings {
    private static final String LINE = "line";
    private static final String CONNECTION = "connection";
    private static final int FASTEST = 3_000_000;
    private static final Map<UartFunction, Setting<Optional<Format>>> FORMAT = new EnumMap<>(UartFunction.class);
    private static final Map<UartFunction, Setting<Integer>> BAUD = new EnumMap<>(UartFunction.class);

    static {
        for (UartFunction job : UartFunction.values()) {
            FORMAT.put(
                    job,
                    SettingWords.setting(
                            device(job),
                            LINE,
                            "part-format-" + job.id(),
                            SettingWords.of("part-format", job.label()),
                            Optional.empty(),
                            formats(job)));
            BAUD.put(
                    job,
                    SettingWords.setting(
                            device(job),
                            LINE,
                            "part-baud-" + job.id(),
                            SettingWords.of("part-baud", job.label()),
                            0,
                            SettingWords.count(SettingWords.of("part-baud"), FASTEST, " baud")));
        }
    }

    /** Positions a second that a GNSS module is set to send. */
    public static final Setting<Integer> GNSS_HZ = SettingWords.setting(
            Device.POSITIONING, LINE, "gnss-hz", 1, new Count(1, 25, n -> Optional.of(n + " a second")));
    /** Whether the cable to the computer carries data. */
    public static final Setting<Boolean> CABLE = SettingWords.setting(
            Device.COMPUTER, CONNECTION, "data-cable", true, SettingWords.choice("data-cable", true, "data", "charge"));
    /** Whether the computer knows how to speak to the board. */
    public static final Setting<Boolean> DRIVER = SettingWords.setting(
            Device.COMPUTER, CONNECTION, "driver", true, SettingWords.choice("driver", true, "there", "missing"));

    /** All of them, in the order in which a person goes over them. */
    public static final List<Setting<?>> ALL = all();

    private SpokenSettings() {}

    private static List<Setting<?>> all() {
        List<Setting<?>> all = new ArrayList<>(FORMAT.values());
        all.addAll(BAUD.values());
        all.addAll(List.of(GNSS_HZ, CABLE, DRIVER));
        return List.copyOf(all);
    }

    /** The format that a part of a job was set to speak; nothing where it speaks the one that it comes with. */
    public static Setting<Optional<Format>> format(UartFunction job) {
        return FORMAT.get(job);
    }

    /** Bits a second that a part of a job was set to; 0 for the usual rate of its format. */
    public static Setting<Integer> baud(UartFunction job) {
        return BAUD.get(job);
    }

    private static Choice<Optional<Format>> formats(UartFunction job) {
        List<Optional<Format>> values = new ArrayList<>(List.of(Optional.empty()));
        Arrays.stream(Format.values())
                .filter(format -> job.formats().contains(format)
                        || job == UartFunction.RECEIVER && (format == Format.PPM || format == Format.PWM))
                .map(Optional::of)
                .forEach(values::add);
        String asShipped = SettingWords.of("part-format").outcome("as-it-comes").plain();
        return new Choice<>(
                values, format -> format.map(Format::id).orElse("as-it-comes"), format -> format.map(Format::label)
                        .orElse(asShipped));
    }

    private static Device device(UartFunction job) {
        return switch (job) {
            case RECEIVER -> Device.RECEIVER;
            case TELEMETRY -> Device.MODEM_ON_CRAFT;
            case GNSS -> Device.POSITIONING;
            case DISPLAY -> Device.DISPLAY;
            case VIDEO_CONTROL -> Device.VIDEO_TRANSMITTER;
        };
    }
}

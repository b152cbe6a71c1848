package ablemedic.craft;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Device;
import ablemedic.configuration.Setting;
import ablemedic.configuration.ValueForm;
import ablemedic.configuration.ValueForm.Choice;
import ablemedic.protocol.Format;
import ablemedic.wiring.UartFunction;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What the FC can be told of its serial UARTs, which firmware counts from 1 to 12. */
public final class UartSettings {
    /** The UARTs that a firmware counts. */
    public static final List<String> UARTS =
            IntStream.rangeClosed(1, 12).mapToObj(String::valueOf).toList();

    private static final String GROUP = "ports";
    private static final int FASTEST = 3_000_000;
    private static final ValueForm<List<UartFunction>> JOBS = new ValueForm.Words<>(
            SettingWords.of("port-jobs")
                    .with(
                            "functions",
                            Param.written(String.join(
                                    ", ",
                                    Arrays.stream(UartFunction.values())
                                            .map(UartFunction::id)
                                            .toList())))
                    .line("expected")
                    .plain(),
            UartSettings::written,
            UartSettings::jobs,
            jobs -> jobs.isEmpty()
                    ? "none"
                    : String.join(
                            " and ", jobs.stream().map(UartFunction::label).toList()));
    private static final Map<String, Setting<List<UartFunction>>> JOBS_OF =
            each(uart -> setting("port-" + uart + "-jobs", SettingWords.of("port-jobs", uart), List.of(), JOBS));
    private static final Map<String, Setting<Integer>> BAUD_OF = each(uart -> setting(
            "port-" + uart + "-baud",
            SettingWords.of("port-baud", uart),
            0,
            SettingWords.count(SettingWords.of("port-baud"), FASTEST, " baud")));
    private static final Map<String, Setting<AsFormat>> INVERSION_OF = each(uart -> setting(
            "port-" + uart + "-inversion",
            SettingWords.of("port-inversion", uart),
            AsFormat.BY_FORMAT,
            Choice.of(AsFormat.class, AsFormat::label)));
    private static final Map<String, Setting<AsFormat>> ONE_WIRE_OF = each(uart -> setting(
            "port-" + uart + "-half-duplex",
            SettingWords.of("port-half-duplex", uart),
            AsFormat.BY_FORMAT,
            Choice.of(AsFormat.class, AsFormat::label)));
    private static final Map<UartFunction, Setting<Format>> FORMAT_OF = formats();

    /** Whether it makes UARTs out of plain pins. */
    public static final Setting<Boolean> SOFT = setting("soft-serial", false, onOff());
    /** Whether it sends telemetry at all. */
    public static final Setting<Boolean> TELEMETRY = setting("telemetry-on", true, onOff());

    /** All of them, in the order in which a person goes over them. */
    public static final List<Setting<?>> ALL = Stream.of(
                    FORMAT_OF.values().stream()
                            .filter(setting ->
                                    ((Choice<Format>) setting.form()).values().size() > 1),
                    Stream.of(SOFT, TELEMETRY),
                    UARTS.stream().flatMap(uart -> Stream.of(jobsOf(uart), baud(uart), inversion(uart), oneWire(uart))))
            .<Setting<?>>flatMap(Function.identity())
            .toList();

    private UartSettings() {}

    /** The jobs that a UART has; it can do one, or the receiver's and telemetry over a format that carries both. */
    public static Setting<List<UartFunction>> jobsOf(String uart) {
        return JOBS_OF.get(uart);
    }

    /** Bits a second; 0 for the usual rate of the format. */
    public static Setting<Integer> baud(String uart) {
        return BAUD_OF.get(uart);
    }

    /** Whether it turns its line round. */
    public static Setting<AsFormat> inversion(String uart) {
        return INVERSION_OF.get(uart);
    }

    /** Whether it hears and speaks over its sending pad. */
    public static Setting<AsFormat> oneWire(String uart) {
        return ONE_WIRE_OF.get(uart);
    }

    /** The format that it speaks for a job. */
    public static Setting<Format> format(UartFunction job) {
        return FORMAT_OF.get(job);
    }

    /** The UARTs that were given a job, in their order. */
    public static List<String> uartsWith(UartFunction job, Craft craft) {
        return UARTS.stream()
                .filter(uart -> craft.setting(jobsOf(uart)).contains(job))
                .toList();
    }

    private static Map<UartFunction, Setting<Format>> formats() {
        Map<UartFunction, Setting<Format>> all = new EnumMap<>(UartFunction.class);
        for (UartFunction job : UartFunction.values()) {
            all.put(
                    job,
                    setting(
                            "format-" + job.id(),
                            SettingWords.of("format", job.label()),
                            job.formats().get(0),
                            new Choice<>(job.formats(), Format::id, Format::label)));
        }
        return all;
    }

    static Choice<Boolean> onOff() {
        return new Choice<>(List.of(true, false), on -> on ? "on" : "off", on -> on ? "on" : "off");
    }

    private static <T> Map<String, Setting<T>> each(Function<String, Setting<T>> making) {
        return UARTS.stream().collect(Collectors.toMap(Function.identity(), making));
    }

    private static <T> Setting<T> setting(String id, T usual, ValueForm<T> form) {
        return setting(id, SettingWords.of(id), usual, form);
    }

    private static <T> Setting<T> setting(String id, Words words, T usual, ValueForm<T> form) {
        return SettingWords.setting(Device.FLIGHT_BOARD, GROUP, id, words, usual, form);
    }

    private static String written(List<UartFunction> jobs) {
        return jobs.isEmpty()
                ? "none"
                : String.join("+", jobs.stream().map(UartFunction::id).toList());
    }

    private static List<UartFunction> jobs(String text) {
        return text.equals("none")
                ? List.of()
                : Stream.of(text.split("\\+", -1))
                        .map(id -> Arrays.stream(UartFunction.values())
                                .filter(job -> job.id().equals(id))
                                .findFirst()
                                .orElseThrow(() -> new Rejected("", id)))
                        .distinct()
                        .sorted()
                        .toList();
    }
}

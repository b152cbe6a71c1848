package ablemedic.craft;

import ablemedic.configuration.Setting;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Everything that the devices of a craft can be told. */
public final class Settings {
    /** All settings, device by device. A new one is added to its device and stands here by that. */
    public static final List<Setting<?>> ALL = Stream.of(
                    FcSettings.ALL,
                    DriveSettings.ALL,
                    ArmingSettings.ALL,
                    FailsafeSettings.ALL,
                    UartSettings.ALL,
                    RadioSettings.ALL,
                    LinkSettings.ALL,
                    ReceiverSettings.ALL,
                    SpokenSettings.ALL,
                    FirmwareSettings.ALL,
                    ModemSettings.ALL,
                    VideoSettings.ALL)
            .<Setting<?>>flatMap(List::stream)
            .toList();

    private static final Map<String, Setting<?>> BY_ID =
            ALL.stream().collect(Collectors.toMap(Setting::id, Function.identity()));

    private Settings() {}

    public static Optional<Setting<?>> find(String id) {
        return Optional.ofNullable(BY_ID.get(id));
    }
}

package ablemedic.snapshot;

import ablemedic.catalogue.Param;
import ablemedic.configuration.Setting;
import ablemedic.firmware.Dictionary;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A setting that was set and is not any more.
 *
 * @param before as a person says it
 * @param line to paste, by the name that the target version has; nothing where it has none, which then is entered by
 *     hand or is retired
 */
public record RestoreCommand(Setting<?> setting, String before, String now, Optional<String> line) {

    /**
     * What of a snapshot is otherwise in a later one, or missing there while it was not as usual.
     *
     * @param target the dictionary of the version that the board has now
     */
    public static List<RestoreCommand> list(Snapshot before, Snapshot now, Dictionary target) {
        List<RestoreCommand> all = new ArrayList<>();
        for (Setting<?> setting : before.held()) {
            boolean differs = !before.isAlike(setting, now.told());
            if (now.held().contains(setting)
                    ? differs
                    : differs && before.told().unusual().contains(setting)) {
                all.add(new RestoreCommand(
                        setting,
                        before.told().said(setting),
                        now.held().contains(setting)
                                ? now.told().said(setting)
                                : SnapshotWords.of("restore").line("not-listed").plain(),
                        target.line(setting, before.told())));
            }
        }
        return List.copyOf(all);
    }

    /** All lines that can be pasted, and a remark for each that cannot. */
    public static String text(List<RestoreCommand> all, Dictionary target) {
        StringBuilder text = new StringBuilder(header(target));
        for (RestoreCommand one : all) {
            text.append(one.line().orElseGet(() -> SnapshotWords.of("restore")
                            .with("setting", Param.written(one.setting().label()))
                            .with("before", Param.written(one.before()))
                            .with("why", why(one.setting(), target))
                            .line("by-hand")
                            .plain()))
                    .append('\n');
        }
        return text.toString();
    }

    /** The first line of a text to paste. */
    static String header(Dictionary target) {
        return SnapshotWords.of("restore")
                        .with("dialect", Param.written(target.family().label()))
                        .with("version", Param.written(target.version()))
                        .line("header")
                        .plain()
                + "\n";
    }

    static Param why(Setting<?> setting, Dictionary target) {
        return new Param.Nested(SnapshotWords.of("restore").line(target.names(setting) ? "done" : "no-name"));
    }
}

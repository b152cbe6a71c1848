package ablemedic.requirement;

import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.craft.Settings;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/**
 * One entry of the record: a setting, how the FC is mounted, a motor, a wire, a mass.
 *
 * @param where the setting's id, the corner, or the pad at the part's end of the wire; empty where there is only one
 */
public record Site(Kind kind, String where) {
    /** What is recorded there. */
    public enum Kind {
        SETTING,
        MOUNT,
        MOTOR,
        WIRE,
        MASS
    }

    public static final Site MOUNT = new Site(Kind.MOUNT, "");
    public static final Site MASS = new Site(Kind.MASS, "");

    public static Site of(Setting<?> setting) {
        return new Site(Kind.SETTING, setting.id());
    }

    /** The site of a key; nothing where it is none. */
    public static Optional<Site> of(String key) {
        String[] parts = key.split(" ", 2);
        return Arrays.stream(Kind.values())
                .filter(kind -> kind.name().toLowerCase(Locale.ROOT).equals(parts[0]))
                .findFirst()
                .map(kind -> new Site(kind, parts.length > 1 ? parts[1] : ""));
    }

    /** Whether two crafts have the same entry here. */
    public boolean isAlike(Craft one, Craft other) {
        return switch (kind) {
            case SETTING ->
                Settings.find(where)
                        .map(setting -> one.setting(setting).equals(other.setting(setting)))
                        .orElse(true);
            case MOUNT -> one.mounted().equals(other.mounted());
            case MOTOR -> one.arms().equals(other.arms());
            case MASS -> one.airframe().equals(other.airframe());
            case WIRE ->
                one.electrics().sheet().wires().equals(other.electrics().sheet().wires());
        };
    }

    /** A name that stands for it, such as {@code setting alignment}. */
    public String key() {
        return (kind.name().toLowerCase(Locale.ROOT) + " " + where).strip();
    }
}

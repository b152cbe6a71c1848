package ablemedic.configuration;

import ablemedic.catalogue.Rejected;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/** What the devices of one craft were told: a map of what differs from usual, equal where all settings are. */
public final class Configuration {
    /** Nothing but the usual. */
    public static final Configuration USUAL = new Configuration(new TreeMap<>());

    private final TreeMap<Setting<?>, Object> unusual;
    private final int hash;

    private Configuration(TreeMap<Setting<?>, Object> unusual) {
        this.unusual = unusual;
        int sum = 0;
        for (Map.Entry<Setting<?>, Object> one : unusual.entrySet()) {
            sum += one.getKey().id().hashCode() ^ one.getValue().hashCode();
        }
        this.hash = sum;
    }

    /**
     * A setting that differs.
     *
     * @param before as a person says it
     */
    public record Difference(Setting<?> setting, String before, String after) {}

    @SuppressWarnings("unchecked")
    public <T> T get(Setting<T> setting) {
        return (T) unusual.getOrDefault(setting, setting.usual());
    }

    /** @throws Rejected where the setting cannot have the value */
    public <T> Configuration with(Setting<T> setting, T value) {
        T checked = setting.checked(value);
        if (get(setting).equals(checked)) {
            return this;
        }
        TreeMap<Setting<?>, Object> changed = new TreeMap<>(unusual);
        if (setting.usual().equals(checked)) {
            changed.remove(setting);
        } else {
            changed.put(setting, checked);
        }
        return changed.isEmpty() ? USUAL : new Configuration(changed);
    }

    /** With a setting changed, as far as it can go. */
    public <T> Configuration changing(Setting<T> setting, UnaryOperator<T> change) {
        return with(setting, setting.form().nearest(change.apply(get(setting))));
    }

    /** As on another where the settings meet a condition, and as here elsewhere. */
    public Configuration taking(Predicate<Setting<?>> which, Configuration other) {
        TreeMap<Setting<?>, Object> mixed = new TreeMap<>(unusual);
        mixed.keySet().removeIf(which);
        other.unusual.forEach((setting, value) -> {
            if (which.test(setting)) {
                mixed.put(setting, value);
            }
        });
        return new Configuration(mixed);
    }

    /** The part of it that meets a condition; the rest as usual. */
    public Configuration only(Predicate<Setting<?>> which) {
        return USUAL.taking(which, this);
    }

    /** The settings that are not as usual, by id. */
    public SortedSet<Setting<?>> unusual() {
        return Collections.unmodifiableSortedSet(new TreeSet<>(unusual.keySet()));
    }

    /** What differs from this to another, by id. */
    public List<Difference> differencesTo(Configuration other) {
        SortedSet<Setting<?>> all = new TreeSet<>(unusual.keySet());
        all.addAll(other.unusual.keySet());
        List<Difference> differences = new ArrayList<>();
        for (Setting<?> setting : all) {
            if (!get(setting).equals(other.get(setting))) {
                differences.add(new Difference(setting, said(setting), other.said(setting)));
            }
        }
        return differences;
    }

    /** A value as a person says it. */
    public <T> String said(Setting<T> setting) {
        return setting.form().said(get(setting));
    }

    /** A value as text that the setting reads back. */
    public <T> String written(Setting<T> setting) {
        return setting.form().written(get(setting));
    }

    /** The same with one setting as a text says it. */
    public <T> Configuration withWritten(Setting<T> setting, String text) {
        return with(setting, setting.read(text));
    }

    @Override
    public boolean equals(Object o) {
        return this == o || o instanceof Configuration told && hash == told.hash && unusual.equals(told.unusual);
    }

    @Override
    public int hashCode() {
        return hash;
    }

    @Override
    public String toString() {
        return unusual.toString();
    }
}

package ablemedic.configuration;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;
import java.util.Optional;

/**
 * One thing that a device can be told. Each is made once and kept; its id is unique and stable, since snapshots and
 * sheets are kept under it.
 *
 * @param <T> its values, equal by value
 */
public final class Setting<T> implements Comparable<Setting<?>> {
    private final Device device;
    private final String group;
    private final String id;
    private final String label;
    private final T usual;
    private final ValueForm<T> form;

    private Setting(Device device, String group, String id, String label, T usual, ValueForm<T> form) {
        this.device = device;
        this.group = group;
        this.id = id;
        this.label = label;
        this.usual = usual;
        this.form = form;
    }

    /**
     * @param group what it touches, as a person sorts settings
     * @param id in kebab case, unique among all settings
     * @param usual what a device has that nobody told
     */
    public static <T> Setting<T> of(Device device, String group, String id, String label, T usual, ValueForm<T> form) {
        if (!form.allows(usual)) {
            throw new IllegalArgumentException("the usual value of " + id + " is " + form.expected());
        }
        return new Setting<>(device, group, id, label, usual, form);
    }

    public Device device() {
        return device;
    }

    public String group() {
        return group;
    }

    public String id() {
        return id;
    }

    public String label() {
        return label;
    }

    public T usual() {
        return usual;
    }

    public ValueForm<T> form() {
        return form;
    }

    /** The value itself, when this setting can have it. */
    public T checked(T value) {
        if (!form.allows(value)) {
            throw wrong(form.written(value));
        }
        return value;
    }

    /**
     * The value that a text stands for.
     *
     * @throws Rejected where it stands for none
     */
    public T read(String text) {
        Optional<T> value = form.read(text);
        return value.orElseThrow(() -> wrong(text));
    }

    private Rejected wrong(String text) {
        Words words = ValueForm.WORDS
                .of("wrong")
                .with("setting", new Param.Thing(Param.Kind.SETTING, id, label))
                .with("expected", Param.written(form.expected()))
                .with("given", Param.written(text));
        return new Rejected(id, words.line("is").plain());
    }

    @Override
    public int compareTo(Setting<?> other) {
        return id.compareTo(other.id);
    }

    @Override
    public String toString() {
        return id;
    }
}

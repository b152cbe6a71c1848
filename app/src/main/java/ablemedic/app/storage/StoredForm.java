package ablemedic.app.storage;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.util.List;
import java.util.function.Consumer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * How one sort of record stands in the database: its present shape, numbered from 1, and the way up from each older
 * one. A record that says no number is of the first.
 *
 * @param <T> the record
 */
public final class StoredForm<T> {
    private static final Words SAID =
            Catalogue.beside(StoredForm.class, "words").of("stored-form");
    private static final String FORM = "form";

    private final String what;
    private final Class<T> type;
    private final List<Consumer<ObjectNode>> upgrades;

    private StoredForm(String what, Class<T> type, List<Consumer<ObjectNode>> upgrades) {
        this.what = what;
        this.type = type;
        this.upgrades = List.copyOf(upgrades);
    }

    /**
     * @param what what a person calls it
     * @param upgrades the first brings form 1 to form 2, the next that to form 3, and so on
     */
    @SafeVarargs
    public static <T> StoredForm<T> of(String what, Class<T> type, Consumer<ObjectNode>... upgrades) {
        return new StoredForm<>(what, type, List.of(upgrades));
    }

    /** A form whose fields have other names; one that is not there stays away. */
    public static void rename(ObjectNode record, String from, String to) {
        JsonNode value = record.remove(from);
        if (value != null) {
            record.set(to, value);
        }
    }

    /** The number of the present form. */
    public int number() {
        return upgrades.size() + 1;
    }

    /** The record as text, its form last. */
    public String write(Json json, T value) {
        ObjectNode tree = (ObjectNode) json.tree(value);
        tree.put(FORM, number());
        return json.write(tree);
    }

    /**
     * A record as text, in the present form whatever form it was written in. @throws UnreadableRecordException as in
     * {@link #read}
     */
    public String renewed(Json json, String text) {
        return write(json, read(json, text));
    }

    /** @throws UnreadableRecordException where the text is no such record, or one of a newer version */
    public T read(Json json, String text) {
        if (!(json.read(text, JsonNode.class) instanceof ObjectNode tree)) {
            throw new UnreadableRecordException(what);
        }
        JsonNode form = tree.remove(FORM);
        int from = form == null ? 1 : form.asInt(0);
        if (from < 1 || from > number()) {
            throw new UnreadableRecordException(
                    SAID.with("what", what).line("newer").plain());
        }
        try {
            for (Consumer<ObjectNode> upgrade : upgrades.subList(from - 1, upgrades.size())) {
                upgrade.accept(tree);
            }
        } catch (RuntimeException e) {
            throw new UnreadableRecordException(what, e);
        }
        return json.of(tree, type);
    }
}

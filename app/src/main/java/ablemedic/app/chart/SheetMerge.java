package ablemedic.app.chart;

import ablemedic.app.storage.Json;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Makes on one sheet the change that was made on another: what differs between two sheets goes over, everything else
 * stays. Parts are told apart by their ids and wires by their ends; any other list changes as a whole.
 */
@Component
class SheetMerge {
    private final Json json;

    SheetMerge(Json json) {
        this.json = json;
    }

    /**
     * The sheet {@code onto} with what changed from {@code before} to {@code after}; where both changed, the change
     * wins.
     */
    BuildSheet changed(BuildSheet before, BuildSheet after, BuildSheet onto) {
        if (before.equals(after)) {
            return onto;
        }
        return json.of(
                Objects.requireNonNull(merged(json.tree(before), json.tree(after), json.tree(onto))), BuildSheet.class);
    }

    private static @Nullable JsonNode merged(
            @Nullable JsonNode before, @Nullable JsonNode after, @Nullable JsonNode onto) {
        if (Objects.equals(before, after)) {
            return onto;
        }
        if (before instanceof ObjectNode b && after instanceof ObjectNode a && onto instanceof ObjectNode o) {
            return fields(b, a, o);
        }
        if (before instanceof ArrayNode b
                && after instanceof ArrayNode a
                && onto instanceof ArrayNode o
                && keyed(a)
                && keyed(o)
                && keyed(b)) {
            return items(b, a, o);
        }
        return after;
    }

    private static JsonNode fields(ObjectNode before, ObjectNode after, ObjectNode onto) {
        Set<String> names = new LinkedHashSet<>(onto.propertyNames());
        names.addAll(after.propertyNames());
        ObjectNode merged = JsonNodeFactory.instance.objectNode();
        for (String name : names) {
            JsonNode value = merged(before.get(name), after.get(name), onto.get(name));
            if (value != null) {
                merged.set(name, value);
            }
        }
        return merged;
    }

    private static JsonNode items(ArrayNode before, ArrayNode after, ArrayNode onto) {
        Map<String, JsonNode> was = byKey(before);
        Map<String, JsonNode> is = byKey(after);
        Map<String, JsonNode> there = byKey(onto);
        Set<String> keys = new LinkedHashSet<>(there.keySet());
        keys.addAll(is.keySet());
        ArrayNode merged = JsonNodeFactory.instance.arrayNode();
        for (String key : keys) {
            JsonNode value = merged(was.get(key), is.get(key), there.get(key));
            if (value != null) {
                merged.add(value);
            }
        }
        return merged;
    }

    private static boolean keyed(ArrayNode items) {
        return items.isEmpty() || items.get(0).has("id") || items.get(0).has("from");
    }

    private static Map<String, JsonNode> byKey(ArrayNode items) {
        Map<String, JsonNode> byKey = new LinkedHashMap<>();
        items.forEach(item -> byKey.put(
                item.has("id")
                        ? item.get("id").asString()
                        : item.get("from").asString() + ">" + item.get("to").asString(),
                item));
        return byKey;
    }
}

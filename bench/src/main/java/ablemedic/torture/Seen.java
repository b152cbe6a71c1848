package ablemedic.torture;

import ablemedic.program.Server;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import tools.jackson.databind.JsonNode;

/**
 * Values that the program gave in its answers, by the name of their field: what one answer tells, the next request may
 * ask with.
 */
final class Seen {
    private static final int MOST = 60;
    private static final int LONGEST = 30_000;
    private static final int FIRST = 40;

    private final Map<String, List<JsonNode>> values = new HashMap<>();
    private final Random random;

    Seen(Random random) {
        this.random = random;
    }

    /** Learns from an answer, where it is JSON and not too long. */
    void learn(String kind, String answer) {
        if (answer.length() > 20 * LONGEST || !answer.startsWith("{") && !answer.startsWith("[")) {
            return;
        }
        JsonNode read = Server.JSON.readTree(answer);
        learn(kind, read);
    }

    /** @param kind of thing, whose own {@code id} and {@code version} go by its name as well */
    private void learn(String kind, JsonNode node) {
        for (int i = 0; node.isArray() && i < Math.min(FIRST, node.size()); i++) {
            learn(kind, node.get(i));
        }
        node.properties().forEach(field -> {
            keep(field.getKey(), field.getValue());
            if (!field.getValue().isContainer()) {
                keep(kind + "." + field.getKey(), field.getValue());
            }
            learn(field.getKey(), field.getValue());
        });
    }

    void keep(String name, JsonNode value) {
        if (value.isNull() || value.toString().length() > LONGEST) {
            return;
        }
        List<JsonNode> known = values.computeIfAbsent(name, n -> new ArrayList<>());
        if (known.size() < MOST) {
            known.add(value);
        } else {
            known.set(random.nextInt(MOST), value);
        }
    }

    /** A value that was seen under one of these names, the first that is known. */
    Optional<JsonNode> any(String... names) {
        for (String name : names) {
            List<JsonNode> known = values.getOrDefault(name, List.of());
            if (!known.isEmpty()) {
                return Optional.of(known.get(random.nextInt(known.size())));
            }
        }
        return Optional.empty();
    }
}

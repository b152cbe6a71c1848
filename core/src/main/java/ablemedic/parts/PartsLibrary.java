package ablemedic.parts;

import ablemedic.wiring.Archetype;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * The sorts that ship, to build from. All are invented. Draws of receivers, positioning and display boards, divider
 * values and the 20 % spare are common practice with no source; leaks, capacitances and trace resistances are from
 * memory, and only their order of size matters: a chip's leak lies in the kilohms, a trace in the milliohms.
 */
public final class PartsLibrary {
    /** The files beside this class, in the order in which a craft is built. */
    private static final List<String> FILES =
            List.of("power", "controllers", "boards", "parts", "regulators", "capacitors");

    private static final Map<String, Archetype> SHIPPED = read();

    private PartsLibrary() {}

    /** All sorts that ship, in the order in which a craft is built. */
    public static List<Archetype> all() {
        return List.copyOf(SHIPPED.values());
    }

    public static Optional<Archetype> find(String id) {
        return Optional.ofNullable(SHIPPED.get(id));
    }

    private static Map<String, Archetype> read() {
        JsonMapper json = JsonMapper.builder()
                .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .build();
        Map<String, Archetype> byId = new LinkedHashMap<>();
        for (String file : FILES) {
            try (InputStream in = PartsLibrary.class.getResourceAsStream(file + ".json")) {
                for (PartType sort : json.readValue(in, PartType[].class)) {
                    byId.put(sort.id(), sort.archetype());
                }
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return byId;
    }
}

package ablemedic.app;

import ablemedic.app.RunningApp.App;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Writes the description of the interface to docs. Not a test: {@code ./medic describe} runs it. */
@ExtendWith(RunningApp.class)
class Describe {
    @Test
    void write(App app) throws IOException {
        ObjectNode described = (ObjectNode) app.get("/api/docs");
        described.remove("servers");
        JsonMapper mapper = JsonMapper.builder()
                .enable(SerializationFeature.INDENT_OUTPUT)
                .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                .build();
        Object sorted = mapper.treeToValue(described, java.util.TreeMap.class);
        Files.writeString(Path.of("../docs/openapi.json"), mapper.writeValueAsString(sorted) + "\n");
    }
}

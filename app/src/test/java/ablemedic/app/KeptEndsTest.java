package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import ablemedic.app.storage.Packed;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What was shown of a closed work-up is shown again, in whatever form an older version kept it. */
class KeptEndsTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    @TempDir
    Path folder;

    @Test
    void anEndOfTheFirstFormIsShownAsItWas() throws SQLException {
        Path file = folder.resolve("ends.db");
        long id;
        try (App app = App.on(file)) {
            app.enterWired("ENDED", "STACK");
            JsonNode view = app.openPower("ENDED", "shorts", "pack");
            id = view.get("id").asLong();
            app.ask("POST", "/api/work-ups/" + id + "/close", """
          {"version": %d, "end": "%s", "reason": "sent back"}""".formatted(
                            view.get("version").asLong(), "NO_FAULT_FOUND"));
        }
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            var row = statement.executeQuery("SELECT packed FROM work_up_end WHERE work_up_id = " + id);
            ObjectNode end = (ObjectNode) JSON.readTree(
                    new String(Packed.unpacked(row.getBytes(1), 4 * 1024 * 1024), StandardCharsets.UTF_8));
            toFirst(end);
            try (var write = connection.prepareStatement("UPDATE work_up_end SET packed = ? WHERE work_up_id = ?")) {
                write.setBytes(1, Packed.of(JSON.writeValueAsBytes(end)));
                write.setLong(2, id);
                write.executeUpdate();
            }
        }
        try (App app = App.on(file)) {
            JsonNode shown = app.get("/api/work-ups/" + id);
            assertThat(shown.get("complaint").asString())
                    .as("what was kept, and not what follows from its events")
                    .isEqualTo("as it was kept");
            assertThat(shown.get("craftId").asString()).isEqualTo("ENDED");
            assertThat(shown.get("map").get("wires")).hasSizeGreaterThan(5);
            JsonNode conflict = shown.get("conflicts").get(0).get("conflict");
            assertThat(conflict.get("ways")
                            .get(0)
                            .get("steps")
                            .get(0)
                            .get(0)
                            .get("text")
                            .asString())
                    .isEqualTo("Battery out. Unsolder it.");
            assertThat(shown.get("bench").get("batteryIn").asBoolean()).isFalse();
        }
    }

    /** As an older version kept it. */
    private static void toFirst(ObjectNode end) {
        end.remove("form");
        end.put("complaint", "as it was kept");
        end.set("mark", end.remove("craftId"));
        ((ObjectNode) end.get("bench")).set("packIn", ((ObjectNode) end.get("bench")).remove("batteryIn"));
        ((ObjectNode) end.get("map")).set("leads", ((ObjectNode) end.get("map")).remove("wires"));
        ArrayNode conflicts = end.putArray("conflicts");
        ObjectNode one = conflicts.addObject();
        one.put("belief", 0.5).put("apart", false).put("fixed", false).put("likeliest", 1);
        ObjectNode conflict = one.putObject("conflict");
        conflict.put("id", "recorded-x")
                .put("severity", "HAZARD")
                .put("cause", "one")
                .put("remedy", "two");
        conflict.putArray("settings");
        conflict.putArray("pads");
        ObjectNode way = conflict.putArray("ways").addObject();
        way.put("way", 1).put("title", "Move it").put("minutes", 2);
        way.putArray("steps").add("Battery out. Unsolder it.");
    }
}

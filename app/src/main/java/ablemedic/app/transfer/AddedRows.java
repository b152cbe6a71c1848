package ablemedic.app.transfer;

import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Json;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** The rows that a chart adds, and how what came is compared with what is there. */
final class AddedRows {
    private static final Words REFUSALS =
            Catalogue.beside(AddedRows.class, "refusals").of("added-rows");

    private final JdbcClient database;
    private final Json json;
    private final String craftId;
    private int added;

    AddedRows(JdbcClient database, Json json, String craftId) {
        this.database = database;
        this.json = json;
        this.craftId = craftId;
    }

    JdbcClient database() {
        return database;
    }

    Json json() {
        return json;
    }

    String craftId() {
        return craftId;
    }

    /** How many rows were new. */
    int added() {
        return added;
    }

    void count(int more) {
        added += more;
    }

    /** Whether two records say the same, in whatever order. */
    boolean alike(String one, String other) {
        return json.read(one, JsonNode.class).equals(json.read(other, JsonNode.class));
    }

    void apart(String where, boolean alike) {
        if (!alike) {
            throw Refusal.conflict(where, REFUSALS.with("craftId", craftId), "apart");
        }
    }

    /** Adds a row unless one of its kind is there. */
    void missing(String there, List<?> named, String insert, @Nullable Object... values) {
        if (database.sql("SELECT count(*) FROM " + there)
                        .params(named.stream().map(AddedRows::text).toList())
                        .query(Integer.class)
                        .single()
                == 0) {
            insert(insert, values);
        }
    }

    void insert(String insert, @Nullable Object... values) {
        database.sql(insert)
                .params(Arrays.stream(values).map(AddedRows::text).toList())
                .update();
        added++;
    }

    static @Nullable Object text(@Nullable Object value) {
        return value instanceof Instant at ? at.toString() : value;
    }

    /** A list as it is kept; nothing of what an older form does not tell. */
    String list(@Nullable List<String> several) {
        return json.write(several == null ? List.of() : several);
    }
}

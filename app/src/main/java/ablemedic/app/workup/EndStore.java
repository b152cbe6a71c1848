package ablemedic.app.workup;

import ablemedic.app.storage.Json;
import ablemedic.app.storage.Packed;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.app.workup.WorkUpVersions.Stamp;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What was shown of work-ups when they were closed: their history, whatever becomes of the craft, the catalogue or the
 * program.
 */
@Repository
public class EndStore {
    private static final Logger LOG = LoggerFactory.getLogger(EndStore.class);

    /** The longest that is read, bytes; a long work-up has a tenth of it. */
    private static final int LONGEST = 4 * 1024 * 1024;

    private final JdbcClient database;
    private final Json json;

    EndStore(JdbcClient database, Json json) {
        this.database = database;
        this.json = json;
    }

    /** An end as text, in its present form. @throws UnreadableRecordException where it is none */
    public static String renewed(Json json, String end) {
        return EndForm.END.renewed(json, end);
    }

    @Transactional
    public void keep(WorkUpView end) {
        keep(end.head().id(), end.head().version(), EndForm.END.write(json, end));
    }

    /** Keeps an end that came with a chart, under the number that its work-up has here. */
    @Transactional
    public void keep(long id, JsonNode end) {
        ObjectNode here = end.deepCopy().asObject();
        here.put("id", id);
        keep(id, here.path("version").asLong(), json.write(here));
    }

    private void keep(long id, long n, String body) {
        database.sql("INSERT OR REPLACE INTO work_up_end (work_up_id, n, packed) VALUES (?, ?, ?)")
                .params(id, n, Packed.of(body.getBytes(StandardCharsets.UTF_8)))
                .update();
    }

    /**
     * What was shown, where that work-up was closed then and nothing happened in it since; nothing where that can't be
     * read.
     */
    Optional<WorkUpView> find(Stamp stamp) {
        return text(stamp.workUp(), stamp.event()).flatMap(body -> {
            try {
                return Optional.of(EndForm.END.read(json, body));
            } catch (UnreadableRecordException e) {
                LOG.warn("The end of work-up {} can't be read; it is worked out from its events", stamp.workUp(), e);
                return Optional.empty();
            }
        });
    }

    /** What was shown at an event, to be passed on with a chart; its number here is left behind. */
    public Optional<JsonNode> passedOn(long id, long event) {
        return text(id, event)
                .map(body -> json.read(body, JsonNode.class))
                .filter(JsonNode::isObject)
                .map(end -> end.asObject().put("id", 0));
    }

    private Optional<String> text(long id, long event) {
        return database.sql("SELECT packed FROM work_up_end WHERE work_up_id = ? AND n = ?")
                .params(id, event)
                .query((rs, n) -> rs.getBytes(1))
                .optional()
                .flatMap(packed -> {
                    try {
                        return Optional.of(new String(Packed.unpacked(packed, LONGEST), StandardCharsets.UTF_8));
                    } catch (UnreadableRecordException e) {
                        LOG.warn("The end of work-up {} is no packed text; it is worked out from its events", id, e);
                        return Optional.empty();
                    }
                });
    }
}

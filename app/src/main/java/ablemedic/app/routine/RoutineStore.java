package ablemedic.app.routine;

import ablemedic.app.entry.Entered;
import ablemedic.app.entry.EnteredForm;
import ablemedic.app.storage.Json;
import ablemedic.app.storage.StoredForm;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.app.storage.Unreadables;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.node.ObjectNode;

/** Runs of the routine in the database. */
@Repository
public class RoutineStore {
    private static final Words SAID =
            Catalogue.beside(RoutineStore.class, "words").of("routine-store");
    private final JdbcClient database;
    private final Unreadables unreadables;
    private final Json json;

    RoutineStore(JdbcClient database, Json json, Unreadables unreadables) {
        this.unreadables = unreadables;
        this.database = database;
        this.json = json;
    }

    /** One step of a run as it was read. */
    public record Read(String checkId, String title, String expected, Entered entered, boolean passed) {}

    /** A run. */
    public record Run(Instant at, boolean passed, double minutes, List<Read> steps) {}

    /**
     * What a run gave as text, in the present form. @throws ablemedic.app.storage.UnreadableRecordException where it is
     * none
     */
    public static String renewed(Json json, String text) {
        return BODY.renewed(json, text);
    }

    private record Body(List<Read> steps) {}

    private static final StoredForm<Body> BODY = StoredForm.of(
            SAID.line("run").plain(), Body.class, first -> first.get("steps").forEach(step -> ((ObjectNode) step)
                    .set("entered", EnteredForm.second((ObjectNode) step.get("entered")))));

    void add(String craftId, Run run) {
        database.sql("INSERT INTO pre_power_run (craft_id, at, passed, minutes, body) VALUES (?, ?, ?, ?, ?)")
                .params(
                        craftId,
                        run.at().toString(),
                        run.passed() ? 1 : 0,
                        run.minutes(),
                        BODY.write(json, new Body(run.steps())))
                .update();
    }

    /** The newest run; none where it cannot be read, so that the routine is due. */
    public Optional<Run> newest(String craftId) {
        return database
                .sql("SELECT * FROM pre_power_run WHERE craft_id = ? ORDER BY id DESC LIMIT 1")
                .param(craftId)
                .query((rs, n) -> run(rs))
                .list()
                .stream()
                .flatMap(Optional::stream)
                .findFirst();
    }

    private Optional<Run> run(ResultSet rs) throws SQLException {
        try {
            return Optional.of(new Run(
                    unreadables.time("pre_power_run", rs, "at"),
                    rs.getInt("passed") == 1,
                    rs.getDouble("minutes"),
                    BODY.read(json, rs.getString("body")).steps()));
        } catch (UnreadableRecordException e) {
            unreadables.note("pre_power_run", rs);
            return Optional.empty();
        }
    }
}

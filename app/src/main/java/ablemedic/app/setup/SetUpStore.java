package ablemedic.app.setup;

import ablemedic.app.entry.Entered;
import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Json;
import ablemedic.app.storage.StoredForm;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.app.storage.Unreadables;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.setup.SetUpOccasion;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Set-ups in the database. */
@Repository
public class SetUpStore {
    private static final Words REFUSALS =
            Catalogue.beside(SetUpStore.class, "refusals").of("set-up-store");
    private static final StoredForm<Body> BODY = StoredForm.of("set-up", Body.class);

    private final JdbcClient database;
    private final Unreadables unreadables;
    private final Json json;

    SetUpStore(JdbcClient database, Json json, Unreadables unreadables) {
        this.unreadables = unreadables;
        this.database = database;
        this.json = json;
    }

    /**
     * What a step gave.
     *
     * @param stepId of the step on this craft
     * @param title of its check
     * @param expected what a craft as it should be gives, in words
     * @param told the number that was told along, as written
     */
    public record Given(
            String stepId,
            String checkId,
            String title,
            String expected,
            @Nullable String told,
            Entered entered,
            boolean passed,
            Instant at) {}

    /** A set-up; the newest reading of a step is the one that counts. */
    public record Run(
            long id,
            String craftId,
            SetUpOccasion occasion,
            Instant begunAt,
            @Nullable Instant endedAt,
            long version,
            List<Given> given) {
        Optional<Given> newest(String stepId) {
            return given.stream().filter(one -> one.stepId().equals(stepId)).reduce((older, newer) -> newer);
        }

        boolean hasPassed(String stepId) {
            return newest(stepId).filter(Given::passed).isPresent();
        }
    }

    /**
     * What a set-up gave as text, in the present form. @throws ablemedic.app.storage.UnreadableRecordException where it
     * is none
     */
    public static String renewed(Json json, String text) {
        return BODY.renewed(json, text);
    }

    private record Body(List<Given> given) {}

    /** The set-up that is under way; none where none is, or where it cannot be read. */
    public Optional<Run> open(String craftId) {
        return database
                .sql("SELECT * FROM set_up WHERE craft_id = ? AND ended_at IS NULL ORDER BY id DESC")
                .param(craftId)
                .query((rs, n) -> run(rs))
                .list()
                .stream()
                .flatMap(Optional::stream)
                .findFirst();
    }

    /** Those that were ended, the newest first. */
    public List<Run> ended(String craftId) {
        return database
                .sql("SELECT * FROM set_up WHERE craft_id = ? AND ended_at IS NOT NULL ORDER BY id DESC LIMIT 20")
                .param(craftId)
                .query((rs, n) -> run(rs))
                .list()
                .stream()
                .flatMap(Optional::stream)
                .toList();
    }

    private Optional<Run> run(ResultSet rs) throws SQLException {
        try {
            String ended = rs.getString("ended_at");
            String stored = rs.getString("occasion");
            SetUpOccasion occasion = Arrays.stream(SetUpOccasion.values())
                    .filter(one -> one.name().equals(stored))
                    .findFirst()
                    .orElseThrow(() -> new UnreadableRecordException("occasion " + stored));
            return Optional.of(new Run(
                    rs.getLong("id"),
                    rs.getString("craft_id"),
                    occasion,
                    unreadables.time("set_up", rs, "begun_at"),
                    ended == null ? null : unreadables.time("set_up", rs, "ended_at"),
                    rs.getLong("version"),
                    BODY.read(json, rs.getString("body")).given()));
        } catch (UnreadableRecordException e) {
            unreadables.note("set_up", rs);
            return Optional.empty();
        }
    }

    /** @param carried what was given before and still counts */
    @Transactional
    public void begin(String craftId, SetUpOccasion occasion, List<Given> carried, Instant at) {
        // One that can't be read can't be gone on with either, and keeps nobody back.
        if (open(craftId).isPresent()) {
            throw Refusal.conflict("craftId", REFUSALS.with("craftId", craftId), "under-way");
        }
        database.sql("INSERT INTO set_up (craft_id, occasion, begun_at, version, body) VALUES (?, ?, ?, 1, ?)")
                .params(craftId, occasion.name(), at.toString(), BODY.write(json, new Body(carried)))
                .update();
    }

    /** @throws Refusal where somebody else wrote since */
    public void add(Run run, Given given) {
        List<Given> all = new ArrayList<>(run.given());
        all.add(given);
        written(
                database.sql(
                                "UPDATE set_up SET body = ?, version = version + 1 WHERE id = ? AND version = ? AND ended_at IS NULL")
                        .params(BODY.write(json, new Body(all)), run.id(), run.version())
                        .update(),
                run);
    }

    public void end(Run run, Instant at) {
        written(
                database.sql(
                                "UPDATE set_up SET ended_at = ?, version = version + 1 WHERE id = ? AND version = ? AND ended_at IS NULL")
                        .params(at.toString(), run.id(), run.version())
                        .update(),
                run);
    }

    private static void written(int rows, Run run) {
        if (rows == 0) {
            throw Refusal.conflict("version", REFUSALS.with("craftId", run.craftId()), "stale");
        }
    }
}

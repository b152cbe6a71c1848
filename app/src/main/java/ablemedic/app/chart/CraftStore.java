package ablemedic.app.chart;

import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Folded;
import ablemedic.app.storage.Json;
import ablemedic.app.storage.Recent;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.app.storage.Unreadables;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.requirement.Recorded;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Crafts, their build sheets and their logs in the database. */
@Repository
public class CraftStore {
    private static final Words SAID =
            Catalogue.beside(CraftStore.class, "words").of("craft-store");
    private static final Words REFUSALS =
            Catalogue.beside(CraftStore.class, "refusals").of("craft-store");
    /** What a craft ID looks like. */
    public static final String ID = "[\\p{L}\\p{N}][\\p{L}\\p{M}\\p{N} ._-]{0,23}";

    private final JdbcClient database;
    private final Json json;
    private final CraftLog log;
    /** Revisions never change, so the last few are kept as what they describe. */
    private final Recent<RevisionId, BuildSheet> sheets = new Recent<>(1_000);

    private final Recent<RevisionId, Craft> crafts = new Recent<>(64);
    private final Recent<Opening, BuildSheet> edited = new Recent<>(256);
    private final Unreadables unreadables;
    private final SheetMerge merge;

    CraftStore(JdbcClient database, Json json, CraftLog log, SheetMerge merge, Unreadables unreadables) {
        this.unreadables = unreadables;
        this.database = database;
        this.json = json;
        this.log = log;
        this.merge = merge;
    }

    private record Opening(String craftId, int opened, int newest, String own) {}

    /** Whether a craft may fly. */
    public enum State {
        FIT,
        GROUNDED
    }

    /**
     * A craft without its sheet.
     *
     * @param builder who built it; empty where nobody said
     * @param aside why it was put aside, where it was
     */
    public record Row(
            String craftId,
            String name,
            String craftClass,
            String builder,
            State state,
            long version,
            Instant enteredAt,
            @Nullable String aside) {}

    /** A build sheet with its number and reason; none where it cannot be read. */
    public record Revision(int number, String reason, Instant enteredAt, Optional<BuildSheet> readable) {
        /** @throws UnreadableRecordException where it cannot be read */
        public BuildSheet sheet() {
            return readable.orElseThrow(() -> new UnreadableRecordException(
                    SAID.with("n", number).line("sheet").plain()));
        }
    }

    private record RevisionId(String craftId, int number) {}

    public List<Row> all() {
        return database.sql("SELECT * FROM craft ORDER BY craft_id")
                .query((rs, n) -> row(rs))
                .list();
    }

    /** By its craft ID, whatever its case; the one written just so comes first. */
    public Optional<Row> find(String craftId) {
        return database.sql(
                        "SELECT * FROM craft WHERE folded = ? OR craft_id = ? ORDER BY craft_id = ? COLLATE BINARY DESC LIMIT 1")
                .params(Folded.of(craftId), craftId, craftId)
                .query((rs, n) -> row(rs))
                .optional();
    }

    /**
     * The craft of this craft ID.
     *
     * @throws Refusal when there is none
     */
    public Row get(String craftId) {
        return find(craftId)
                .orElseThrow(() -> Refusal.unknown(
                        "craftId",
                        REFUSALS.with("craftId", Refusal.shortened(craftId))
                                .with(
                                        "known",
                                        Refusal.someOf(
                                                all().stream().map(Row::craftId).toList())),
                        "no-craft"));
    }

    private Row row(ResultSet rs) throws SQLException {
        return new Row(
                rs.getString("craft_id"),
                rs.getString("name"),
                rs.getString("class"),
                rs.getString("builder"),
                State.valueOf(rs.getString("state")),
                rs.getLong("version"),
                unreadables.time("craft", rs, "entered_at"),
                rs.getString("aside"));
    }

    /** Enters a new craft with its first build sheet. */
    @Transactional
    public void enter(String craftId, String name, String craftClass, String builder, BuildSheet sheet, Instant at) {
        if (find(craftId).isPresent()) {
            throw Refusal.conflict("craftId", REFUSALS.with("craftId", craftId), "id-taken");
        }
        database.sql("""
        INSERT INTO craft (craft_id, folded, name, class, builder, state, version, entered_at) VALUES (?, ?, ?, ?, ?, 'FIT', 1, ?)""")
                .params(craftId, Folded.of(craftId), name, craftClass, builder, at.toString())
                .update();
        insertSheet(craftId, 1, sheet, SAID.line("entered").plain(), at);
        log.add(craftId, at, "entered", "Entered: " + craftClass, null);
    }

    public Revision newestSheet(String craftId) {
        return database.sql("SELECT * FROM build_sheet WHERE craft_id = ? ORDER BY revision DESC LIMIT 1")
                .param(craftId)
                .query((rs, n) -> revision(rs))
                .single();
    }

    /** @throws UnreadableRecordException where it cannot be read */
    public BuildSheet sheet(String craftId, int revision) {
        return sheets.of(
                new RevisionId(craftId, revision),
                id -> SheetForm.read(
                        json,
                        database.sql("SELECT body FROM build_sheet WHERE craft_id = ? AND revision = ?")
                                .params(craftId, revision)
                                .query(String.class)
                                .single()));
    }

    /** The craft of a revision. @throws UnreadableRecordException where it describes none */
    public Craft craft(String craftId, int revision) {
        return crafts.of(new RevisionId(craftId, revision), id -> {
            try {
                return sheet(craftId, revision).toCraft();
            } catch (RuntimeException e) {
                // A sheet of an older version may lack anything at all.
                throw new UnreadableRecordException(
                        SAID.with("n", revision).line("sheet").plain(), e);
            }
        });
    }

    /** The craft as on its newest sheet. */
    public Craft newestCraft(String craftId) {
        return craft(craftId, newestRevision(craftId));
    }

    /** The craft as on its newest sheet, with where its entries come from. */
    public Recorded newestRecord(String craftId) {
        int newest = newestRevision(craftId);
        return sheet(craftId, newest).recorded(craft(craftId, newest));
    }

    /** The record of a revision. */
    public Recorded record(String craftId, int revision) {
        return sheet(craftId, revision).recorded(craft(craftId, revision));
    }

    /** The record of a revision with all edits made since, but those that a work-up made itself. */
    public Recorded record(String craftId, int opened, String own) {
        return sheet(craftId, opened, own).recorded(craft(craftId, opened, own));
    }

    public int newestRevision(String craftId) {
        return database.sql("SELECT max(revision) FROM build_sheet WHERE craft_id = ?")
                .param(craftId)
                .query(Integer.class)
                .single();
    }

    /**
     * The craft of a revision with all edits made since, but those that a work-up made itself.
     *
     * @param own what the reasons of those revisions begin with
     */
    public Craft craft(String craftId, int opened, String own) {
        BuildSheet sheet = sheet(craftId, opened, own);
        return sheet.equals(sheet(craftId, opened)) ? craft(craftId, opened) : sheet.toCraft();
    }

    private BuildSheet sheet(String craftId, int opened, String own) {
        int newest = newestRevision(craftId);
        return opened == newest
                ? sheet(craftId, opened)
                : edited.of(new Opening(craftId, opened, newest, own), this::edited);
    }

    private BuildSheet edited(Opening since) {
        BuildSheet sheet = sheet(since.craftId(), since.opened());
        List<Revision> revisions = revisions(since.craftId());
        for (int i = 1; i < revisions.size(); i++) {
            Revision before = revisions.get(i - 1);
            Revision after = revisions.get(i);
            if (after.number() > since.opened()
                    && after.number() <= since.newest()
                    && !after.reason().startsWith(since.own())
                    && before.readable().isPresent()
                    && after.readable().isPresent()) {
                sheet = changedWhereItHolds(before.sheet(), after.sheet(), sheet);
            }
        }
        return sheet;
    }

    /** The change made on another sheet; that sheet as it is where the change makes no craft of it. */
    private BuildSheet changedWhereItHolds(BuildSheet before, BuildSheet after, BuildSheet onto) {
        try {
            return storable(merge.changed(before, after, onto));
        } catch (RuntimeException e) {
            return onto;
        }
    }

    /** The newest sheet with a change that was worked out on another one. */
    public BuildSheet newestWith(String craftId, BuildSheet before, BuildSheet after) {
        return changedWhereItHolds(before, after, newestSheet(craftId).sheet());
    }

    public List<Revision> revisions(String craftId) {
        return database.sql(
                        "SELECT craft_id, revision, reason, entered_at FROM build_sheet WHERE craft_id = ? ORDER BY revision")
                .param(craftId)
                .query((rs, n) -> revision(rs))
                .list();
    }

    private Revision revision(ResultSet rs) throws SQLException {
        int number = rs.getInt("revision");
        return new Revision(
                number,
                rs.getString("reason"),
                unreadables.time("build_sheet", rs, "entered_at"),
                readable(rs.getString("craft_id"), number));
    }

    private Optional<BuildSheet> readable(String craftId, int number) {
        try {
            craft(craftId, number);
            return Optional.of(sheet(craftId, number));
        } catch (UnreadableRecordException e) {
            return Optional.empty();
        }
    }

    /**
     * Adds a revision where the sheet differs from the newest one.
     *
     * @param onto the revision on which it was worked out
     * @throws Refusal when there is a newer one by now
     */
    @Transactional
    public void revise(String craftId, int onto, BuildSheet sheet, String reason, Instant at) {
        Revision newest = newestSheet(craftId);
        if (newest.number() != onto) {
            throw Refusal.conflict("version", REFUSALS.with("craftId", craftId), "stale-sheet");
        }
        if (!newest.readable().equals(Optional.of(sheet))) {
            insertSheet(craftId, newest.number() + 1, sheet, reason, at);
            bump(craftId);
        }
    }

    /**
     * A sheet that is to be the newest, with its line in the log.
     *
     * @param kind of the line; a part, or wires that changed, make the pre-power checks due
     */
    public record Revising(BuildSheet sheet, String reason, String kind, String line) {}

    /** Adds a revision on top of the version that the writer has seen, with its line in the log. */
    @Transactional
    public void revise(String craftId, long version, Revising revising, Instant at) {
        Revision newest = newestSheet(craftId);
        claim(craftId, version);
        insertSheet(craftId, newest.number() + 1, revising.sheet(), revising.reason(), at);
        boolean rewired = !newest.readable()
                .map(before -> before.wiredLike(revising.sheet()))
                .orElse(false);
        String kind = rewired && !CraftLog.makesDue(revising.kind()) ? "opened" : revising.kind();
        log.add(craftId, at, kind, revising.line(), null);
    }

    /** @param reason why it is grounded or released; counts only where the state changes */
    public record Changing(String name, String builder, State state, String reason) {}

    /** Changes name, builder and state on top of the version that the writer has seen. */
    @Transactional
    public void change(String craftId, long version, Changing changing, Instant at) {
        State state = changing.state();
        Row before = get(craftId);
        claim(craftId, version);
        database.sql("UPDATE craft SET name = ?, builder = ?, state = ? WHERE craft_id = ?")
                .params(changing.name(), changing.builder(), state.name(), craftId)
                .update();
        if (before.state() != state) {
            log.add(
                    craftId,
                    at,
                    "state",
                    (state == State.GROUNDED ? "Grounded: " : "Released: ") + changing.reason(),
                    null);
        }
    }

    /** Signs a craft off with a reason, on top of the version that the writer has seen. */
    @Transactional
    public void signOff(String craftId, long version, String reason, Instant at) {
        claim(craftId, version);
        database.sql("UPDATE craft SET state = 'FIT' WHERE craft_id = ?")
                .param(craftId)
                .update();
        log.add(
                craftId,
                at,
                "signed-off",
                SAID.with("reason", reason).line("signed-off").plain(),
                null);
    }

    /** Takes a craft off the bench, with a reason, or puts it back. */
    @Transactional
    public void putAside(String craftId, @Nullable String reason, Instant at) {
        database.sql("UPDATE craft SET aside = ?, version = version + 1 WHERE craft_id = ?")
                .params(Arrays.asList(reason, craftId))
                .update();
        log.add(
                craftId,
                at,
                "state",
                SAID.with("back", Param.when(reason == null))
                        .with("reason", reason)
                        .line("state")
                        .plain(),
                null);
    }

    private void claim(String craftId, long version) {
        Row now = get(craftId);
        if (now.version() != version) {
            throw Refusal.stale(version, now.version());
        }
        bump(craftId);
    }

    private void bump(String craftId) {
        database.sql("UPDATE craft SET version = version + 1 WHERE craft_id = ?")
                .param(craftId)
                .update();
    }

    private void insertSheet(String craftId, int revision, BuildSheet sheet, String reason, Instant at) {
        try {
            database.sql(
                            "INSERT INTO build_sheet (craft_id, revision, body, reason, entered_at) VALUES (?, ?, ?, ?, ?)")
                    .params(craftId, revision, SheetForm.write(json, sheet), reason, at.toString())
                    .update();
        } catch (DuplicateKeyException e) {
            throw Refusal.conflict("version", REFUSALS, "stale-craft");
        }
    }

    /** The sheet as it comes back from storage. @throws RuntimeException when it would not come back as a craft */
    BuildSheet storable(BuildSheet sheet) {
        sheet.toCraft();
        BuildSheet back = SheetForm.read(json, SheetForm.write(json, sheet));
        back.toCraft();
        return back;
    }
}

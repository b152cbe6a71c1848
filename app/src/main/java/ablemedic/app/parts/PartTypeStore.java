package ablemedic.app.parts;

import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Json;
import ablemedic.app.storage.StoredForm;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.app.storage.Unreadables;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;
import ablemedic.parts.PartType;
import ablemedic.parts.PartsLibrary;
import ablemedic.wiring.Archetype;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The workshop's own part types in the database, and the whole parts library with them. */
@Repository
public class PartTypeStore {
    private static final Words SAID =
            Catalogue.beside(PartTypeStore.class, "words").of("part-type-store");
    private static final Words REFUSALS =
            Catalogue.beside(PartTypeStore.class, "refusals").of("part-type-store");
    private static final int MOST_OWN = 300;
    private static final StoredForm<PartType> FORM =
            StoredForm.of(SAID.line("part-type").plain(), PartType.class);

    private final JdbcClient database;
    private final Unreadables unreadables;
    private final Json json;

    PartTypeStore(JdbcClient database, Json json, Unreadables unreadables) {
        this.unreadables = unreadables;
        this.database = database;
        this.json = json;
    }

    /** Own part types by id; one that cannot be read is left out and stays stored. */
    public List<PartType> own() {
        return unreadables.rows(
                "part_type", database.sql("SELECT id, body FROM part_type ORDER BY id"), (row, n) -> readable(row));
    }

    private PartType readable(ResultSet row) throws SQLException {
        try {
            PartType sort = FORM.read(json, row.getString("body"));
            sort.archetype();
            return sort;
        } catch (Rejected e) {
            throw new UnreadableRecordException(SAID.line("part-type").plain(), e);
        }
    }

    /** The sort of this id, own or shipped. */
    public Optional<Archetype> find(String id) {
        return PartsLibrary.find(id).or(() -> own(id).map(PartType::archetype));
    }

    /**
     * The sort of this id.
     *
     * @throws Refusal naming those there are when there is none
     */
    public Archetype get(String id, String where) {
        return find(id).orElseThrow(() -> Refusal.wrong(
                where,
                REFUSALS.with("id", Refusal.shortened(id))
                        .with(
                                "id2",
                                Refusal.someOf(PartsLibrary.all().stream()
                                        .map(Archetype::id)
                                        .toList())),
                "no-part-type"));
    }

    public Optional<PartType> own(String id) {
        return unreadables
                .rows(
                        "part_type",
                        database.sql("SELECT id, body FROM part_type WHERE id = ?")
                                .param(id),
                        (row, n) -> readable(row))
                .stream()
                .findFirst();
    }

    @Transactional
    public void add(PartType sort, Instant at) {
        if (find(sort.id()).isPresent()) {
            throw Refusal.conflict("id", REFUSALS.with("sort", sort.id()), "id-taken");
        }
        if (own().size() >= MOST_OWN) {
            throw Refusal.conflict("id", REFUSALS.with("mostOwn", MOST_OWN), "most");
        }
        put(sort, at);
    }

    @Transactional
    public void change(String id, PartType sort, Instant at) {
        if (own(id).isEmpty()) {
            throw missing(id);
        }
        if (!sort.id().equals(id)) {
            throw Refusal.wrong("id", REFUSALS.with("id", id), "keeps-id");
        }
        put(sort, at);
    }

    /** Crafts that have such a part keep it, with their copy of the sort. */
    @Transactional
    public void remove(String id) {
        if (database.sql("DELETE FROM part_type WHERE id = ?").param(id).update() == 0) {
            throw missing(id);
        }
    }

    private static Refusal missing(String id) {
        return PartsLibrary.find(id).isPresent()
                ? Refusal.conflict("id", REFUSALS.with("id", id), "shipped")
                : Refusal.unknown("id", REFUSALS.with("id", Refusal.shortened(id)), "none-of-own");
    }

    private void put(PartType sort, Instant at) {
        database.sql("INSERT INTO part_type (id, body, entered_at) VALUES (?, ?, ?) "
                        + "ON CONFLICT (id) DO UPDATE SET body = excluded.body, entered_at = excluded.entered_at")
                .params(sort.id(), FORM.write(json, sort), at.toString())
                .update();
    }

    /** How many came in new, how many changed one that was there, and how many were there as they are. */
    public record Imported(int added, int changed, int same) {}

    /** Takes part types in, all or none; the same twice changes nothing. */
    @Transactional
    public Imported takeIn(List<PartType> partTypes, Instant at) {
        int added = 0;
        int changed = 0;
        int same = 0;
        for (PartType sort : partTypes) {
            Optional<PartType> known = own(sort.id());
            if (known.equals(Optional.of(sort))) {
                same++;
            } else if (known.isPresent()) {
                put(sort, at);
                changed++;
            } else {
                add(sort, at);
                added++;
            }
        }
        return new Imported(added, changed, same);
    }
}

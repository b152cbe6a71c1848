package ablemedic.app.repairs;

import ablemedic.app.repairs.RepairLogEntry.Repaired;
import ablemedic.app.storage.Folded;
import ablemedic.app.storage.Json;
import ablemedic.app.storage.Unreadables;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The repair log in the database. */
@Repository
public class RepairLogStore {
    private final Unreadables unreadables;
    private final JdbcClient database;
    private final Json json;

    RepairLogStore(JdbcClient database, Json json, Unreadables unreadables) {
        this.json = json;
        this.unreadables = unreadables;
        this.database = database;
    }

    @Transactional
    public void add(RepairLogEntry e) {
        database.sql("""
        INSERT INTO repair_log_entry (work_up_id, craft_id, closed_at, complaint, ended, reason, causes, kinds, parts, fixes,
          changes, proof, minutes) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)""")
                .params(
                        e.workUpId(),
                        e.craftId(),
                        e.closedAt().toString(),
                        e.complaint(),
                        e.ended(),
                        e.reason(),
                        json.write(e.repaired().causes()),
                        json.write(e.repaired().kinds()),
                        json.write(e.repaired().parts()),
                        json.write(e.repaired().fixes()),
                        json.write(e.repaired().changes()),
                        json.write(e.repaired().proof()),
                        e.minutes())
                .update();
    }

    /**
     * What to look for; everything is empty for all.
     *
     * @param words all of them stand somewhere in the entry
     * @param craft craft ID
     * @param cause handbook page of the cause
     * @param from first moment
     * @param until first moment that no longer counts
     */
    record Search(String words, String craft, String cause, Optional<Instant> from, Optional<Instant> until) {
        static final Search ALL = new Search("", "", "", Optional.empty(), Optional.empty());
    }

    /** Entries in the order in which they were written, newest first. */
    List<RepairLogEntry> find(Search search) {
        String folded = Folded.of(search.craft());
        return unreadables
                .rows(
                        "repair_log_entry",
                        database.sql("SELECT * FROM repair_log_entry ORDER BY id DESC"),
                        (row, n) -> entry(row))
                .stream()
                .filter(entry ->
                        search.cause().isEmpty() || entry.repaired().kinds().contains(search.cause()))
                .filter(entry -> folded.isEmpty() || Folded.of(entry.craftId()).equals(folded))
                .filter(entry -> search.from()
                        .map(from -> !entry.closedAt().isBefore(from))
                        .orElse(true))
                .filter(entry -> search.until()
                        .map(until -> entry.closedAt().isBefore(until))
                        .orElse(true))
                .filter(entry -> holds(entry, search.words()))
                .toList();
    }

    private RepairLogEntry entry(ResultSet row) throws SQLException {
        return new RepairLogEntry(
                row.getLong("id"),
                row.getLong("work_up_id"),
                row.getString("craft_id"),
                unreadables.time("repair_log_entry", row, "closed_at"),
                row.getString("complaint"),
                row.getString("ended"),
                row.getString("reason"),
                new Repaired(
                        json.texts(row.getString("causes")),
                        json.texts(row.getString("kinds")),
                        json.texts(row.getString("parts")),
                        json.texts(row.getString("fixes")),
                        json.texts(row.getString("changes")),
                        json.texts(row.getString("proof"))),
                row.getDouble("minutes"));
    }

    private static boolean holds(RepairLogEntry entry, String words) {
        Repaired repaired = entry.repaired();
        String all = Folded.of(Stream.of(
                        List.of(entry.craftId(), entry.complaint(), entry.ended(), entry.reason()),
                        repaired.causes(),
                        repaired.parts(),
                        repaired.fixes(),
                        repaired.changes(),
                        repaired.proof())
                .flatMap(List::stream)
                .collect(Collectors.joining(" ")));
        for (String word : Folded.of(words).split("\\s+")) {
            if (!all.contains(word)) {
                return false;
            }
        }
        return true;
    }
}

package ablemedic.app.repairs;

import ablemedic.app.storage.Folded;
import ablemedic.app.storage.Unreadables;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The repair log in the database. */
@Repository
public class RepairLogStore {
    private final Unreadables unreadables;
    private final JdbcClient database;

    RepairLogStore(JdbcClient database, Unreadables unreadables) {
        this.unreadables = unreadables;
        this.database = database;
    }

    /**
     * One closed work-up.
     *
     * @param kinds handbook pages of the causes, parted by spaces
     * @param parts in which the causes lay, parted by semicolons
     * @param changes values before and after
     */
    public record RepairLogEntry(
            long id,
            long workUpId,
            String mark,
            Instant closedAt,
            String complaint,
            String ended,
            String reason,
            String causes,
            String kinds,
            String parts,
            String fixes,
            String changes,
            String proof,
            double minutes) {}

    @Transactional
    public void add(RepairLogEntry e) {
        database.sql("""
        INSERT INTO ledger_entry (work_up_id, mark, closed_at, complaint, ended, reason, causes, kinds, parts, fixes,
          changes, proof, minutes) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)""")
                .params(
                        e.workUpId(),
                        e.mark(),
                        e.closedAt().toString(),
                        e.complaint(),
                        e.ended(),
                        e.reason(),
                        e.causes(),
                        e.kinds(),
                        e.parts(),
                        e.fixes(),
                        e.changes(),
                        e.proof(),
                        e.minutes())
                .update();
    }

    /**
     * What to look for; everything is empty for all.
     *
     * @param words all of them stand somewhere in the entry
     * @param craft mark
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
        return database
                .sql("""
        SELECT * FROM ledger_entry
        WHERE (:cause = '' OR ' ' || kinds || ' ' LIKE '% ' || :cause || ' %')
        ORDER BY id DESC""")
                .param("cause", search.cause())
                .query((rs, n) -> new RepairLogEntry(
                        rs.getLong("id"),
                        rs.getLong("work_up_id"),
                        rs.getString("mark"),
                        unreadables.time("ledger_entry", rs, "closed_at"),
                        rs.getString("complaint"),
                        rs.getString("ended"),
                        rs.getString("reason"),
                        rs.getString("causes"),
                        rs.getString("kinds"),
                        rs.getString("parts"),
                        rs.getString("fixes"),
                        rs.getString("changes"),
                        rs.getString("proof"),
                        rs.getDouble("minutes")))
                .list()
                .stream()
                .filter(entry -> folded.isEmpty() || Folded.of(entry.mark()).equals(folded))
                .filter(entry -> search.from()
                        .map(from -> !entry.closedAt().isBefore(from))
                        .orElse(true))
                .filter(entry -> search.until()
                        .map(until -> entry.closedAt().isBefore(until))
                        .orElse(true))
                .filter(entry -> holds(entry, search.words()))
                .toList();
    }

    private static boolean holds(RepairLogEntry e, String words) {
        String all = Folded.of(String.join(
                " ",
                e.mark(),
                e.complaint(),
                e.ended(),
                e.reason(),
                e.causes(),
                e.parts(),
                e.fixes(),
                e.changes(),
                e.proof()));
        for (String word : Folded.of(words).split("\\s+")) {
            if (!all.contains(word)) {
                return false;
            }
        }
        return true;
    }
}

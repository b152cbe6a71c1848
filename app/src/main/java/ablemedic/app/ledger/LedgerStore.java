package ablemedic.app.ledger;

import java.time.Instant;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The ledger in the database. */
@Repository
public class LedgerStore {
  private final JdbcClient database;

  LedgerStore(JdbcClient database) {
    this.database = database;
  }

  /**
   * One closed work-up.
   *
   * @param kinds   handbook pages of the causes, parted by spaces
   * @param changes values before and after
   */
  public record LedgerEntry(
      long id,
      long workUpId,
      String mark,
      Instant closedAt,
      String complaint,
      String ended,
      String reason,
      String causes,
      String kinds,
      String fixes,
      String changes,
      String proof,
      double minutes) {}

  public void add(LedgerEntry e) {
    database.sql("""
        INSERT INTO ledger_entry (work_up_id, mark, closed_at, complaint, ended, reason, causes, kinds, fixes, changes,
          proof, minutes) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)""")
        .params(e.workUpId(), e.mark(), e.closedAt().toString(), e.complaint(), e.ended(), e.reason(), e.causes(),
            e.kinds(), e.fixes(), e.changes(), e.proof(), e.minutes())
        .update();
  }

  /**
   * Entries that hold all of the words anywhere, newest first.
   *
   * @param craft mark, or empty for all
   * @param cause handbook page of the cause, or empty for all
   * @param from  first moment, as ISO text, or empty
   * @param to    last moment, as ISO text, or empty
   */
  List<LedgerEntry> search(String words, String craft, String cause, String from, String to) {
    return database.sql("""
        SELECT * FROM ledger_entry
        WHERE (:craft = '' OR mark = :craft COLLATE NOCASE)
          AND (:cause = '' OR ' ' || kinds || ' ' LIKE '% ' || :cause || ' %')
          AND (:from = '' OR closed_at >= :from)
          AND (:to = '' OR closed_at <= :to)
        ORDER BY closed_at DESC, id DESC""")
        .param("craft", craft).param("cause", cause).param("from", from).param("to", to)
        .query((rs, n) -> new LedgerEntry(rs.getLong("id"), rs.getLong("work_up_id"), rs.getString("mark"),
            Instant.parse(rs.getString("closed_at")), rs.getString("complaint"), rs.getString("ended"),
            rs.getString("reason"), rs.getString("causes"), rs.getString("kinds"), rs.getString("fixes"),
            rs.getString("changes"), rs.getString("proof"), rs.getDouble("minutes")))
        .list().stream()
        .filter(entry -> holds(entry, words))
        .toList();
  }

  private static boolean holds(LedgerEntry e, String words) {
    String all = String.join(" ", e.mark(), e.complaint(), e.ended(), e.reason(), e.causes(), e.fixes(), e.changes(),
        e.proof()).toLowerCase(java.util.Locale.ROOT);
    for (String word : words.toLowerCase(java.util.Locale.ROOT).split("\\s+")) {
      if (!all.contains(word)) {
        return false;
      }
    }
    return true;
  }
}

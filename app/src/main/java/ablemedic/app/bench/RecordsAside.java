package ablemedic.app.bench;

import ablemedic.app.storage.Unreadables.Unread;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Records that can't be read and were set aside, each with the reason. */
@Repository
class RecordsAside {
    private final JdbcClient database;

    RecordsAside(JdbcClient database) {
        this.database = database;
    }

    Map<Unread, String> all() {
        Map<Unread, String> aside = new LinkedHashMap<>();
        database.sql("SELECT kept_in, key, what, reason FROM set_aside ORDER BY what")
                .query((rs, n) ->
                        aside.put(new Unread(rs.getString(1), rs.getString(2), rs.getString(3)), rs.getString(4)))
                .list();
        return aside;
    }

    @Transactional
    public void put(Unread record, String reason, Instant at) {
        database.sql("INSERT OR REPLACE INTO set_aside (kept_in, key, what, reason, at) VALUES (?, ?, ?, ?, ?)")
                .params(record.table(), record.key(), record.what(), reason, at.toString())
                .update();
    }

    @Transactional
    public void bringBack(Unread record) {
        database.sql("DELETE FROM set_aside WHERE kept_in = ? AND key = ? AND what = ?")
                .params(record.table(), record.key(), record.what())
                .update();
    }
}

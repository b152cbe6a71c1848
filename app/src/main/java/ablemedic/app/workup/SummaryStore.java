package ablemedic.app.workup;

import ablemedic.app.storage.Json;
import ablemedic.app.storage.Receipt;
import ablemedic.app.storage.Trouble;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.app.workup.WorkUpSummary.Summary;
import ablemedic.app.workup.WorkUpVersions.Stamp;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.support.TransactionTemplate;

/** What the bench showed of each work-up last, kept across a start. Another build of the program reasons anew. */
@Repository
class SummaryStore {
    private static final Logger LOG = LoggerFactory.getLogger(SummaryStore.class);

    private final JdbcClient database;
    private final Json json;
    private final TransactionTemplate transaction;
    private final Build build;

    SummaryStore(JdbcClient database, Json json, TransactionTemplate transaction, Build build) {
        this.database = database;
        this.json = json;
        this.transaction = transaction;
        this.build = build;
    }

    Optional<Summary> find(Stamp stamp) {
        try {
            return database.sql("SELECT body FROM work_up_summary WHERE work_up_id = ? AND stamp = ?")
                    .params(stamp.workUp(), stamp + build.name())
                    .query(String.class)
                    .optional()
                    .map(body -> json.read(body, Summary.class));
        } catch (UnreadableRecordException e) {
            return Optional.empty();
        }
    }

    /** Keeps a summary where the file can be written just now; nothing is lost where it cannot. */
    void keep(Stamp stamp, Summary summary) {
        try {
            transaction.executeWithoutResult(status -> database.sql("""
          INSERT INTO work_up_summary (work_up_id, stamp, body) VALUES (?, ?, ?)
          ON CONFLICT (work_up_id) DO UPDATE SET stamp = excluded.stamp, body = excluded.body""")
                    .params(stamp.workUp(), stamp + build.name(), json.write(summary))
                    .update());
            // It is nothing that anybody sent.
            Receipt.begin();
        } catch (RuntimeException e) {
            if (Trouble.behind(e).isEmpty()) {
                throw e;
            }
            LOG.debug("Summary not kept", e);
        }
    }
}

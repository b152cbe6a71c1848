package ablemedic.app.workup;

import ablemedic.app.storage.Json;
import ablemedic.app.storage.Packed;
import ablemedic.app.storage.Receipt;
import ablemedic.app.storage.Trouble;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.app.workup.WorkUpVersions.Stamp;
import ablemedic.app.workup.WorkUpView.Stage;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * What was shown of each open work-up last, kept across a start, for this build of the program. Written a little later
 * than it was shown, so that nobody waits for it and of many views in a row the last is written.
 */
@Repository
class ShownStore implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(ShownStore.class);
    private static final long LATER_MS = 2_000;
    private static final int LONGEST = 4 * 1024 * 1024;

    private final JdbcClient database;
    private final Json json;
    private final TransactionTemplate transaction;
    private final Build build;
    private final Map<Long, Shown> waiting = new ConcurrentHashMap<>();
    private final ScheduledExecutorService writing = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "shown");
        thread.setDaemon(true);
        return thread;
    });

    private record Shown(Stamp stamp, WorkUpView view) {}

    ShownStore(JdbcClient database, Json json, TransactionTemplate transaction, Build build) {
        this.database = database;
        this.json = json;
        this.transaction = transaction;
        this.build = build;
    }

    /** What was shown for this stamp; nothing where it was another, or can't be read. */
    Optional<WorkUpView> find(Stamp stamp) {
        try {
            return database.sql("SELECT packed FROM work_up_shown WHERE work_up_id = ? AND stamp = ?")
                    .params(stamp.workUp(), stamp + build.name())
                    .query((rs, n) -> rs.getBytes(1))
                    .optional()
                    .map(packed -> json.read(
                            new String(Packed.unpacked(packed, LONGEST), StandardCharsets.UTF_8), WorkUpView.class));
        } catch (UnreadableRecordException e) {
            return Optional.empty();
        }
    }

    void later(Stamp stamp, WorkUpView view) {
        if (view.stage() == Stage.CLOSED) {
            return;
        }
        if (waiting.put(stamp.workUp(), new Shown(stamp, view)) == null) {
            soon();
        }
    }

    private void soon() {
        if (!writing.isShutdown()) {
            writing.schedule((Runnable) this::write, LATER_MS, TimeUnit.MILLISECONDS);
        }
    }

    /** Writes what waits where the file can be written just now; nothing is lost where it cannot. */
    private void write() {
        List<Shown> all = List.copyOf(waiting.values());
        try {
            transaction.executeWithoutResult(status -> all.forEach(this::write));
            // It is nothing that anybody sent.
            Receipt.begin();
        } catch (RuntimeException e) {
            if (Trouble.behind(e).isEmpty()) {
                LOG.warn("What was shown is not kept", e);
            }
        } finally {
            all.forEach(one -> waiting.remove(one.stamp().workUp(), one));
            // A newer view of one of these came while they were written.
            if (!waiting.isEmpty()) {
                soon();
            }
        }
    }

    private void write(Shown one) {
        database.sql("INSERT OR REPLACE INTO work_up_shown (work_up_id, stamp, packed) VALUES (?, ?, ?)")
                .params(
                        one.stamp().workUp(),
                        one.stamp() + build.name(),
                        Packed.of(json.write(one.view()).getBytes(StandardCharsets.UTF_8)))
                .update();
    }

    @Override
    public void destroy() {
        writing.shutdownNow();
        if (!waiting.isEmpty()) {
            write();
        }
    }
}

package ablemedic.app.workup;

import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Newest;
import ablemedic.app.workup.WorkUpVersions.Stamp;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.util.Optional;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Semaphore;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/** The views of work-ups: each is made once for as long as nothing changes, and as many at once as can be. */
@Component
public class WorkUpViews implements DisposableBean {
    private static final Words REFUSALS =
            Catalogue.beside(WorkUpViews.class, "refusals").of("work-up-views");
    private static final Logger LOG = LoggerFactory.getLogger(WorkUpViews.class);
    private static final int VIEWS_KEPT = 64;
    /** So many are worked out behind at the most; who visits many in a row goes on with the last. */
    private static final int BEHIND = 4;

    private final WorkUps workUps;
    private final ViewMaker maker;
    private final WorkUpVersions stamps;
    private final KeptViews kept;
    private final ExecutorService behind = new ThreadPoolExecutor(
            1,
            1,
            0,
            TimeUnit.SECONDS,
            new ArrayBlockingQueue<>(BEHIND),
            work -> {
                Thread thread = new Thread(work, "behind");
                thread.setDaemon(true);
                return thread;
            },
            new ThreadPoolExecutor.DiscardOldestPolicy());
    private final Semaphore reasoning = new Semaphore(Runtime.getRuntime().availableProcessors(), true);
    private final Newest<Long, Stamp, WorkUpView> shown = new Newest<>(VIEWS_KEPT);

    WorkUpViews(WorkUps workUps, ViewMaker maker, WorkUpVersions stamps, KeptViews kept) {
        this.workUps = workUps;
        this.maker = maker;
        this.stamps = stamps;
        this.kept = kept;
    }

    /**
     * The view of a work-up as it is stored; those who ask at once for what nobody has made yet wait for one making of
     * it.
     */
    public WorkUpView view(long id) {
        Stamp now = stamps.of(id);
        if (now == null) {
            throw Refusal.unknown("id", REFUSALS.with("id", id), "none");
        }
        return view(now);
    }

    WorkUpView view(Stamp stamp) {
        return shown.of(stamp.workUp(), stamp, () -> kept.end(stamp)
                .or(() -> again(stamp))
                .orElseGet(() -> {
                    WorkUpView made = of(workUps.get(stamp.workUp()));
                    kept.keepLater(stamp, made);
                    return made;
                }));
    }

    /**
     * What was shown before, when nothing has changed since; what the next finding needs is worked out behind
     * meanwhile.
     */
    private Optional<WorkUpView> again(Stamp stamp) {
        Optional<WorkUpView> view = kept.shown(stamp);
        view.ifPresent(one -> behind.execute(() -> {
            try {
                of(workUps.get(stamp.workUp()));
            } catch (RuntimeException e) {
                LOG.debug("Work-up {} not worked out behind", stamp.workUp(), e);
            }
        }));
        return view;
    }

    @Override
    public void destroy() {
        behind.shutdownNow();
    }

    /**
     * The view, with the check that the plan puts first. As many at once as there are processors, first come, first
     * served.
     */
    WorkUpView of(WorkUp workUp) {
        try {
            reasoning.acquire();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new CancellationException("nobody waits for this any more");
        }
        try {
            return maker.of(workUp);
        } finally {
            reasoning.release();
        }
    }
}

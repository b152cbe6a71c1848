package ablemedic.app.bench;

import ablemedic.app.bench.BenchController.Bench;
import ablemedic.app.bench.BenchController.Sort;
import ablemedic.app.bench.BenchController.Unreadable;
import ablemedic.app.chart.CraftStore.Row;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.app.workup.WorkUpStore.Opened;
import ablemedic.app.workup.WorkUpSummary;
import ablemedic.app.workup.WorkUpSummary.Outcome;
import ablemedic.app.workup.WorkUpVersions.Stamp;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.springframework.stereotype.Component;

/** Puts the open work-ups on the bench, each with what is known of it. */
@Component
class BenchSummaries {
    /** So long the bench waits for strips that are not known yet. */
    private static final long WAIT_MS = 600;

    private final WorkUpSummary summaries;

    BenchSummaries(WorkUpSummary summaries) {
        this.summaries = summaries;
    }

    /** The open work-ups with what is known of each; what is not yet is worked out behind, and waited for a moment. */
    void on(Bench bench, Map<Row, Opened> open) {
        Map<Long, Stamp> stamps =
                summaries.stamps(open.values().stream().map(Opened::id).toList());
        Map<Opened, CompletableFuture<Outcome>> asked = new LinkedHashMap<>();
        open.forEach((row, opened) -> {
            try {
                Stamp stamp = stamps.get(opened.id());
                asked.put(
                        opened,
                        summaries
                                .known(stamp)
                                .map(CompletableFuture::completedFuture)
                                .orElseGet(() -> summaries.ask(stamp, row)));
            } catch (UnreadableRecordException e) {
                bench.unreadable().add(unreadable(row, opened, "Its " + e.getMessage() + "."));
            }
        });
        aMoment(asked.values());
        open.forEach((row, opened) -> {
            CompletableFuture<Outcome> one = asked.get(opened);
            if (one != null) {
                shown(bench, row, opened, one);
            }
        });
    }

    private static void shown(Bench bench, Row row, Opened opened, CompletableFuture<Outcome> asked) {
        if (!asked.isDone() || asked.isCompletedExceptionally()) {
            bench.needing().add(WorkUpSummary.pending(opened, row));
            return;
        }
        Outcome outcome = asked.join();
        if (outcome.summary() == null) {
            bench.unreadable().add(unreadable(row, opened, outcome.why()));
        } else {
            bench.needing().add(outcome.summary());
        }
    }

    private static void aMoment(Collection<CompletableFuture<Outcome>> asked) {
        try {
            CompletableFuture.allOf(asked.toArray(CompletableFuture[]::new)).get(WAIT_MS, TimeUnit.MILLISECONDS);
        } catch (TimeoutException | ExecutionException e) {
            // What is there is shown; the rest follows when it is asked for again.
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new CancellationException("nobody waits for this any more");
        }
    }

    private static Unreadable unreadable(Row row, Opened opened, String why) {
        return new Unreadable(Sort.WORK_UP, row.craftId() + ": " + opened.complaint(), why, opened.id(), null, null);
    }
}

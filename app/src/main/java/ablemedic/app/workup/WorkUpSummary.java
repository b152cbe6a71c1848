package ablemedic.app.workup;

import ablemedic.app.chart.CraftStore.Row;
import ablemedic.app.storage.Newest;
import ablemedic.app.storage.Trouble;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.app.workup.WorkUpVersions.Stamp;
import ablemedic.app.workup.WorkUpView.Stage;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/** A work-up in one strip, for the bench. One that is not known yet is worked out behind, one after the other. */
@Component
public class WorkUpSummary implements DisposableBean {
    private static final Words SAID =
            Catalogue.beside(WorkUpSummary.class, "words").of("work-up-summary");
    private static final Logger LOG = LoggerFactory.getLogger(WorkUpSummary.class);
    private static final int KEPT = 2_000;
    private static final String NOT_WORKED_OUT = SAID.line("failed").plain();

    private final WorkUpViews views;
    private final KeptViews shown;
    private final WorkUpVersions stamps;
    private final SummaryStore store;
    private final Newest<Long, Stamp, Outcome> kept = new Newest<>(KEPT);
    private final Map<Stamp, CompletableFuture<Outcome>> underWay = new ConcurrentHashMap<>();
    private final ExecutorService behind = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "summaries");
        thread.setDaemon(true);
        return thread;
    });

    WorkUpSummary(WorkUpViews views, KeptViews shown, WorkUpVersions stamps, SummaryStore store) {
        this.views = views;
        this.shown = shown;
        this.stamps = stamps;
        this.store = store;
    }

    /**
     * One strip.
     *
     * @param next what to do next
     * @param blocked what stands in the way, empty when nothing does
     * @param pending whether it is still being worked out: suspect, stage and what is next follow
     */
    public record Summary(
            long workUpId,
            String craftId,
            String name,
            String complaint,
            Stage stage,
            @JsonUnwrapped Leading leading,
            String next,
            String blocked,
            double minutes,
            boolean pending) {}

    /** @param suspect the leading suspect, empty when there is none */
    public record Leading(String suspect, double belief, String word) {}

    /** A strip, or why there is none. */
    public record Outcome(@Nullable Summary summary, String why) {}

    /** What the strips of these work-ups are good for; asked once for all of them. */
    public Map<Long, Stamp> stamps(List<Long> ids) {
        return stamps.of(ids);
    }

    /**
     * What is known of a work-up without working anything out.
     *
     * @throws UnreadableRecordException where what it was made from can no longer be read
     */
    public Optional<Outcome> known(Stamp stamp) {
        return kept.known(stamp.workUp(), stamp).or(() -> shown.readable(stamp, store.find(stamp))
                .map(summary -> kept.of(stamp.workUp(), stamp, () -> new Outcome(summary, ""))));
    }

    /** Has a strip worked out behind; whoever wants it soon waits for what comes of it. */
    public CompletableFuture<Outcome> ask(Stamp stamp, Row craft) {
        CompletableFuture<Outcome> mine = new CompletableFuture<>();
        CompletableFuture<Outcome> other = underWay.putIfAbsent(stamp, mine);
        if (other != null) {
            return other;
        }
        behind.execute(() -> {
            try {
                mine.complete(made(stamp, craft));
            } catch (RuntimeException | Error e) {
                mine.completeExceptionally(e);
            } finally {
                underWay.remove(stamp);
            }
        });
        return mine;
    }

    private Outcome made(Stamp stamp, Row craft) {
        return kept.of(stamp.workUp(), stamp, () -> {
            try {
                Summary made = of(views.view(stamp), craft);
                store.keep(stamp, made);
                return new Outcome(made, "");
            } catch (UnreadableRecordException e) {
                return new Outcome(null, "Its " + e.getMessage() + ".");
            } catch (RuntimeException e) {
                if (Thread.currentThread().isInterrupted() || Trouble.behind(e).isPresent()) {
                    throw e;
                }
                LOG.error("Work-up {} cannot be shown", stamp.workUp(), e);
                return new Outcome(null, NOT_WORKED_OUT);
            }
        });
    }

    /** A strip with what needs no reasoning. */
    public static Summary pending(WorkUpStore.Opened opened, Row craft) {
        return new Summary(
                opened.id(),
                craft.craftId(),
                craft.name(),
                opened.complaint(),
                Stage.LOOKING,
                new Leading("", 0, ""),
                SAID.line("pending").plain(),
                "",
                0,
                true);
    }

    @Override
    public void destroy() {
        behind.shutdownNow();
    }

    private static Summary of(WorkUpView view, Row craft) {
        var first = view.beliefs().suspects().stream().findFirst();
        var card = view.stage() == Stage.PROVING && view.proof() != null
                ? view.proof().next()
                : view.toDo().next();
        String next =
                switch (view.stage()) {
                    case FIXING ->
                        view.fixing().fix() == null
                                ? ""
                                : view.fixing().fix().options().get(0).title();
                    case PROVING ->
                        card == null
                                ? SAID.line("close").plain()
                                : SAID.with("check", card.title()).line("prove").plain();
                    default -> card == null ? SAID.line("nothing-left").plain() : card.title();
                };
        String blocked = card == null || card.way().ready() || view.stage() == Stage.FIXING
                ? ""
                : card.way().steps().stream()
                        .findFirst()
                        .map(s -> SAID.with("step", s.label().split(":")[0])
                                .line("first")
                                .plain())
                        .orElse(SAID.line("no-way").plain());
        return new Summary(
                view.head().id(),
                craft.craftId(),
                craft.name(),
                view.head().complaint(),
                view.stage(),
                new Leading(
                        first.map(WorkUpView.SuspectView::title).orElse(""),
                        first.map(WorkUpView.SuspectView::belief).orElse(0.0),
                        first.map(WorkUpView.SuspectView::word).orElse("")),
                next,
                blocked,
                view.head().minutes(),
                false);
    }
}

package ablemedic.app.chart;

import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** What a chart asks of the work-ups of a craft. */
public interface CraftWorkUps {
    /**
     * A work-up as the chart lists it.
     *
     * @param ended how it ended, in words; empty while it is open
     */
    record WorkUpLine(long id, String complaint, Instant openedAt, boolean open, String ended) {}

    /** Newest first. */
    List<WorkUpLine> linesOf(String craftId);

    /** The number of the open one. */
    Optional<Long> openOf(String craftId);

    /**
     * Those that ended without their cause found, with the line of the log that says so; nobody signed the craft off
     * since.
     */
    List<String> withoutCause(String craftId);

    /** A crash was logged on the chart: the open work-up knows it. */
    void cameDown(String craftId, String words);
}

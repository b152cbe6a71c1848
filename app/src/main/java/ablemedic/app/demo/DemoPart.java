package ablemedic.app.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.List;

/** One kind of thing that the demo enters. */
interface DemoPart {
    /** What happened, each at its time. */
    List<Happened> of(DemoScript script, Instant now);

    /** Something that happened, and when. */
    record Happened(Instant at, Runnable entering) {}

    static Instant ago(Instant now, double days) {
        return now.minus(Duration.ofMinutes(Math.round(days * 24 * 60)));
    }
}

package ablemedic.app.bench;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/** Looks over the bench once in the background after the start, so that the first page finds its predictions made. */
@Component
@Lazy(false)
class WarmUp implements ApplicationListener<ApplicationReadyEvent> {
    private static final Logger LOG = LoggerFactory.getLogger(WarmUp.class);

    private final BenchController bench;

    WarmUp(BenchController bench) {
        this.bench = bench;
    }

    @Override
    public void onApplicationEvent(ApplicationReadyEvent ready) {
        Thread thread = new Thread(this::lookOver, "warm-up");
        thread.setDaemon(true);
        thread.start();
    }

    private void lookOver() {
        try {
            bench.bench();
        } catch (RuntimeException e) {
            // The program may be stopping already; the first page does the work then.
            LOG.debug("Warm-up not finished", e);
        }
    }
}

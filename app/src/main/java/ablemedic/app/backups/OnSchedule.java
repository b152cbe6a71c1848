package ablemedic.app.backups;

import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/** Looks now and then whether a backup is due while the program runs. */
@Component
@Lazy(false)
class OnSchedule implements ApplicationListener<ApplicationReadyEvent>, DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(OnSchedule.class);
    private static final long FIRST_MINUTES = 2;
    private static final long MINUTES = 20;

    private final Backups backups;
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "backups");
        thread.setDaemon(true);
        return thread;
    });

    OnSchedule(Backups backups) {
        this.backups = backups;
    }

    @Override
    public void onApplicationEvent(ApplicationReadyEvent ready) {
        clock.scheduleWithFixedDelay(this::look, FIRST_MINUTES, MINUTES, TimeUnit.MINUTES);
    }

    private void look() {
        try {
            backups.makeWhereDue();
        } catch (RuntimeException e) {
            // The next look tries again; the page of backups shows how old the newest is.
            LOG.warn("A backup that was due could not be made: {}", e.getMessage());
        }
    }

    @Override
    public void destroy() {
        clock.shutdownNow();
    }
}

package ablemedic.app.workup;

import ablemedic.app.http.PairingEnded;
import ablemedic.app.http.Refusal;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Those who look at a work-up at the same time: each hears when it went on, whoever wrote it. */
@Component
class Watchers implements DisposableBean {
    private static final Words REFUSALS =
            Catalogue.beside(Watchers.class, "refusals").of("watchers");
    private static final Logger LOG = LoggerFactory.getLogger(Watchers.class);
    private static final int MOST = 40;
    private static final long LOOK_MS = 300;
    /** A line now and then shows whether somebody is still there. */
    private static final int LOOKS_PER_SIGN = 40;

    private static final long LONGEST_MS = 3_600_000;

    private final WorkUpStore store;
    private final Map<Long, Queue<Device>> taken = new ConcurrentHashMap<>();
    private final ScheduledExecutorService looking = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "watchers");
        thread.setDaemon(true);
        return thread;
    });
    private int looks;

    Watchers(WorkUpStore store) {
        this.store = store;
        looking.scheduleWithFixedDelay(this::look, LOOK_MS, LOOK_MS, TimeUnit.MILLISECONDS);
    }

    private static final class Device {
        private final SseEmitter line;
        /** Its id where it came over the network. */
        private final Optional<String> paired;

        private volatile long known;

        Device(SseEmitter line, Optional<String> paired, long known) {
            this.line = line;
            this.paired = paired;
            this.known = known;
        }
    }

    /**
     * Takes a device at a work-up.
     *
     * @param paired the id of a device that came over the network
     * @throws Refusal where there is no work-up of this number, or no device is left
     */
    SseEmitter take(long workUpId, Optional<String> paired) {
        store.get(workUpId);
        if (taken.values().stream().mapToInt(Queue::size).sum() >= MOST) {
            throw Refusal.conflict("id", REFUSALS, "most");
        }
        Device device = new Device(new SseEmitter(LONGEST_MS), paired, store.version(workUpId));
        Queue<Device> all = taken.computeIfAbsent(workUpId, id -> new ConcurrentLinkedQueue<>());
        all.add(device);
        Runnable leave = () -> all.remove(device);
        device.line.onCompletion(leave);
        device.line.onTimeout(leave);
        device.line.onError(e -> leave.run());
        say(all, device, SseEmitter.event().data(device.known));
        return device.line;
    }

    private void look() {
        try {
            boolean sign = ++looks % LOOKS_PER_SIGN == 0;
            taken.forEach((id, all) -> {
                if (all.isEmpty()) {
                    return;
                }
                long version = store.version(id);
                for (Device device : all) {
                    if (device.known != version) {
                        device.known = version;
                        say(all, device, SseEmitter.event().data(version));
                    } else if (sign) {
                        say(all, device, SseEmitter.event().comment("still here"));
                    }
                }
            });
        } catch (RuntimeException e) {
            // The program may be stopping, or the file be locked; the next look tries again.
            LOG.debug("Watchers not told", e);
        }
    }

    private static void say(Queue<Device> all, Device device, SseEmitter.SseEventBuilder words) {
        try {
            device.line.send(words);
        } catch (IOException | IllegalStateException e) {
            all.remove(device);
        }
    }

    private static void leave(Device device) {
        try {
            device.line.complete();
        } catch (IllegalStateException e) {
            // Whoever sat there is gone already.
            LOG.debug("Watcher left", e);
        }
    }

    /** Who is let in no more hears no more. */
    @EventListener
    void ended(PairingEnded ended) {
        taken.values().forEach(all -> all.stream()
                .filter(device -> device.paired.filter(ended.device()::equals).isPresent())
                .forEach(Watchers::leave));
    }

    @Override
    public void destroy() {
        looking.shutdownNow();
        taken.values().forEach(all -> all.forEach(Watchers::leave));
    }
}

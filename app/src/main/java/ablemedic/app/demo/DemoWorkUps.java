package ablemedic.app.demo;

import ablemedic.app.demo.DemoScript.DemoCheck;
import ablemedic.app.demo.DemoScript.DemoEnd;
import ablemedic.app.demo.DemoScript.DemoFix;
import ablemedic.app.demo.DemoScript.DemoSkip;
import ablemedic.app.demo.DemoScript.DemoStep;
import ablemedic.app.demo.DemoScript.DemoSuspicion;
import ablemedic.app.demo.DemoScript.DemoWorkUp;
import ablemedic.app.entry.Entered;
import ablemedic.app.workup.CloseWorkUp;
import ablemedic.app.workup.MakeFix;
import ablemedic.app.workup.NoteEvent;
import ablemedic.app.workup.OpenWorkUp;
import ablemedic.app.workup.RecordFinding;
import ablemedic.app.workup.RecordedPads;
import ablemedic.app.workup.Recording;
import ablemedic.app.workup.WorkUpEvent;
import ablemedic.diagnosis.Sureness;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The work-ups of the demo, step by step. */
@Component
@Order(4)
class DemoWorkUps implements DemoPart {
    private final OpenWorkUp opening;
    private final Recording recording;
    private final DemoActs acts;
    private final DemoReadiness readiness;
    private final RecordedPads pads;

    DemoWorkUps(OpenWorkUp opening, Recording recording, DemoActs acts, DemoReadiness readiness, RecordedPads pads) {
        this.opening = opening;
        this.recording = recording;
        this.acts = acts;
        this.readiness = readiness;
        this.pads = pads;
    }

    @Override
    public List<Happened> of(DemoScript script, Instant now) {
        List<Happened> year = new ArrayList<>();
        script.workUps().forEach(workUp -> walking(workUp, now, year));
        return year;
    }

    private void walking(DemoWorkUp demo, Instant now, List<Happened> year) {
        Instant opened = DemoPart.ago(now, demo.daysAgo());
        AtomicLong id = new AtomicLong();
        year.add(new Happened(
                opened,
                () -> id.set(recording.open(opening.open(
                        demo.craftId(),
                        new OpenWorkUp.Complained(
                                demo.kind() == null ? "take-off" : demo.kind(),
                                demo.complaint(),
                                demo.occasion(),
                                demo.seen(),
                                Map.of(),
                                List.of()),
                        opened)))));
        Instant before = opened;
        for (DemoStep step : demo.steps()) {
            Instant at = before.plusSeconds(Math.round(step.after() * 60));
            year.add(new Happened(at, () -> step(demo.craftId(), id.get(), step, at)));
            before = at;
        }
    }

    private void step(String craftId, long id, DemoStep step, Instant at) {
        if (step instanceof DemoCheck check) {
            check(craftId, id, check, at);
        } else if (step instanceof DemoFix fix) {
            acts.run(id, at, MakeFix.ofThePast(fix.fault(), fix.fix()));
        } else if (step instanceof DemoSuspicion suspicion) {
            acts.run(id, at, new NoteEvent(new WorkUpEvent.Suspected(suspicion.suspect(), suspicion.words())));
        } else if (step instanceof DemoSkip skip) {
            acts.run(id, at, new NoteEvent(new WorkUpEvent.Skipped(skip.skip())));
        } else if (step instanceof DemoEnd end) {
            acts.run(id, at, new CloseWorkUp(end.end(), end.words() == null ? "" : end.words()));
        }
    }

    private void check(String craftId, long id, DemoCheck check, Instant at) {
        readiness.ready(craftId, id, check.check(), at);
        if (check.recording() != null) {
            recorded(id, check.check(), check.recording(), at);
        }
        acts.run(
                id,
                at,
                RecordFinding.ofThePast(
                        check.check(),
                        new RecordFinding.Answered(
                                answers(check.outcomes(), check.outcome()),
                                answers(check.numbers(), check.written()),
                                new RecordFinding.Told(check.told(), false),
                                check.sureness() == null ? Sureness.SURE : check.sureness())));
    }

    /** Several answers, or the one to the only question. */
    private static Map<String, String> answers(@Nullable Map<String, String> several, @Nullable String only) {
        if (several != null) {
            return several;
        }
        return only == null ? Map.of() : Map.of(Entered.ONLY, only);
    }

    private void recorded(long id, String check, String name, Instant at) {
        try (InputStream in = DemoWorkUps.class.getResourceAsStream("/demo/" + name)) {
            pads.take(id, check, name, Optional.empty(), in, at);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

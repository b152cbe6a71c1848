package ablemedic.app.workup;

import ablemedic.app.workup.OpenWorkUp.Opening;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Writes what was worked out and says what was recorded. The plan is not made for it: it comes with the next view. */
@Component
public class Writing {
    private final Recording recording;
    private final WorkUpStore store;
    private final WorkUps workUps;
    private final WorkUpViews views;
    private final WireKnowledge wires;

    Writing(Recording recording, WorkUpStore store, WorkUps workUps, WorkUpViews views, WireKnowledge wires) {
        this.recording = recording;
        this.store = store;
        this.workUps = workUps;
        this.views = views;
        this.wires = wires;
    }

    /** Opens a work-up. */
    public WriteAnswer open(Opening opening) {
        List<WorkUpView.Noted> recorded =
                recorded(opening.after(), opening.after().events());
        long id = recording.open(opening);
        return new WriteAnswer(id, opening.opened().craftId(), opening.after().version(), recorded);
    }

    /** Writes a draft; where it closes the work-up, what is shown of it then is kept with it. */
    public WriteAnswer write(Draft draft) {
        WorkUp after = draft.after();
        List<WorkUpView.Noted> recorded = recorded(after, draft.events());
        boolean closes = after.closed().isPresent();
        recording.keep(draft, closes ? Optional.of(views.of(after)) : Optional.empty());
        return new WriteAnswer(after.opened().id(), after.opened().craftId(), after.version(), recorded);
    }

    /** Everything is read back and put into words before it is written: what can't be shown is not stored. */
    private List<WorkUpView.Noted> recorded(WorkUp after, List<WorkUpStore.Numbered> events) {
        events.stream()
                .filter(one -> !store.isKeptAsItIs(one.event()))
                .findFirst()
                .ifPresent(one -> {
                    throw new IllegalStateException("would not come back as it is: " + one.event());
                });
        NotedLines lines = new NotedLines(after, () -> workUps.asOpened(after), wires);
        return events.stream().flatMap(one -> lines.of(one).stream()).toList();
    }
}

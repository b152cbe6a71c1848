package ablemedic.app.workup;

import ablemedic.app.chart.CraftStore;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.app.workup.WorkUpStore.Opened;
import ablemedic.app.workup.WorkUpVersions.Stamp;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What was shown of work-ups before: the ends of the closed ones, and the last view of each open one. */
@Component
class KeptViews {
    private final EndStore ends;
    private final ShownStore shown;
    private final WorkUpStore store;
    private final CraftStore crafts;

    KeptViews(EndStore ends, ShownStore shown, WorkUpStore store, CraftStore crafts) {
        this.ends = ends;
        this.shown = shown;
        this.store = store;
        this.crafts = crafts;
    }

    Optional<WorkUpView> end(Stamp stamp) {
        return ends.find(stamp);
    }

    /** What was shown of an open one, when nothing has changed since. */
    Optional<WorkUpView> shown(Stamp stamp) {
        return readable(stamp, shown.find(stamp));
    }

    void keepLater(Stamp stamp, WorkUpView view) {
        shown.later(stamp, view);
    }

    /**
     * What was kept of a work-up, which may be there though what it was made from can no longer be read.
     *
     * @throws UnreadableRecordException where that is so
     */
    <V> Optional<V> readable(Stamp stamp, Optional<V> kept) {
        if (kept.isPresent()) {
            store.events(stamp.workUp());
            Opened opened = store.get(stamp.workUp());
            crafts.craft(opened.craftId(), opened.revision());
        }
        return kept;
    }
}

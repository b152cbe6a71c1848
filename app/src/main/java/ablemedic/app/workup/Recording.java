package ablemedic.app.workup;

import ablemedic.app.chart.CraftLog;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.http.Refusal;
import ablemedic.app.repairs.RepairLogStore;
import ablemedic.app.workup.OpenWorkUp.Opening;
import ablemedic.app.workup.WorkUpEvent.Reopened;
import ablemedic.app.workup.WorkUpStore.Opened;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Writes drafts, each whole or not at all. Nothing is worked out here. */
@Component
public class Recording {
    private static final Words REFUSALS =
            Catalogue.beside(Recording.class, "refusals").of("recording");
    private final WorkUpStore store;
    private final CraftStore crafts;
    private final CraftLog log;
    private final RepairLogStore repairLog;
    private final EndStore ends;

    Recording(WorkUpStore store, CraftStore crafts, CraftLog log, RepairLogStore repairLog, EndStore ends) {
        this.store = store;
        this.crafts = crafts;
        this.log = log;
        this.repairLog = repairLog;
        this.ends = ends;
    }

    /**
     * Opens a work-up.
     *
     * @throws Refusal when the craft has an open one, or was changed since the opening was worked out
     */
    @Transactional
    public long open(Opening opening) {
        Opened opened = opening.opened();
        refuseSecond(opened.craftId());
        if (log.newest(opened.craftId()) != opening.lastLog()) {
            throw Refusal.conflict("craftId", REFUSALS.with("craftId", opened.craftId()), "stale");
        }
        long id = store.open(opened);
        log.add(opened.craftId(), opened.openedAt(), opening.logKind(), opening.line(), id);
        store.add(id, 0, opening.after().events());
        return id;
    }

    private void refuseSecond(String craftId) {
        store.openOf(craftId).ifPresent(other -> {
            throw Refusal.conflict(
                    "craftId", REFUSALS.with("craftId", craftId).with("other", other.id()), "open-already");
        });
    }

    /**
     * Writes a draft.
     *
     * @param end what is shown of a work-up that it closes
     * @throws Refusal when something was written since it was worked out
     */
    @Transactional
    public void keep(Draft draft, Optional<WorkUpView> end) {
        Opened opened = draft.after().opened();
        if (draft.after().closed().isEmpty()) {
            store.openOf(opened.craftId())
                    .filter(other -> other.id() != opened.id())
                    .ifPresent(o -> refuseSecond(opened.craftId()));
        }
        store.add(opened.id(), draft.version(), draft.events());
        if (draft.events().stream().anyMatch(one -> one.event() instanceof Reopened)) {
            store.byRuleOfToday(opened.id());
        }
        draft.log().forEach(line -> log.add(opened.craftId(), draft.at(), line.kind(), line.text(), opened.id()));
        draft.sheet().ifPresent(s -> crafts.revise(opened.craftId(), s.onto(), s.sheet(), s.reason(), draft.at()));
        draft.repairLog().ifPresent(repairLog::add);
        end.ifPresent(ends::keep);
    }
}

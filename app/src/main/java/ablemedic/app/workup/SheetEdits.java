package ablemedic.app.workup;

import ablemedic.app.chart.BuildSheet;
import ablemedic.app.chart.CraftStore;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Repair;
import ablemedic.requirement.Conflict;
import ablemedic.requirement.ConflictFault;
import ablemedic.requirement.PutRight;
import ablemedic.requirement.Source;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What a fix, or a record that was put right, changes on the newest sheet of its craft. */
@Component
class SheetEdits {
    private final CraftStore crafts;

    SheetEdits(CraftStore crafts) {
        this.crafts = crafts;
    }

    /** What the reasons begin with of revisions that a work-up makes. */
    static String revisedBy(long id) {
        return "work-up " + id + ": ";
    }

    /** Has the newest sheet take over what a fix, or taking one back, changes on the craft. */
    Draft.Builder revised(WorkUp before, Draft.Builder draft, Repair<Craft> repair, boolean made, String reason) {
        String craftId = before.opened().craftId();
        int onto = crafts.newestRevision(craftId);
        BuildSheet changed = conflict(repair.fault())
                .map(conflict ->
                        edited(before, conflict, conflict.way(repair.fix().id()).orElseThrow(), made))
                .orElseGet(() -> crafts.newestWith(
                        craftId,
                        BuildSheet.of(before.known().soundNow()),
                        BuildSheet.of(draft.after().known().soundNow())));
        return draft.sheet(changed, onto, revisedBy(before.opened().id()) + reason);
    }

    private static Optional<Conflict> conflict(Fault<Craft> fault) {
        return fault instanceof ConflictFault recorded
                ? Optional.of(recorded.conflict())
                : fault instanceof PutRight right ? Optional.of(right.was().conflict()) : Optional.empty();
    }

    /** The newest sheet with a way of a conflict made on it, or taken back. */
    private BuildSheet edited(WorkUp workUp, Conflict conflict, int way, boolean made) {
        BuildSheet before = BuildSheet.of(conflict.recorded());
        BuildSheet after = BuildSheet.of(conflict.onSheet(conflict.recorded(), way));
        BuildSheet sheet = crafts.newestWith(workUp.opened().craftId(), made ? before : after, made ? after : before);
        return made ? sheet.withSource(conflict.ways().get(way).edit().sites(), Source.MEASURED) : sheet;
    }

    /** The newest sheet with a conflict of the record put right in one of its ways. */
    BuildSheet corrected(WorkUp workUp, Conflict conflict, int way) {
        return edited(workUp, conflict, way, true);
    }

    int newest(WorkUp workUp) {
        return crafts.newestRevision(workUp.opened().craftId());
    }
}

package ablemedic.app.chart;

import ablemedic.Families;
import ablemedic.app.storage.Recent;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.requirement.Recorded;
import ablemedic.requirement.Required;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * The crafts as required: what their records should be, and what of them conflicts. Set-ups, proofs and routines expect
 * these.
 */
@Component
public class Records {
    private static final int KEPT = 200;
    /** A workshop's whole bench. */
    private static final int NEWEST = 400;

    private record Revision(String craftId, int number) {}

    private final CraftStore crafts;
    private final Recent<Recorded, Required> kept = new Recent<>(KEPT);
    private final Recent<Revision, Required> newest = new Recent<>(NEWEST);

    Records(CraftStore crafts) {
        this.crafts = crafts;
    }

    /** @throws UnreadableRecordException where the newest sheet can't be read */
    public Required of(String craftId) {
        return newest.of(
                new Revision(craftId, crafts.newestRevision(craftId)),
                revision -> of(crafts.record(craftId, revision.number())));
    }

    public Required of(Recorded recorded) {
        return kept.of(recorded, Families::required);
    }

    /** The same; nothing where the newest sheet can't be read. */
    public Optional<Required> readable(String craftId) {
        try {
            return Optional.of(of(craftId));
        } catch (UnreadableRecordException e) {
            return Optional.empty();
        }
    }
}

package ablemedic.app.workup;

import ablemedic.Families;
import ablemedic.app.chart.SnapshotStore;
import ablemedic.app.chart.SnapshotStore.Row;
import ablemedic.app.http.Refusal;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Evidence;
import ablemedic.diagnosis.Proof;
import ablemedic.snapshot.ExportCheck;
import ablemedic.snapshot.ReadBack;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** What proves that a work-up solved its complaint. */
@Component
class Proofs {
    private final WorkUps workUps;
    private final SnapshotStore snapshots;

    Proofs(WorkUps workUps, SnapshotStore snapshots) {
        this.workUps = workUps;
        this.snapshots = snapshots;
    }

    Proof<Craft> of(WorkUp workUp) {
        return Proof.of(
                workUp.known(),
                workUp.book(),
                readBackFirst(
                        workUp,
                        workUps.complaint(workUp)
                                .orElseGet(() -> workUps.offered(
                                        workUp.known().sound(),
                                        Families.usualComplaint().id()))
                                .proof()),
                Families.beforeFlight(workUp.known()));
    }

    /**
     * A settings export that had shown the fault is made again: what was entered into the board is read back before
     * anything else proves it.
     */
    private List<Check<Craft>> readBackFirst(WorkUp workUp, List<Check<Craft>> proof) {
        boolean entered = workUp.known().repairs().stream()
                .anyMatch(repair -> ReadBack.isOwed(workUp.known().sound(), repair));
        boolean listed = workUp.known().evidence().stream()
                .anyMatch(one -> one instanceof Evidence.Finding<Craft> finding
                        && finding.check().kind().equals(ExportCheck.KIND)
                        && !Proof.asExpected(
                                finding.check(),
                                finding.reading(),
                                workUp.known().sound()));
        return !entered
                        || !listed
                        || proof.stream().anyMatch(check -> check.id().equals(ReadBack.CHECK))
                ? proof
                : Stream.concat(workUp.book().check(ReadBack.CHECK).stream(), proof.stream())
                        .toList();
    }

    /**
     * A snapshot read back in a work-up.
     *
     * @throws Refusal where its family is not known any more
     */
    ReadBack readBack(WorkUp workUp, int snapshot) {
        Row row = snapshots.get(workUp.opened().craftId(), snapshot);
        return ReadBack.of(
                snapshots
                        .snapshot(row)
                        .orElseThrow(() -> Refusal.conflict(
                                "snapshot", WorkUpWords.REFUSALS.with("family", row.family()), "dialect-gone")),
                workUp.known().sound(),
                workUp.known().soundNow());
    }
}

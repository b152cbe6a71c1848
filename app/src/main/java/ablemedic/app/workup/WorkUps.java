package ablemedic.app.workup;

import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.Records;
import ablemedic.app.chart.SnapshotStore;
import ablemedic.app.http.Refusal;
import ablemedic.app.routine.Routines;
import ablemedic.app.workup.WorkUpEvent.Fixed;
import ablemedic.app.workup.WorkUpEvent.Found;
import ablemedic.app.workup.WorkUpStore.Numbered;
import ablemedic.app.workup.WorkUpStore.Opened;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.BenchState;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Case;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Fault;
import ablemedic.family.Complaint;
import ablemedic.requirement.Conflict;
import ablemedic.requirement.PutRight;
import ablemedic.requirement.Recorded;
import ablemedic.requirement.Required;
import ablemedic.snapshot.ExportAsEvidence;
import ablemedic.snapshot.ExportCheck;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Work-ups as they are: what was recorded of each, read with the craft's record and its book. */
@Service
public class WorkUps {
    private final WorkUpStore store;
    private final CraftStore crafts;
    private final SnapshotStore snapshots;
    private final Routines routines;
    private final Diagnoses diagnoses;
    private final Records records;

    WorkUps(
            WorkUpStore store,
            CraftStore crafts,
            SnapshotStore snapshots,
            Routines routines,
            Diagnoses diagnoses,
            Records records) {
        this.store = store;
        this.crafts = crafts;
        this.snapshots = snapshots;
        this.routines = routines;
        this.diagnoses = diagnoses;
        this.records = records;
    }

    /** The reasoning for the craft of a work-up. */
    Diagnosis<Craft> diagnosis(WorkUp workUp) {
        // A settings export that nobody took for a finding makes no suspect.
        List<String> taken = workUp.events().stream()
                .flatMap(WorkUps::found)
                .map(ExportAsEvidence::faultId)
                .toList();
        return diagnoses.of(
                workUp.required().recorded(),
                workUp.opened().isAsRecorded(),
                workUp.book().check(ExportCheck.KIND).isPresent(),
                workUp.book().faults().stream()
                        .filter(fault -> taken.contains(fault.id()) || fault instanceof PutRight)
                        .toList());
    }

    /** The craft of a record as it should be. */
    Craft required(Recorded record) {
        return records.of(record).craft();
    }

    String craftName(WorkUp workUp) {
        return crafts.get(workUp.opened().craftId()).name();
    }

    WorkUp get(long id) {
        return made(store.get(id), store.events(id));
    }

    /** A work-up from what was recorded of it. */
    WorkUp made(Opened opened, List<Numbered> events) {
        Recorded recorded = crafts.record(opened.craftId(), opened.revision(), SheetEdits.revisedBy(opened.id()));
        Required required = opened.isAsRecorded() ? Required.asRecorded(recorded) : records.of(recorded);
        Craft sound = required.craft();
        List<String> taken = events.stream().flatMap(WorkUps::found).toList();
        List<Fault<Craft>> besides = putRight(opened, required, events);
        Book<Craft> plain =
                diagnoses.of(recorded, opened.isAsRecorded(), false, besides).book();
        List<ExportAsEvidence> exports = snapshots.toTake(
                opened.craftId(),
                taken,
                sound,
                () -> complaint(sound, opened.complaintKind()).flatMap(Complaint::amiss),
                plain.faults());
        Book<Craft> book = diagnoses
                .of(recorded, opened.isAsRecorded(), !exports.isEmpty(), besides)
                .book();
        return new WorkUp(
                opened,
                required,
                exports.isEmpty()
                        ? book
                        : book.and(new Book<>(
                                exports.stream()
                                        .flatMap(one -> one.fault().stream())
                                        .toList(),
                                exports.stream().map(ExportAsEvidence::check).toList())),
                events,
                routines.standing(opened.craftId()));
    }

    /** Conflicts that were put right in a work-up and are off the sheet by now: what was fixed stays known. */
    private List<Fault<Craft>> putRight(Opened opened, Required required, List<Numbered> events) {
        Set<String> now = required.conflicts().stream().map(Conflict::id).collect(Collectors.toSet());
        Set<String> fixed = events.stream()
                .map(Numbered::event)
                .filter(Fixed.class::isInstance)
                .map(event -> ((Fixed) event).faultId())
                .filter(id -> !now.contains(id))
                .collect(Collectors.toSet());
        if (fixed.isEmpty() || opened.isAsRecorded()) {
            return List.of();
        }
        return records.of(crafts.record(opened.craftId(), opened.revision())).conflicts().stream()
                .filter(conflict -> fixed.contains(conflict.id()))
                .<Fault<Craft>>map(PutRight::new)
                .toList();
    }

    private static Stream<String> found(Numbered numbered) {
        return numbered.event() instanceof Found found ? Stream.of(found.checkId()) : Stream.empty();
    }

    /** What the open work-up of a craft is about, in its owner's words. */
    public Optional<String> openComplaint(String craftId) {
        return store.openOf(craftId).map(Opened::complaint);
    }

    /** What is known of the open work-up of a craft. */
    public Optional<Case<Craft>> openCase(String craftId) {
        return store.openOf(craftId).map(opened -> get(opened.id()).known());
    }

    /**
     * The sort of complaint that a work-up was opened with; nothing where the craft can't have it any more, since a
     * part was taken off.
     */
    Optional<Complaint> complaint(WorkUp workUp) {
        return complaint(workUp.known().sound(), workUp.opened().complaintKind());
    }

    private Optional<Complaint> complaint(Craft craft, String kind) {
        return diagnoses.complaints(craft).stream()
                .filter(c -> c.id().equals(kind))
                .findFirst();
    }

    /** A complaint by its id, of those that a craft can give cause for. */
    Complaint offered(Craft craft, String kind) {
        return complaint(craft, kind)
                .orElseThrow(() -> Refusal.wrong(
                        "kind",
                        WorkUpWords.REFUSALS
                                .with("kind", Refusal.shortened(kind))
                                .with(
                                        "id",
                                        String.join(
                                                ", ",
                                                diagnoses.complaints(craft).stream()
                                                        .map(Complaint::id)
                                                        .toList())),
                        "no-complaint"));
    }

    /**
     * The craft and its book as they were when a work-up was opened: they name what was found on a part that is gone.
     */
    AsOpened asOpened(WorkUp workUp) {
        Recorded recorded =
                crafts.record(workUp.opened().craftId(), workUp.opened().revision());
        return new AsOpened(
                workUp.opened().isAsRecorded()
                        ? recorded.craft()
                        : records.of(recorded).craft(),
                diagnoses
                        .of(recorded, workUp.opened().isAsRecorded(), false, List.of())
                        .book());
    }

    record AsOpened(Craft craft, Book<Craft> book) {}

    /** The craft ID as the chart has it, whatever its case. */
    String craftId(String craftId) {
        return crafts.get(craftId).craftId();
    }

    /** The craft of a craft ID as required by its newest sheet. */
    Craft craft(String craftId) {
        return records.of(record(craftId)).craft();
    }

    /** The craft of a craft ID as recorded on its newest sheet. */
    Recorded record(String craftId) {
        return crafts.newestRecord(craftId(craftId));
    }

    List<Complaint> complaints(Craft craft) {
        return diagnoses.complaints(craft);
    }

    /** Everything that is known of a craft's faults and checks. */
    public Book<Craft> book(String craftId) {
        return diagnoses.of(crafts.newestRecord(craftId(craftId))).book();
    }

    /** How the bench of a work-up stands. */
    public BenchState bench(long id) {
        return get(id).bench();
    }

    /** The number of the last event, on which the next write builds. */
    public long version(long id) {
        return store.version(id);
    }

    static Check<Craft> check(WorkUp workUp, String id) {
        return workUp.book()
                .check(id)
                .orElseThrow(() ->
                        Refusal.wrong("checkId", WorkUpWords.REFUSALS.with("id", Refusal.shortened(id)), "no-check"));
    }

    static Fault<Craft> fault(WorkUp workUp, String id) {
        return workUp.book()
                .fault(id)
                .orElseThrow(() ->
                        Refusal.wrong("faultId", WorkUpWords.REFUSALS.with("id", Refusal.shortened(id)), "no-fault"));
    }
}

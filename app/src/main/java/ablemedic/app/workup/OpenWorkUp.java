package ablemedic.app.workup;

import ablemedic.app.chart.CraftLog;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.entry.Entered;
import ablemedic.app.http.Refusal;
import ablemedic.app.routine.Routines;
import ablemedic.app.workup.WorkUpEvent.Found;
import ablemedic.app.workup.WorkUpStore.Numbered;
import ablemedic.app.workup.WorkUpStore.Opened;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.BenchState.ShortTest;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Sureness;
import ablemedic.family.Complaint;
import ablemedic.requirement.Recorded;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Opens a work-up: what was complained of and seen, what is known of the craft besides, and what that makes due. */
@Service
public class OpenWorkUp {
    private final WorkUps workUps;
    private final CraftStore crafts;
    private final KeptExports exports;
    private final CraftLog log;
    private final Routines routines;
    private final Diagnoses diagnoses;

    OpenWorkUp(
            WorkUps workUps,
            CraftStore crafts,
            CraftLog log,
            KeptExports exports,
            Routines routines,
            Diagnoses diagnoses) {
        this.workUps = workUps;
        this.crafts = crafts;
        this.exports = exports;
        this.log = log;
        this.routines = routines;
        this.diagnoses = diagnoses;
    }

    /**
     * A work-up to be opened.
     *
     * @param line for the craft's log
     * @param lastLog the newest line of that log when this was worked out
     * @param after the work-up as it will be, but for its number
     */
    public record Opening(WorkUp after, String logKind, String line, long lastLog) {
        Opened opened() {
            return after.opened();
        }
    }

    /**
     * Something that was seen before a work-up was opened, as the answer of a check.
     *
     * @param outcomes by question
     * @param written numbers by question, as written
     * @param told the number that has to be told along with some checks
     */
    public record SeenBefore(
            String checkId,
            Map<String, String> outcomes,
            Map<String, String> written,
            @Nullable String told) {}

    /**
     * The checks that somebody may have made before a work-up is opened: those of the book that the plan would offer.
     */
    List<Check<Craft>> mayBeSeenBefore(Recorded record) {
        return diagnoses.of(record).book().checks().stream()
                .filter(Check::planned)
                .toList();
    }

    /**
     * What is complained of and was seen; questions that nobody could answer are left out.
     *
     * @param seen outcomes by question
     * @param written numbers by question, as written
     * @param before what was found out besides
     */
    public record Complained(
            String kind,
            String complaint,
            Occasion occasion,
            Map<String, String> seen,
            Map<String, String> written,
            List<SeenBefore> before) {}

    /** A work-up with what was seen. */
    public Opening open(String craftId, Complained came, Instant at) {
        CraftStore.Row row = crafts.get(craftId);
        long lastLog = log.newest(row.craftId());
        int revision = crafts.newestRevision(row.craftId());
        Recorded record = crafts.record(row.craftId(), revision);
        Craft craft = workUps.required(record);
        Complaint complained = workUps.offered(craft, came.kind());
        Check<Craft> check = complained.seen();
        Entered entered = Entered.at(check, came.seen(), came.written());
        List<Numbered> events = new ArrayList<>();
        if (!entered.answersNothing()) {
            events.add(new Numbered(1, at, new Found(check.id(), null, entered, Sureness.SURE)));
        } else {
            complained
                    .amiss()
                    .ifPresent(so -> events.add(new Numbered(
                            1,
                            at,
                            new Found(
                                    so.id(),
                                    null,
                                    Entered.at(so, Map.of("seen", Complaint.TRUE), Map.of()),
                                    Sureness.SURE))));
        }
        for (int i = 0; i < came.before().size(); i++) {
            events.add(new Numbered(
                    events.size() + 1, at, seenBefore(record, came.before().get(i), "before[" + i + "]")));
        }
        exports.asEvidence(row.craftId(), came.occasion())
                .ifPresent(found -> events.add(new Numbered(events.size() + 1, at, found)));
        Routines.Standing routine = routines.standing(row.craftId());
        if (routine.state() == ShortTest.FAILED) {
            routine.newest()
                    .ifPresent(run -> FollowRoutine.found(diagnoses.of(record).book(), run)
                            .forEach(found -> events.add(new Numbered(events.size() + 1, run.at(), found))));
        }
        Opened opened = new Opened(
                0,
                row.craftId(),
                revision,
                came.kind(),
                came.complaint(),
                came.occasion(),
                at,
                "",
                null,
                Opened.REQUIRED);
        return new Opening(
                workUps.made(opened, List.copyOf(events)),
                RecordFinding.crashed(check, entered) ? "crash" : logKind(came.occasion()),
                WorkUpWords.SAID
                        .with("complaint", came.complaint())
                        .with("occasion", came.occasion().label())
                        .line("opened")
                        .plain(),
                lastLog);
    }

    private Found seenBefore(Recorded record, SeenBefore seen, String where) {
        Craft craft = workUps.required(record);
        Check<Craft> check = mayBeSeenBefore(record).stream()
                .filter(c -> c.id().equals(seen.checkId()))
                .findFirst()
                .orElseThrow(() -> Refusal.wrong(
                        where + ".checkId", WorkUpWords.REFUSALS.with("checkId", seen.checkId()), "no-check-before"));
        Entered entered = Entered.at(check, seen.outcomes(), seen.written());
        if (entered.answersNothing()) {
            throw Refusal.wrong(
                    where + ".outcomes", WorkUpWords.REFUSALS.with("craft", check.title(craft)), "unanswered");
        }
        return new Found(
                check.id(),
                check.toTell().map(scale -> Entered.told(scale, seen.told())).orElse(null),
                entered,
                Sureness.SURE);
    }

    /** What happened since it last flew right may make the pre-power routine due. */
    private static String logKind(Occasion occasion) {
        return switch (occasion) {
            case CRASH -> "crash";
            case PART_SWAP -> "part";
            case BUILD, WATER -> "opened";
            default -> "work-up";
        };
    }
}

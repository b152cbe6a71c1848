package ablemedic.app.routine;

import ablemedic.Families;
import ablemedic.app.chart.CraftLog;
import ablemedic.app.chart.CraftLog.LogEntry;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.Due;
import ablemedic.app.chart.Records;
import ablemedic.app.entry.Entered;
import ablemedic.app.entry.Expected;
import ablemedic.app.http.Refusal;
import ablemedic.app.meter.MeterStore;
import ablemedic.app.routine.RoutineStore.Run;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Barred;
import ablemedic.diagnosis.BenchState.ShortTest;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Proof;
import ablemedic.diagnosis.Reading;
import ablemedic.family.PrePowerConvention;
import ablemedic.family.RoutineVerdict.Kind;
import ablemedic.requirement.PowerHazard;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The routine of a craft: what it is, how it stands, and a run of it. */
@Service
public class Routines implements Due.Source {
    private static final Words SAID = Catalogue.beside(Routines.class, "words").of("routines");
    private static final Words REFUSALS =
            Catalogue.beside(Routines.class, "refusals").of("routines");
    /** Lines of the log that speak of one place under the iron. */
    private static final Set<String> ONE_PLACE = Set.of("repair", "part");

    private final RoutineStore store;
    private final CraftStore crafts;
    private final CraftLog log;
    private final MeterStore meters;
    private final OwnersConvention owners;
    private final Records records;

    Routines(
            RoutineStore store,
            CraftStore crafts,
            CraftLog log,
            MeterStore meters,
            OwnersConvention owners,
            Records records) {
        this.store = store;
        this.crafts = crafts;
        this.log = log;
        this.meters = meters;
        this.owners = owners;
        this.records = records;
    }

    /** Something else that a run of the routine is recorded in. */
    public interface Follower {
        /** Works out what follows from a run that is about to be recorded; what it gives is done along with that. */
        Runnable following(String craftId, Run run);
    }

    /**
     * How the routine of a craft stands.
     *
     * @param state passed, failed, or not done since it was last due
     * @param why what made it due, in words
     * @param line the line of the log that says so
     */
    public record Standing(ShortTest state, String why, long line, Optional<Run> newest) {
        /** Due through something that is about to be recorded. */
        public static Standing dueBy(String why) {
            return new Standing(ShortTest.NOT_DONE, why, Long.MAX_VALUE, Optional.empty());
        }
    }

    @Override
    public Optional<Due> of(String craftId) {
        Standing standing = standing(craftId);
        return standing.state() == ShortTest.PASSED
                ? Optional.empty()
                : Optional.of(new Due(
                        SAID.line("due").plain(),
                        standing.state() == ShortTest.FAILED
                                ? SAID.line("failed").plain()
                                : standing.why(),
                        "routine"));
    }

    @Override
    public int place() {
        return 1;
    }

    public List<Check<Craft>> steps(Craft craft, PrePowerConvention convention) {
        return Families.prePowerRoutine(craft, meters.get(), convention);
    }

    /** What the routine that is asked for takes on a craft, minutes. */
    public double minutes(String craftId) {
        return minutes(steps(records.of(craftId).craft(), convention(craftId)));
    }

    static double minutes(List<Check<Craft>> steps) {
        return steps.stream().mapToDouble(Check::minutes).sum();
    }

    /**
     * The convention that is asked for: quick where the owner holds to that and the occasion allows it, since the craft
     * passed before and was opened at one place only.
     */
    public PrePowerConvention convention(String craftId) {
        if (owners.get() == PrePowerConvention.FULL) {
            return PrePowerConvention.FULL;
        }
        List<String> since = new ArrayList<>();
        for (LogEntry line : log.of(craftId)) {
            if (line.kind().equals("routine")) {
                return since.size() <= 1 && ONE_PLACE.containsAll(since)
                        ? PrePowerConvention.QUICK
                        : PrePowerConvention.FULL;
            }
            if (CraftLog.OF_ROUTINE.contains(line.kind())) {
                since.add(line.kind());
            }
        }
        return PrePowerConvention.FULL;
    }

    public Standing standing(String craftId) {
        Optional<Run> newest = store.newest(craftId);
        Optional<LogEntry> last = log.lastOfRoutine(craftId);
        long line = last.map(LogEntry::id).orElse(0L);
        String barred = barred(craftId, false).battery();
        if (!barred.isEmpty()) {
            return new Standing(ShortTest.NOT_DONE, barred, line, newest);
        }
        if (newest.isEmpty() || last.isEmpty() || CraftLog.makesDue(last.get().kind())) {
            return new Standing(
                    ShortTest.NOT_DONE,
                    last.map(LogEntry::text).orElse(SAID.line("never").plain()),
                    line,
                    newest);
        }
        return new Standing(newest.get().passed() ? ShortTest.PASSED : ShortTest.FAILED, "", line, newest);
    }

    /**
     * The power that may not be put on a craft: what it would destroy by the newest sheet alone, and on a new build any
     * before the routine.
     *
     * @param newBuild whether it was just built
     */
    public Barred barred(String craftId, boolean newBuild) {
        try {
            return PowerHazard.of(crafts.newestCraft(craftId), newBuild && !log.has(craftId, "routine"));
        } catch (UnreadableRecordException e) {
            return Barred.NOTHING;
        }
    }

    static Entered entered(Check<Craft> step, Craft craft, Given given) {
        Entered entered = Entered.at(
                step, given.outcomes(), given.written() == null ? Map.of() : Map.of(Entered.ONLY, given.written()));
        if (entered.answersNothing()) {
            throw Refusal.wrong("readings." + step.id(), REFUSALS.with("craft", step.title(craft)), "unanswered");
        }
        return entered;
    }

    /** What a step should give, in words. */
    static String expected(Check<Craft> step, Craft craft) {
        return Families.routineExpectation(step, craft).orElseGet(() -> Expected.of(step, craft));
    }

    /** How a reading of a step stands against what a sound craft gives. */
    static Judgement judgement(Check<Craft> step, Craft craft, Given given) {
        Reading reading = entered(step, craft, given).reading(step.answers()).orElseThrow();
        return Families.routineVerdict(step, craft, reading)
                .map(verdict -> given.secondWay() == null ? verdict : verdict.after(given.secondWay()))
                .map(verdict ->
                        new Judgement(verdict.kind() == Kind.PASSES, verdict.why(), verdict.kind() == Kind.CANNOT_TELL))
                .orElseGet(
                        () -> new Judgement(Proof.asExpected(step, reading, craft), Expected.of(step, craft), false));
    }

    /**
     * How a reading stands.
     *
     * @param said what was expected, or what the reading says
     * @param secondWay whether it takes a second way to tell
     */
    record Judgement(boolean passed, String said, boolean secondWay) {}

    /**
     * What was given for a step.
     *
     * @param secondWay what the second way gave, where the reading alone did not tell
     */
    public record Given(
            Map<String, String> outcomes,
            @Nullable String written,
            @Nullable String secondWay) {}
}

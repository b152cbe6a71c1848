package ablemedic.app.workup;

import ablemedic.Families;
import ablemedic.app.chart.ConflictView;
import ablemedic.app.chart.CraftDrawing;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.PowerMap;
import ablemedic.app.entry.Expected;
import ablemedic.app.http.Refusal;
import ablemedic.app.routine.Routines;
import ablemedic.app.storage.Newest;
import ablemedic.app.workup.WorkUpEvent.Found;
import ablemedic.app.workup.WorkUpStore.Opened;
import ablemedic.app.workup.WorkUpVersions.Stamp;
import ablemedic.app.workup.WorkUpView.CheckCard;
import ablemedic.app.workup.WorkUpView.CheckLine;
import ablemedic.app.workup.WorkUpView.FixCard;
import ablemedic.app.workup.WorkUpView.Made;
import ablemedic.app.workup.WorkUpView.Noted;
import ablemedic.app.workup.WorkUpView.Other;
import ablemedic.app.workup.WorkUpView.ProofCard;
import ablemedic.app.workup.WorkUpView.ProofTest;
import ablemedic.app.workup.WorkUpView.Reason;
import ablemedic.app.workup.WorkUpView.Reasons;
import ablemedic.app.workup.WorkUpView.Stage;
import ablemedic.app.workup.WorkUpView.SuspectView;
import ablemedic.app.workup.WorkUpView.WorkUpConflict;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Barred;
import ablemedic.diagnosis.Belief;
import ablemedic.diagnosis.BenchRoute;
import ablemedic.diagnosis.BenchState.ShortTest;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Evidence.Finding;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.LikelihoodRatio;
import ablemedic.diagnosis.Plan;
import ablemedic.diagnosis.Planner;
import ablemedic.diagnosis.Posterior;
import ablemedic.diagnosis.Proof;
import ablemedic.diagnosis.Repair;
import ablemedic.diagnosis.Suspect;
import ablemedic.diagnosis.Why;
import ablemedic.family.BlockerBelief;
import ablemedic.requirement.Conflict;
import ablemedic.requirement.Expectation.Waits;
import ablemedic.requirement.Severity;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Semaphore;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/** Puts the view of a work-up together. */
@Component
public class WorkUpViews implements DisposableBean {
    private static final Words SAID =
            Catalogue.beside(WorkUpViews.class, "words").of("work-up-views");
    private static final Words REFUSALS =
            Catalogue.beside(WorkUpViews.class, "refusals").of("work-up-views");
    private static final Logger LOG = LoggerFactory.getLogger(WorkUpViews.class);
    private static final int VIEWS_KEPT = 64;
    /** So many are worked out behind at the most; who visits many in a row goes on with the last. */
    private static final int BEHIND = 4;

    private static final int AHEAD = 4;
    private static final int SHOWN = 8;
    private static final int SMALL_SHOWN = 30;
    private static final double WORTH_SHOWING = 0.003;
    /** A suspect at least so likely leads: what is dangerous if it is right is said at once. */
    private static final double WIRES = 0.3;
    /** What explains nothing that was found is shown only when it is likely all the same. */
    private static final double BYSTANDER_WORTH_SHOWING = 0.1;

    private final WorkUps workUps;
    private final Safeguards safeguards;
    private final Proofs proofs;
    private final WorkUpStore store;
    private final CraftStore crafts;
    private final WireKnowledge wires;
    private final Routines routines;
    private final WorkUpVersions stamps;
    private final FixCards fixes;
    private final EndStore ends;
    private final ShownStore before;
    private final ExecutorService behind = new ThreadPoolExecutor(
            1,
            1,
            0,
            TimeUnit.SECONDS,
            new ArrayBlockingQueue<>(BEHIND),
            work -> {
                Thread thread = new Thread(work, "behind");
                thread.setDaemon(true);
                return thread;
            },
            new ThreadPoolExecutor.DiscardOldestPolicy());
    private final Semaphore reasoning = new Semaphore(Runtime.getRuntime().availableProcessors(), true);
    private final Newest<Long, Stamp, WorkUpView> shown = new Newest<>(VIEWS_KEPT);

    WorkUpViews(
            WorkUps workUps,
            Safeguards safeguards,
            Proofs proofs,
            WorkUpStore store,
            CraftStore crafts,
            WireKnowledge wires,
            Routines routines,
            WorkUpVersions stamps,
            FixCards fixes,
            EndStore ends,
            ShownStore before) {
        this.ends = ends;
        this.before = before;
        this.workUps = workUps;
        this.safeguards = safeguards;
        this.proofs = proofs;
        this.store = store;
        this.crafts = crafts;
        this.wires = wires;
        this.routines = routines;
        this.stamps = stamps;
        this.fixes = fixes;
    }

    /**
     * The view of a work-up as it is stored; those who ask at once for what nobody has made yet wait for one making of
     * it.
     */
    public WorkUpView view(long id) {
        Stamp now = stamps.of(id);
        if (now == null) {
            throw Refusal.unknown("id", REFUSALS.with("id", id), "none");
        }
        return view(now);
    }

    WorkUpView view(Stamp stamp) {
        return shown.of(stamp.workUp(), stamp, () -> ends.find(stamp)
                .or(() -> again(stamp))
                .orElseGet(() -> {
                    WorkUpView made = of(workUps.get(stamp.workUp()));
                    before.later(stamp, made);
                    return made;
                }));
    }

    /**
     * What was shown before, when nothing has changed since; what the next finding needs is worked out behind
     * meanwhile.
     */
    private Optional<WorkUpView> again(Stamp stamp) {
        Optional<WorkUpView> view = keptFor(stamp, before.find(stamp));
        view.ifPresent(one -> behind.execute(() -> {
            try {
                of(workUps.get(stamp.workUp()));
            } catch (RuntimeException e) {
                LOG.debug("Work-up {} not worked out behind", stamp.workUp(), e);
            }
        }));
        return view;
    }

    /**
     * What was kept of a work-up, which may be there though what it was made from can no longer be read.
     *
     * @throws UnreadableRecordException where that is so
     */
    <V> Optional<V> keptFor(Stamp stamp, Optional<V> kept) {
        if (kept.isPresent()) {
            store.events(stamp.workUp());
            Opened opened = store.get(stamp.workUp());
            crafts.craft(opened.mark(), opened.revision());
        }
        return kept;
    }

    @Override
    public void destroy() {
        behind.shutdownNow();
    }

    /**
     * The view, with the check that the plan puts first. As many at once as there are processors, first come, first
     * served.
     */
    WorkUpView of(WorkUp workUp) {
        try {
            reasoning.acquire();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new CancellationException("nobody waits for this any more");
        }
        try {
            return workUp.closed().isPresent() ? ended(workUp) : madeOf(workUp);
        } finally {
            reasoning.release();
        }
    }

    private WorkUpView madeOf(WorkUp workUp) {
        long id = workUp.opened().id();
        Diagnosis<Craft> diagnosis = workUps.diagnosis(workUp);
        Posterior<Craft> standing = diagnosis.standing(workUp.known());
        Planner<Craft> planner = diagnosis.planner(standing, safeguards.barred(workUp));
        Plan<Craft> plan = planner.plan(workUp.bench(), workUp.skipped().keySet());
        double routine = routineMinutes(workUp);
        CheckCards cards = new CheckCards(diagnosis, standing, workUp, routine, safeguards.barred(workUp));
        Proof<Craft> proof = proofs.of(workUp);
        Optional<Suspect<Craft>> worthFixing = planner.worthFixing(plan);
        String notYetFlown = flies(proof) ? Safeguards.notYetFlown(workUp, standing) : "";
        Stage stage = stage(workUp, proof, worthFixing, notYetFlown.isEmpty());
        Optional<Plan.Step<Craft>> next = plan.next();
        Craft sound = workUp.known().soundNow();
        List<Noted> noted = noted(workUp);
        Map<Integer, String> titles = titles(noted);
        List<Suspect<Craft>> listed = listed(standing);
        return new WorkUpView(
                id,
                workUp.version(),
                workUp.opened().mark(),
                crafts.get(workUp.opened().mark()).name(),
                CraftDrawing.of(sound),
                map(workUp, standing),
                workUp.opened().complaint(),
                complaintGone(workUp),
                workUp.opened().occasion().label(),
                workUp.opened().openedAt(),
                workUp.minutes(),
                stage,
                "",
                workUp.bench(),
                hazards(workUp, standing),
                conflicts(workUp, standing),
                noted,
                suspects(workUp, standing, listed, titles),
                notInBook(workUp, standing, titles),
                standing.nothingLeft(),
                standing.astray(),
                rest(workUp, standing, listed),
                misfits(workUp, standing),
                notYetFlown,
                hazardous(workUp, standing)
                        .or(() -> next)
                        .map(step -> cards.card(step.check(), step.bits()))
                        .orElse(null),
                planner.lookAhead(workUp.bench(), workUp.skipped().keySet(), AHEAD).stream()
                        .skip(1)
                        .map(c -> c.title(sound).plain())
                        .toList(),
                checks(workUp, plan, routine),
                worthFixing.map(suspect -> fixes.of(suspect, standing, workUp)).orElse(null),
                made(workUp),
                workUp.repairs().isEmpty()
                        ? null
                        : proofCard(
                                proof,
                                workUp,
                                proof.next().map(t -> cards.card(t.check(), 0)).orElse(null)),
                stage == Stage.FIXING
                                && worthFixing
                                        .filter(suspect -> underTheIron(suspect, workUp))
                                        .isPresent()
                        ? Cautions.whileFixing()
                        : List.of(),
                locks(workUp, standing));
    }

    /** A work-up that has ended, with nothing to do next. */
    private WorkUpView ended(WorkUp workUp) {
        Posterior<Craft> standing = workUps.diagnosis(workUp).standing(workUp.known());
        List<Noted> noted = noted(workUp);
        Map<Integer, String> titles = titles(noted);
        List<Suspect<Craft>> listed = listed(standing);
        return new WorkUpView(
                workUp.opened().id(),
                workUp.version(),
                workUp.opened().mark(),
                crafts.get(workUp.opened().mark()).name(),
                CraftDrawing.of(workUp.known().soundNow()),
                map(workUp, standing),
                workUp.opened().complaint(),
                complaintGone(workUp),
                workUp.opened().occasion().label(),
                workUp.opened().openedAt(),
                workUp.minutes(),
                Stage.CLOSED,
                workUp.closed().map(c -> c.end().label()).orElse(""),
                workUp.bench(),
                hazards(workUp, standing),
                conflicts(workUp, standing),
                noted,
                suspects(workUp, standing, listed, titles),
                notInBook(workUp, standing, titles),
                standing.nothingLeft(),
                standing.astray(),
                rest(workUp, standing, listed),
                misfits(workUp, standing),
                "",
                null,
                List.of(),
                List.of(),
                null,
                made(workUp),
                workUp.repairs().isEmpty() ? null : proofCard(proofs.of(workUp), workUp, null),
                List.of(),
                locks(workUp, standing));
    }

    private static @Nullable List<BlockerBelief> locks(WorkUp workUp, Posterior<Craft> standing) {
        List<BlockerBelief> blockers = Families.armingBlockers(workUp.opened().complaintKind(), standing);
        return blockers.isEmpty() ? null : blockers;
    }

    private String complaintGone(WorkUp workUp) {
        return workUps.complaint(workUp).isPresent()
                ? ""
                : SAID.line("complaint-gone").plain();
    }

    /** What the routine takes where it is due; on any other bench no way leads over it. */
    private double routineMinutes(WorkUp workUp) {
        return workUp.bench().shortTest() == ShortTest.NOT_DONE
                ? routines.minutes(workUp.opened().mark())
                : 0;
    }

    private @Nullable PowerMap map(WorkUp workUp, Posterior<Craft> standing) {
        Craft sound = workUp.known().sound();
        return sound.electrics().sheet().isEmpty()
                ? null
                : PowerMap.of(
                        sound.electrics().wiring(),
                        wires.states(workUp.routine(), sound, Optional.of(workUp), Optional.of(standing)));
    }

    /** The wire and power map of a craft, with what its routine and its open work-up have shown. */
    PowerMap map(String mark, Optional<Long> open) {
        if (open.isPresent()) {
            WorkUp workUp = workUps.get(open.get());
            PowerMap map = map(workUp, workUps.diagnosis(workUp).standing(workUp.known()));
            if (map != null) {
                return map;
            }
        }
        Craft craft = crafts.newestCraft(mark);
        return PowerMap.of(
                craft.electrics().wiring(),
                wires.states(routines.standing(mark), craft, Optional.empty(), Optional.empty()));
    }

    /** The card of any check, asked for out of turn. */
    CheckCard card(long id, String checkId) {
        WorkUp workUp = workUps.get(id);
        Diagnosis<Craft> diagnosis = workUps.diagnosis(workUp);
        Posterior<Craft> standing = diagnosis.standing(workUp.known());
        Check<Craft> check = WorkUps.check(workUp, checkId);
        return new CheckCards(diagnosis, standing, workUp, routineMinutes(workUp), safeguards.barred(workUp))
                .card(check, diagnosis.planner(standing).bits(check));
    }

    /** The ways to put any fault right, asked for out of turn. */
    FixCard fixCard(long id, String faultId) {
        WorkUp workUp = workUps.get(id);
        Fault<Craft> fault = WorkUps.fault(workUp, faultId);
        double belief = workUps.diagnosis(workUp).standing(workUp.known()).everHeld(faultId);
        return fixes.of(fault, belief, false, workUp);
    }

    /** Whether the flight is what the proof asks for next. */
    private static boolean flies(Proof<Craft> proof) {
        return proof.next().filter(test -> Families.isFlight(test.check())).isPresent();
    }

    private static Stage stage(
            WorkUp workUp, Proof<Craft> proof, Optional<Suspect<Craft>> worthFixing, boolean mayFly) {
        boolean failed = proof.tests().stream().anyMatch(t -> t.state() == Proof.State.FAILED);
        if (!proof.tests().isEmpty() && !failed && worthFixing.isEmpty() && mayFly) {
            return Stage.PROVING;
        }
        return worthFixing.isPresent() ? Stage.FIXING : Stage.LOOKING;
    }

    private List<Noted> noted(WorkUp workUp) {
        return new NotedLines(workUp, () -> workUps.asOpened(workUp), wires).all();
    }

    private static List<Suspect<Craft>> listed(Posterior<Craft> standing) {
        Set<String> explaining = standing.explaining();
        return standing.suspects().stream()
                .filter(s -> s.belief() >= (explaining.contains(s.remedy()) ? WORTH_SHOWING : BYSTANDER_WORTH_SHOWING))
                .limit(SHOWN)
                .toList();
    }

    private static WorkUpView.Rest rest(WorkUp workUp, Posterior<Craft> standing, List<Suspect<Craft>> listed) {
        Posterior.Whole whole =
                standing.whole(listed.stream().map(Suspect::remedy).collect(Collectors.toSet()));
        List<Suspect<Craft>> others =
                standing.suspects().stream().filter(s -> !listed.contains(s)).toList();
        return new WorkUpView.Rest(
                others.size(),
                whole.small(),
                others.stream()
                        .limit(SMALL_SHOWN)
                        .map(s -> s.leading().describe(workUp.known().sound()).plain())
                        .toList(),
                whole.twice(),
                whole.nothing());
    }

    private static List<WorkUpView.Misfit> misfits(WorkUp workUp, Posterior<Craft> standing) {
        Craft sound = workUp.known().sound();
        List<WorkUpView.Misfit> misfits = new ArrayList<>();
        for (Posterior.Misfit misfit : standing.misfits()) {
            int n = workUp.evidenceNumbers().get(misfit.evidence());
            if (workUp.events().get(n - 1).event() instanceof Found found) {
                workUp.answered(found)
                        .ifPresent(check -> misfits.add(new WorkUpView.Misfit(
                                n,
                                check.id(),
                                check.title(sound).plain(),
                                String.join(", ", WorkUp.answers(check, found, sound)),
                                misfit.expected().plain(sound.naming()))));
            }
        }
        return misfits;
    }

    private static List<SuspectView> suspects(
            WorkUp workUp, Posterior<Craft> standing, List<Suspect<Craft>> listed, Map<Integer, String> titles) {
        Craft sound = workUp.known().sound();
        return listed.stream()
                .map(s -> new SuspectView(
                        s.leading().id(),
                        s.leading().kind(),
                        s.leading().describe(sound).plain(),
                        s.faults().stream()
                                .skip(1)
                                .filter(b -> b.belief() >= WORTH_SHOWING)
                                .map(b -> b.fault().describe(sound).plain())
                                .toList(),
                        s.belief(),
                        Belief.of(s.belief()).label(),
                        reasons(workUp, titles, standing.why(s.remedy())),
                        corners(s, sound)))
                .toList();
    }

    /** The corners where the suspected craft differs from the sound one. */
    private static List<Corner> corners(Suspect<Craft> suspect, Craft sound) {
        Craft faulty = suspect.leading().applyTo(sound);
        return Corner.ALL.stream()
                .filter(c -> !faulty.arm(c).equals(sound.arm(c)) || faulty.outputAt(c) != sound.outputAt(c))
                .toList();
    }

    private static Other notInBook(WorkUp workUp, Posterior<Craft> standing, Map<Integer, String> titles) {
        return new Other(
                standing.notInBook(),
                Belief.of(standing.notInBook()).label(),
                reasons(workUp, titles, standing.whyNotInBook()));
    }

    private static Map<Integer, String> titles(List<Noted> noted) {
        Map<Integer, String> titles = new HashMap<>();
        noted.forEach(n ->
                titles.put(n.n(), n.title() + (n.answers().isEmpty() ? "" : ": " + String.join(", ", n.answers()))));
        return titles;
    }

    private static Reasons reasons(WorkUp workUp, Map<Integer, String> titles, Why why) {
        List<Reason> reasons = new ArrayList<>();
        for (int k = 0; k < why.ratios().size(); k++) {
            int n = workUp.evidenceNumbers().get(k);
            double ratio = Math.max(1e-9, Math.min(1e9, why.ratios().get(k)));
            reasons.add(new Reason(
                    n,
                    titles.getOrDefault(n, ""),
                    ratio,
                    LikelihoodRatio.of(ratio).label()));
        }
        return new Reasons(why.startingOdds(), reasons);
    }

    private static List<CheckLine> checks(WorkUp workUp, Plan<Craft> plan, double routine) {
        Map<String, Plan.Step<Craft>> planned = new HashMap<>();
        plan.steps().forEach(step -> planned.put(step.check().id(), step));
        Craft sound = workUp.known().soundNow();
        List<CheckLine> lines = new ArrayList<>();
        Map<String, Check<Craft>> all = new LinkedHashMap<>();
        workUp.book().checks().forEach(check -> all.put(check.id(), check));
        plan.steps().forEach(step -> all.putIfAbsent(step.check().id(), step.check()));
        for (Check<Craft> check : all.values()) {
            if (!check.explores()) {
                continue;
            }
            Optional<Plan.Step<Craft>> step = Optional.ofNullable(planned.get(check.id()));
            lines.add(new CheckLine(
                    check.id(),
                    check.title(sound).plain(),
                    step.map(Plan.Step::bits).orElse(0.0),
                    check.minutes()
                            + step.flatMap(Plan.Step::route)
                                    .map(route -> route.minutesWith(routine))
                                    .orElse(0.0),
                    workUp.known().evidence().stream()
                            .anyMatch(ev -> ev instanceof Finding<Craft> f
                                    && f.check().id().equals(check.id())),
                    workUp.skipped().getOrDefault(check.id(), 0),
                    step.map(s -> !s.unlocks().isEmpty()).orElse(false)));
        }
        return lines;
    }

    /** Whether any way to put a suspect right is more than a change of settings. */
    private static boolean underTheIron(Suspect<Craft> suspect, WorkUp workUp) {
        Craft sound = workUp.known().sound();
        return suspect.leading().fixes(sound).stream().anyMatch(fix -> Families.opens(sound, suspect.leading(), fix));
    }

    private static List<Made> made(WorkUp workUp) {
        List<Made> made = new ArrayList<>();
        for (Map.Entry<Integer, Repair<Craft>> entry : workUp.repairs().entrySet()) {
            Repair<Craft> repair = entry.getValue();
            made.add(new Made(
                    entry.getKey(),
                    workUp.events().get(entry.getKey() - 1).at(),
                    repair.fault().describe(workUp.known().sound()).plain(),
                    repair.fix().title().plain(),
                    FixCards.values(repair.fix())));
        }
        return made;
    }

    private static ProofTest proofTest(Proof.Test<Craft> test, WorkUp workUp, Craft sound) {
        String waits = Safeguards.waits(workUp, test.check()).map(Waits::why).orElse("");
        return new ProofTest(
                test.check().id(),
                test.check().title(sound).plain(),
                waits.isEmpty() ? Expected.of(test.check(), sound) : "",
                waits,
                test.state().name());
    }

    /**
     * What hurts somebody or destroys something as the craft stands: by its record, and if the leading suspect is
     * right.
     */
    private List<String> hazards(WorkUp workUp, Posterior<Craft> standing) {
        Barred barred = safeguards.barred(workUp);
        List<String> hazards = new ArrayList<>(Stream.of(barred.battery(), barred.usb())
                .filter(why -> !why.isEmpty())
                .distinct()
                .limit(1)
                .toList());
        workUp.required().open().stream()
                .filter(one -> one.severity() == Severity.HAZARD
                        && !one.id().startsWith("supply-")
                        && !isFixed(workUp, "recorded-" + one.id()))
                .forEach(one -> hazards.add(
                        SAID.with("cause", one.cause()).line("hazard").plain()));
        Craft now = workUp.known().soundNow();
        standing.suspects().stream()
                .findFirst()
                .filter(first -> first.belief() >= WIRES && !first.leading().isRecorded())
                .ifPresent(first -> Families.violations(first.leading().applyTo(now)).stream()
                        .filter(one -> one.severity() == Severity.HAZARD
                                && Families.violations(now).stream()
                                        .noneMatch(known -> known.id().equals(one.id())))
                        .forEach(one -> hazards.add(SAID.with("cause", one.cause())
                                .line("hazard-if")
                                .plain())));
        return List.copyOf(hazards);
    }

    private static boolean isFixed(WorkUp workUp, String faultId) {
        return workUp.repairs().values().stream()
                .anyMatch(repair -> repair.fault().id().equals(faultId));
    }

    private static List<WorkUpConflict> conflicts(WorkUp workUp, Posterior<Craft> standing) {
        Set<String> apart =
                standing.apart().stream().map(one -> one.leading().id()).collect(Collectors.toSet());
        return workUp.required().conflicts().stream()
                .map(one -> new WorkUpConflict(
                        ConflictView.of(one),
                        standing.everHeld(one.id()),
                        apart.contains(one.id()),
                        isFixed(workUp, one.id()),
                        likeliest(one, standing)))
                .toList();
    }

    private static int likeliest(Conflict conflict, Posterior<Craft> standing) {
        double rest = 1 - standing.everHeld(conflict.id());
        int best = 1;
        double most = rest;
        for (int way = 1; way < conflict.ways().size(); way++) {
            most -= standing.everHeld(conflict.id() + "-otherwise-" + way);
        }
        for (int way = 1; way < conflict.ways().size(); way++) {
            double belief = standing.everHeld(conflict.id() + "-otherwise-" + way);
            if (belief > most) {
                most = belief;
                best = way + 1;
            }
        }
        return best;
    }

    /** Where power would destroy a part, the look at its wire comes before anything else. */
    private Optional<Plan.Step<Craft>> hazardous(WorkUp workUp, Posterior<Craft> standing) {
        if (safeguards.barred(workUp).battery().isEmpty() || workUp.closed().isPresent()) {
            return Optional.empty();
        }
        return workUp.required().conflicts().stream()
                .filter(one -> one.root().severity() == Severity.HAZARD
                        && one.root().id().startsWith("supply-")
                        && !isFixed(workUp, one.id()))
                .flatMap(one -> workUp.book().check("look-" + one.id()).stream())
                .filter(look -> workUp.gave(look).isEmpty() && !workUp.skipped().containsKey(look.id()))
                .findFirst()
                .map(look -> new Plan.Step<>(
                        look,
                        0,
                        BenchRoute.from(workUp.bench(), look.needs(), safeguards.barred(workUp)),
                        look.minutes(),
                        0));
    }

    private static ProofCard proofCard(Proof<Craft> proof, WorkUp workUp, @Nullable CheckCard next) {
        return new ProofCard(
                proof.tests().stream()
                        .map(t -> proofTest(t, workUp, workUp.known().soundNow()))
                        .toList(),
                proof.passes(),
                next);
    }
}

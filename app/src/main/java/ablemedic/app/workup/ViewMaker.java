package ablemedic.app.workup;

import ablemedic.Families;
import ablemedic.app.chart.CraftDrawing;
import ablemedic.app.workup.WorkUpView.Ahead;
import ablemedic.app.workup.WorkUpView.Caution;
import ablemedic.app.workup.WorkUpView.Findings;
import ablemedic.app.workup.WorkUpView.Fixing;
import ablemedic.app.workup.WorkUpView.Head;
import ablemedic.app.workup.WorkUpView.Made;
import ablemedic.app.workup.WorkUpView.Noted;
import ablemedic.app.workup.WorkUpView.OnBench;
import ablemedic.app.workup.WorkUpView.ProofCard;
import ablemedic.app.workup.WorkUpView.Stage;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Barred;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Plan;
import ablemedic.diagnosis.Planner;
import ablemedic.diagnosis.Posterior;
import ablemedic.diagnosis.Proof;
import ablemedic.diagnosis.Repair;
import ablemedic.diagnosis.Suspect;
import ablemedic.family.BlockerBelief;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Puts the view of a work-up together, by reasoning about it as it stands. */
@Component
class ViewMaker {
    private static final Words SAID = Catalogue.beside(ViewMaker.class, "words").of("view-maker");
    private static final int AHEAD = 4;

    private final WorkUps workUps;
    private final Safeguards safeguards;
    private final Proofs proofs;
    private final Cards cards;
    private final WorkUpMaps maps;
    private final WireKnowledge wires;

    ViewMaker(
            WorkUps workUps, Safeguards safeguards, Proofs proofs, Cards cards, WorkUpMaps maps, WireKnowledge wires) {
        this.workUps = workUps;
        this.safeguards = safeguards;
        this.proofs = proofs;
        this.cards = cards;
        this.maps = maps;
        this.wires = wires;
    }

    /** The view as the work-up stands, with the check that the plan puts first; of an ended one, with nothing to do. */
    WorkUpView of(WorkUp workUp) {
        Diagnosis<Craft> diagnosis = workUps.diagnosis(workUp);
        Posterior<Craft> posterior = diagnosis.posterior(workUp.known());
        Barred barred = safeguards.barred(workUp);
        Doing doing = workUp.closed().isPresent() ? ended(workUp) : open(workUp, diagnosis, posterior, barred);
        List<Noted> noted = new NotedLines(workUp, () -> workUps.asOpened(workUp), wires).all();
        BeliefsOfWorkUp beliefs = new BeliefsOfWorkUp(workUp, posterior, noted);
        return new WorkUpView(
                head(workUp),
                doing.stage(),
                onBench(workUp, posterior, barred),
                new Findings(noted, beliefs.misfits()),
                beliefs.all(),
                doing.ahead(),
                doing.fixing(),
                doing.proof());
    }

    /** What is being done in a work-up, and what comes next. */
    private record Doing(
            Stage stage,
            Ahead ahead,
            Fixing fixing,
            @Nullable ProofCard proof) {}

    private Doing open(WorkUp workUp, Diagnosis<Craft> diagnosis, Posterior<Craft> posterior, Barred barred) {
        Planner<Craft> planner = diagnosis.planner(posterior, barred);
        Plan<Craft> plan = planner.plan(workUp.bench(), workUp.skipped().keySet());
        CheckCards checks = cards.ofChecks(workUp, diagnosis, posterior, barred);
        Proof<Craft> proof = proofs.of(workUp);
        Optional<Suspect<Craft>> worthFixing = planner.worthFixing(plan);
        String notYetFlown = ProofCards.flies(proof) ? Safeguards.notYetFlown(workUp, posterior) : "";
        Stage stage = stage(proof, worthFixing.isPresent(), notYetFlown.isEmpty());
        Optional<Plan.Step<Craft>> next =
                new HazardsOfWorkUp(workUp, barred).firstLook().or(plan::next);
        Craft sound = workUp.known().soundNow();
        Ahead ahead = new Ahead(
                next.map(step -> checks.card(step.check(), step.bits())).orElse(null),
                planner.lookAhead(workUp.bench(), workUp.skipped().keySet(), AHEAD).stream()
                        .skip(1)
                        .map(check -> check.title(sound).plain())
                        .toList(),
                CheckLines.of(workUp, plan, cards.routineMinutes(workUp)));
        Fixing fixing = new Fixing(
                notYetFlown,
                worthFixing
                        .map(suspect -> cards.fix(workUp, posterior, suspect))
                        .orElse(null),
                made(workUp),
                cautions(workUp, stage, worthFixing));
        return new Doing(
                stage,
                ahead,
                fixing,
                workUp.repairs().isEmpty()
                        ? null
                        : ProofCards.of(
                                proof,
                                workUp,
                                proof.next()
                                        .map(test -> checks.card(test.check(), 0))
                                        .orElse(null)));
    }

    private Doing ended(WorkUp workUp) {
        return new Doing(
                Stage.CLOSED,
                Ahead.NOTHING,
                new Fixing("", null, made(workUp), List.of()),
                workUp.repairs().isEmpty() ? null : ProofCards.of(proofs.of(workUp), workUp, null));
    }

    private Head head(WorkUp workUp) {
        return new Head(
                workUp.opened().id(),
                workUp.version(),
                workUp.opened().craftId(),
                workUps.craftName(workUp),
                workUp.opened().complaint(),
                workUps.complaint(workUp).isPresent()
                        ? ""
                        : SAID.line("complaint-gone").plain(),
                workUp.opened().occasion().label(),
                workUp.opened().openedAt(),
                workUp.minutes(),
                workUp.closed().map(closed -> closed.end().label()).orElse(""));
    }

    private OnBench onBench(WorkUp workUp, Posterior<Craft> posterior, Barred barred) {
        List<BlockerBelief> blockers = Families.armingBlockers(workUp.opened().complaintKind(), posterior);
        return new OnBench(
                CraftDrawing.of(workUp.known().soundNow()),
                maps.of(workUp, posterior),
                workUp.bench(),
                new HazardsOfWorkUp(workUp, barred).sentences(posterior),
                ConflictsOfWorkUp.of(workUp, posterior),
                blockers.isEmpty() ? null : blockers);
    }

    private static Stage stage(Proof<Craft> proof, boolean fixes, boolean mayFly) {
        boolean failed = proof.tests().stream().anyMatch(test -> test.state() == Proof.State.FAILED);
        if (!proof.tests().isEmpty() && !failed && !fixes && mayFly) {
            return Stage.PROVING;
        }
        return fixes ? Stage.FIXING : Stage.LOOKING;
    }

    private static List<Caution> cautions(WorkUp workUp, Stage stage, Optional<Suspect<Craft>> worthFixing) {
        return stage == Stage.FIXING
                        && worthFixing
                                .filter(suspect -> underTheIron(suspect, workUp))
                                .isPresent()
                ? Cautions.whileFixing()
                : List.of();
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
}

package ablemedic.app.workup;

import ablemedic.app.workup.WorkUpEvent.Found;
import ablemedic.app.workup.WorkUpView.Beliefs;
import ablemedic.app.workup.WorkUpView.Misfit;
import ablemedic.app.workup.WorkUpView.Noted;
import ablemedic.app.workup.WorkUpView.Other;
import ablemedic.app.workup.WorkUpView.Reason;
import ablemedic.app.workup.WorkUpView.Reasons;
import ablemedic.app.workup.WorkUpView.Rest;
import ablemedic.app.workup.WorkUpView.SuspectView;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Belief;
import ablemedic.diagnosis.LikelihoodRatio;
import ablemedic.diagnosis.Posterior;
import ablemedic.diagnosis.Suspect;
import ablemedic.diagnosis.Why;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** What is believed in a work-up, as its screen lists it: suspects with their reasons, and what is beside them. */
final class BeliefsOfWorkUp {
    private static final int SHOWN = 8;
    private static final int SMALL_SHOWN = 30;
    private static final double WORTH_SHOWING = 0.003;
    /** What explains nothing that was found is shown only when it is likely all the same. */
    private static final double BYSTANDER_WORTH_SHOWING = 0.1;

    private final WorkUp workUp;
    private final Posterior<Craft> posterior;
    private final List<Suspect<Craft>> listed;
    private final Map<Integer, String> titles;

    BeliefsOfWorkUp(WorkUp workUp, Posterior<Craft> posterior, List<Noted> noted) {
        this.workUp = workUp;
        this.posterior = posterior;
        this.listed = listed(posterior);
        this.titles = titles(noted);
    }

    Beliefs all() {
        return new Beliefs(suspects(), notInBook(), posterior.nothingLeft(), posterior.astray(), rest());
    }

    private static List<Suspect<Craft>> listed(Posterior<Craft> posterior) {
        Set<String> explaining = posterior.explaining();
        return posterior.suspects().stream()
                .filter(s -> s.belief() >= (explaining.contains(s.remedy()) ? WORTH_SHOWING : BYSTANDER_WORTH_SHOWING))
                .limit(SHOWN)
                .toList();
    }

    private Rest rest() {
        Posterior.Whole whole =
                posterior.whole(listed.stream().map(Suspect::remedy).collect(Collectors.toSet()));
        List<Suspect<Craft>> others =
                posterior.suspects().stream().filter(s -> !listed.contains(s)).toList();
        return new Rest(
                others.size(),
                whole.small(),
                others.stream()
                        .limit(SMALL_SHOWN)
                        .map(s -> s.leading().describe(workUp.known().sound()).plain())
                        .toList(),
                whole.twice(),
                whole.nothing());
    }

    List<Misfit> misfits() {
        Craft sound = workUp.known().sound();
        List<Misfit> misfits = new ArrayList<>();
        for (Posterior.Misfit misfit : posterior.misfits()) {
            int n = workUp.evidenceNumbers().get(misfit.evidence());
            if (workUp.events().get(n - 1).event() instanceof Found found) {
                workUp.answered(found)
                        .ifPresent(check -> misfits.add(new Misfit(
                                n,
                                check.id(),
                                check.title(sound).plain(),
                                String.join(", ", WorkUp.answers(check, found, sound)),
                                misfit.expected().plain(sound.naming()))));
            }
        }
        return misfits;
    }

    private List<SuspectView> suspects() {
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
                        reasons(posterior.why(s.remedy())),
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

    private Other notInBook() {
        return new Other(
                posterior.notInBook(), Belief.of(posterior.notInBook()).label(), reasons(posterior.whyNotInBook()));
    }

    private static Map<Integer, String> titles(List<Noted> noted) {
        Map<Integer, String> titles = new HashMap<>();
        noted.forEach(n ->
                titles.put(n.n(), n.title() + (n.answers().isEmpty() ? "" : ": " + String.join(", ", n.answers()))));
        return titles;
    }

    private Reasons reasons(Why why) {
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
}

package ablemedic.app.workup;

import ablemedic.Families;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Barred;
import ablemedic.diagnosis.BenchRoute;
import ablemedic.diagnosis.Plan;
import ablemedic.diagnosis.Posterior;
import ablemedic.requirement.Severity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What hurts somebody or destroys something on the craft of a work-up, and which look comes first because of it. */
final class HazardsOfWorkUp {
    private static final Words SAID =
            Catalogue.beside(HazardsOfWorkUp.class, "words").of("hazards-of-work-up");
    /** A suspect at least so likely leads: what is dangerous if it is right is said at once. */
    private static final double LEADING = 0.3;

    private final WorkUp workUp;
    private final Barred barred;

    /** @param barred power that may not be put on the craft */
    HazardsOfWorkUp(WorkUp workUp, Barred barred) {
        this.workUp = workUp;
        this.barred = barred;
    }

    /**
     * What hurts somebody or destroys something as the craft stands: by its record, and if the leading suspect is
     * right.
     */
    List<String> sentences(Posterior<Craft> posterior) {
        List<String> hazards = new ArrayList<>(Stream.of(barred.battery(), barred.usb())
                .filter(why -> !why.isEmpty())
                .distinct()
                .limit(1)
                .toList());
        workUp.required().open().stream()
                .filter(one -> one.severity() == Severity.HAZARD
                        && !one.id().startsWith("supply-")
                        && !workUp.isFixed("recorded-" + one.id()))
                .forEach(one -> hazards.add(
                        SAID.with("cause", one.cause()).line("hazard").plain()));
        Craft now = workUp.known().soundNow();
        posterior.suspects().stream()
                .findFirst()
                .filter(first -> first.belief() >= LEADING && !first.leading().isRecorded())
                .ifPresent(first -> Families.violations(first.leading().applyTo(now)).stream()
                        .filter(one -> one.severity() == Severity.HAZARD
                                && Families.violations(now).stream()
                                        .noneMatch(known -> known.id().equals(one.id())))
                        .forEach(one -> hazards.add(SAID.with("cause", one.cause())
                                .line("hazard-if")
                                .plain())));
        return List.copyOf(hazards);
    }

    /** Where power would destroy a part, the look at its wire comes before anything else. */
    Optional<Plan.Step<Craft>> firstLook() {
        if (barred.battery().isEmpty() || workUp.closed().isPresent()) {
            return Optional.empty();
        }
        return workUp.required().conflicts().stream()
                .filter(one -> one.root().severity() == Severity.HAZARD
                        && one.root().id().startsWith("supply-")
                        && !workUp.isFixed(one.id()))
                .flatMap(one -> workUp.book().check("look-" + one.id()).stream())
                .filter(look -> workUp.gave(look).isEmpty() && !workUp.skipped().containsKey(look.id()))
                .findFirst()
                .map(look -> new Plan.Step<>(
                        look, 0, BenchRoute.from(workUp.bench(), look.needs(), barred), look.minutes(), 0));
    }
}

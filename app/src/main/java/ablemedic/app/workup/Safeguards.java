package ablemedic.app.workup;

import ablemedic.Families;
import ablemedic.app.routine.Routines;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Barred;
import ablemedic.diagnosis.BenchNeeds.Want;
import ablemedic.diagnosis.BenchState;
import ablemedic.diagnosis.BenchState.ShortTest;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Posterior;
import ablemedic.requirement.Expectation;
import ablemedic.requirement.Expectation.Waits;
import ablemedic.requirement.Severity;
import ablemedic.requirement.Violation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What speaks against doing something to a craft as it stands on the bench. */
@Component
public class Safeguards {
    /** A craft is flown when nothing wrong any more is at least so likely. */
    private static final double LIKELY_SOUND = 0.5;

    private final WorkUps workUps;
    private final Routines routines;

    Safeguards(WorkUps workUps, Routines routines) {
        this.workUps = workUps;
        this.routines = routines;
    }

    /** Every guard that speaks against making a check as things stand; none where it can be made. */
    List<String> guards(WorkUp workUp, Check<Craft> check) {
        List<String> guards = new ArrayList<>();
        Barred barred = barred(workUp);
        if (check.needs().battery() == Want.YES && !barred.battery().isEmpty()) {
            guards.add(barred.battery());
        }
        if (check.needs().usb() == Want.YES && !barred.usb().isEmpty()) {
            guards.add(barred.usb());
        }
        String flight = Families.isFlight(check) ? notYetFlown(workUp) : "";
        if (!flight.isEmpty()) {
            guards.add(flight);
        }
        if (!check.needs().metBy(workUp.bench())) {
            guards.add(WorkUpWords.SAID.line("locked").plain());
        }
        return guards;
    }

    /** The power that may not be put on the craft of a work-up. */
    public Barred barred(long id) {
        return barred(workUps.get(id));
    }

    /** The same. */
    Barred barred(WorkUp workUp) {
        return routines.barred(workUp.opened().craftId(), workUp.opened().occasion() == Occasion.BUILD);
    }

    /** All that makes a state dangerous, or says more of the pre-power routine than was done. */
    List<String> objections(WorkUp workUp, BenchState state) {
        String craftId = workUp.opened().craftId();
        List<String> objections = new ArrayList<>();
        String barred = barred(workUp).objection(state);
        if (!barred.isEmpty()) {
            objections.add(barred);
        }
        Routines.Standing routine = routines.standing(craftId);
        if (state.shortTest() == ShortTest.PASSED
                && workUp.bench().shortTest() != ShortTest.PASSED
                && routine.state() != ShortTest.PASSED) {
            objections.add(WorkUpWords.SAID
                    .with("craft", craftId)
                    .with("why", routine.why())
                    .line(routine.state() == ShortTest.FAILED ? "pre-power-failed" : "pre-power-due")
                    .plain());
        }
        objections.addAll(state.objections());
        return objections;
    }

    /** What of the record a check waits for, which is not put right yet. */
    static Optional<Waits> waits(WorkUp workUp, Check<Craft> check) {
        return workUp.opened().isAsRecorded()
                ? Optional.empty()
                : Expectation.after(
                        check,
                        workUp.required(),
                        workUp.known().soundNow(),
                        workUp.known().repairs().stream()
                                .map(repair -> repair.fault().id())
                                .collect(Collectors.toSet()));
    }

    /**
     * Why a craft is not to be flown yet; empty where nothing speaks against it.
     *
     * @param posterior what is believed of it
     */
    static String notYetFlown(WorkUp workUp, Posterior<Craft> posterior) {
        Craft sound = workUp.known().soundNow();
        Optional<Violation> hazard = workUp.opened().isAsRecorded()
                ? Optional.empty()
                : workUp.required().open().stream()
                        .filter(one -> one.severity() == Severity.HAZARD)
                        .filter(one -> workUp.repairs().values().stream()
                                .noneMatch(repair -> repair.fault().id().equals("recorded-" + one.id())))
                        .findFirst();
        if (hazard.isPresent()) {
            return WorkUpWords.SAID
                    .with("cause", hazard.get().cause())
                    .line("hazard")
                    .plain();
        }
        Optional<Waits> waits =
                waits(workUp, Families.beforeFlight(workUp.known()).flight());
        if (waits.isPresent()) {
            return WorkUpWords.SAID.with("why", waits.get().why()).line("waits").plain();
        }
        List<Check<Craft>> missing = Families.beforeFlight(workUp.known()).missing(workUp.known());
        if (!missing.isEmpty()) {
            return WorkUpWords.SAID
                    .with(
                            "checks",
                            String.join(
                                    "; ",
                                    missing.stream()
                                            .map(check -> check.title(sound).plain())
                                            .toList()))
                    .line("missing")
                    .plain();
        }
        double left =
                Math.min(posterior.explained(), posterior.nothingLeftBut(fault -> Families.takesOffWith(sound, fault)));
        return posterior.nothingLeft() >= LIKELY_SOUND || left >= LIKELY_SOUND
                ? ""
                : WorkUpWords.SAID
                        .with("likely", WorkUpWords.percent(left))
                        .line("unlikely")
                        .plain();
    }

    private String notYetFlown(WorkUp workUp) {
        return notYetFlown(workUp, workUps.diagnosis(workUp).posterior(workUp.known()));
    }
}

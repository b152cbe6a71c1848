package ablemedic.diagnosis;

import ablemedic.diagnosis.Evidence.Finding;
import ablemedic.diagnosis.Proof.State;
import java.util.List;
import java.util.function.Predicate;

/**
 * What has to be seen before a system is flown: at the bench, since the last repair that opened it, and since it last
 * came down hard.
 *
 * @param flight the check that is a flight
 * @param checks what has to be seen before it, in full
 * @param opens whether a repair was more than a change of settings
 * @param crashes whether a finding says that it came down hard
 */
public record BeforeFlight<S>(
        Check<S> flight, List<Check<S>> checks, Predicate<Repair<S>> opens, Predicate<Finding<S>> crashes) {
    public BeforeFlight {
        checks = List.copyOf(checks);
    }

    /** Where nothing has to be seen before a flight. */
    public static <S> BeforeFlight<S> nothing(Check<S> flight) {
        return new BeforeFlight<>(flight, List.of(), repair -> false, finding -> false);
    }

    boolean isFlight(Check<S> check) {
        return check.id().equals(flight.id());
    }

    /** The checks that have still to be seen. */
    public List<Check<S>> missing(Case<S> known) {
        return checks.stream()
                .filter(check -> state(known, check) != State.PASSED)
                .toList();
    }

    /** How one of the checks stands by the last finding of it that still counts. */
    State state(Case<S> known, Check<S> check) {
        State state = State.TO_DO;
        for (Evidence<S> evidence : known.evidence()) {
            if (evidence instanceof Evidence.CameDown<S>) {
                state = State.TO_DO;
            } else if (evidence instanceof Finding<S> finding) {
                if (crashes.test(finding)) {
                    state = State.TO_DO;
                } else if (finding.check().id().equals(check.id()) && stillCounts(known, finding)) {
                    state = Proof.judged(finding, known.soundNow());
                }
            }
        }
        return state;
    }

    /** No repair since has opened the system or changed what the check reads. */
    private boolean stillCounts(Case<S> known, Finding<S> finding) {
        return known.repairs().stream()
                .filter(repair -> !finding.repairs().contains(repair))
                .noneMatch(repair -> opens.test(repair) || changes(repair, finding.check(), known.sound()));
    }

    private boolean changes(Repair<S> repair, Check<S> check, S sound) {
        S faulty = repair.fault().applyTo(sound);
        return !check.reads().of(faulty).equals(check.reads().of(repair.fix().applyTo(faulty)));
    }
}

package ablemedic.diagnosis;

import ablemedic.diagnosis.Evidence.Finding;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;

/**
 * What a search took, beside that of somebody who makes every check of a family in the order of its book until what was
 * seen fits one remedy alone. Minutes are those of the checks alone: getting the bench ready, fixes and proof come on
 * any way. The fixed order is given that it reads everything right and knows what each reading clears, so what is saved
 * is rather more than this says.
 */
public final class FixedOrder {
    private FixedOrder() {}

    /**
     * Minutes of the checks until the fault stands alone; where its remedy is never told from another, until the last
     * check that cleared something.
     *
     * @param suspects that fit the complaint, with or without the fault itself
     */
    public static <S> double minutes(List<Check<S>> inOrder, S sound, Fault<S> fault, Collection<Fault<S>> suspects) {
        S faulty = fault.applyTo(sound);
        String remedy = remedy(fault, sound);
        List<Fault<S>> left = new ArrayList<>(suspects);
        left.removeIf(one -> remedy(one, sound).equals(remedy));
        double minutes = 0;
        double untilLast = 0;
        for (Check<S> check : inOrder) {
            if (left.isEmpty()) {
                return untilLast;
            }
            if (check.planned()) {
                minutes += check.minutes();
                var seen = Proof.expected(check, faulty);
                if (left.removeIf(
                        one -> !Proof.expected(check, one.applyTo(sound)).equals(seen))) {
                    untilLast = minutes;
                }
            }
        }
        return untilLast;
    }

    private static <S> String remedy(Fault<S> fault, S sound) {
        return fault.fixes(sound).get(0).remedy();
    }

    /** Minutes of the checks that were made before the last fix, without those that proved one before it. */
    public static <S> double took(Case<S> known) {
        return known.evidence().stream()
                .filter(one ->
                        one.repairs().size() < Math.max(1, known.repairs().size()))
                .filter(Finding.class::isInstance)
                .map(one -> (Finding<S>) one)
                .filter(one -> one.check().explores())
                .mapToDouble(one -> one.check().minutes())
                .sum();
    }
}

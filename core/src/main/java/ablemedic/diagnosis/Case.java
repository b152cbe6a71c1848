package ablemedic.diagnosis;

import ablemedic.diagnosis.Evidence.Finding;
import java.util.List;
import java.util.stream.Stream;

/**
 * What is known of one work-up.
 *
 * @param sound the system as it should be when the work-up was opened
 * @param occasion what happened since it last worked
 * @param evidence in the order it came
 * @param repairs those in force now, in the order they were made
 */
public record Case<S>(S sound, Occasion occasion, List<Evidence<S>> evidence, List<Repair<S>> repairs) {
    public Case {
        evidence = List.copyOf(evidence);
        repairs = List.copyOf(repairs);
    }

    /** The same case with one more finding, made now. */
    public Case<S> with(Check<S> check, Reading reading, Sureness sureness) {
        return withEvidence(new Finding<>(check, reading, sureness, repairs));
    }

    public Case<S> withEvidence(Evidence<S> more) {
        return new Case<>(sound, occasion, append(evidence, more), repairs);
    }

    public Case<S> withRepair(Fault<S> fault, Fix<S> fix) {
        return new Case<>(sound, occasion, evidence, append(repairs, new Repair<>(fault, fix)));
    }

    /** What a check gave on the system as it is now, in the order it came. */
    public List<Finding<S>> madeNow(Check<S> check) {
        return foundNow()
                .filter(finding -> finding.check().id().equals(check.id()))
                .toList();
    }

    /** What was found of the system as it is now, in the order it came. */
    Stream<Finding<S>> foundNow() {
        return evidence.stream().<Finding<S>>mapMulti((each, found) -> {
            if (each instanceof Finding<S> finding && finding.repairs().equals(repairs)) {
                found.accept(finding);
            }
        });
    }

    /** The system as it should be by now: with the faults that were put right, and what put them right. */
    public S soundNow() {
        S state = sound;
        for (Repair<S> repair : repairs) {
            state = repair.fault().applyTo(state);
        }
        return after(repairs, state);
    }

    /** A system after some repairs. */
    public static <S> S after(List<Repair<S>> repairs, S system) {
        S state = system;
        for (Repair<S> repair : repairs) {
            state = repair.fix().applyTo(state);
        }
        return state;
    }

    private static <T> List<T> append(List<T> list, T more) {
        return Stream.concat(list.stream(), Stream.of(more)).toList();
    }
}

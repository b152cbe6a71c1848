package ablemedic.diagnosis;

import ablemedic.catalogue.Text;
import java.util.List;

/**
 * One thing that can be wrong with a system, told as the change it makes.
 *
 * @param <S> the system; a value with equality, never altered in place
 */
public interface Fault<S> {

    /** Stable name in kebab case, unique in a book. */
    String id();

    /** The handbook page that several faults of one sort share. */
    String kind();

    /** Where it sits. Two faults on one site exclude each other: they are never held together. */
    String site();

    /** What a technician would call it on this system. */
    Text describe(S sound);

    /** Odds (probability over its complement) that it is present, given what happened since all was well. */
    double odds(Occasion occasion);

    /**
     * Whether the record of the system has it so: such a fault is as likely as the record is faithful, and stands
     * outside the number of faults that a story holds at once.
     */
    default boolean isRecorded() {
        return false;
    }

    /** Whether it is only another way to be right, for which nothing is owed. */
    default boolean isHarmless() {
        return false;
    }

    /** The system as it would be with this fault. */
    S applyTo(S system);

    /**
     * Ways of putting it right on this system, best first; never empty. Faults whose fixes bear the same
     * {@linkplain Fix#remedy() remedy} need not be told apart.
     */
    List<Fix<S>> fixes(S sound);
}

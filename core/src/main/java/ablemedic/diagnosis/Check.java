package ablemedic.diagnosis;

import ablemedic.catalogue.Text;
import ablemedic.diagnosis.Answers.Scale;
import java.util.List;
import java.util.Optional;

/**
 * Something to ask, look at, measure or try, told as what it would show on a given system.
 *
 * @param <S> the system
 */
public interface Check<S> {

    /** Stable name in kebab case, unique in a book. */
    String id();

    /** The handbook page that several checks of one sort share. */
    String kind();

    /** What to do, in one line, on this system. */
    Text title(S sound);

    /** How to do it, step by step, in the system's own labels. */
    List<Text> steps(S sound);

    /** What it can give. */
    Answers answers();

    /** How likely each answer is on this system, observers' errors included. It depends on {@link #reads()} alone. */
    Distribution outlook(S system);

    /** What it reads of a system; all of it, until a check says less. */
    default Facet<S, ?> reads() {
        return Facet.whole();
    }

    /** Minutes for the check itself, once the bench is ready for it. */
    double minutes();

    /** 0 for looking on, 1 for what can hurt somebody or break something. */
    double risk();

    /** The state the bench must be in. */
    BenchNeeds needs();

    /** Whether it explores a suspect; the plan leaves out what only opens or closes a work-up. */
    default boolean explores() {
        return true;
    }

    /** Whether the plan offers it by itself; what another check does in one go with more is only made out of turn. */
    default boolean planned() {
        return explores();
    }

    /**
     * Whether what it found amiss is looked for again after a fix; what a fix does not change, such as a version that
     * is not used any more, is not.
     */
    default boolean proves() {
        return explores();
    }

    /** A number that has to be told along with the answer, such as what the meter shows meanwhile; usually none. */
    default Optional<Scale> toTell() {
        return Optional.empty();
    }

    /** This check as it stands once that number is told, in the unit of {@link #toTell()} and within its scale. */
    default Check<S> told(double number) {
        throw new IllegalStateException(id() + " asks for no number to be told");
    }

    /** What speaks against such a number on this craft, so that it is asked back; nothing where it may well be. */
    default Optional<String> unlikely(S sound, double number) {
        return Optional.empty();
    }

    /** Names the check with the number told, so that predictions for two numbers are told apart. */
    default String key() {
        return id();
    }
}

package ablemedic.diagnosis;

import java.util.List;
import java.util.Optional;

/**
 * A family of checks too many to weigh one by one, such as a meter between any two of a hundred points. It names those
 * that promise most for what is believed, and only they are weighed exactly.
 *
 * @param <S> the system
 */
public interface Survey<S> {

    /** A story that is believed, as a survey needs to know it: what it leaves of the system and what it owes. */
    record Story<S>(S state, double belief, int group) {}

    /** The check of this id, where it is one of the family. */
    Optional<Check<S>> check(String id);

    /**
     * The checks worth weighing, the most promising first.
     *
     * @param stories with their beliefs; those of one group need not be told apart
     */
    List<Check<S>> promising(List<Story<S>> stories);

    /** Those that an unhurried routine would make one after another, without regard to what is believed. */
    default List<Check<S>> routine() {
        return List.of();
    }
}

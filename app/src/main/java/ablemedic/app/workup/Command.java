package ablemedic.app.workup;

import ablemedic.app.http.Refusal;

/**
 * Something to be done to a work-up: a rule about when it may be, and what is recorded then. Nothing is written here.
 */
public interface Command {
    /**
     * What is to be recorded.
     *
     * @throws Refusal where it may not be done as things stand
     */
    Draft on(WorkUp workUp, Circumstances given);

    /** Whether it is done to a work-up that is still open. */
    default boolean needsOpen() {
        return true;
    }
}

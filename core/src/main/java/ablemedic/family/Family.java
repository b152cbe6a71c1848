package ablemedic.family;

import ablemedic.capture.CaptureReport;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Posterior;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Repair;
import ablemedic.handbook.Handbook.Page;
import ablemedic.reading.Meter;
import ablemedic.requirement.Requirement;
import java.util.List;
import java.util.Optional;

/** A family of troubles: what it adds to the book of a craft, and what an owner can complain of because of it. */
public interface Family {
    /** Stable name in kebab case. */
    String id();

    /**
     * Faults and checks for a craft like this and a technician with this meter; empty where the craft has nothing of
     * it.
     */
    Book<Craft> book(Craft craft, Meter meter);

    /**
     * What an owner can complain of, the usual first.
     *
     * @param flight the flight that proves what shows only in the air
     */
    List<Complaint> complaints(Craft craft, Meter meter, Check<Craft> flight);

    /** What it works out apart from any work-up. */
    List<Instrument> instruments();

    /** Its heading over instruments and handbook pages. */
    String title();

    /** Its pages of the handbook, one for each kind of its faults and checks. */
    List<Page> pages();

    /** What a safe, working craft satisfies. */
    List<Requirement> requirements();

    /** What is done before the battery goes in, from the one family that has it; each step passes on a sound craft. */
    default List<Check<Craft>> prePowerRoutine(Craft craft, Meter meter, PrePowerConvention convention) {
        return List.of();
    }

    /** The flight that proves a craft, from the one family that has it. */
    default Optional<Check<Craft>> flight() {
        return Optional.empty();
    }

    /**
     * What has to be seen at the bench before a craft flies again after repairs, from the one family that knows.
     *
     * @param flipped whether it went over, or came down hard
     */
    default List<Check<Craft>> beforeFlight(Craft sound, List<Repair<Craft>> repairs, boolean flipped) {
        return List.of();
    }

    /**
     * What may keep a craft from arming, each with how likely it is; nothing where a complaint is about something else.
     *
     * @param complaint its kind
     */
    default List<BlockerBelief> armingBlockers(String complaint, Posterior<Craft> posterior) {
        return List.of();
    }

    /** Whether a recording of a pad answers checks of a kind. */
    default boolean isAnsweredByRecording(String kind) {
        return false;
    }

    /**
     * The outcome of a check for a recording.
     *
     * @param sound the craft as it should be
     * @return the outcome's id; nothing where the check is none that a recording answers
     */
    default Optional<String> outcomeOf(CaptureReport recording, String checkId, Craft sound) {
        return Optional.empty();
    }

    /** Whether firmware is flashed in a check. */
    default boolean flashes(Check<Craft> check) {
        return false;
    }

    /** Whether the craft came down hard in a check that gave this: then the pre-power routine is due again. */
    default boolean crashed(Check<Craft> check, Reading reading) {
        return false;
    }
}

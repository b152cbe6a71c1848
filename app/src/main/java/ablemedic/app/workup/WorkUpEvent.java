package ablemedic.app.workup;

import ablemedic.app.entry.Entered;
import ablemedic.catalogue.Names;
import ablemedic.diagnosis.BenchState;
import ablemedic.diagnosis.Sureness;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import org.jspecify.annotations.Nullable;

/** One thing that happened in a work-up, as it is kept. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = WorkUpEvent.Found.class, name = "found"),
    @JsonSubTypes.Type(value = WorkUpEvent.Skipped.class, name = "skipped"),
    @JsonSubTypes.Type(value = WorkUpEvent.Suspected.class, name = "suspected"),
    @JsonSubTypes.Type(value = WorkUpEvent.Tested.class, name = "tested"),
    @JsonSubTypes.Type(value = WorkUpEvent.BenchSet.class, name = "bench-set"),
    @JsonSubTypes.Type(value = WorkUpEvent.Fixed.class, name = "fixed"),
    @JsonSubTypes.Type(value = WorkUpEvent.TakenBack.class, name = "taken-back"),
    @JsonSubTypes.Type(value = WorkUpEvent.Closed.class, name = "closed"),
    @JsonSubTypes.Type(value = WorkUpEvent.Reopened.class, name = "reopened"),
    @JsonSubTypes.Type(value = WorkUpEvent.RecordCorrected.class, name = "record-corrected"),
    @JsonSubTypes.Type(value = WorkUpEvent.CameDown.class, name = "came-down")
})
public sealed interface WorkUpEvent {

    /**
     * A check gave a reading.
     *
     * @param told the number that was told along with it, in the SI unit of its scale, where it asks for one
     * @param override why it was made though a guard spoke against it; nothing where none did
     */
    record Found(
            String checkId,
            @Nullable Double told,
            Entered entered,
            Sureness sureness,
            @Nullable String override) implements WorkUpEvent {
        Found(String checkId, @Nullable Double told, Entered entered, Sureness sureness) {
            this(checkId, told, entered, sureness, null);
        }
    }

    /** A check was put aside. */
    record Skipped(String checkId) implements WorkUpEvent {}

    /** The technician's own suspicion. */
    record Suspected(String faultId, String words) implements WorkUpEvent {}

    /** A test of the technician's own, for or against a fault. */
    record Tested(String faultId, boolean speaksFor, boolean strong, String words) implements WorkUpEvent {}

    /**
     * The bench was brought to a state.
     *
     * @param override why a guard was overridden, empty where none was
     * @param line the newest line of the craft's log then; what a later one says of the pre-power routine goes before
     */
    record BenchSet(BenchState state, String override, long line) implements WorkUpEvent {}

    /** A fix was made. */
    record Fixed(String faultId, String fixId) implements WorkUpEvent {}

    /** The event of this number no longer counts; a fix taken back is undone on the craft. */
    record TakenBack(int n) implements WorkUpEvent {}

    /** The work-up ended. */
    record Closed(End end, String reason) implements WorkUpEvent {}

    /** It came back. */
    record Reopened(String reason) implements WorkUpEvent {}

    /** The record was wrong, and was corrected by what was found. */
    record RecordCorrected(String conflictId, String words) implements WorkUpEvent {}

    /** A crash was logged on the chart meanwhile. */
    record CameDown(String words) implements WorkUpEvent {}

    /** How a work-up ends. */
    enum End {
        SOLVED,
        NO_FAULT_FOUND,
        NOT_WORTH_REPAIR,
        HANDED_OVER;

        public String label() {
            return Names.of(this);
        }
    }
}

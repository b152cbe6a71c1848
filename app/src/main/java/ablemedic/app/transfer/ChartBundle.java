package ablemedic.app.transfer;

import com.fasterxml.jackson.annotation.JsonAlias;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import java.util.List;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.annotation.JsonDeserialize;

/**
 * Everything of a craft as one document. Bodies are records as they are kept, each with the number of its own form, so
 * that an older program's document is brought up to the present when it comes in. Exports and recordings are packed
 * with gzip.
 */
record ChartBundle(
        @JsonUnwrapped Heading heading,
        CraftOf craft,
        List<SheetOf> sheets,
        List<LineOf> log,
        List<WorkUpOf> workUps,
        @JsonUnwrapped Runs runs,
        List<SnapshotOf> snapshots,
        @JsonAlias("packs") List<BatteryOf> batteries,
        List<FamilyOf> families,
        List<FileOf> files) {
    static final String FORMAT = "able-medic-chart";
    /**
     * Before 2 a chart told no builder, no parts of a cause and no line of a file; before 3 all its files stood in the
     * document; before 4 it told no end of a work-up as it was shown; before 5 it had other names for batteries and the
     * repair log; before 6 that had its lists as joined texts; before 7 the craft ID was called a mark.
     */
    static final int FORM = 7;

    /**
     * What it is and when it was written.
     *
     * @param format always {@link #FORMAT}
     * @param form of this document, from 1; a newer one is refused
     */
    record Heading(String format, int form, Instant writtenAt) {}

    /** The pre-power checks and the set-ups that were made. */
    record Runs(List<RoutineOf> routines, List<SetUpOf> setUps) {}

    /** The craft; two that were entered at the same moment under the same craft ID are one and the same. */
    record CraftOf(
            @JsonAlias("mark") String craftId,
            String name,
            String craftClass,
            String state,
            long version,
            Instant enteredAt,
            @Nullable String aside,
            @Nullable String builder) {}

    record SheetOf(int revision, String reason, Instant enteredAt, JsonNode sheet) {}

    /** A line of the log; {@code workUp} counts {@link #workUps} from 1. */
    record LineOf(
            Instant at, String kind, String text, @Nullable Integer workUp) {}

    /**
     * A work-up, with what was shown of it when it was closed; lines of the log and snapshots in its events are named
     * by their number on this craft.
     */
    record WorkUpOf(
            Instant openedAt,
            int revision,
            String complaintKind,
            String complaint,
            String occasion,
            @Nullable String aside,
            List<EventOf> events,
            @JsonAlias("ledger") List<EndingOf> repairLog,
            List<RecordingOf> recordings,
            @Nullable JsonNode end) {
        WorkUpOf withAttached(UnaryOperator<Attached> other) {
            return new WorkUpOf(
                    openedAt,
                    revision,
                    complaintKind,
                    complaint,
                    occasion,
                    aside,
                    events,
                    repairLog,
                    recordings.stream()
                            .map(one -> new RecordingOf(
                                    one.checkId(),
                                    one.name(),
                                    one.outcome(),
                                    one.told(),
                                    one.enteredAt(),
                                    other.apply(one.packed())))
                            .toList(),
                    end);
        }
    }

    record EventOf(int n, Instant at, JsonNode event) {}

    record EndingOf(
            Instant closedAt,
            String complaint,
            String ended,
            String reason,
            @JsonUnwrapped RepairedOf repaired,
            double minutes) {}

    /** What was wrong and what was done; joined texts in the forms before 6. */
    record RepairedOf(
            @JsonDeserialize(using = JoinedList.class) List<String> causes,
            @JsonDeserialize(using = JoinedList.OfIds.class) List<String> kinds,

            @Nullable @JsonDeserialize(using = JoinedList.class)
            List<String> parts,

            @JsonDeserialize(using = JoinedList.class) List<String> fixes,
            @JsonDeserialize(using = JoinedList.class) List<String> changes,
            @JsonDeserialize(using = JoinedList.class) List<String> proof) {}

    record RecordingOf(String checkId, String name, String outcome, String told, Instant enteredAt, Attached packed) {}

    record RoutineOf(Instant at, boolean passed, double minutes, JsonNode run) {}

    record SetUpOf(
            String occasion, Instant begunAt, @Nullable Instant endedAt, long version, JsonNode given) {}

    record SnapshotOf(
            int number,
            String family,
            String version,
            String target,
            String why,
            String name,
            Instant takenAt,
            Attached packed) {}

    /** A battery that flew this craft, with all that happened to it. */
    record BatteryOf(
            String label,
            Instant enteredAt,
            @JsonAlias("pack") JsonNode battery,
            List<BatteryEntryOf> entries) {}

    record BatteryEntryOf(Instant at, JsonNode entry) {}

    /**
     * A photo or file; {@code workUp} counts {@link #workUps} from 1, {@code n} its findings, {@code line} the
     * {@link #log}.
     */
    record FileOf(
            @Nullable Integer workUp,
            @Nullable Integer n,
            @Nullable Integer line,
            String name,
            Instant enteredAt,
            Attached bytes) {}

    /** Everything that is attached to it, in its order. */
    Stream<Attached> attached() {
        return Stream.of(
                        snapshots.stream().map(SnapshotOf::packed),
                        workUps.stream()
                                .flatMap(one -> one.recordings().stream())
                                .map(RecordingOf::packed),
                        files.stream().map(FileOf::bytes))
                .flatMap(Function.identity());
    }

    /** With everything that is attached put in other words, such as opened. */
    ChartBundle withAttached(UnaryOperator<Attached> other) {
        return new ChartBundle(
                heading,
                craft,
                sheets,
                log,
                workUps.stream().map(one -> one.withAttached(other)).toList(),
                runs,
                snapshots.stream()
                        .map(one -> new SnapshotOf(
                                one.number(),
                                one.family(),
                                one.version(),
                                one.target(),
                                one.why(),
                                one.name(),
                                one.takenAt(),
                                other.apply(one.packed())))
                        .toList(),
                batteries,
                families,
                files.stream()
                        .map(one -> new FileOf(
                                one.workUp(),
                                one.n(),
                                one.line(),
                                one.name(),
                                one.enteredAt(),
                                other.apply(one.bytes())))
                        .toList());
    }

    /** A firmware family of the workshop's own that a snapshot is read through. */
    record FamilyOf(String id, Instant enteredAt, String table) {}
}

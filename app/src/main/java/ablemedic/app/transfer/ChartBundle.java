package ablemedic.app.transfer;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * Everything of a craft as one document. Bodies are records as they are kept, each with the number of its own form, so that an older
 * program's document is brought up to the present when it comes in. Files are in base64, packed with gzip.
 *
 * @param format always {@link #FORMAT}
 * @param form   of this document, from 1; a newer one is refused
 */
record ChartBundle(String format, int form, Instant writtenAt, CraftOf craft, List<SheetOf> sheets, List<LineOf> log, List<WorkUpOf> workUps, List<RoutineOf> routines, List<SetUpOf> setUps,
    List<SnapshotOf> snapshots, List<PackOf> packs, List<FamilyOf> families, List<FileOf> files) {
  static final String FORMAT = "able-medic-chart";
  /** Before 2 a chart told no builder, no parts of a cause and no line of a file. */
  static final int FORM = 2;

  /** The craft; two that were entered at the same moment under the same mark are one and the same. */
  record CraftOf(String mark, String name, String craftClass, String state, long version, Instant enteredAt, @Nullable String aside, @Nullable String builder) {}

  record SheetOf(int revision, String reason, Instant enteredAt, JsonNode sheet) {}

  /** A line of the log; {@code workUp} counts {@link #workUps} from 1. */
  record LineOf(Instant at, String kind, String text, @Nullable Integer workUp) {}

  /** A work-up; lines of the log and snapshots in its events are named by their number on this craft. */
  record WorkUpOf(Instant openedAt, int revision, String complaintKind, String complaint, String occasion, @Nullable String aside, List<EventOf> events, List<EndingOf> ledger, List<RecordingOf> recordings) {}

  record EventOf(int n, Instant at, JsonNode event) {}

  record EndingOf(Instant closedAt, String complaint, String ended, String reason, String causes, String kinds, String fixes, String changes, String proof, double minutes, @Nullable String parts) {}

  record RecordingOf(String checkId, String name, String outcome, String told, Instant enteredAt, byte[] packed) {}

  record RoutineOf(Instant at, boolean passed, double minutes, JsonNode run) {}

  record SetUpOf(String occasion, Instant begunAt, @Nullable Instant endedAt, long version, JsonNode given) {}

  record SnapshotOf(int number, String family, String version, String target, String why, String name, Instant takenAt, byte[] packed) {}

  /** A pack that flew this craft, with all that happened to it. */
  record PackOf(String label, Instant enteredAt, JsonNode pack, List<PackEntryOf> entries) {}

  record PackEntryOf(Instant at, JsonNode entry) {}

  /** A photo or file; {@code workUp} counts {@link #workUps} from 1, {@code n} its findings, {@code line} the {@link #log}. */
  record FileOf(@Nullable Integer workUp, @Nullable Integer n, @Nullable Integer line, String name, Instant enteredAt, byte[] bytes) {}

  /** A firmware family of the workshop's own that a snapshot is read through. */
  record FamilyOf(String id, Instant enteredAt, String table) {}
}

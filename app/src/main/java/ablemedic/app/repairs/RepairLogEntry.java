package ablemedic.app.repairs;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import java.util.List;

/** One closed work-up in the repair log. */
public record RepairLogEntry(
        long id,
        long workUpId,
        String craftId,
        Instant closedAt,
        String complaint,
        String ended,
        String reason,
        @JsonUnwrapped Repaired repaired,
        double minutes) {

    /**
     * What was wrong and what was done.
     *
     * @param kinds handbook pages of the causes
     * @param parts in which the causes lay
     * @param changes values before and after
     * @param proof each test with what it gave
     */
    public record Repaired(
            List<String> causes,
            List<String> kinds,
            List<String> parts,
            List<String> fixes,
            List<String> changes,
            List<String> proof) {}
}

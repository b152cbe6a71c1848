package ablemedic.app.chart;

import ablemedic.app.chart.CraftStore.Row;
import ablemedic.app.chart.CraftStore.State;
import ablemedic.app.chart.CraftVersions.CraftStamp;
import ablemedic.app.chart.Fitness.Facts;
import ablemedic.app.storage.Newest;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.requirement.Conflict;
import ablemedic.requirement.Required;
import ablemedic.requirement.Severity;
import ablemedic.requirement.Violation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Whether a craft is ready to fly, with why not, and what is not known of it. */
@Component
public class Readiness {
    private static final Words SAID = Catalogue.beside(Readiness.class, "words").of("readiness");
    private static final int KEPT = 2_000;

    private final Records records;
    private final Due.Dues dues;
    private final CraftWorkUps workUps;

    private final Newest<String, CraftStamp, Stands> kept = new Newest<>(KEPT);

    Readiness(Records records, Due.Dues dues, CraftWorkUps workUps) {
        this.records = records;
        this.dues = dues;
        this.workUps = workUps;
    }

    /**
     * How a craft stands.
     *
     * @param grounds why it is grounded; no sign-off lifts those of its record
     * @param due what is due on it
     * @param unknowns what is not known of it, or may be meant
     */
    public record Stands(Fitness fitness, List<Ground> grounds, List<Due> due, List<String> unknowns) {}

    /**
     * Why a craft is grounded.
     *
     * @param conflict whether it stands among the conflicts of the record
     */
    public record Ground(String text, boolean conflict) {}

    /**
     * The same, worked out only where something that concerns it was written since.
     *
     * @throws UnreadableRecordException where the newest sheet can't be read
     */
    public Stands of(CraftStamp stamp) {
        return kept.of(stamp.row().craftId(), stamp, () -> {
            records.of(stamp.row().craftId());
            return of(stamp.row());
        });
    }

    public Stands of(Row row) {
        Optional<Required> required = records.readable(row.craftId());
        List<Violation> open = required.map(Required::open).orElse(List.of());
        List<String> withoutCause = workUps.withoutCause(row.craftId());
        List<Due> due = dues.of(row.craftId());
        Set<String> conflicts = required.map(Readiness::conflicting).orElse(Set.of());
        List<Ground> grounds = new ArrayList<>(open.stream()
                .map(one -> new Ground(
                        SAID.with("hazard", Param.when(one.severity() == Severity.HAZARD))
                                .with("cause", one.cause())
                                .line("violation")
                                .plain(),
                        conflicts.contains(one.id())))
                .toList());
        withoutCause.forEach(text -> grounds.add(new Ground(text, false)));
        if (row.state() == State.GROUNDED) {
            grounds.add(new Ground(SAID.line("by-hand").plain(), false));
        }
        Fitness fitness = Fitness.of(new Facts(
                required.isPresent(),
                workUps.openOf(row.craftId()).isPresent(),
                !open.isEmpty(),
                row.state() == State.GROUNDED,
                !withoutCause.isEmpty(),
                !due.isEmpty()));
        return new Stands(
                fitness, grounds, due, required.map(Readiness::unknowns).orElse(List.of()));
    }

    /** Whether no sign-off lifts what grounds a craft. */
    boolean isHazardous(String craftId) {
        return records.readable(craftId)
                .map(required -> required.open().stream().anyMatch(one -> one.severity() == Severity.HAZARD))
                .orElse(true);
    }

    /** Ids of the violations that are told as a conflict. */
    private static Set<String> conflicting(Required required) {
        return Stream.concat(required.conflicts().stream().map(Conflict::root), required.unsolved().stream())
                .map(Violation::id)
                .collect(Collectors.toSet());
    }

    private static List<String> unknowns(Required required) {
        return Stream.concat(
                        required.doubts().stream().map(one -> one.cause().plain()),
                        required.recorded().craft().electrics().sheet().missing().stream())
                .toList();
    }
}

package ablemedic.app.workup;

import ablemedic.app.chart.CraftLog;
import ablemedic.app.chart.CraftLog.LogEntry;
import ablemedic.app.chart.CraftWorkUps;
import ablemedic.app.workup.WorkUpEvent.CameDown;
import ablemedic.app.workup.WorkUpEvent.End;
import ablemedic.app.workup.WorkUpStore.Numbered;
import ablemedic.app.workup.WorkUpStore.Opened;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.time.Clock;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What a chart asks of the work-ups of its craft. */
@Component
class WorkUpsOfCraft implements CraftWorkUps {
    private static final Words SAID =
            Catalogue.beside(WorkUpsOfCraft.class, "words").of("work-ups-of-craft");
    private static final Set<String> ENDINGS = Set.of("closed", "closed-open", "signed-off");

    private final WorkUpStore store;
    private final CraftLog log;
    private final Clock clock;

    WorkUpsOfCraft(WorkUpStore store, CraftLog log, Clock clock) {
        this.store = store;
        this.log = log;
        this.clock = clock;
    }

    @Override
    public List<WorkUpLine> linesOf(String craftId) {
        return store.of(craftId).stream()
                .map(one -> new WorkUpLine(one.id(), one.complaint(), one.openedAt(), one.isOpen(), one.ended()))
                .toList();
    }

    @Override
    public Optional<Long> openOf(String craftId) {
        return store.openOf(craftId).map(Opened::id);
    }

    @Override
    public List<String> withoutCause(String craftId) {
        List<LogEntry> lines = log.of(craftId, ENDINGS);
        long signedOff = lines.stream()
                .filter(line -> line.kind().equals("signed-off"))
                .mapToLong(LogEntry::id)
                .max()
                .orElse(0);
        return store.of(craftId).stream()
                .filter(one -> !one.ended().isEmpty() && !one.ended().equals(End.SOLVED.label()))
                .filter(one -> lines.stream()
                                .filter(line -> Objects.equals(line.workUpId(), one.id()))
                                .mapToLong(LogEntry::id)
                                .max()
                                .orElse(0)
                        > signedOff)
                .map(one -> SAID.with("complaint", one.complaint())
                        .with("end", one.ended())
                        .line("closed")
                        .plain())
                .toList();
    }

    @Override
    @Transactional
    public void cameDown(String craftId, String words) {
        store.openOf(craftId).ifPresent(open -> {
            long version = store.version(open.id());
            store.add(
                    open.id(), version, List.of(new Numbered((int) version + 1, clock.instant(), new CameDown(words))));
        });
    }
}

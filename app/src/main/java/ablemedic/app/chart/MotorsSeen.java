package ablemedic.app.chart;

import ablemedic.app.chart.CraftLog.LogEntry;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Whether the motors were seen to turn, each at its corner and its way, since the last crash, repair or flash. */
@Service
public class MotorsSeen implements Due.Source {
    private static final Words SAID =
            Catalogue.beside(MotorsSeen.class, "words").of("motors-seen");
    /** The check that settles it. */
    public static final String IS = "motors";
    /** The line of the log that says that it passed. */
    public static final String PASSED = "motors";

    private static final Set<String> MAKES_DUE = Set.of("entered", "crash", "part", "opened", "repair", "flash");

    private final CraftLog log;

    MotorsSeen(CraftLog log) {
        this.log = log;
    }

    @Override
    public Optional<Due> of(String craftId) {
        List<LogEntry> lines = log.of(
                craftId, Stream.concat(MAKES_DUE.stream(), Stream.of(PASSED)).collect(Collectors.toSet()));
        return lines.stream()
                .findFirst()
                .filter(line -> MAKES_DUE.contains(line.kind()))
                .map(line -> new Due(
                        SAID.line("motors").plain(),
                        line.kind().equals("entered") ? SAID.line("never").plain() : line.text(),
                        "set-up"));
    }

    @Override
    public int place() {
        return 3;
    }
}

package ablemedic.app.setup;

import ablemedic.app.chart.CraftLog;
import ablemedic.app.chart.CraftLog.LogEntry;
import ablemedic.app.chart.Due;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/**
 * Whether the motors' start is to be looked at again: each controller has a threshold of its own, so new ones make it
 * due.
 */
@Service
class MotorStarts implements Due.Source {
    private static final Words SAID =
            Catalogue.beside(MotorStarts.class, "words").of("motor-starts");
    /** The check of a set-up that settles it. */
    static final String CHECK = "starts-even";
    /** The line of the log that says that it passed. */
    static final String PASSED = "thresholds";
    /** Lines that tell of something new on the craft. */
    private static final Set<String> NEW = Set.of("part", "opened", "repair", "fix");
    /** New controllers or new firmware in them; a wire that was renewed at a controller is neither. */
    private static final Pattern CONTROLLER = Pattern.compile(
            "\\b(another|new|other|replaced?|fit(ted)?|changed?)\\b[^.]*\\b(?:controllers?|ESCs?)\\b|\\b(?:controllers?|ESCs?)\\b[^.]*\\b(other firmware|replaced?|changed|new)\\b",
            Pattern.CASE_INSENSITIVE);

    private final CraftLog log;

    MotorStarts(CraftLog log) {
        this.log = log;
    }

    @Override
    public Optional<Due> of(String craftId) {
        List<LogEntry> lines =
                log.of(craftId, Stream.concat(NEW.stream(), Stream.of(PASSED)).collect(Collectors.toSet()));
        return lines.stream()
                .takeWhile(line -> !line.kind().equals(PASSED))
                .filter(line -> NEW.contains(line.kind())
                        && CONTROLLER.matcher(line.text()).find())
                .findFirst()
                .map(line -> new Due(SAID.line("due").plain(), line.text(), "set-up"));
    }

    @Override
    public int place() {
        return 4;
    }
}

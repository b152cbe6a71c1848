package ablemedic.app.radiooff;

import ablemedic.app.chart.CraftLog;
import ablemedic.app.chart.CraftLog.LogEntry;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.CraftStore.Revision;
import ablemedic.app.chart.Due;
import ablemedic.app.chart.SnapshotStore;
import ablemedic.app.entry.Entered;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.craft.Settings;
import ablemedic.radio.FailsafeChecks;
import ablemedic.radio.RadioOff.Does;
import ablemedic.radio.RadioOffVerdict;
import ablemedic.radio.RadioOffVerdict.Works;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** The radio-off tests of the crafts. */
@Service
public class RadioOffTests implements Due.Source {
    private static final Words SAID =
            Catalogue.beside(RadioOffTests.class, "words").of("radio-off-tests");
    private static final String PASSED = "radio-off";
    private static final String FAILED = "radio-off-failed";
    /** Lines of the log after which it is due: something was put right, replaced or bent. */
    private static final Set<String> MAKES_DUE = Set.of("fix", "repair", "part", "crash", "flash");

    private static final String SNAPSHOT = "snapshot";
    /**
     * Lines that come with a revision of the sheet; some come without, and then an older revision is looked at: rather
     * due once too often.
     */
    private static final Set<String> OF_SHEET = Set.of("sheet", "opened", "part");

    private static final Set<String> OF_TEST = Stream.of(MAKES_DUE, OF_SHEET, Set.of(PASSED, FAILED, SNAPSHOT))
            .flatMap(Set::stream)
            .collect(Collectors.toUnmodifiableSet());

    private final CraftStore crafts;
    private final CraftLog log;
    private final SnapshotStore snapshots;

    RadioOffTests(CraftStore crafts, CraftLog log, SnapshotStore snapshots) {
        this.crafts = crafts;
        this.log = log;
        this.snapshots = snapshots;
    }

    /** How it stands with the test of a craft. */
    public enum State {
        NEVER,
        DUE,
        PASSED,
        FAILED
    }

    /**
     * @param why what made it due; empty where it is not
     * @param newest the line of the log that tells of the newest test
     */
    public record Standing(State state, String why, Optional<LogEntry> newest) {}

    /** A line for the log of a craft. */
    public record Line(String kind, String text) {
        public boolean passed() {
            return kind.equals(PASSED);
        }
    }

    /** What a test that was made tells the log; nothing where nobody saw what the motors did. */
    public static Optional<Line> line(Craft sound, Entered entered) {
        return does(entered).map(does -> {
            RadioOffVerdict verdict = verdict(sound, does, entered);
            String seen = SAID.with("does", does.label())
                    .with("timed", Param.when(entered.numbers().containsKey(FailsafeChecks.AFTER)))
                    .with(
                            "after",
                            entered.numbers().containsKey(FailsafeChecks.AFTER)
                                    ? entered.numbers()
                                            .get(FailsafeChecks.AFTER)
                                            .written()
                                    : "")
                    .line("seen")
                    .plain();
            return verdict.passed()
                    ? new Line(PASSED, SAID.with("seen", seen).line("passed").plain())
                    : new Line(
                            FAILED,
                            SAID.with("seen", seen)
                                    .with(
                                            "why",
                                            verdict.stages().stream()
                                                    .filter(stage -> stage.works() != Works.AS_SET)
                                                    .findFirst()
                                                    .map(stage -> stage.name() + ": " + stage.why())
                                                    .orElse(""))
                                    .line("not-passed")
                                    .plain());
        });
    }

    static RadioOffVerdict verdict(Craft sound, Does does, Entered entered) {
        return RadioOffVerdict.of(
                sound,
                does,
                Optional.ofNullable(entered.numbers().get(FailsafeChecks.AFTER)).map(Entered.Number::value));
    }

    static Optional<Does> does(Entered entered) {
        return Optional.ofNullable(entered.outcomes().get(FailsafeChecks.DOES))
                .flatMap(id -> Arrays.stream(Does.values())
                        .filter(does -> does.name().toLowerCase(Locale.ROOT).equals(id))
                        .findFirst());
    }

    void add(String craftId, Line line, Instant at) {
        log.add(craftId, at, line.kind(), line.text(), null);
    }

    @Override
    public Optional<Due> of(String craftId) {
        Standing standing = standing(craftId);
        return standing.state() == State.PASSED
                ? Optional.empty()
                : Optional.of(new Due(
                        SAID.line("due").plain(),
                        standing.state() == State.FAILED ? SAID.line("failed").plain() : standing.why(),
                        "radio-off"));
    }

    @Override
    public int place() {
        return 2;
    }

    public Standing standing(String craftId) {
        List<LogEntry> lines = log.of(craftId, OF_TEST);
        Optional<LogEntry> newest = lines.stream()
                .filter(line -> line.kind().equals(PASSED) || line.kind().equals(FAILED))
                .findFirst();
        if (newest.isEmpty()) {
            return new Standing(State.NEVER, SAID.line("never").plain(), newest);
        }
        List<LogEntry> after =
                lines.stream().filter(line -> line.id() > newest.get().id()).toList();
        Optional<String> since = after.stream()
                .filter(line -> MAKES_DUE.contains(line.kind()))
                .map(LogEntry::text)
                .reduce((newer, older) -> older)
                .or(() -> told(craftId, (int) after.stream()
                        .filter(line -> OF_SHEET.contains(line.kind()))
                        .count()))
                .or(() -> flashed(craftId, (int) after.stream()
                        .filter(line -> line.kind().equals(SNAPSHOT))
                        .count()));
        if (since.isPresent()) {
            return new Standing(State.DUE, since.get(), newest);
        }
        return new Standing(newest.get().kind().equals(PASSED) ? State.PASSED : State.FAILED, "", newest);
    }

    /**
     * Which settings the sheet has otherwise than so many revisions ago. What counts is the order of entries, not their
     * times.
     */
    private Optional<String> told(String craftId, int ago) {
        List<Revision> revisions = crafts.revisions(craftId);
        Optional<Revision> then =
                ago == 0 ? Optional.empty() : Optional.of(revisions.get(Math.max(0, revisions.size() - 1 - ago)));
        if (then.isEmpty() || then.get().readable().isEmpty()) {
            return Optional.empty();
        }
        Craft before = crafts.craft(craftId, then.get().number());
        Craft now = crafts.newestCraft(craftId);
        String changed = Settings.ALL.stream()
                .filter(setting -> !before.setting(setting).equals(now.setting(setting)))
                .limit(3)
                .map(setting -> setting.label() + ": " + now.configuration().said(setting))
                .collect(Collectors.joining(", "));
        return changed.isEmpty()
                ? Optional.empty()
                : Optional.of(SAID.with("settings", changed).line("changed").plain());
    }

    private Optional<String> flashed(String craftId, int ago) {
        List<SnapshotStore.Row> listed = ago == 0 ? List.of() : snapshots.of(craftId);
        if (listed.size() <= ago) {
            return Optional.empty();
        }
        SnapshotStore.Row newest = listed.get(0);
        SnapshotStore.Row before = listed.get(ago);
        return newest.family().equals(before.family()) && newest.version().equals(before.version())
                ? Optional.empty()
                : Optional.of(SAID.with("now", newest.version())
                        .with("before", before.version())
                        .line("flashed")
                        .plain());
    }
}

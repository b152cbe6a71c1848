package ablemedic.app.radiooff;

import ablemedic.app.chart.CraftLog;
import ablemedic.app.chart.CraftLog.LogEntry;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.CraftStore.Revision;
import ablemedic.app.chart.Due;
import ablemedic.app.chart.SnapshotStore;
import ablemedic.app.entry.Entered;
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
import org.springframework.stereotype.Service;

/** The radio-off tests of the crafts. */
@Service
public class RadioOffTests implements Due.Source {
  private static final String PASSED = "radio-off";
  private static final String FAILED = "radio-off-failed";
  /** Lines of the log after which it is due: something was put right, replaced or bent. */
  private static final Set<String> MAKES_DUE = Set.of("fix", "repair", "part", "crash");
  private static final Set<String> OF_TEST = Set.of(PASSED, FAILED, "fix", "repair", "part", "crash");

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
    NEVER, DUE, PASSED, FAILED
  }

  /**
   * @param why    what made it due; empty where it is not
   * @param newest the line of the log that tells of the newest test
   */
  public record Standing(State state, String why, Optional<LogEntry> newest) {}

  /** A line for the log of a craft. */
  public record Line(String kind, String text) {}

  /** What a test that was made tells the log; nothing where nobody saw what the motors did. */
  public static Optional<Line> line(Craft sound, Entered entered) {
    return does(entered).map(does -> {
      RadioOffVerdict verdict = verdict(sound, does, entered);
      String seen = "the motors: " + does.label() + (entered.numbers().containsKey(FailsafeChecks.AFTER) ? ", after " + entered.numbers().get(FailsafeChecks.AFTER).written() : "");
      return verdict.passed() ? new Line(PASSED, "Radio-off test passed: " + seen) : new Line(FAILED, "Radio-off test not passed: " + seen + ". " + verdict.stages().stream()
          .filter(stage -> stage.works() != Works.AS_SET).findFirst().map(stage -> stage.name() + ": " + stage.why()).orElse(""));
    });
  }

  static RadioOffVerdict verdict(Craft sound, Does does, Entered entered) {
    return RadioOffVerdict.of(sound, does, Optional.ofNullable(entered.numbers().get(FailsafeChecks.AFTER)).map(Entered.Number::value));
  }

  static Optional<Does> does(Entered entered) {
    return Optional.ofNullable(entered.outcomes().get(FailsafeChecks.DOES)).flatMap(id -> Arrays.stream(Does.values()).filter(does -> does.name().toLowerCase(Locale.ROOT).equals(id)).findFirst());
  }

  void add(String mark, Line line, Instant at) {
    log.add(mark, at, line.kind(), line.text(), null);
  }

  @Override
  public Optional<Due> of(String mark) {
    Standing standing = standing(mark);
    return standing.state() == State.PASSED ? Optional.empty() : Optional.of(new Due("radio-off test", standing.state() == State.FAILED ? "it did not pass" : standing.why(), "radio-off"));
  }

  @Override
  public int place() {
    return 2;
  }

  public Standing standing(String mark) {
    List<LogEntry> lines = log.of(mark, OF_TEST);
    Optional<LogEntry> newest = lines.stream().filter(line -> line.kind().equals(PASSED) || line.kind().equals(FAILED)).findFirst();
    if (newest.isEmpty()) {
      return new Standing(State.NEVER, "never done", newest);
    }
    Optional<String> since = lines.stream().filter(line -> line.id() > newest.get().id() && MAKES_DUE.contains(line.kind())).map(LogEntry::text).reduce((newer, older) -> older)
        .or(() -> told(mark, newest.get().at())).or(() -> flashed(mark, newest.get().at()));
    if (since.isPresent()) {
      return new Standing(State.DUE, since.get(), newest);
    }
    return new Standing(newest.get().kind().equals(PASSED) ? State.PASSED : State.FAILED, "", newest);
  }

  /** Which settings the sheet has otherwise than when it was tested. */
  private Optional<String> told(String mark, Instant tested) {
    List<Revision> revisions = crafts.revisions(mark);
    Optional<Revision> then = revisions.stream().filter(revision -> !revision.enteredAt().isAfter(tested)).reduce((older, newer) -> newer);
    if (then.isEmpty() || then.get().number() == revisions.get(revisions.size() - 1).number() || then.get().readable().isEmpty()) {
      return Optional.empty();
    }
    Craft before = crafts.craft(mark, then.get().number());
    Craft now = crafts.newestCraft(mark);
    String changed = Settings.ALL.stream().filter(setting -> !before.told(setting).equals(now.told(setting))).limit(3).map(setting -> setting.label() + ": " + now.told().said(setting))
        .collect(Collectors.joining(", "));
    return changed.isEmpty() ? Optional.empty() : Optional.of("told since: " + changed);
  }

  private Optional<String> flashed(String mark, Instant tested) {
    List<SnapshotStore.Row> listed = snapshots.of(mark);
    Optional<SnapshotStore.Row> before = listed.stream().filter(row -> !row.takenAt().isAfter(tested)).findFirst();
    return listed.stream().findFirst().filter(newest -> before.isPresent() && !(newest.family() + newest.version()).equals(before.get().family() + before.get().version()))
        .map(newest -> "flashed since, version " + newest.version() + " instead of " + before.get().version());
  }
}

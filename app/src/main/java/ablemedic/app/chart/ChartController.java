package ablemedic.app.chart;

import ablemedic.app.chart.CraftStore.LogEntry;
import ablemedic.app.chart.CraftStore.Revision;
import ablemedic.app.chart.CraftStore.Row;
import ablemedic.app.chart.CraftStore.State;
import ablemedic.app.workup.WorkUpStore;
import ablemedic.app.workup.WorkUpStore.Opened;
import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.NumberingSchool;
import ablemedic.craft.Settings.FlightMode;
import ablemedic.craft.SpinSchool;
import ablemedic.takeoff.HoverPower;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Crafts and their charts. */
@RestController
@RequestMapping("/api/crafts")
class ChartController {
  private final CraftStore crafts;
  private final WorkUpStore workUps;
  private final Clock clock;

  ChartController(CraftStore crafts, WorkUpStore workUps, Clock clock) {
    this.crafts = crafts;
    this.workUps = workUps;
    this.clock = clock;
  }

  /** A craft in a list. */
  record ListedCraft(String mark, String name, String craftClass, State state) {}

  /**
   * A first craft, entered in a minute: a class, the schools and how the board sits. A full build sheet may take the
   * place of the class.
   */
  record NewCraft(
      @NotNull @Pattern(regexp = "[\\p{L}\\p{N}][\\p{L}\\p{N} ._-]{0,23}",
          message = "has 1 to 24 letters, digits, spaces, dots, dashes") String mark,
      @NotNull @Size(max = 80, message = "has at most 80 letters") String name,
      @Nullable CraftClass craftClass,
      @Nullable SpinSchool spins,
      @Nullable NumberingSchool numbering,
      BuildSheet.@Nullable @Valid Turn mounted,
      @Nullable FlightMode mode,
      @Nullable @Valid BuildSheet sheet) {}

  /** Everything that the chart shows. */
  record Chart(
      String mark,
      String name,
      String craftClass,
      State state,
      long version,
      Instant enteredAt,
      BuildSheet sheet,
      int revision,
      CraftDrawing drawing,
      List<Fact> facts,
      List<Revised> revisions,
      List<LogEntry> log,
      List<WorkUpLine> workUps) {}

  /** A line of the sheet in words. */
  record Fact(String what, String value) {}

  /** A revision and what it changed. */
  record Revised(int number, Instant enteredAt, String reason, List<SheetChanges.Change> changes) {}

  /** A work-up of this craft. */
  record WorkUpLine(long id, String complaint, Instant openedAt, boolean open, String ended) {}

  record Changed(
      long version,
      @NotNull @Size(max = 80, message = "has at most 80 letters") String name,
      @NotNull State state,
      @NotNull @Size(max = 400, message = "has at most 400 letters") String reason) {}

  record Revising(
      long version,
      @NotBlank(message = "says why") @Size(max = 400, message = "has at most 400 letters") String reason,
      @NotNull @Valid BuildSheet sheet) {}

  @GetMapping
  List<ListedCraft> list() {
    return crafts.all().stream().map(r -> new ListedCraft(r.mark(), r.name(), r.craftClass(), r.state())).toList();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  Chart enter(@RequestBody @Valid NewCraft entry) {
    BuildSheet sheet = entry.sheet();
    CraftClass preset = entry.craftClass() == null ? CraftClass.INCH_5 : entry.craftClass();
    if (sheet == null) {
      sheet = BuildSheet.of(CraftClass.sound(preset.airframe(),
          entry.spins() == null ? SpinSchool.INWARD : entry.spins(),
          entry.numbering() == null ? NumberingSchool.REAR_RIGHT_FIRST : entry.numbering(),
          entry.mounted() == null ? ablemedic.craft.Rotation.NONE : entry.mounted().rotation("mounted"),
          entry.mode() == null ? FlightMode.LEVEL : entry.mode()));
    }
    sheet.toCraft();
    crafts.enter(entry.mark().strip(), entry.name().strip(), preset.label(), sheet, clock.instant());
    return chart(entry.mark().strip());
  }

  @GetMapping("/{mark}")
  Chart chart(@PathVariable String mark) {
    Row row = crafts.get(mark);
    Revision newest = crafts.newestSheet(row.mark());
    Craft craft = newest.sheet().toCraft();
    return new Chart(row.mark(), row.name(), row.craftClass(), row.state(), row.version(), row.enteredAt(),
        newest.sheet(), newest.number(), CraftDrawing.of(craft), facts(craft), revised(crafts.revisions(row.mark())),
        crafts.log(row.mark()), workUps.of(row.mark()).stream().map(this::line).toList());
  }

  @PatchMapping("/{mark}")
  Chart change(@PathVariable String mark, @RequestBody @Valid Changed changed) {
    crafts.change(crafts.get(mark).mark(), changed.version(), changed.name().strip(), changed.state(),
        changed.reason(), clock.instant());
    return chart(mark);
  }

  @GetMapping("/{mark}/build-sheet")
  BuildSheet sheet(@PathVariable String mark) {
    return crafts.newestSheet(crafts.get(mark).mark()).sheet();
  }

  @PutMapping("/{mark}/build-sheet")
  Chart revise(@PathVariable String mark, @RequestBody @Valid Revising revising) {
    revising.sheet().toCraft();
    crafts.revise(crafts.get(mark).mark(), revising.version(), revising.sheet(), revising.reason(), clock.instant());
    return chart(mark);
  }

  @GetMapping("/{mark}/log")
  List<LogEntry> log(@PathVariable String mark) {
    return crafts.log(crafts.get(mark).mark());
  }

  private WorkUpLine line(Opened opened) {
    return new WorkUpLine(opened.id(), opened.complaint(), opened.openedAt(), workUps.isOpen(opened.id()),
        workUps.ended(opened.id()).orElse(""));
  }

  private static List<Fact> facts(Craft craft) {
    var frame = craft.airframe();
    var settings = craft.settings();
    return List.of(
        new Fact("Frame", frame.shape().label() + ", motors " + Math.round(frame.reachMm()) + " mm from the middle"),
        new Fact("All-up mass", Math.round(frame.massG()) + " g"),
        new Fact("Props", Math.round(frame.propDiameterMm()) + " mm; " + settings.spins().label()),
        new Fact("Hover", String.format(java.util.Locale.ROOT, "%.1f N a motor, at least %.0f W in all",
            frame.hoverThrustN(), HoverPower.ideal(frame))),
        new Fact("Numbering", settings.numbering().label() + ", output order " + settings.order()),
        new Fact("Board", "sits at " + craft.mounted().angles() + "; told " + settings.alignment().angles()),
        new Fact("Sticks", "radio " + craft.radio().order() + ", board " + settings.stickOrder()),
        new Fact("Mode at take-off", settings.mode().label()));
  }

  private static List<Revised> revised(List<Revision> revisions) {
    List<Revised> revised = new ArrayList<>();
    for (int i = revisions.size() - 1; i >= 0; i--) {
      Revision r = revisions.get(i);
      revised.add(new Revised(r.number(), r.enteredAt(), r.reason(),
          i == 0 ? List.of() : SheetChanges.between(revisions.get(i - 1).sheet(), r.sheet())));
    }
    return revised;
  }
}

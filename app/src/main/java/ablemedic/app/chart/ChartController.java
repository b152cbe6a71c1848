package ablemedic.app.chart;

import ablemedic.app.chart.CraftStore.LogEntry;
import ablemedic.app.chart.CraftStore.Revision;
import ablemedic.app.chart.CraftStore.Row;
import ablemedic.app.chart.CraftStore.State;
import ablemedic.app.workup.WorkUpStore;
import ablemedic.app.workup.WorkUpStore.Opened;
import ablemedic.app.http.Refusal;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.NumberingSchool;
import ablemedic.craft.Settings.FlightMode;
import ablemedic.craft.SpinSchool;
import ablemedic.electrics.Chemistry;
import ablemedic.electrics.ElectricSheet;
import ablemedic.electrics.Electrics;
import ablemedic.electrics.Layout;
import ablemedic.electrics.PackKind;
import ablemedic.electrics.Told;
import ablemedic.craft.HoverPower;
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
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Crafts and their charts. */
@RestController
@RequestMapping("/api/crafts")
public class ChartController {
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
   * A first craft, entered in a minute: a class, the schools, how the board sits and how it is wired. Another craft to be
   * like, or a full build sheet, may take the place of these.
   *
   * @param layout how it is wired; left out, parts and leads stay unentered
   * @param parts  archetypes from the parts shelf
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
      @Nullable Layout layout,
      @Nullable @Size(max = 20, message = "has at most 20 parts") List<@NotNull String> parts,
      ElectricEntry.@Nullable @Valid PackEntry pack,
      @Nullable @Size(max = 24, message = "has at most 24 letters") String like,
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
      List<String> missing,
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
    if (entry.like() != null && !entry.like().isBlank()) {
      Row like = crafts.get(entry.like());
      crafts.enter(entry.mark().strip(), entry.name().strip(), like.craftClass(), crafts.newestSheet(like.mark()).sheet(),
          clock.instant());
      return chart(entry.mark().strip());
    }
    BuildSheet sheet = entry.sheet();
    CraftClass preset = entry.craftClass() == null ? CraftClass.INCH_5 : entry.craftClass();
    if (sheet == null) {
      Craft craft = CraftClass.sound(preset.airframe(),
          entry.spins() == null ? SpinSchool.INWARD : entry.spins(),
          entry.numbering() == null ? NumberingSchool.REAR_RIGHT_FIRST : entry.numbering(),
          entry.mounted() == null ? ablemedic.craft.Rotation.NONE : entry.mounted().rotation("mounted"),
          entry.mode() == null ? FlightMode.LEVEL : entry.mode());
      sheet = BuildSheet.of(entry.layout() == null ? craft : wired(craft, entry.layout(),
          entry.pack() == null ? USUAL_PACK : entry.pack().kind(), entry.parts() == null ? List.of() : entry.parts()));
    }
    sheet.toCraft();
    crafts.enter(entry.mark().strip(), entry.name().strip(), preset.label(), sheet, clock.instant());
    return chart(entry.mark().strip());
  }

  private static final PackKind USUAL_PACK = new PackKind(4, Chemistry.LIPO, 1500, 4);

  /** A craft wired by one of the usual layouts. */
  public static Craft wired(Craft craft, Layout layout, PackKind pack, List<String> parts) {
    ElectricSheet sheet = layout.sheet(craft.wiring().stream().map(Corner::ordinal).toList(),
        Corner.ALL.stream().map(craft.airframe().shape()::shortName).toList(), craft.airframe().reachMm(), pack, parts);
    return craft.withElectrics(new Electrics(sheet, Told.USUAL));
  }

  @GetMapping("/{mark}")
  Chart chart(@PathVariable String mark) {
    Row row = crafts.get(mark);
    Revision newest = crafts.newestSheet(row.mark());
    Craft craft = newest.sheet().toCraft();
    return new Chart(row.mark(), row.name(), row.craftClass(), row.state(), row.version(), row.enteredAt(),
        newest.sheet(), newest.number(), CraftDrawing.of(craft), facts(craft),
        craft.electrics().sheet().missing(), revised(crafts.revisions(row.mark())),
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
    List<Fact> facts = new ArrayList<>(List.of(
        new Fact("Frame", frame.shape().label() + ", motors " + Math.round(frame.reachMm()) + " mm from the middle"),
        new Fact("All-up mass", Math.round(frame.massG()) + " g"),
        new Fact("Props", Math.round(frame.propDiameterMm()) + " mm; " + settings.spins().label()),
        new Fact("Hover", String.format(java.util.Locale.ROOT, "%.1f N a motor, at least %.0f W in all",
            frame.hoverThrustN(), HoverPower.ideal(frame))),
        new Fact("Numbering", settings.numbering().label() + ", output order " + settings.order()),
        new Fact("Board", "sits at " + craft.mounted().angles() + "; told " + settings.alignment().angles()),
        new Fact("Sticks", "radio " + craft.radio().order() + ", board " + settings.stickOrder()),
        new Fact("Mode at take-off", settings.mode().label())));
    if (!craft.electrics().sheet().isEmpty()) {
      PackKind pack = craft.electrics().sheet().pack();
      Told told = craft.electrics().told();
      facts.add(new Fact("Pack", pack.cells() + " cells " + pack.chemistry().label() + ", "
          + Math.round(pack.capacityMah()) + " mAh"));
      facts.add(new Fact("Voltage", "from " + told.source().label() + ", scale " + told.scale() + ", cells "
          + (told.cells() == 0 ? "guessed at plug-in" : String.valueOf(told.cells()))));
      facts.add(new Fact("Parts", craft.electrics().sheet().parts().stream()
          .map(part -> part.label()).collect(java.util.stream.Collectors.joining(", "))));
    }
    return facts;
  }

  /** Adds a part from the shelf; its leads run to the first pads that fit. */
  @PostMapping("/{mark}/parts")
  Chart addPart(@PathVariable String mark, @RequestBody @Valid PartAdded added) {
    Row row = crafts.get(mark);
    BuildSheet sheet = crafts.newestSheet(row.mark()).sheet();
    Electrics now = electrics(sheet);
    ElectricSheet more = Layout.withPart(now.sheet(), added.archetype());
    crafts.revise(row.mark(), added.version(), sheet.withElectrics(ElectricEntry.of(new Electrics(more, now.told()))),
        "part added: " + more.parts().get(more.parts().size() - 1).label(), clock.instant());
    crafts.log(row.mark(), clock.instant(), "part", "Part added: " + more.parts().get(more.parts().size() - 1).label(),
        null);
    return chart(mark);
  }

  record PartAdded(long version, @NotBlank(message = "names an archetype of the parts shelf") String archetype) {}

  private static Electrics electrics(BuildSheet sheet) {
    if (sheet.electrics() == null) {
      throw Refusal.conflict("electrics", "The parts and leads of this craft are not entered yet: choose a layout first.");
    }
    return sheet.electrics().toElectrics();
  }

  /** Takes a part and its leads off. */
  @DeleteMapping("/{mark}/parts/{partId}")
  Chart removePart(@PathVariable String mark, @PathVariable String partId, @RequestParam long version) {
    Row row = crafts.get(mark);
    BuildSheet sheet = crafts.newestSheet(row.mark()).sheet();
    ElectricEntry entry = ElectricEntry.of(electrics(sheet));
    if (entry.parts().stream().noneMatch(p -> p.id().equals(partId))) {
      throw Refusal.unknown("partId", "There is no part “" + partId + "”; there is "
          + String.join(", ", entry.parts().stream().map(ElectricEntry.PartEntry::id).toList()) + ".");
    }
    ElectricEntry fewer = new ElectricEntry(
        entry.parts().stream().filter(p -> !p.id().equals(partId)).toList(),
        entry.leads().stream().filter(l -> !l.from().startsWith(partId + ".") && !l.to().startsWith(partId + ".")).toList(),
        entry.pack(), entry.told());
    fewer.toElectrics();
    crafts.revise(row.mark(), version, sheet.withElectrics(fewer), "part taken off: " + partId, clock.instant());
    crafts.log(row.mark(), clock.instant(), "part", "Part taken off: " + partId, null);
    return chart(mark);
  }

  /** Wires a craft by a usual layout, in place of what was entered. */
  @PutMapping("/{mark}/layout")
  Chart layOut(@PathVariable String mark, @RequestBody @Valid LaidOut laid) {
    Row row = crafts.get(mark);
    BuildSheet sheet = crafts.newestSheet(row.mark()).sheet();
    Craft craft = wired(sheet.toCraft(), laid.layout(), laid.pack().kind(), laid.parts());
    crafts.revise(row.mark(), laid.version(), BuildSheet.of(craft), "wired: " + laid.layout().label(), clock.instant());
    return chart(mark);
  }

  record LaidOut(long version, @NotNull Layout layout, ElectricEntry.@NotNull @Valid PackEntry pack,
      @NotNull @Size(max = 20, message = "has at most 20 parts") List<@NotNull String> parts) {}

  /** Notes in the log what happened to a craft; a crash, a part and an opened stack make the pre-power routine due. */
  @PostMapping("/{mark}/log")
  List<LogEntry> note(@PathVariable String mark, @RequestBody @Valid LogNote noted) {
    Row row = crafts.get(mark);
    crafts.log(row.mark(), clock.instant(), noted.kind().name().toLowerCase(java.util.Locale.ROOT), noted.text().strip(), null);
    return crafts.log(row.mark());
  }

  record LogNote(@NotNull(message = "is one of FLIGHT, NOTE, CRASH, PART, OPENED") Kind kind,
      @NotBlank(message = "says what happened") @Size(max = 400, message = "has at most 400 letters") String text) {}

  /** What a note is of. */
  enum Kind {
    FLIGHT, NOTE, CRASH, PART, OPENED
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

package ablemedic.app.demo;

import ablemedic.app.chart.BuildSheet;
import ablemedic.app.chart.ChartController;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.ElectricEntry.PackEntry;
import ablemedic.app.packs.PackStore;
import ablemedic.app.routine.Routines;
import ablemedic.app.chart.CraftStore.State;
import ablemedic.app.storage.Json;
import ablemedic.app.workup.WorkUpEvent;
import ablemedic.app.workup.WorkUpEvent.End;
import ablemedic.app.workup.WorkUps;
import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.electrics.Layout;
import ablemedic.power.LandingSchool;
import ablemedic.craft.NumberingSchool;
import ablemedic.craft.Settings.FlightMode;
import ablemedic.craft.SpinSchool;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.BenchRoute;
import ablemedic.diagnosis.BenchStep;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Outlook;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Sureness;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Fills an empty database with the demo bench. */
@Component
public class DemoBench {
  private final CraftStore crafts;
  private final WorkUps workUps;
  private final Routines routines;
  private final PackStore packs;
  private final Json json;
  private final Clock clock;

  DemoBench(CraftStore crafts, WorkUps workUps, Routines routines, PackStore packs, Json json, Clock clock) {
    this.crafts = crafts;
    this.workUps = workUps;
    this.routines = routines;
    this.packs = packs;
    this.json = json;
    this.clock = clock;
  }

  /** The data file. Times are days before the start of the program, and minutes after the event before. */
  record Script(List<DemoCraft> crafts, List<DemoPack> packs, List<DemoWorkUp> workUps) {}

  record DemoPack(String label, PackEntry kind, LandingSchool school, List<DemoPackEntry> entries) {}

  record DemoPackEntry(double daysAgo, PackStore.PackEvent entry) {}

  record DemoCraft(String mark, String name, CraftClass craftClass, SpinSchool spins, NumberingSchool numbering,
      BuildSheet.@Nullable Turn mounted, FlightMode mode, @Nullable Layout layout, @Nullable List<String> parts,
      @Nullable PackEntry pack, double daysAgo, @Nullable Double routineDaysAgo, @Nullable String grounded,
      List<DemoNote> notes) {}

  record DemoNote(double daysAgo, String kind, String text) {}

  record DemoWorkUp(String mark, double daysAgo, @Nullable String kind, String complaint, Occasion occasion, Map<String, String> seen,
      List<DemoStep> steps) {}

  /** One step: exactly one of its parts is given. */
  record DemoStep(double after, @Nullable String check, @Nullable String outcome, @Nullable String written,
      @Nullable String told,      @Nullable Sureness sureness, @Nullable String fault, @Nullable String fix, @Nullable String suspect,
      @Nullable String skip, @Nullable End end, @Nullable String words) {}

  /** Fills the database when it holds no craft. */
  public void fill() {
    if (!crafts.all().isEmpty()) {
      return;
    }
    Script script = json.read(text(), Script.class);
    Instant now = clock.instant();
    for (DemoCraft craft : script.crafts()) {
      enter(craft, now);
    }
    for (DemoPack pack : script.packs()) {
      packs.enter(new PackStore.Pack(pack.label(), pack.kind(), pack.school()), ago(now, 300));
      pack.entries().forEach(e -> packs.add(pack.label(), e.entry(), ago(now, e.daysAgo())));
    }
    for (DemoWorkUp workUp : script.workUps()) {
      walk(workUp, now);
    }
    for (DemoCraft craft : script.crafts()) {
      if (craft.routineDaysAgo() != null) {
        runRoutine(craft.mark(), ago(now, craft.routineDaysAgo()));
      }
    }
  }

  private void enter(DemoCraft craft, Instant now) {
    var mounted = craft.mounted() == null ? ablemedic.craft.Rotation.NONE : craft.mounted().rotation("mounted");
    Craft bare = CraftClass.sound(
        craft.craftClass().airframe(), craft.spins(), craft.numbering(), mounted, craft.mode());
    BuildSheet sheet = BuildSheet.of(craft.layout() == null || craft.pack() == null ? bare
        : ChartController.wired(bare, craft.layout(), craft.pack().kind(),
            craft.parts() == null ? List.of() : craft.parts()));
    crafts.enter(craft.mark(), craft.name(), craft.craftClass().label(), sheet, ago(now, craft.daysAgo()));
    for (DemoNote note : craft.notes()) {
      crafts.log(craft.mark(), ago(now, note.daysAgo()), note.kind(), note.text(), null);
    }
    if (craft.grounded() != null) {
      crafts.change(craft.mark(), 1, craft.name(), State.GROUNDED, craft.grounded(), ago(now, 20));
    }
  }

  private void walk(DemoWorkUp demo, Instant now) {
    Instant at = ago(now, demo.daysAgo());
    long id = workUps.open(demo.mark(), demo.kind() == null ? "take-off" : demo.kind(), demo.complaint(), demo.occasion(), demo.seen(), at);
    for (DemoStep step : demo.steps()) {
      at = at.plusSeconds(Math.round(step.after() * 60));
      if (step.check() != null) {
        ready(demo.mark(), id, step.check(), at);
        workUps.find(id, workUps.version(id), step.check(),
            step.outcome() == null ? Map.of() : Map.of("seen", step.outcome()), step.written(), step.told(),
            step.sureness() == null ? Sureness.SURE : step.sureness(), "", at);
      } else if (step.fix() != null && step.fault() != null) {
        workUps.fix(id, workUps.version(id), step.fault(), step.fix(), at);
      } else if (step.suspect() != null) {
        workUps.record(id, workUps.version(id),
            new WorkUpEvent.Suspected(step.suspect(), step.words() == null ? "" : step.words()), at);
      } else if (step.skip() != null) {
        workUps.record(id, workUps.version(id), new WorkUpEvent.Skipped(step.skip()), at);
      } else if (step.end() != null) {
        workUps.close(id, workUps.version(id), step.end(), step.words() == null ? "" : step.words(), at);
      }
    }
  }

  private void ready(String mark, long id, String checkId, Instant at) {
    BenchNeeds needs = workUps.book(mark).check(checkId).orElseThrow().needs();
    if (BenchRoute.from(workUps.bench(id), needs).orElseThrow().steps().contains(BenchStep.SHORT_TEST)) {
      runRoutine(mark, at.minusSeconds(60));
    }
    BenchRoute route = BenchRoute.from(workUps.bench(id), needs).orElseThrow();
    if (!route.steps().isEmpty()) {
      workUps.setBench(id, workUps.version(id), route.end(), "", at);
    }
  }

  /** A run of the pre-power routine on which everything was as it should be. */
  private void runRoutine(String mark, Instant at) {
    Craft craft = crafts.newestCraft(mark);
    Map<String, Routines.Given> readings = new HashMap<>();
    for (Check<Craft> step : routines.steps(craft)) {
      Outlook outlook = step.outlook(craft);
      readings.put(step.id(), outlook instanceof Outlook.Spread spread
          ? new Routines.Given(Map.of(), String.format(java.util.Locale.ROOT, "%.2f %s", spread.mean(), spread.scale().unit()))
          : outlook instanceof Outlook.Worded worded ? new Routines.Given(Map.of(), worded.word())
          : new Routines.Given(Map.of("seen", ((Outlook.Ways) outlook).choices().questions().get(0).outcomes().get(0).id()),
              null));
    }
    routines.run(mark, readings, 9, at);
  }

  private static Instant ago(Instant now, double days) {
    return now.minus(Duration.ofMinutes(Math.round(days * 24 * 60)));
  }

  private static String text() {
    try (InputStream in = DemoBench.class.getResourceAsStream("/demo/skerry-loft.json")) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}

package ablemedic.app.demo;

import ablemedic.Specialities;
import ablemedic.app.chart.BuildSheet;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.CraftStore.State;
import ablemedic.app.storage.Json;
import ablemedic.app.workup.WorkUpEvent;
import ablemedic.app.workup.WorkUpEvent.End;
import ablemedic.app.workup.WorkUps;
import ablemedic.craft.CraftClass;
import ablemedic.craft.NumberingSchool;
import ablemedic.craft.Settings.FlightMode;
import ablemedic.craft.SpinSchool;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.BenchRoute;
import ablemedic.diagnosis.BenchState;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Sureness;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Fills an empty database with the demo bench. */
@Component
public class DemoBench {
  private final CraftStore crafts;
  private final WorkUps workUps;
  private final Json json;
  private final Clock clock;

  DemoBench(CraftStore crafts, WorkUps workUps, Json json, Clock clock) {
    this.crafts = crafts;
    this.workUps = workUps;
    this.json = json;
    this.clock = clock;
  }

  /** The data file. Times are days before the start of the program, and minutes after the event before. */
  record Script(List<DemoCraft> crafts, List<DemoWorkUp> workUps) {}

  record DemoCraft(String mark, String name, CraftClass craftClass, SpinSchool spins, NumberingSchool numbering,
      BuildSheet.@Nullable Turn mounted, FlightMode mode, double daysAgo, @Nullable String grounded,
      List<DemoNote> notes) {}

  record DemoNote(double daysAgo, String kind, String text) {}

  record DemoWorkUp(String mark, double daysAgo, String complaint, Occasion occasion, Map<String, String> seen,
      List<DemoStep> steps) {}

  /** One step: exactly one of its parts is given. */
  record DemoStep(double after, @Nullable String check, @Nullable String outcome, @Nullable String written,
      @Nullable Sureness sureness, @Nullable String fault, @Nullable String fix, @Nullable String suspect,
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
    for (DemoWorkUp workUp : script.workUps()) {
      walk(workUp, now);
    }
  }

  private void enter(DemoCraft craft, Instant now) {
    var mounted = craft.mounted() == null ? ablemedic.craft.Rotation.NONE : craft.mounted().rotation("mounted");
    BuildSheet sheet = BuildSheet.of(CraftClass.sound(
        craft.craftClass().airframe(), craft.spins(), craft.numbering(), mounted, craft.mode()));
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
    long id = workUps.open(demo.mark(), demo.complaint(), demo.occasion(), demo.seen(), at);
    BenchState bench = BenchState.AT_INTAKE;
    for (DemoStep step : demo.steps()) {
      at = at.plusSeconds(Math.round(step.after() * 60));
      if (step.check() != null) {
        bench = ready(id, step.check(), bench, at);
        workUps.find(id, workUps.version(id), step.check(),
            step.outcome() == null ? Map.of() : Map.of("seen", step.outcome()), step.written(),
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

  private BenchState ready(long id, String checkId, BenchState bench, Instant at) {
    BenchNeeds needs = Specialities.book().check(checkId).orElseThrow().needs();
    BenchRoute route = BenchRoute.from(bench, needs).orElseThrow();
    if (!route.steps().isEmpty()) {
      workUps.setBench(id, workUps.version(id), route.end(), "", at);
    }
    return route.end();
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

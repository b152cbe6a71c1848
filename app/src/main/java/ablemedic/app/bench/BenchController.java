package ablemedic.app.bench;

import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.CraftStore.Row;
import ablemedic.app.chart.CraftStore.State;
import ablemedic.app.workup.WorkUpGlance;
import ablemedic.app.workup.WorkUpGlance.Glance;
import ablemedic.app.workup.WorkUpStore;
import ablemedic.app.workup.WorkUpStore.Opened;
import ablemedic.craft.CraftClass;
import ablemedic.craft.NumberingSchool;
import ablemedic.craft.Settings.FlightMode;
import ablemedic.craft.SpinSchool;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Occasion;
import ablemedic.electrics.Archetype;
import ablemedic.electrics.Chemistry;
import ablemedic.electrics.Layout;
import ablemedic.electrics.PartShelf;
import ablemedic.electrics.Told;
import ablemedic.power.LandingSchool;
import ablemedic.takeoff.TakeOff;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The bench over HTTP, and the lists that its forms choose from. */
@RestController
class BenchController {
  private final CraftStore crafts;
  private final WorkUpStore workUps;
  private final WorkUpGlance glances;

  BenchController(CraftStore crafts, WorkUpStore workUps, WorkUpGlance glances) {
    this.crafts = crafts;
    this.workUps = workUps;
    this.glances = glances;
  }

  /** The bench as it stands. */
  record Bench(List<Glance> needing, List<Resting> fit, List<Resting> grounded) {}

  /** A craft that needs nothing just now. */
  record Resting(String mark, String name, String craftClass) {}

  /** Something to choose, with its name in the interface. */
  record Choice(String id, String label) {}

  record IntakeQuestion(String id, String text, List<Choice> outcomes) {}

  record Choosable(List<Choice> classes, List<Choice> spins, List<Choice> numberings, List<Choice> modes,
      List<Choice> occasions, List<IntakeQuestion> intake, List<Choice> layouts, List<Choice> chemistries,
      List<Choice> voltageSources, List<Choice> landingSchools, List<Choice> parts) {}

  @GetMapping("/api/bench")
  Bench bench() {
    List<Glance> needing = new ArrayList<>();
    List<Resting> fit = new ArrayList<>();
    List<Resting> grounded = new ArrayList<>();
    for (Row row : crafts.all()) {
      var open = workUps.of(row.mark()).stream().filter(o -> workUps.isOpen(o.id())).map(Opened::id).findFirst();
      if (open.isPresent()) {
        needing.add(glances.of(open.get(), row));
      } else {
        (row.state() == State.FIT ? fit : grounded).add(new Resting(row.mark(), row.name(), row.craftClass()));
      }
    }
    return new Bench(needing, fit, grounded);
  }

  @GetMapping("/api/choices")
  Choosable choices() {
    return new Choosable(
        Arrays.stream(CraftClass.values()).map(c -> new Choice(c.name(), c.label())).toList(),
        Arrays.stream(SpinSchool.values()).map(s -> new Choice(s.name(), s.label())).toList(),
        Arrays.stream(NumberingSchool.values()).map(s -> new Choice(s.name(), s.label())).toList(),
        Arrays.stream(FlightMode.values()).map(m -> new Choice(m.name(), m.label())).toList(),
        Arrays.stream(Occasion.values()).map(o -> new Choice(o.name(), o.label())).toList(),
        ((Choices) TakeOff.seen().answers()).questions().stream()
            .map(q -> new IntakeQuestion(q.id(), q.text(), q.outcomes().stream()
                .map(o -> new Choice(o.id(), o.label())).toList()))
            .toList(),
        Arrays.stream(Layout.values()).map(l -> new Choice(l.name(), l.label())).toList(),
        Arrays.stream(Chemistry.values()).map(c -> new Choice(c.name(), c.label())).toList(),
        Arrays.stream(Told.Source.values()).map(t -> new Choice(t.name(), t.label())).toList(),
        Arrays.stream(LandingSchool.values()).map(l -> new Choice(l.name(), l.label())).toList(),
        PartShelf.all().stream().filter(a -> a.kind() == Archetype.Kind.PART || a.kind() == Archetype.Kind.CAPACITOR)
            .map(a -> new Choice(a.id(), a.label())).toList());
  }
}

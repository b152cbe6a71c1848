package ablemedic.power;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.electrics.Archetype;
import ablemedic.electrics.Electrics;
import ablemedic.electrics.Harm;
import ablemedic.electrics.Inner;
import ablemedic.electrics.Pad;
import ablemedic.electrics.Part;
import ablemedic.electrics.Told;
import ablemedic.electrics.Wiring;
import ablemedic.electrics.Wiring.At;
import ablemedic.electrics.Wiring.Link;
import ablemedic.electrics.Wiring.Purpose;
import ablemedic.reading.Meter;
import ablemedic.speciality.CraftFault;
import ablemedic.speciality.Odds;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;

/** All faults of power that one craft can have: every link, pad, regulator, part and setting that it has. */
final class PowerFaults {
  /** A bad joint or pin in a supply, and a corroded signal, ohms. Common practice. */
  private static final double POOR_SUPPLY_OHMS = 1.5;
  private static final double POOR_SIGNAL_OHMS = 4_000;
  /** Less than this past an open link is not to be told from the link with a handheld meter. */
  private static final double DOUBLED_OHMS = 0.6;
  private static final double BRIDGE_OHMS = 0.05;
  private static final double DRIVE_SHORT_OHMS = 0.25;
  private static final double BURST_OHMS = 2;
  /** Current of a failing regulator over what hangs on it. Common practice: it holds with a part or two, not with all. */
  private static final double WEAK_REGULATOR = 0.6;
  private static final double WORN = 4;
  private static final double WEAK_CELL_V = 0.7;
  private static final double REST_OFFSET_A = 3;

  private final Electrics sound;
  private final Wiring wiring;
  private final List<Fault<Craft>> faults = new ArrayList<>();

  private PowerFaults(Electrics sound) {
    this.sound = sound;
    this.wiring = sound.wiring();
  }

  static List<Fault<Craft>> of(Electrics sound) {
    PowerFaults all = new PowerFaults(sound);
    if (!sound.sheet().isEmpty()) {
      all.links();
      all.bridges();
      all.controllers();
      all.regulators();
      all.capacitors();
      all.parts();
      all.sensing();
      all.current();
      all.pack();
    }
    return List.copyOf(all.faults);
  }

  private void links() {
    for (Link link : wiring.links()) {
      if (isDoubled(link)) {
        continue;
      }
      Odds odds = PowerOdds.open(link.kind());
      Harm harm = new Harm(Harm.Kind.LINK, link.id());
      String name = plain(link.id());
      harmed("open-" + name, "link-open", link.id(), odds, harm, Double.POSITIVE_INFINITY,
          sentence(link.label()) + " is open", PowerFixes.link(wiring, link));
      double poor = link.purpose() == Purpose.SIGNAL || link.purpose() == Purpose.SENSE ? POOR_SIGNAL_OHMS
          : POOR_SUPPLY_OHMS;
      harmed("poor-" + name, "link-poor", link.id(), odds.times(0.35), harm, poor,
          sentence(link.label()) + " conducts badly", PowerFixes.link(wiring, link));
    }
  }

  /** Whether another way of copper goes past a link, so that neither meter nor craft would miss it. */
  private boolean isDoubled(Link link) {
    Electrics open = sound.with(new Harm(Harm.Kind.LINK, link.id()), Double.POSITIVE_INFINITY);
    return PackOut.of(open, Meter.USUAL).ohms(link.a(), link.b()) < DOUBLED_OHMS;
  }

  private void bridges() {
    for (Wiring.Neighbours pads : wiring.neighbours()) {
      if (alreadyJoined(pads)) {
        continue;
      }
      harmed("bridge-" + plain(pads.id()), "bridge", pads.id(), PowerOdds.BRIDGE,
          new Harm(Harm.Kind.BRIDGE, pads.id()), BRIDGE_OHMS, "Solder or a strand bridges " + pads.label(),
          PowerFixes.bridge(pads));
    }
  }

  /** Two pads of one net are no neighbours to fear. */
  private boolean alreadyJoined(Wiring.Neighbours pads) {
    return PackOut.of(sound, Meter.USUAL).ohms(pads.a(), pads.b()) < 1;
  }

  private void controllers() {
    for (At<Inner.Drive> drive : wiring.all(Inner.Drive.class)) {
      String pad = drive.address(drive.of().plus());
      String which = drive.part().archetype().slots() > 1 ? " " + (drive.of().slot() + 1) : "";
      harmed("drive-short-" + plain(pad), "drive-shorted", pad, PowerOdds.DRIVE_SHORT,
          new Harm(Harm.Kind.DRIVE_SHORT, pad), DRIVE_SHORT_OHMS,
          sentence(drive.part().label()) + which + " is shorted inside", PowerFixes.part(drive.part(), "shorted"));
      if (drive.part().archetype().slots() == 1 && fed(drive.part())) {
        harmed("crossed-" + plain(drive.part().id()), "leads-crossed", drive.part().id(), PowerOdds.CROSSED,
            new Harm(Harm.Kind.CROSSED, drive.part().id()), 1,
            "Plus and minus of the " + drive.part().label() + " are crossed", PowerFixes.crossed(drive.part()));
      }
    }
  }

  private boolean fed(Part part) {
    return List.of(".+", ".-").stream().allMatch(pad -> sound.sheet().leads().stream()
        .anyMatch(l -> l.to().equals(part.id() + pad) || l.from().equals(part.id() + pad)));
  }

  private void regulators() {
    Powered idle = Powered.onBench(sound);
    for (At<Inner.Regulator> r : wiring.all(Inner.Regulator.class)) {
      String pad = r.address(r.of().out());
      double gives = idle.outputs().stream().filter(o -> (o.part().id() + "." + o.pad()).equals(pad))
          .mapToDouble(Powered.Output::givesA).findFirst().orElse(0);
      double weak = Math.max(0.02, Math.min(0.5, WEAK_REGULATOR * gives / r.of().limitA()));
      String name = String.format(Locale.ROOT, "The %s V regulator of the %s", number(r.of().volts()), r.part().label());
      Harm harm = new Harm(Harm.Kind.REGULATOR, pad);
      harmed("regulator-dead-" + plain(pad), "regulator-dead", pad, PowerOdds.REGULATOR_DEAD, harm, 0,
          name + " is dead", PowerFixes.regulator(r));
      harmed("regulator-weak-" + plain(pad), "regulator-weak", pad, PowerOdds.REGULATOR_WEAK, harm, weak,
          name + " gives way under load", PowerFixes.regulator(r));
    }
  }

  private void capacitors() {
    for (At<Inner.Capacitance> c : wiring.all(Inner.Capacitance.class)) {
      if (c.of().bulky()) {
        String pad = c.address(c.of().plus());
        harmed("capacitor-burst-" + plain(pad), "capacitor-burst", pad, PowerOdds.CAPACITOR,
            new Harm(Harm.Kind.CAPACITOR, pad), BURST_OHMS, "The " + c.part().label() + " is burst and shorted",
            PowerFixes.part(c.part(), "burst"));
      }
    }
  }

  private void parts() {
    for (At<Inner.Load> load : wiring.all(Inner.Load.class)) {
      Part part = load.part();
      Harm harm = new Harm(Harm.Kind.DRAW, part.id());
      harmed("dead-" + plain(part.id()), "part-dead", part.id(), PowerOdds.PART_DEAD, harm, 0,
          "The " + part.label() + " itself is dead", PowerFixes.part(part, "dead"));
      double times = load.of().poorAmps() / load.of().amps();
      if (part.draw() == 0 && load.of().hasPoorSort()) {
        harmed("greedy-" + plain(part.id()), "part-greedy", part.id(), PowerOdds.PART_GREEDY, harm, times,
            "The " + part.label() + " is the sort that draws " + number(load.of().poorAmps()) + " A",
            PowerFixes.greedy(part, load.of()));
      }
    }
  }

  private void sensing() {
    if (wiring.divider().isEmpty()) {
      return;
    }
    wiring.senseLead().ifPresent(lead -> {
      Set<Double> rails = new HashSet<>();
      for (At<Inner.Regulator> r : wiring.all(Inner.Regulator.class)) {
        if (rails.add(r.of().volts())) {
          int node = Circuits.node(wiring, r, r.of().out());
          harmed("sense-on-" + plain(r.address(r.of().out())), "sense-lead-on-rail", lead.id(), PowerOdds.SENSE_ON_RAIL,
              new Harm(Harm.Kind.SENSE_LEAD, lead.id()), node,
              "The sense lead sits on the regulated " + number(r.of().volts()) + " V at " + wiring.label(node),
              PowerFixes.senseLead(wiring, lead));
        }
      }
    });
    Harm sensed = new Harm(Harm.Kind.SENSED, "");
    String board = wiring.divider().get().part().label();
    for (double factor : new double[] {0.9, 1.1}) {
      harmed("divider-" + (factor < 1 ? "low" : "high"), "divider-off", "divider", PowerOdds.DIVIDER, sensed, factor,
          "A resistor of the divider on the " + board + " is off, it reads " + (factor < 1 ? "low" : "high"),
          PowerFixes.divider(sound));
    }
    harmed("divider-open-top", "divider-off", "divider", PowerOdds.DIVIDER, sensed, 0,
        "The upper resistor of the divider on the " + board + " is off", PowerFixes.divider(sound));
    harmed("divider-open-bottom", "divider-off", "divider", PowerOdds.DIVIDER, sensed, 11,
        "The lower resistor of the divider on the " + board + " is off", PowerFixes.divider(sound));
    harmed("converter-off", "converter-off", "converter", PowerOdds.CONVERTER, sensed, 1.04,
        "The converter's 3.3 V reference is low", PowerFixes.converter());
    told();
  }

  private void told() {
    double[] factors = {0.5, 0.77, 10 / 11.0, 1.1, 1.3, 2};
    for (double f : factors) {
      double scale = Math.round(sound.told().scale() * f * 1000) / 1000.0;
      toldWrong("scale-" + plain(number(f)), "scale-wrong", "scale", PowerOdds.SCALE.times(0.4),
          t -> t.withScale(t.scale() * f), "The voltage scale told is " + number(scale) + " instead of "
              + number(sound.told().scale()), PowerFixes.scale(sound));
    }
    for (int off : new int[] {-1, 1}) {
      int cells = sound.sheet().pack().cells() + off;
      if (cells >= 1) {
        toldWrong("told-cells-" + (off < 0 ? "fewer" : "more"), "cells-wrong", "cells", PowerOdds.CELLS,
            t -> t.withCells(cells), "The board was told " + cells + " cells", PowerFixes.cells(sound));
      }
    }
    for (Told.Source source : Told.Source.values()) {
      if (source == Told.Source.NONE && sound.told().source() != source) {
        toldWrong("source-none", "source-wrong", "source", PowerOdds.SOURCE, t -> t.withSource(source),
            "The board was told to read no voltage", PowerFixes.source(sound));
      }
    }
  }

  private void current() {
    if (wiring.all(Inner.CurrentSensor.class).isEmpty()) {
      return;
    }
    toldWrong("current-not-read", "current-wrong", "current", PowerOdds.CURRENT, t -> t.withCurrent(false),
        "The board was told to read no current", PowerFixes.current(sound));
    for (double f : new double[] {0.5, 0.75, 1.35, 2}) {
      toldWrong("current-scale-" + plain(number(f)), "current-wrong", "current scale", PowerOdds.CURRENT.times(0.5),
          t -> t.withCurrentScale(t.currentScale() * f), "The current scale makes it read " + number(f)
              + " times what flows", PowerFixes.currentScale(sound));
    }
    toldWrong("current-at-rest", "current-wrong", "current at rest", PowerOdds.CURRENT.times(0.6),
        t -> t.withCurrentAtRest(t.currentAtRestA() + REST_OFFSET_A), "The current offset makes it read "
            + number(REST_OFFSET_A) + " A too much", PowerFixes.currentAtRest(sound));
  }

  private void pack() {
    harmed("pack-worn", "pack-worn", "pack ohms", PowerOdds.PACK_WORN, new Harm(Harm.Kind.PACK_OHMS, ""), WORN,
        "The pack is worn out", PowerFixes.pack("Fly another pack; retire this one", Harm.Kind.PACK_OHMS));
    harmed("cell-weak", "cell-weak", "pack cell", PowerOdds.CELL_WEAK, new Harm(Harm.Kind.WEAK_CELL, ""), WEAK_CELL_V,
        "One cell of the pack is weak", PowerFixes.pack("Fly another pack; retire this one", Harm.Kind.WEAK_CELL));
    for (int off : new int[] {-1, 1}) {
      int cells = sound.sheet().pack().cells() + off;
      if (cells >= 1) {
        harmed("pack-cells-" + (off < 0 ? "fewer" : "more"), "pack-of-other-cells", "pack cells",
            PowerOdds.OTHER_PACK, new Harm(Harm.Kind.PACK_CELLS, ""), off,
            "A pack of " + cells + " cells is fitted", PowerFixes.pack("Fit a pack of " + sound.sheet().pack().cells()
                + " cells, or correct the sheet", Harm.Kind.PACK_CELLS));
      }
    }
  }

  private void harmed(String id, String kind, String site, Odds odds, Harm harm, double number, String description,
      BiFunction<Craft, Craft, List<Fix<Craft>>> fixing) {
    faults.add(new CraftFault(ownId(id), kind, "power " + site, craft -> description, odds,
        craft -> Feeds.settled(craft.withElectrics(craft.electrics().with(harm, number))), fixing));
  }

  private void toldWrong(String id, String kind, String site, Odds odds, UnaryOperator<Told> change, String description,
      BiFunction<Craft, Craft, List<Fix<Craft>>> fixing) {
    faults.add(new CraftFault(ownId(id), kind, "power " + site, craft -> description, odds,
        craft -> craft.withElectrics(craft.electrics().withTold(change.apply(craft.electrics().told()))), fixing));
  }

  /** The id itself, with a number where legal names of two places come to the same without their marks. */
  private String ownId(String id) {
    int n = 1;
    String own = id;
    while (taken(own)) {
      n++;
      own = id + "-" + n;
    }
    return own;
  }

  private boolean taken(String id) {
    return faults.stream().anyMatch(fault -> fault.id().equals(id));
  }

  /** A name without the marks that paths and files part by. */
  private static String plain(String id) {
    return id.replaceAll("[.>|#~]+", "_").replace("+", "p").replaceAll("-(?=_|$)", "m");
  }

  static String number(double value) {
    return Math.abs(value - Math.rint(value)) < 1e-9 ? String.valueOf(Math.round(value))
        : String.valueOf(Math.round(value * 1000) / 1000.0);
  }

  static String sentence(String words) {
    return Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }
}

package ablemedic.power;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Fix.Value;
import ablemedic.electrics.Electrics;
import ablemedic.electrics.Harm;
import ablemedic.electrics.Inner;
import ablemedic.electrics.Lead;
import ablemedic.electrics.Part;
import ablemedic.electrics.Told;
import ablemedic.electrics.Wiring;
import ablemedic.electrics.Wiring.At;
import ablemedic.electrics.Wiring.Link;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/** The ways to put each fault of power right, in the labels and numbers of the craft at hand. */
final class PowerFixes {
  private static final String PACK_OUT = "Pack out, computer out.";
  private static final String ROUTINE = "Then the pre-power routine, before the pack goes in again.";
  private static final String SAVE = "Save, let the board restart, and read the setting back.";

  /** Makes fixes from the sound craft and the craft with the fault. */
  interface Fixing extends BiFunction<Craft, Craft, List<Fix<Craft>>> {}

  private PowerFixes() {}

  static Fixing link(Wiring wiring, Link link) {
    String what = link.label();
    List<String> how = switch (link.kind()) {
      case JOINT, LEAD -> List.of(PACK_OUT, "Flux " + what + " and heat it until fresh solder wets pad and strands; a "
          + "ground pad on a thick plane wants the bigger tip. Hold it still until it sets, then tug.", ROUTINE);
      case PIN -> List.of(PACK_OUT, "Pull the connector at " + wiring.label(link.b()) + ". Look for a pin that is pushed "
          + "back, bent or loose in its crimp; crimp a new contact on, or solder past it.", ROUTINE);
      case WIRE -> List.of(PACK_OUT, "Replace " + what + ": " + lead(wiring, link)
          + ". Strands that broke once break again beside the mend.", ROUTINE);
      case TRACE -> List.of(PACK_OUT, "Run a wire of at least the gauge of the lead beside it past " + what
          + ", or replace the board.", ROUTINE);
    };
    String title = switch (link.kind()) {
      case JOINT -> "Make " + what + " anew";
      case PIN, WIRE, LEAD -> "Renew " + what;
      case TRACE -> "Bypass " + what;
    };
    double minutes = link.kind() == Wiring.Kind.TRACE ? 25 : 12;
    return (sound, faulty) -> {
      double ohms = faulty.electrics().harm(Harm.Kind.LINK, link.id(), link.ohms());
      return List.of(new Fix<>("renew", "sound " + link.id(), title, how,
          List.of(new Value(what, Double.isInfinite(ohms) ? "open" : PowerFaults.number(ohms) + " ohm", "sound")), minutes,
          without(new Harm(Harm.Kind.LINK, link.id()))));
    };
  }

  private static String lead(Wiring wiring, Link link) {
    return wiring.sheet().leads().stream().filter(l -> l.id().equals(link.leadId())).findFirst()
        .map(l -> "gauge " + l.gauge().awg() + ", " + Math.round(l.lengthMm()) + " mm").orElse("the same gauge and length");
  }

  static Fixing bridge(Wiring.Neighbours pads) {
    return one(new Fix<>("clear", "no bridge " + pads.id(), "Clear the bridge between " + pads.label(),
        List.of(PACK_OUT, "Wick the solder off between " + pads.label() + ", look for a stray strand, clean with alcohol.",
            "If a chip behind it took harm it shows in the rails at first power.", ROUTINE),
        List.of(new Value("between " + pads.label(), "bridged", "clear")), 8,
        without(new Harm(Harm.Kind.BRIDGE, pads.id()))));
  }

  static Fixing crossed(Part part) {
    return one(new Fix<>("exchange", "polarity of " + part.id(), "Exchange plus and minus of the " + part.label(),
        List.of(PACK_OUT, "Unsolder both supply leads of the " + part.label() + " and exchange them.",
            "If it had the pack on it that way it is most likely dead: measure it before you trust it.", ROUTINE),
        List.of(new Value("leads of the " + part.label(), "crossed", "plus on plus")), 12,
        without(new Harm(Harm.Kind.CROSSED, part.id()))));
  }

  static Fixing part(Part part, String was) {
    return one(new Fix<>("replace", "new " + part.id(), "Replace the " + part.label(),
        List.of(PACK_OUT, "Take the " + part.label() + " off and measure again without it: the trouble must be gone with it.",
            "Fit a sound one of the same ratings, its leads as the sheet has them.", ROUTINE),
        List.of(new Value(part.label(), was, "sound")), 25, craft -> {
          Electrics e = craft.electrics();
          for (Harm harm : craft.electrics().harm().keySet()) {
            if (harm.kind() != Harm.Kind.LINK
                && (harm.where().equals(part.id()) || harm.where().startsWith(part.id() + ".")) && !harm.where().contains("|")) {
              e = e.without(harm);
            }
          }
          return Feeds.settled(craft.withElectrics(e));
        }));
  }

  static Fixing greedy(Part part, Inner.Load load) {
    return one(new Fix<>("replace", "new " + part.id(), "Fit a " + part.label() + " of the good sort, or feed it by itself",
        List.of(PACK_OUT, "Fit one that draws about " + PowerFaults.number(load.amps()) + " A, or give this one a regulator "
            + "of its own that has " + PowerFaults.number(load.poorAmps() * 1.25) + " A.", ROUTINE),
        List.of(new Value("draw of the " + part.label(), PowerFaults.number(load.poorAmps()) + " A",
            PowerFaults.number(load.amps()) + " A")), 20, without(new Harm(Harm.Kind.DRAW, part.id()))));
  }

  static Fixing regulator(At<Inner.Regulator> r) {
    String volts = PowerFaults.number(r.of().volts()) + " V";
    return one(new Fix<>("replace", "sound " + r.address(r.of().out()), "Replace the " + volts + " supply of the "
        + r.part().label(),
        List.of(PACK_OUT, "Take every lead off the " + volts + " pads and measure again: if the rail comes back, one of the "
            + "parts held it down.", "Otherwise replace the " + r.part().label() + ", or feed the rail from a separate "
            + volts + " regulator of at least " + PowerFaults.number(r.of().limitA()) + " A.", ROUTINE),
        List.of(new Value(volts + " of the " + r.part().label(), "failing", "sound")), 30,
        without(new Harm(Harm.Kind.REGULATOR, r.address(r.of().out())))));
  }

  static Fixing senseLead(Wiring wiring, Lead lead) {
    String from = wiring.label(wiring.node(lead.from()));
    return (sound, faulty) -> List.of(new Fix<>("move", "sense lead on the pack", "Move the sense lead to " + from,
        List.of(PACK_OUT, "Unsolder the far end of the sense lead and put it on " + from + ", which carries the pack's "
            + "voltage.", "Leave the scale alone: a scale that makes this reading look right hides the wrong pad.", ROUTINE),
        List.of(new Value("sense lead", "on " + wiring.label((int) faulty.electrics().harm(Harm.Kind.SENSE_LEAD, lead.id(),
            wiring.node(lead.from()))), "on " + from)), 8, without(new Harm(Harm.Kind.SENSE_LEAD, lead.id()))));
  }

  static Fixing divider(Electrics sound) {
    String ratio = sound.wiring().divider().map(d -> PowerFaults.number(d.of().topOhms() / 1000) + " kilohm over "
        + PowerFaults.number(d.of().bottomOhms() / 1000) + " kilohm").orElse("");
    return one(new Fix<>("resistors", "divider as built", "Replace the divider's resistors",
        List.of(PACK_OUT, "Measure both resistors beside the sense pad: they are " + ratio + ", each within 1 %.",
            "Replace the one that is off, or the board.", ROUTINE),
        List.of(new Value("divider", "off", ratio)), 25, without(new Harm(Harm.Kind.SENSED, ""))));
  }

  static Fixing converter() {
    return one(new Fix<>("supply", "converter reference", "Bring the 3.3 V of the board right",
        List.of("Measure the 3.3 V rail. If it is low, look for the part that loads it or replace the board.",
            "If the rail is right, correct the scale by two readings instead."),
        List.of(new Value("3.3 V reference", "low", "3.3 V")), 25, without(new Harm(Harm.Kind.SENSED, ""))));
  }

  static Fixing scale(Electrics sound) {
    String right = PowerFaults.number(sound.told().scale());
    return told("scale", "voltage scale " + right, "Enter the voltage scale " + right,
        List.of("Measure the pack at its leads first and compare: the lead must sit on the pack, not on a regulated pad.",
            "Enter the scale " + right + ". Then compare once more: new scale = scale · true / shown.", SAVE),
        t -> PowerFaults.number(t.scale()), sound, t -> t.withScale(sound.told().scale()));
  }

  static Fixing cells(Electrics sound) {
    String right = sound.told().cells() == 0 ? "guessed at plug-in" : String.valueOf(sound.told().cells());
    return told("cells", "cells " + right, "Set the cell count: " + right,
        List.of("Set the number of cells to: " + right + ".",
            "A guess goes wrong with a pack far down and with high-voltage cells: plug in a charged pack.", SAVE),
        t -> t.cells() == 0 ? "guessed" : String.valueOf(t.cells()), sound, t -> t.withCells(sound.told().cells()));
  }

  static Fixing source(Electrics sound) {
    return told("source", "voltage source " + sound.told().source().label(),
        "Set the voltage source: " + sound.told().source().label(),
        List.of("In the board's power settings choose " + sound.told().source().label() + ".", SAVE),
        t -> t.source().label(), sound, t -> t.withSource(sound.told().source()));
  }

  static Fixing current(Electrics sound) {
    return told("current", "current read", "Tell the board to read its current sensor",
        List.of("In the board's power settings choose the board's own current sensor.", SAVE),
        t -> t.current() ? "read" : "not read", sound, t -> t.withCurrent(true));
  }

  static Fixing currentScale(Electrics sound) {
    return told("current-scale", "current scale", "Correct the current scale",
        List.of("Fly or run a pack part down, charge it, and note what the charger put back.",
            "New scale = old scale · charged back / counted.", SAVE),
        t -> PowerFaults.number(t.currentScale()), sound, t -> t.withCurrentScale(sound.told().currentScale()));
  }

  static Fixing currentAtRest(Electrics sound) {
    return told("current-at-rest", "current at rest", "Set the current offset so that it reads the idle draw at rest",
        List.of("Motors stopped, note what it shows; it should show what the parts draw, well under 1 A.",
            "Correct the offset by the difference.", SAVE),
        t -> PowerFaults.number(t.currentAtRestA()) + " A", sound,
        t -> t.withCurrentAtRest(sound.told().currentAtRestA()));
  }

  static Fixing pack(String title, Harm.Kind kind) {
    return one(new Fix<>("pack", "pack " + kind, title,
        List.of(title + ".", "No puffed or punctured pack is charged again; store it at 3.8 V a cell on a surface that does "
            + "not burn, and dispose of it as the law of the place has it."),
        List.of(new Value("pack", "as it was", "sound, as on the sheet")), 3, without(new Harm(kind, ""))));
  }

  private static Fixing told(String id, String remedy, String title, List<String> steps,
      Function<Told, String> shown, Electrics sound, UnaryOperator<Told> right) {
    return (ok, faulty) -> List.of(new Fix<>(id, remedy, title, steps,
        List.of(new Value(title.contains("scale") && id.equals("scale") ? "voltage scale" : id.replace('-', ' '),
            shown.apply(faulty.electrics().told()), shown.apply(sound.told()))), 3,
        craft -> craft.withElectrics(craft.electrics().withTold(right.apply(craft.electrics().told())))));
  }

  private static Fixing one(Fix<Craft> fix) {
    return (sound, faulty) -> List.of(fix);
  }

  private static UnaryOperator<Craft> without(Harm harm) {
    return craft -> Feeds.settled(craft.withElectrics(craft.electrics().without(harm)));
  }
}

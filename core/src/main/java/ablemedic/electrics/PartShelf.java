package ablemedic.electrics;

import ablemedic.electrics.Inner.Capacitance;
import ablemedic.electrics.Inner.CurrentSensor;
import ablemedic.electrics.Inner.Divider;
import ablemedic.electrics.Inner.Drive;
import ablemedic.electrics.Inner.Leak;
import ablemedic.electrics.Inner.Load;
import ablemedic.electrics.Inner.Regulator;
import ablemedic.electrics.Inner.Trace;
import ablemedic.electrics.Pad.Kind;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The archetypes to build from. All are invented. Draws of receivers, positioning and display boards, divider values and
 * the 20 % spare are common practice with no source; leaks, capacitances and trace resistances are from memory, and only
 * their order of size matters: a chip's leak lies in the kilohms, a trace in the milliohms.
 */
public final class PartShelf {
  private static final PartShelf SHIPPED = new PartShelf();
  private static final double TRACE = 0.003;

  private final Map<String, Archetype> byId = new LinkedHashMap<>();

  private PartShelf() {
    plug();
    powerBoards();
    controllers();
    boards();
    parts();
    capacitors();
  }

  /** All archetypes, in the order in which a craft is built. */
  public static List<Archetype> all() {
    return List.copyOf(SHIPPED.byId.values());
  }

  public static Optional<Archetype> find(String id) {
    return Optional.ofNullable(SHIPPED.byId.get(id));
  }

  private void plug() {
    add("plug", "Pack plug", Archetype.Kind.PLUG, List.of(feed("+", 0, 0), ground("-", 0)), List.of(), 0, 60);
  }

  private void powerBoards() {
    List<Pad> pads = new ArrayList<>(List.of(wide("IN+", Kind.SUPPLY, 0), wide("IN-", Kind.GROUND, 0)));
    List<Inner> inner = new ArrayList<>();
    arms(pads, inner);
    pads.addAll(List.of(feed("B+", 0, 9), ground("B-", 9), feed("5V", 5, 10), ground("G5", 10)));
    inner.addAll(List.of(new Trace("IN+", "B+", TRACE), new Trace("IN-", "B-", TRACE), new Trace("IN-", "G5", TRACE),
        new Regulator("IN+", "5V", "IN-", 5, 2, false), new Leak("IN+", "IN-", 33_000), new Leak("5V", "G5", 4_700),
        new Capacitance("5V", "G5", 44e-6, false)));
    add("power-board-5v", "Power board with 5 V, 2 A", Archetype.Kind.POWER_BOARD, pads, inner, 7, 26);
    List<Pad> plain = new ArrayList<>(List.of(wide("IN+", Kind.SUPPLY, 0), wide("IN-", Kind.GROUND, 0)));
    List<Inner> traces = new ArrayList<>();
    arms(plain, traces);
    plain.addAll(List.of(feed("B+", 0, 9), ground("B-", 9)));
    traces.addAll(List.of(new Trace("IN+", "B+", TRACE), new Trace("IN-", "B-", TRACE)));
    add("power-board", "Power board, traces only", Archetype.Kind.POWER_BOARD, plain, traces, 0, 60);
  }

  private static void arms(List<Pad> pads, List<Inner> inner) {
    for (int n = 1; n <= 4; n++) {
      pads.addAll(List.of(feed(n + "+", 0, n), ground(n + "-", n)));
      inner.addAll(List.of(new Trace("IN+", n + "+", TRACE), new Trace("IN-", n + "-", TRACE)));
    }
  }

  private void controllers() {
    add("controller", "Speed controller for one motor", Archetype.Kind.CONTROLLER,
        List.of(supply("+", 0, 0), ground("-", 0), signal("S", 1), ground("SG", 1)),
        List.of(new Trace("-", "SG", TRACE), new Leak("+", "-", 22_000), new Leak("S", "SG", 47_000),
            new Capacitance("+", "-", 220e-6, false), new Drive("+", "-", "S", 0)), 7, 26);
    List<Pad> pads = new ArrayList<>(List.of(wide("IN+", Kind.SUPPLY, 0), wide("IN-", Kind.GROUND, 0),
        feed("VB", 0, 1), ground("G", 1)));
    List<Inner> inner = new ArrayList<>(List.of(new Trace("IN+", "VB", TRACE), new Trace("IN-", "G", TRACE)));
    for (int n = 1; n <= 4; n++) {
      pads.add(signal("S" + n, 1));
    }
    pads.add(new Pad("C", Kind.CURRENT, 0, 1, false, 1));
    for (int n = 1; n <= 4; n++) {
      pads.add(new Pad("D" + n, Kind.SUPPLY, 0, 2, false, 0));
      inner.addAll(List.of(new Trace("IN+", "D" + n, TRACE), new Leak("D" + n, "IN-", 22_000),
          new Leak("S" + n, "G", 47_000), new Capacitance("D" + n, "IN-", 150e-6, false),
          new Drive("D" + n, "IN-", "S" + n, n - 1)));
    }
    inner.add(new CurrentSensor("C"));
    add("controller-four", "Speed controllers, four on one board", Archetype.Kind.CONTROLLER, pads, inner, 7, 26);
  }

  private void boards() {
    List<Pad> five = new ArrayList<>(List.of(supply("5V", 5, 0), ground("G", 0),
        new Pad("VS", Kind.SENSE, 0, 1, false, 1), ground("GS", 1)));
    outputs(five, 2);
    five.addAll(List.of(usb("R5", 5, 3), ground("G1", 3), usb("A5", 5, 4), ground("G2", 4), usb("L5", 5, 5),
        ground("G3", 5), usb("3V3", 3.3, 6), ground("G4", 6)));
    add("board-5v", "Flight board fed with 5 V, pack sensed over a lead", Archetype.Kind.BOARD, five, List.of(
        new Trace("5V", "R5", TRACE), new Trace("5V", "A5", TRACE), new Trace("5V", "L5", TRACE),
        new Trace("G", "GS", TRACE), new Trace("G", "G1", TRACE), new Trace("G", "G2", TRACE),
        new Trace("G", "G3", TRACE), new Trace("G", "G4", TRACE), new Divider("VS", "GS", 10_000, 1_000),
        new Regulator("5V", "3V3", "G", 3.3, 0.5, true), new Leak("3V3", "G", 900), new Leak("5V", "G", 3_300),
        new Capacitance("5V", "G", 22e-6, false), new Load("3V3", "G", 3.3, 0.12, 0.12)), 4.5, 5.5);

    List<Pad> pack = new ArrayList<>(List.of(supply("VB", 0, 0), ground("G", 0)));
    outputs(pack, 0);
    pack.add(new Pad("C", Kind.CURRENT, 0, 0, false, 1));
    pack.addAll(List.of(usb("R5", 5, 1), ground("G1", 1), usb("A5", 5, 2), ground("G2", 2), feed("L5", 5, 3),
        ground("G3", 3), feed("9V", 9, 4), ground("G5", 4), usb("3V3", 3.3, 5), ground("G4", 5)));
    add("board-pack", "Flight board fed from the pack, 5 V and 9 V on board", Archetype.Kind.BOARD, pack, List.of(
        new Trace("G", "G1", TRACE), new Trace("G", "G2", TRACE), new Trace("G", "G3", TRACE),
        new Trace("G", "G4", TRACE), new Trace("G", "G5", TRACE), new Trace("R5", "A5", TRACE),
        new Trace("R5", "L5", TRACE), new Divider("VB", "G", 10_000, 1_000),
        new Regulator("VB", "R5", "G", 5, 2, false), new Regulator("VB", "9V", "G", 9, 2, false),
        new Regulator("R5", "3V3", "G", 3.3, 0.5, true), new Leak("R5", "G", 2_700), new Leak("9V", "G", 8_200),
        new Leak("3V3", "G", 900), new Leak("VB", "G", 39_000), new Capacitance("R5", "G", 44e-6, false),
        new Capacitance("9V", "G", 44e-6, false), new Load("3V3", "G", 3.3, 0.15, 0.15)), 7, 26);
  }

  private static void outputs(List<Pad> pads, int row) {
    for (int n = 1; n <= 4; n++) {
      pads.add(new Pad("S" + n, Kind.OUTPUT, 0, row, false, 1));
    }
  }

  private void parts() {
    part("receiver", "Receiver, two-way", 4.2, 6, 5, 0.06, 0.1);
    part("receiver-one-way", "Receiver, one-way", 4, 9, 5, 0.04, 0.09);
    part("receiver-satellite", "Satellite receiver, 3.3 V only", 3, 3.6, 3.3, 0.03, 0.05);
    part("gnss", "GNSS module, 5 V", 3.6, 5.5, 5, 0.045, 0.06);
    part("gnss-3v3", "GNSS module, 3.3 V only", 3, 3.6, 3.3, 0.03, 0.045);
    part("display", "Display board, on screen", 4.5, 5.5, 5, 0.1, 0.5);
    part("video", "Video transmitter, 7 to 26 V", 7, 26, 9, 0.45, 0.7);
    part("video-5v", "Video transmitter, 5 V", 4.5, 5.5, 5, 0.45, 0.8);
    part("camera", "Camera, 4.5 to 20 V", 4.5, 20, 5, 0.11, 0.2);
    part("lights", "Twelve lights", 4.5, 5.5, 5, 0.2, 0.72);
    part("beeper", "Beeper", 4, 6, 5, 0.03, 0.05);
    part("modem", "Telemetry modem", 4.5, 5.5, 5, 0.12, 0.5);
  }

  private void part(String id, String label, double lowestV, double highestV, double volts, double amps, double poor) {
    add(id, label, Archetype.Kind.PART, List.of(supply("+", volts, 0), ground("-", 0)),
        List.of(new Leak("+", "-", Math.max(3_000, 300 / amps)), new Capacitance("+", "-", 22e-6, false),
            new Load("+", "-", volts, amps, poor)), lowestV, highestV);
  }

  private void capacitors() {
    for (int microfarads : new int[] {220, 470, 1000}) {
      add("capacitor-" + microfarads, "Capacitor, " + microfarads + " µF", Archetype.Kind.CAPACITOR,
          List.of(supply("+", 0, 0), ground("-", 0)),
          List.of(new Capacitance("+", "-", microfarads * 1e-6, true)), 0, 35);
    }
  }

  private static Pad supply(String name, double volts, int row) {
    return new Pad(name, Kind.SUPPLY, volts, row, false, 1);
  }

  private static Pad feed(String name, double volts, int row) {
    return new Pad(name, Kind.FEED, volts, row, false, 2);
  }

  private static Pad usb(String name, double volts, int row) {
    return new Pad(name, Kind.FEED, volts, row, true, 2);
  }

  private static Pad ground(String name, int row) {
    return new Pad(name, Kind.GROUND, 0, row, false, 2);
  }

  private static Pad signal(String name, int row) {
    return new Pad(name, Kind.SIGNAL, 0, row, false, 1);
  }

  /** A pad with room for the pack lead and a capacitor. */
  private static Pad wide(String name, Kind kind, int row) {
    return new Pad(name, kind, 0, row, false, 3);
  }

  private void add(String id, String label, Archetype.Kind kind, List<Pad> pads, List<Inner> inner, double lowestV,
      double highestV) {
    byId.put(id, new Archetype(id, label, kind, pads, inner, lowestV, highestV));
  }
}

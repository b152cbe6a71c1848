package ablemedic.serial;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.craft.Craft;
import ablemedic.craft.ModemSettings;
import ablemedic.craft.PortSettings;
import ablemedic.craft.SpokenSettings;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.BenchNeeds.Want;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Outlook;
import ablemedic.diagnosis.Outlook.Either;
import ablemedic.diagnosis.Outlook.Share;
import ablemedic.diagnosis.Outlook.Spread;
import ablemedic.diagnosis.Outlook.Ways;
import ablemedic.diagnosis.Prediction;
import ablemedic.electrics.Electrics;
import ablemedic.electrics.Harm;
import ablemedic.electrics.Job;
import ablemedic.electrics.SerialPad;
import ablemedic.electrics.SerialPad.Inverter;
import ablemedic.electrics.SerialPad.Side;
import ablemedic.electrics.Wiring;
import ablemedic.physics.Memory;
import ablemedic.physics.Powered;
import ablemedic.physics.UsbPower;
import ablemedic.serial.CraftLine.End;
import ablemedic.serial.OnPad.Sending;
import ablemedic.speciality.CraftCheck;
import ablemedic.speciality.Place;
import ablemedic.speciality.SettingTrouble;
import ablemedic.told.Setting;
import ablemedic.wire.Format;
import ablemedic.wire.Sender;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The checks of the serial lines of one craft. How often observers err is common practice with no source. */
final class SerialChecks {
  static final String BARS = "bars-move";
  static final String SHOWN = "telemetry-shown";
  static final String UP = "settings-from-ground";
  static final String SATELLITES = "satellites";
  static final String FIGURES = "figures-shown";
  static final String FOLLOWS = "transmitter-follows";
  static final String LISTED = "port-listed";
  static final String SIGNAL = "signal-at-pad";

  private static final double MISREAD = 0.05;
  private static final double SCOPE_MISREAD = 0.06;
  private static final double HIGH_V = 3.3;
  private static final String ON_PORTS = "On the board's page of ports. Look at every line of it, not only at the one that you expect.";
  /** Craft powered by its pack, radio on. */
  static final BenchNeeds LINKED = new BenchNeeds(Want.NO, Want.YES, Want.NO, Want.EITHER, Want.YES, Want.NO);
  private static final BenchNeeds BY_PACK_ALONE = new BenchNeeds(Want.NO, Want.YES, Want.NO, Want.NO, Want.EITHER, Want.NO);
  private static final BenchNeeds WITHOUT_COMPUTER = new BenchNeeds(Want.NO, Want.YES, Want.NO, Want.NO, Want.YES, Want.NO);
  private static final BenchNeeds BARS_BY_PACK = new BenchNeeds(Want.NO, Want.YES, Want.NO, Want.YES, Want.YES, Want.NO);
  private static final BenchNeeds AT_RADIO = new BenchNeeds(Want.EITHER, Want.EITHER, Want.EITHER, Want.EITHER, Want.YES, Want.NO);
  private static final BenchNeeds OUTDOORS = new BenchNeeds(Want.NO, Want.YES, Want.NO, Want.NO, Want.EITHER, Want.YES);

  private static final Memory<Sending, Average> AVERAGES = new Memory<>(500);

  private final Craft craft;
  private final CraftLines lines;
  private final List<Check<Craft>> checks = new ArrayList<>();

  private SerialChecks(Craft craft, CraftLines lines) {
    this.craft = craft;
    this.lines = lines;
  }

  /** @param craft a sound one */
  static List<Check<Craft>> of(Craft craft, CraftLines lines) {
    SerialChecks all = new SerialChecks(craft, lines);
    all.receiver();
    all.telemetry();
    all.modems();
    all.positioning();
    all.displays();
    all.computer();
    for (CraftLine line : lines.joined()) {
      all.wires(line);
      all.jobs(line);
      all.settings(line);
      all.knownGood(line);
      all.otherPort(line);
      line.ends().forEach(end -> all.pad(line, end));
    }
    all.loops();
    all.firmware();
    return List.copyOf(all.checks);
  }

  // What is seen of a line as a whole.

  private record Sticks(Reach heard, boolean linked) {}

  private void receiver() {
    Optional<CraftLine> receiver = lines.of(Job.RECEIVER);
    if (receiver.isEmpty()) {
      return;
    }
    CraftLine line = receiver.get();
    boolean byComputer = UsbPower.feeds(craft.electrics(), line.part());
    Choices bars = Choices.of("What do the bars do?", List.of(new Outcome("move", "they follow the sticks"),
        new Outcome("jump", "they stop now and then, or jump"), new Outcome("still", "nothing moves")));
    add(BARS, "bars-move", "Move each stick: do the bars of the receiver's page move?",
        "Computer joined, radio on, two metres between radio and receiver." + (byComputer ? "" : " This receiver gets no power from the computer: pack in.")
            + " That bars move is the proof; a lamp is only a hint.", bars, from(Facet.of("what comes of the sticks", c ->
            new Sticks(lines.now(line, c, true).heard(), lines.linked(c))), s -> flow(bars, s.linked() ? s.heard() : Reach.NONE)), 1, 0.05,
        byComputer ? BenchNeeds.COMPUTER_AND_RADIO : BARS_BY_PACK, new Place.OnePart(line.part().id()));
    Choices lamp = Choices.of("What does its lamp do?", List.of(new Outcome("dark", "dark"), new Outcome("slow", "blinks slowly"),
        new Outcome("solid", "solid"), new Outcome("fast", "blinks fast")));
    add("receiver-lamp", "receiver-lamp", "Look at the lamp of the " + line.label(),
        "Radio on. Solid: it hears the radio. Slow: it waits for one. Fast: it binds or is updated. Dark: no supply, or dead.", lamp,
        from(Facet.of("lamp of the receiver", c -> !lines.now(line, c, false).alive() ? "dark" : lines.linked(c) ? "solid" : "slow"),
            now -> Ways.expecting(lamp, now, MISREAD)), 0.4, 0.15, LINKED, new Place.OnePart(line.part().id()));
    checks.add(SerialSettings.MODULE.read("module-setting", "read-at-radio", "Is the radio's module for this receiver on?",
        "In the radio's settings of this model: which module is on, and which protocol it speaks.", 0.6).needing(AT_RADIO));
  }

  /** What is seen where something comes through well, now and then, or never. */
  private static Outlook flow(Choices answers, Reach reach) {
    return switch (reach) {
      case GOOD -> Ways.of(answers, 0.94, 0.03, 0.03);
      case FLAKY -> Ways.of(answers, 0.3, 0.6, 0.1);
      case NONE -> Ways.of(answers, 0.02, 0.03, 0.95);
    };
  }

  private void telemetry() {
    Optional<Telemetry.Way> way = Telemetry.way(lines);
    if (way.isEmpty()) {
      return;
    }
    Facet<Craft, Telemetry> facet = Facet.of("what telemetry shows", c -> Telemetry.of(lines, c));
    Choices shown = shown(way.get());
    String screen = way.get().screen();
    BenchNeeds needs = way.get() == Telemetry.Way.MODEM ? BY_PACK_ALONE : WITHOUT_COMPUTER;
    add(SHOWN, "telemetry-shown", "What does " + screen + " show of the craft?", way.get() == Telemetry.Way.MODEM
        ? "Ground station joined, one only. A heartbeat comes every second; wait five."
        : "Radio on its page of telemetry, craft powered by its pack. Strength comes from the receiver itself; the pack's voltage from the board.", shown,
        from(facet, t -> told(shown, way.get(), t, MISREAD)), 0.8, 0.15, needs);
    if (Telemetry.goesUp(lines) || Telemetry.isStream(lines)) {
      Choices up = Choices.of("What comes of it?", List.of(new Outcome("works", "it is changed"), new Outcome("not", "nothing comes of it")));
      add(UP, "settings-from-ground", "Change a harmless setting from " + screen, "A name or a lamp. Read it back.", up,
          from(facet, t -> Ways.expecting(up, t.up() ? "works" : "not", MISREAD)), 1.5, 0.15, needs);
    }
    checks.add(SerialSettings.TELEMETRY.read("telemetry-setting", "read-telemetry", "Is the board's telemetry on?", "Among the board's features.", 0.5));
    if (way.get() != Telemetry.Way.MODEM) {
      lines.of(Job.RECEIVER).filter(line -> way.get() == Telemetry.Way.OWN_LINE).ifPresent(this::sort);
      checks.add(SerialSettings.SENSORS.read("sensors-setting", "read-at-radio", "Were the board's sensors discovered at the radio?",
          "The radio's list of telemetry: only strength, or the board's values as well, even if they stand still.", 0.5).needing(AT_RADIO));
      checks.add(SerialSettings.RADIO_TELEMETRY.read("radio-telemetry-setting", "read-at-radio", "Is telemetry on for this model at the radio?",
          "In the settings of the model or of its module; a telemetry ratio of zero is off.", 0.5).needing(AT_RADIO));
    }
  }

  /** What a receiver can do stands in its booklet. */
  private void sort(CraftLine receiver) {
    Choices sorts = Choices.of("What is it?", List.of(new Outcome("back", "one that sends telemetry back"), new Outcome("none", "one without telemetry")));
    add("receiver-sort", "read-receiver-sort", "Read what sort the " + receiver.label() + " is", "Its print, and what its booklet says of telemetry. Cheaper and smaller "
        + "ones often have none; strength on a spare channel is what they can do.", sorts, from(Facet.of("sort of the receiver",
            c -> c.electrics().sendsNoTelemetry(receiver.part().id())), none -> Ways.expecting(sorts, none ? "none" : "back", MISREAD)), 0.8, 0, BenchNeeds.NOTHING,
        new Place.OnePart(receiver.part().id()));
  }

  static Choices shown(Telemetry.Way way) {
    List<Outcome> outcomes = new ArrayList<>(List.of(new Outcome("all", "all of it, and it goes on"), new Outcome("comes-and-goes", "it comes and goes"),
        new Outcome("nothing", "nothing at all")));
    if (way != Telemetry.Way.MODEM) {
      outcomes.add(new Outcome("strength", "only the receiver's strength"));
    }
    return Choices.of("What shows?", outcomes);
  }

  static Outlook told(Choices answers, Telemetry.Way way, Telemetry telemetry, double wrong) {
    String seen = switch (telemetry.shown()) {
      case GOOD -> "all";
      case FLAKY -> "comes-and-goes";
      case NONE -> telemetry.strength() && way != Telemetry.Way.MODEM ? "strength" : "nothing";
    };
    return Ways.expecting(answers, seen, wrong);
  }

  private void modems() {
    if (Telemetry.way(lines).filter(Telemetry.Way.MODEM::equals).isEmpty()) {
      return;
    }
    checks.add(SerialSettings.ONE_WAY.read("modem-one-way-setting", "read-modem", "Do the modems decode both ways?", atModem("decode or long-range mode"), 1.5));
    checks.add(SerialSettings.FLOW.read("modem-flow-setting", "read-modem", "Is the modem's flow control on?", atModem("RTS and CTS, or hardware flow control"), 1.5));
    checks.add(SerialSettings.PAIRED.read("modem-paired-setting", "read-modem", "Do both modems show that they are paired?",
        "Lamps or the modem's tool, after both were without power. A setting changed since they were bound unbinds them.", 1));
    rate(SerialSettings.GROUND, ModemSettings.GROUND, "ground-modem-setting", "read-modem", "Read the wire rate of the ground modem", "With the modem's tool.");
    rate(SerialSettings.STATION, ModemSettings.STATION, "station-setting", "read-modem", "Read the rate that the ground station is told",
        "Where its connection is chosen. Several virtual ports may stand there; only one works.");
    rate(SerialSettings.BYTES, ModemSettings.BYTES, "bytes-setting", "read-modem", "Add up what the board sends, bytes a second",
        "Rates of its messages times their lengths: the byte budget does it.");
  }

  private static String atModem(String what) {
    return "With the modem's own tool: " + what + ".";
  }

  private void rate(SettingTrouble<Integer> trouble, Setting<Integer> setting, String id, String kind, String title, String how) {
    Scale scale = new Scale("what is set", "", 0, 3_000_000, 100, List.of());
    checks.add(trouble.read(id, kind, c -> title, c -> how, scale, craft.told(setting), told -> new Spread(scale, told, 1 + 0.005 * told, MISREAD), 1));
  }

  /** What positioning shows. */
  enum Positioning {
    DEAD, NONE, FEW, ENOUGH
  }

  private void positioning() {
    lines.of(Job.GNSS).ifPresent(line -> {
      Choices answers = positioned();
      add(SATELLITES, "satellites", "Outdoors, five minutes: how many satellites?", "Clear sky, craft still, video transmitter on. On the screen or at the radio.",
          answers, from(Facet.of("satellites", c -> positioning(lines, line, c, false)), p -> positioned(answers, p, MISREAD)), 6, 0.15, OUTDOORS,
          new Place.OnePart(line.part().id()));
      Choices page = Choices.of("Does the board hear it?", List.of(new Outcome("heard", "it is there, with or without satellites"),
          new Outcome("dead", "no sign of it")));
      add("positioning-page", "positioning-page", "Does the board's page of positioning show that it hears the module?",
          "Computer joined" + (UsbPower.feeds(craft.electrics(), line.part()) ? "; the module has its supply from that." : ", pack in.")
              + " A number that changes, a time, a count of messages: any of it is a yes. Satellites are not needed.", page,
          from(Facet.of("positioning heard with the computer", c -> lines.now(line, c, true)), now -> Ways.expecting(page,
              isPositioned(now) ? "heard" : "dead", MISREAD)), 0.7, 0.05,
          UsbPower.feeds(craft.electrics(), line.part()) ? BenchNeeds.COMPUTER : BenchNeeds.MOTORS_POWERED, new Place.OnePart(line.part().id()));
      Choices lies = Choices.of("How does it lie?", List.of(new Outcome("well", "face up, free of the video transmitter and of carbon"),
          new Outcome("down", "face down, or under something"), new Outcome("beside", "beside the video transmitter or its antenna")));
      add("module-lies", "look-at-module", "Look how the " + line.label() + " lies", "The ceramic face is up. A hand's width from the video transmitter.", lies,
          from(Facet.of("sky over the module", c -> c.electrics().noSky(line.part().id())), why -> Ways.expecting(lies,
              why.filter(w -> w != Harm.NoSky.Why.NO_TIME_YET).map(w -> w == Harm.NoSky.Why.FACE_DOWN ? "down" : "beside").orElse("well"), MISREAD)), 0.4, 0,
          BenchNeeds.NOTHING, new Place.OnePart(line.part().id()));
    });
  }

  static Choices positioned() {
    return Choices.of("How many?", List.of(new Outcome("enough", "eight or more"), new Outcome("few", "a few, and they come and go"),
        new Outcome("none", "none, but the module is there"), new Outcome("dead", "no sign of the module")));
  }

  static Positioning positioning(CraftLines lines, CraftLine line, Craft craft, boolean computer) {
    if (!isPositioned(lines.now(line, craft, computer))) {
      return Positioning.DEAD;
    }
    return craft.electrics().noSky(line.part().id()).map(why -> why == Harm.NoSky.Why.BESIDE_TRANSMITTER ? Positioning.FEW : Positioning.NONE)
        .orElse(lines.now(line, craft, computer).heard() == Reach.FLAKY ? Positioning.FEW : Positioning.ENOUGH);
  }

  private static boolean isPositioned(CraftLines.Now now) {
    return now.heard() != Reach.NONE && (!now.joined().part().spokenTo() || now.spoken() != Reach.NONE);
  }

  static Outlook positioned(Choices answers, Positioning now, double wrong) {
    return Ways.expecting(answers, now.name().toLowerCase(Locale.ROOT), wrong);
  }

  private void displays() {
    lines.of(Job.DISPLAY).ifPresent(line -> {
      Choices figures = Choices.of("What stands on the picture?", List.of(new Outcome("shown", "its figures, and they change"),
          new Outcome("freeze", "figures that freeze or flicker"), new Outcome("none", "no figures")));
      add(FIGURES, "figures-shown", "Do figures stand on the picture?", "Goggles or screen on, antenna on before power.", figures,
          from(Facet.of("figures of the display", c -> lines.now(line, c, false).spoken()), reach -> flow(figures, reach)), 0.7, 0.2, BenchNeeds.POWERED,
          new Place.OnePart(line.part().id()));
    });
    lines.of(Job.VIDEO_CONTROL).ifPresent(line -> {
      Choices follows = Choices.of("What does the transmitter do?", List.of(new Outcome("follows", "it follows"), new Outcome("at-times", "it follows at times"),
          new Outcome("not", "it stays as it is")));
      add(FOLLOWS, "transmitter-follows", "Change the transmitter's channel from the board", "Antenna on before power, lowest power. Read the channel in the goggles.",
          follows, from(Facet.of("video control", c -> lines.now(line, c, false).spoken()), reach -> flow(follows, reach)), 1, 0.2, BenchNeeds.POWERED,
          new Place.OnePart(line.part().id()));
    });
  }

  private void computer() {
    Choices listed = Choices.of("What does the computer list?", List.of(new Outcome("answers", "the board, and it answers"),
        new Outcome("unknown", "something that it does not know"), new Outcome("silent", "a port, and nothing answers"), new Outcome("none", "nothing new")));
    add(LISTED, "port-listed", "Plug the computer in: what does it list?", "Look at its list of ports before and after.", listed,
        from(Facet.of("what the computer sees", c -> listed(lines, c)), now -> Ways.expecting(listed, now, MISREAD)), 0.6, 0, BenchNeeds.COMPUTER);
    checks.add(SerialSettings.CABLE.read("other-cable", "other-cable", "Does the cable carry data?",
        "Try it on another board or telephone that the computer lists, or try one here that has worked today.", 0.7));
  }

  static String listed(CraftLines lines, Craft craft) {
    if (!craft.told(SpokenSettings.CABLE)) {
      return "none";
    } else if (!craft.told(SpokenSettings.DRIVER)) {
      return "unknown";
    }
    String port = lines.board().computer();
    return !port.isEmpty() && !craft.told(PortSettings.jobsOf(port)).isEmpty() ? "silent" : "answers";
  }

  // What is seen at one wire, pad, port or part.

  private void wires(CraftLine line) {
    Choices answers = Choices.of("How do they lie?", List.of(new Outcome("right", "as the sheet has them"), new Outcome("exchanged", "TX on TX, RX on RX"),
        new Outcome("pad", "one lies on another pad"), new Outcome("off", "one is off, or hangs by a strand")));
    String pads = String.join(", ", line.ends().stream().map(end -> label(end.partPad()) + " to pad " + printed(end.boardPad())).toList());
    add("wires-" + line.id(), "follow-wires", "Follow the wires of the " + line.label() + " with your finger",
        "A lens, and the board's own print. It should be: " + pads + ".", answers, from(Facet.of("wires of " + line.id(), c -> lies(line, c.electrics())),
            lies -> Ways.expecting(answers, lies, lies.equals("off") ? 0.4 : 0.1)), 0.8, 0, BenchNeeds.PACK_OUT, new Place.OnePart(line.part().id()));
  }

  private static String lies(CraftLine line, Electrics electrics) {
    List<End> moved = line.ends().stream().filter(end -> !electrics.movedTo(end.lead().id(), end.boardPad()).equals(end.boardPad())).toList();
    if (moved.size() > 1) {
      return "exchanged";
    }
    boolean off = line.ends().stream().flatMap(end -> end.links().stream()).anyMatch(link -> electrics.spoilt(link).isPresent());
    return moved.size() == 1 ? "pad" : off ? "off" : "right";
  }

  private record Given(List<String> ports, boolean alone) {}

  private void jobs(CraftLine line) {
    Job job = line.job();
    if (checks.stream().anyMatch(check -> check.id().equals("jobs-" + id(job)))) {
      return;
    }
    List<Outcome> outcomes = new ArrayList<>(List.of(new Outcome("none", "no port has it")));
    lines.board().ports().forEach(port -> outcomes.add(new Outcome(port, "port " + port)));
    outcomes.add(new Outcome("shared", "a port that has another job as well"));
    Choices answers = Choices.of("Which port has it?", outcomes);
    add("jobs-" + id(job), "read-jobs", "Read which port has the job of " + job.label(), ON_PORTS, answers,
        from(Facet.of("ports with " + job.label(), c -> given(job, c)), given -> Ways.expecting(answers,
            given.ports().isEmpty() ? "none" : given.alone() ? known(given.ports().get(0)) : "shared", MISREAD)), 0.6, 0, BenchNeeds.COMPUTER);
  }

  private static String id(Job job) {
    return job.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  private String known(String port) {
    return lines.board().ports().contains(port) ? port : "none";
  }

  private static Given given(Job job, Craft craft) {
    List<String> ports = PortSettings.portsWith(job, craft);
    return new Given(ports, ports.isEmpty() || craft.told(PortSettings.jobsOf(ports.get(0))).size() == 1);
  }

  private void settings(CraftLine line) {
    Job job = line.job();
    String id = line.id();
    if (job.formats().size() > 1) {
      checks.add(SerialSettings.format(job).read("format-" + id, "read-format", "Read which format the board is told for the " + job.label(),
          "With the settings of the " + job.label() + ", not of the port.", 0.5));
    }
    if (line.spoken().formats().size() > 1) {
      checks.add(SerialSettings.partFormat(job).read("speaks-" + id, job == Job.RECEIVER ? "read-at-radio" : "read-part", "Read what the " + line.label()
          + " is set to speak", job == Job.RECEIVER ? "In the radio's bind settings: the receiver's output. Its lamp's colour may tell it too."
              : "With its own tool, or by the letters that come: $ begins a sentence.", 1).needing(job == Job.RECEIVER ? AT_RADIO : BenchNeeds.COMPUTER));
    }
    Optional<SerialPad> pad = line.ends().stream().map(End::boardPad).map(lines::pad).flatMap(Optional::stream).findFirst();
    if (pad.isEmpty() || !PortSettings.PORTS.contains(pad.get().port())) {
      return;
    }
    String port = pad.get().port();
    if (line.format().bauds().size() > 1 && line.format() != Format.CRSF) {
      rate(SerialSettings.baud(port), PortSettings.baud(port), "rate-" + id, "read-rate", "Read the rate of port " + port, ON_PORTS + " 0 for automatic.");
      rate(SerialSettings.partBaud(job), SpokenSettings.baud(job), "part-rate-" + id, "read-part", "Read the rate that the " + line.label() + " is set to",
          "With its own tool; 0 where it is as it came.");
    }
    if (pad.get().inverter() == Inverter.CHIP || pad.get().inverter() == Inverter.SOFTWARE) {
      checks.add(SerialSettings.inversion(port).read("inversion-" + id, "read-inversion", "Read the inversion of port " + port,
          "With the settings of the " + job.label() + " or of the port.", 0.5));
    }
    if (pad.get().inverter() == Inverter.JUMPER) {
      Choices jumper = Choices.of("How is it bridged?", List.of(new Outcome("plain", "for a plain line"), new Outcome("inverted", "for an inverted line")));
      String address = lines.boardPart().address(pad.get().name());
      add("jumper-" + id, "look-at-jumper", "Look at the jumper of pad " + pad.get().name(), "Three spots of solder beside the pad; the board's print names them.", jumper,
          from(Facet.of("jumper of " + id, c -> c.electrics().otherJumper(address)), other -> Ways.expecting(jumper,
              line.format().inverted() != other ? "inverted" : "plain", MISREAD)), 0.8, 0, BenchNeeds.PACK_OUT, new Place.OnePart(lines.boardPart().id()));
    }
    if (line.format() == Format.POLLED) {
      checks.add(SerialSettings.oneWire(port).read("half-duplex-" + id, "read-half-duplex", "Read whether port " + port + " is half duplex",
          "With the settings of telemetry or of the port.", 0.5));
    }
    if (lines.board().isSoft(port)) {
      checks.add(SerialSettings.SOFT.read("soft-setting", "read-soft-serial", "Is soft serial on?", "Among the board's features.", 0.4));
      checks.add(SerialSettings.SOFT_BUILT.read("soft-in-version", "read-soft-serial", "Does this version have soft serial on that pin?",
          "In the version's own list of what it has for this board; the port is missing from the page of ports where it has not.", 1));
    }
  }

  /** Another part in the place of one rules out the part, and what it was set to. */
  private void knownGood(CraftLine line) {
    if (line.job() == Job.VIDEO_CONTROL || checks.stream().anyMatch(check -> check.id().equals("known-good-" + line.part().id()))) {
      return;
    }
    Choices answers = Choices.of("What comes of it?", List.of(new Outcome("works", "with the other one it works"), new Outcome("not", "the same as before")));
    add("known-good-" + line.part().id(), "known-good-part", "Try one that is known to be good in place of the " + line.part().label(),
        "One of the same sort, set as it comes, on the same wires.", answers, from(Facet.of("line with another " + line.part().id(), c -> withAnother(line, c)),
            works -> Ways.expecting(answers, works ? "works" : "not", MISREAD)), 9, 0.2, LINKED, new Place.OnePart(line.part().id()));
  }

  private boolean withAnother(CraftLine line, Craft craft) {
    Electrics e = craft.electrics().without(Harm.OtherDraw.slot(line.part().id()));
    Craft other = craft.withElectrics(e).with(SpokenSettings.format(line.job()), this.craft.told(SpokenSettings.format(line.job())))
        .with(SpokenSettings.baud(line.job()), this.craft.told(SpokenSettings.baud(line.job())));
    return works(line, other);
  }

  private boolean works(CraftLine line, Craft craft) {
    CraftLines.Now now = lines.now(line, craft, false);
    Wish wish = line.wish(line.format());
    return (!wish.heard() || now.heard() != Reach.NONE) && (!wish.spokenTo() || now.spoken() != Reach.NONE);
  }

  /** The same part at another port rules out the port, its pads and what it was told. */
  private void otherPort(CraftLine line) {
    List<String> how = SerialFixes.elsewhere(lines, line);
    if (how.isEmpty() || line.job() == Job.VIDEO_CONTROL) {
      return;
    }
    Choices answers = Choices.of("What comes of it?", List.of(new Outcome("works", "there it works"), new Outcome("not", "the same as before")));
    add("other-port-" + line.id(), "other-port", "Try the " + line.label() + " at another port", String.join(" ", how) + " Take the old job from its port first.", answers,
        from(Facet.of("line at another port " + line.id(), c -> elsewhere(line, c)), works -> Ways.expecting(answers, works ? "works" : "not", MISREAD)), 10, 0.15,
        BenchNeeds.UNPOWERED, new Place.OnePart(lines.boardPart().id()));
  }

  /** Whether the line works once wires, jumpers and what its own port was told are as they should be, and the pads are others. */
  private boolean elsewhere(CraftLine line, Craft craft) {
    Electrics e = craft.electrics();
    Craft other = craft;
    for (End end : line.ends()) {
      e = e.without(Harm.LeadMoved.slot(end.lead().id())).without(Harm.DeadPortPad.slot(end.boardPad())).without(Harm.OtherJumper.slot(end.boardPad()));
      String port = lines.pad(end.boardPad()).map(SerialPad::port).orElse("");
      if (PortSettings.PORTS.contains(port)) {
        other = other.with(PortSettings.jobsOf(port), this.craft.told(PortSettings.jobsOf(port))).with(PortSettings.baud(port), this.craft.told(PortSettings.baud(port)))
            .with(PortSettings.inversion(port), this.craft.told(PortSettings.inversion(port))).with(PortSettings.oneWire(port), this.craft.told(PortSettings.oneWire(port)));
      }
    }
    return works(line, other.withElectrics(e));
  }

  /** What a meter and what an analyser show on the pad of one wire. */
  private void pad(CraftLine line, End end) {
    Optional<SerialPad> found = lines.pad(end.boardPad());
    if (found.isEmpty() || line.job() == Job.VIDEO_CONTROL || checks.stream().anyMatch(check -> check.id().equals(RecordedPad.check(found.get())))) {
      return;
    }
    SerialPad pad = found.get();
    Facet<Craft, OnPad> facet = Facet.of("what stands on pad " + pad.name(), c -> lines.on(pad, c));
    Format format = line.format();
    Wiring wiring = craft.electrics().wiring();
    Place tip = new Place.Probes(true, wiring.points().get(wiring.node(end.boardPad())),
        wiring.points().get(wiring.node(lines.boardPart().address(Powered.groundPad(lines.boardPart())))));
    Scale volts = new Scale("voltage from pad " + pad.name() + " to ground", "V", -1, 6);
    Average usual = Average.of(new Sending(format, 0, format.inverted(), HIGH_V, false));
    add("level-" + pad.name(), "level-at-pad", "Measure the average voltage of pad " + pad.name(), String.format(Locale.ROOT,
        "Meter on DC volts, black on ground first. %s that flows shows %.1f to %.1f V here; 0 or 3.3 V that stands still is a line that is silent.",
        format.label(), usual.leastV(), usual.mostV()), volts, from(facet, on -> level(volts, on)), 0.6, 0.3, LINKED, tip);
    Choices seen = signals(format);
    add(RecordedPad.check(pad), SIGNAL, "Look at pad " + pad.name() + " with an analyser or a scope", "Ground clip on the board's ground, tip on pad "
        + pad.name() + ", craft and radio on. Two seconds of it, saved as a file, can be dropped here.", seen, from(facet, on -> signal(seen, format, on)), 2.5, 0.3,
        LINKED, tip);
  }

  /** What can be seen of a line that should bear a format. */
  static Choices signals(Format format) {
    return Choices.of("What is there?", List.of(new Outcome("right", format.label() + ", the right way up"),
        new Outcome("turned", format.label() + ", upside down"), new Outcome("rate", format.label() + " at another rate"),
        new Outcome("other", "another format"), new Outcome("still", "nothing: it stands still"), new Outcome("spoilt", "edges, but broken or two at once")));
  }

  private static Outlook signal(Choices answers, Format format, OnPad on) {
    return Ways.expecting(answers, seen(format, on), SCOPE_MISREAD);
  }

  /** The outcome for what stands on a pad that should bear a format. */
  static String seen(Format format, OnPad on) {
    if (on.jammed()) {
      return "spoilt";
    }
    return on.sending().map(sending -> {
      if (sending.flaky()) {
        return "spoilt";
      } else if (sending.format() != format) {
        return "other";
      } else if (sending.inverted() != format.inverted()) {
        return "turned";
      }
      int usual = format.bauds().stream().findFirst().orElse(0);
      return usual > 0 && Math.abs((double) sending.baud() / usual - 1) > 0.05 && !format.bauds().contains(sending.baud()) ? "rate" : "right";
    }).orElse("still");
  }

  private static Outlook level(Scale scale, OnPad on) {
    if (on.jammed()) {
      return new Spread(scale, 1.5, 1, MISREAD);
    }
    return on.sending().map(sending -> average(scale, sending)).orElseGet(() -> new Either(List.of(
        new Share(0.5, new Spread(scale, 0, 0.05, MISREAD)), new Share(0.5, new Spread(scale, HIGH_V, 0.12, MISREAD)))));
  }

  private static Outlook average(Scale scale, Sending sending) {
    Average average = AVERAGES.of(sending, Average::of);
    return new Spread(scale, (average.leastV() + average.mostV()) / 2, 0.08 + (average.mostV() - average.leastV()) / 2, MISREAD);
  }

  /** What a meter shows of what is sent, volts. */
  private record Average(double leastV, double mostV) {
    /** How far from its idle level a line that is busy now and then shows on a meter, as a share of its high level. From memory. */
    private static final double BUSY = 0.3;

    static Average of(Sending sending) {
      if (Sender.FORMATS.contains(sending.format())) {
        SignalOnMeter meter = SignalOnMeter.of(sending.format(), sending.inverted(), sending.highV(), sending.baud(), 0);
        return new Average(meter.leastV(), meter.mostV());
      }
      return sending.inverted() ? new Average(0, BUSY * sending.highV()) : new Average((1 - BUSY) * sending.highV(), sending.highV());
    }
  }

  /** A port that hears itself is sound from pad to pad. */
  private void loops() {
    for (String port : lines.joined().stream().flatMap(line -> line.ends().stream()).map(End::boardPad).map(lines::pad).flatMap(Optional::stream)
        .map(SerialPad::port).distinct().toList()) {
      List<SerialPad> rx = lines.board().pads(port, Side.RX).stream().filter(pad -> pad.inverter() != Inverter.FIXED).toList();
      List<SerialPad> tx = lines.board().pads(port, Side.TX).stream().filter(pad -> pad.inverter() != Inverter.FIXED).toList();
      if (rx.isEmpty() || tx.isEmpty() || port.equals(lines.board().computer())) {
        continue;
      }
      List<String> pads = List.of(lines.boardPart().address(rx.get(0).name()), lines.boardPart().address(tx.get(0).name()));
      Choices answers = Choices.of("Does it hear itself?", List.of(new Outcome("hears", "yes"), new Outcome("deaf", "no")));
      add("loop-" + port, "loop-back", "Join TX to RX of port " + port + ": does the port hear itself?", "Wires of both pads off, a short wire from "
          + tx.get(0).name() + " to " + rx.get(0).name() + ", nothing told of inversion. The board's own test, or a terminal passed through to the port.", answers,
          from(Facet.of("port " + port + " in itself", c -> pads.stream().noneMatch(c.electrics()::deadPort)),
              sound -> Ways.expecting(answers, sound ? "hears" : "deaf", 0.08)), 5, 0.1, BenchNeeds.COMPUTER, new Place.OnePart(lines.boardPart().id()));
    }
  }

  private void firmware() {
    if (lines.joined().isEmpty()) {
      return;
    }
    Choices kept = Choices.of("What stands there after the restart?", List.of(new Outcome("kept", "what was entered"), new Outcome("back", "something else again")));
    add("ports-kept", "ports-kept", "Enter the ports anew, save, restart and read them back", "Change one line and change it back, save, let the board restart, read every line.",
        kept, from(SerialSettings.STALE.facet(), stale -> Ways.expecting(kept, stale ? "back" : "kept", 0.15)), 2, 0, BenchNeeds.COMPUTER);
    if (Telemetry.way(lines).isPresent()) {
      Choices other = Choices.of("Does it work with that version?", List.of(new Outcome("works", "yes, with everything else as it was"), new Outcome("not", "no, the same")));
      add("other-version", "other-version", "Try the version that others report good", "All settings saved as text first. Flash, enter ports and telemetry, look. If it works, "
          + "go forward again and see it break: that is the proof.", other, from(Facet.of("telemetry with a good version", c -> Telemetry.of(lines,
              c.with(SpokenSettings.TELEMETRY_WORKS, true).with(SpokenSettings.STALE, false)).shown() != Reach.NONE),
              works -> Ways.expecting(other, works ? "works" : "not", MISREAD)), 25, 0.2, BenchNeeds.COMPUTER);
    }
  }

  private String printed(String address) {
    return address.substring(address.indexOf('.') + 1);
  }

  private String label(String address) {
    return craft.electrics().wiring().label(craft.electrics().wiring().node(address));
  }

  private void add(String id, String kind, String title, String instruction, Answers answers, Prediction<Craft, ?> prediction, double minutes, double risk,
      BenchNeeds needs) {
    add(id, kind, title, instruction, answers, prediction, minutes, risk, needs, Place.NOWHERE);
  }

  private void add(String id, String kind, String title, String instruction, Answers answers, Prediction<Craft, ?> prediction, double minutes, double risk,
      BenchNeeds needs, Place place) {
    checks.add(new CraftCheck(id, kind, c -> title, c -> instruction, answers, prediction, minutes, risk, needs, true, true, place));
  }
}

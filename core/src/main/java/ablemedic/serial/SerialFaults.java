package ablemedic.serial;

import static ablemedic.serial.SerialSettings.elsewhere;
import static ablemedic.serial.SerialSettings.entered;

import ablemedic.craft.AsFormat;
import ablemedic.craft.Craft;
import ablemedic.craft.ModemSettings;
import ablemedic.craft.PortSettings;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.SpokenSettings;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.electrics.Electrics;
import ablemedic.electrics.Harm;
import ablemedic.electrics.Harm.NoSky.Why;
import ablemedic.electrics.Inner;
import ablemedic.electrics.Job;
import ablemedic.electrics.SerialPad;
import ablemedic.electrics.SerialPad.Inverter;
import ablemedic.serial.CraftLine.End;
import ablemedic.speciality.CraftFault;
import ablemedic.speciality.Odds;
import ablemedic.speciality.SettingTrouble;
import ablemedic.told.Setting;
import ablemedic.wire.Format;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** All faults that the serial lines of one craft can have: of every lead, pad, port, part and setting that it has. */
final class SerialFaults {
  private static final int ELSEWHERE = 2;
  private static final int WRONG_PADS = 3;

  private final Craft craft;
  private final CraftLines lines;
  private final List<Fault<Craft>> faults = new ArrayList<>();

  private SerialFaults(Craft craft, CraftLines lines) {
    this.craft = craft;
    this.lines = lines;
  }

  /** @param craft a sound one */
  static List<Fault<Craft>> of(Craft craft, CraftLines lines) {
    SerialFaults all = new SerialFaults(craft, lines);
    for (CraftLine line : lines.joined()) {
      all.asBuilt(line);
      all.wires(line);
      all.port(line);
      all.format(line);
      all.part(line);
    }
    all.pads();
    all.receiver();
    all.telemetry();
    all.modems();
    all.firmware();
    all.computer();
    return List.copyOf(all.faults);
  }

  /** What the sheet alone shows: it is all but known, and only the sheet can be wrong. */
  private void asBuilt(CraftLine line) {
    List<JoinedPart.Judged> wrong = lines.bySheet(line);
    if (!wrong.isEmpty()) {
      harmed("cannot-work-" + line.id(), "cannot-work-as-joined", "wires " + line.id(), SerialOdds.BY_SHEET, "As the sheet has it the " + line.label()
          + " cannot work. " + wrong.get(0).text(), e -> e.with(new Harm.CannotWork(line.part().id(), line.id())),
          SerialFixes.asBuilt(lines, line, wrong));
    }
  }

  private void wires(CraftLine line) {
    if (line.sends().isPresent() && line.hears().isPresent()) {
      End one = line.sends().get();
      End other = line.hears().get();
      String name = line.label();
      harmed("exchanged-" + line.id(), "wires-exchanged", "wires " + line.id(), SerialOdds.WIRES_EXCHANGED, "TX and RX of the " + name + " are exchanged",
          e -> e.with(new Harm.LeadMoved(one.lead().id(), other.boardPad())).with(new Harm.LeadMoved(other.lead().id(), one.boardPad())),
          SerialFixes.wires("Exchange the two wires of the " + name, "wires of the " + name, "TX on TX", "TX on RX",
              List.of(Harm.LeadMoved.slot(one.lead().id()), Harm.LeadMoved.slot(other.lead().id()))));
    }
    for (End end : line.needed()) {
      for (String wrong : plausible(end)) {
        harmed("moved-" + plain(end.partPad()) + "-" + plain(wrong), "wire-on-wrong-pad", "wires " + line.id(), SerialOdds.WRONG_PAD,
            "The wire from " + label(end.partPad()) + " lies on pad " + printed(wrong) + " instead of " + printed(end.boardPad()),
            e -> e.with(new Harm.LeadMoved(end.lead().id(), wrong)),
            SerialFixes.wires("Move the wire from " + label(end.partPad()) + " to pad " + printed(end.boardPad()), "wire from " + label(end.partPad()),
                "on " + printed(wrong), "on " + printed(end.boardPad()), List.of(Harm.LeadMoved.slot(end.lead().id()))));
      }
    }
  }

  /** Pads on which a wire may lie by mistake: its neighbours, the other pad of its side, and the pads of its side at the next ports. */
  private List<String> plausible(End end) {
    Set<String> wrong = new LinkedHashSet<>();
    Optional<SerialPad> right = lines.pad(end.boardPad());
    if (right.isEmpty()) {
      return List.of();
    }
    List<SerialPad> all = lines.board().pads();
    int at = all.indexOf(right.get());
    for (SerialPad pad : all) {
      boolean twin = pad.port().equals(right.get().port()) && pad.side() == right.get().side();
      boolean beside = Math.abs(all.indexOf(pad) - at) == 1;
      boolean likeIt = pad.side() == right.get().side() && Math.abs(all.indexOf(pad) - at) <= 2;
      if (!pad.equals(right.get()) && (twin || beside || likeIt)) {
        wrong.add(lines.boardPart().address(pad.name()));
      }
    }
    return wrong.stream().filter(pad -> craft.electrics().sheet().leads().stream().noneMatch(l -> l.from().equals(pad) || l.to().equals(pad)))
        .limit(WRONG_PADS).toList();
  }

  /** What is told to the port that a line lies on. */
  private void port(CraftLine line) {
    Optional<String> port = portOf(line);
    if (port.isEmpty()) {
      return;
    }
    String p = port.get();
    Job job = line.job();
    Setting<List<Job>> jobs = PortSettings.jobsOf(p);
    BiFunction<Craft, Craft, List<Fix<Craft>>> fixing = entered(SerialSettings.jobs(p), jobs, craft, "On the board's page of ports give port " + p
        + " the job of " + job.label() + ".");
    told(SerialSettings.jobs(p), "job-missing-" + line.id(), "job-missing", jobs, SerialOdds.JOB_MISSING, was -> without(was, job),
        "Port " + p + " was not given the job of " + job.label(), fixing);
    for (Job other : Job.values()) {
      if (other != job && List.of(Job.GNSS, Job.TELEMETRY).contains(other) && PortSettings.portsWith(other, craft).isEmpty()) {
        told(SerialSettings.jobs(p), "job-twice-" + line.id(), "job-twice", jobs, SerialOdds.JOB_TWICE, was -> with(was, other),
            "Port " + p + " was given " + other.label() + " besides " + job.label(), fixing);
        break;
      }
    }
    lines.board().ports().stream().filter(other -> !other.equals(p) && craft.told(PortSettings.jobsOf(other)).isEmpty()).limit(ELSEWHERE)
        .forEach(other -> faults.add(new CraftFault("job-at-" + other + "-" + line.id(), "job-elsewhere", "setting " + jobs.id(),
            any -> "The job of " + job.label() + " was given to port " + other + ", and the wires lie on port " + p, SerialOdds.JOB_ELSEWHERE,
            any -> any.changing(jobs, was -> without(was, job)).changing(PortSettings.jobsOf(other), was -> with(was, job)),
            SerialFixes.job(craft, job, p, other))));
    turned(line, p);
    if (line.format() == Format.POLLED) {
      told(SerialSettings.oneWire(p), "half-duplex-off-" + line.id(), "half-duplex-wrong", PortSettings.oneWire(p), SerialOdds.HALF_DUPLEX,
          was -> AsFormat.OFF, "Half duplex of port " + p + " is off", entered(SerialSettings.oneWire(p), PortSettings.oneWire(p), craft,
              line.format().label() + " goes both ways over one wire: half duplex of port " + p + " on, or left to the format."));
    }
    if (line.format().bauds().size() > 1 && line.format() != Format.CRSF) {
      for (int wrong : otherRates(soundBaud(line, p), line.format())) {
        told(SerialSettings.baud(p), "rate-" + wrong + "-" + line.id(), "rate-wrong", PortSettings.baud(p), SerialOdds.RATE.times(0.5), was -> wrong,
            "Port " + p + " is set to " + wrong + " baud, and the " + line.label() + " speaks at " + soundBaud(line, p),
            entered(SerialSettings.baud(p), PortSettings.baud(p), craft, "Set port " + p + " to " + soundBaud(line, p) + " baud."));
        told(SerialSettings.partBaud(job), "part-rate-" + wrong + "-" + line.id(), "part-rate-wrong", SpokenSettings.baud(job), SerialOdds.RATE.times(0.5),
            was -> wrong, "The " + line.label() + " speaks at " + wrong + " baud, and port " + p + " is set to " + soundBaud(line, p),
            elsewhere(SerialSettings.partBaud(job), SpokenSettings.baud(job), craft, "Set the " + line.label() + " to " + soundBaud(line, p) + " baud", 6,
                "With its own tool, or through the board if that passes the port through: " + soundBaud(line, p) + " baud.",
                "Take its power and give it back, and read the rate again: some keep it only when told to."));
      }
    }
    if (lines.board().isSoft(p)) {
      told(SerialSettings.SOFT_BUILT, "soft-not-built", "soft-serial-missing", SpokenSettings.SOFT_BUILT, SerialOdds.SOFT_MISSING, was -> false,
          "This version has no soft serial on that pin", elsewhere(SerialSettings.SOFT_BUILT, SpokenSettings.SOFT_BUILT, craft,
              "Flash a version that has soft serial on that pin", 25, "Save all settings as text, and note target and version.",
              "Or move the " + line.label() + " to a port of the chip.", SettingTrouble.SAVE));
      told(SerialSettings.SOFT, "soft-off", "soft-serial-off", PortSettings.SOFT, SerialOdds.SOFT, was -> false, "Soft serial is off",
          entered(SerialSettings.SOFT, PortSettings.SOFT, craft, "Switch soft serial on; the port appears after the restart."));
    }
  }

  private void turned(CraftLine line, String port) {
    List<SerialPad> used = line.ends().stream().map(End::boardPad).map(lines::pad).flatMap(Optional::stream).toList();
    boolean wants = line.format().inverted();
    if (used.stream().anyMatch(pad -> pad.inverter() == Inverter.CHIP || pad.inverter() == Inverter.SOFTWARE) && !lines.board().isSoft(port)) {
      told(SerialSettings.inversion(port), "inversion-" + line.id(), "inversion-wrong", PortSettings.inversion(port), SerialOdds.INVERSION,
          was -> wants ? AsFormat.OFF : AsFormat.ON, "Inversion of port " + port + " is " + (wants ? "off" : "on") + ", and " + line.format().label()
              + " idles " + (wants ? "low" : "high"), entered(SerialSettings.inversion(port), PortSettings.inversion(port), craft,
                  line.format().label() + " idles " + (wants ? "low: inversion on" : "high: inversion off") + ", or left to the format."));
    }
    used.stream().filter(pad -> pad.inverter() == Inverter.JUMPER).findFirst().ifPresent(pad -> {
      String address = lines.boardPart().address(pad.name());
      harmed("jumper-" + line.id(), "jumper-wrong", "jumper " + address, SerialOdds.JUMPER, "The jumper of pad " + pad.name() + " is bridged for "
          + (wants ? "a plain" : "an inverted") + " line", e -> e.with(new Harm.OtherJumper(address)), SerialFixes.harm("jumper " + address,
              "Bridge the jumper of pad " + pad.name() + " for " + (wants ? "an inverted" : "a plain") + " line", "jumper of pad " + pad.name(),
              wants ? "plain" : "inverted", wants ? "inverted" : "plain", 8, Harm.OtherJumper.slot(address),
              "Wick the bridge off and set it across the other pair of its three spots."));
    });
  }

  private void format(CraftLine line) {
    Job job = line.job();
    for (Format other : job.formats()) {
      if (other != line.format()) {
        told(SerialSettings.format(job), "format-" + other.id() + "-" + line.id(), "format-wrong", PortSettings.format(job), SerialOdds.FORMAT.times(0.5),
            was -> other, "The board was told that the " + line.label() + " speaks " + other.label() + ", and it speaks " + line.format().label(),
            entered(SerialSettings.format(job), PortSettings.format(job), craft, "Choose " + line.format().label() + " as the format of the " + job.label() + "."));
      }
    }
    List<Format> others = new ArrayList<>(line.spoken().formats());
    if (job == Job.RECEIVER && others.size() > 1) {
      others.add(Format.PPM);
    }
    others.remove(line.format());
    for (Format other : others) {
      told(SerialSettings.partFormat(job), "speaks-" + other.id() + "-" + line.id(), "part-speaks-otherwise", SpokenSettings.format(job),
          SerialOdds.PART_FORMAT.times(1.0 / others.size()), was -> Optional.of(other), "The " + line.label() + " was set to speak " + other.label()
              + " instead of " + line.format().label(), elsewhere(SerialSettings.partFormat(job), SpokenSettings.format(job), craft,
                  "Set the " + line.label() + " to " + line.format().label(), 5, job == Job.RECEIVER
                      ? "In the radio's bind settings choose an output with " + line.format().label() + ", and bind again if it asks for that."
                      : "With its own tool choose " + line.format().label() + ". A copy of a module may lack it: then tell the board what it does speak.",
                  "Read it back."));
    }
  }

  private void part(CraftLine line) {
    if (line.job() == Job.GNSS) {
      noSky(line, Why.FACE_DOWN, SerialOdds.FACE_DOWN, " lies face down", "Turn the " + line.label() + " round: its ceramic face to the sky", 8);
      if (craft.electrics().sheet().parts().stream().anyMatch(part -> part.archetype().inner().stream()
          .anyMatch(one -> one instanceof Inner.Spoken s && s.job() == Job.VIDEO_CONTROL))) {
        noSky(line, Why.BESIDE_TRANSMITTER, SerialOdds.BESIDE_TRANSMITTER, " lies beside the video transmitter",
            "Move the " + line.label() + " away from the video transmitter, on top", 15);
      }
      noSky(line, Why.NO_TIME_YET, SerialOdds.NO_TIME_YET, " had no time for its first fix", "Leave it outdoors, powered and still, for five minutes", 6);
    }
  }

  private void noSky(CraftLine line, Why why, Odds odds, String words, String title, double minutes) {
    String part = line.part().id();
    String name = why.name().toLowerCase(Locale.ROOT).replace('_', '-');
    harmed("sky-" + name + "-" + part, "no-sky", "sky " + part, odds, "The " + line.label() + words, e -> e.with(new Harm.NoSky(part, why)),
        SerialFixes.sky(name + " " + part, title, line.label(), minutes, part, why));
  }

  /** Sides of ports that are dead in the chip. */
  private void pads() {
    Set<String> done = new HashSet<>();
    for (CraftLine line : lines.joined()) {
      for (End end : line.needed().stream().filter(one -> done.add(one.boardPad())).toList()) {
        harmed("dead-pad-" + plain(end.boardPad()), "port-pad-dead", "pad " + end.boardPad(), SerialOdds.PORT_PAD_DEAD,
            "The chip behind pad " + printed(end.boardPad()) + " is dead", e -> e.with(new Harm.DeadPortPad(end.boardPad())),
            SerialFixes.otherPort(craft, lines, line, end));
      }
    }
  }

  private void receiver() {
    if (lines.of(Job.RECEIVER).isEmpty()) {
      return;
    }
    told(SerialSettings.BOUND, "not-bound", "not-bound", RadioSettings.BOUND, SerialOdds.BOUND, was -> false, "The receiver is not bound to this radio",
        elsewhere(SerialSettings.BOUND, RadioSettings.BOUND, craft, "Bind the receiver to the radio", 5,
            "Both on one generation of firmware. Bring the receiver to bind mode (button, three power cycles or shared phrase), then the radio.",
            "Step back two metres. A stick that moves a bar is the proof; a lamp is only a hint."));
    told(SerialSettings.MODULE, "module-off", "module-off", RadioSettings.MODULE, SerialOdds.AT_RADIO, was -> false,
        "The radio's module for this receiver is off, or set to another protocol", elsewhere(SerialSettings.MODULE, RadioSettings.MODULE, craft,
            "Switch the radio's module for this receiver on", 3, "In the model's settings: the other module off, this one on, its protocol chosen.",
            "Its lamp comes on."));
  }

  private void telemetry() {
    Optional<Telemetry.Way> way = Telemetry.way(lines);
    if (way.isEmpty()) {
      return;
    }
    told(SerialSettings.TELEMETRY, "telemetry-off", "telemetry-off", PortSettings.TELEMETRY, SerialOdds.FEATURE, was -> false,
        "Telemetry is switched off at the board", entered(SerialSettings.TELEMETRY, PortSettings.TELEMETRY, craft, "Switch the board's telemetry on."));
    if (way.get() != Telemetry.Way.MODEM) {
      lines.of(Job.RECEIVER).filter(line -> way.get() == Telemetry.Way.OWN_LINE).ifPresent(this::mute);
      lines.of(Job.TELEMETRY).filter(line -> Telemetry.isStream(lines)).ifPresent(this::oneWay);
      told(SerialSettings.RADIO_TELEMETRY, "radio-telemetry-off", "telemetry-off-at-radio", RadioSettings.TELEMETRY, SerialOdds.AT_RADIO, was -> false,
          "Telemetry is off for this model at the radio", elsewhere(SerialSettings.RADIO_TELEMETRY, RadioSettings.TELEMETRY, craft,
              "Switch telemetry on at the radio", 2, "In the model's settings, or as a ratio of frames that is not zero."));
      told(SerialSettings.SENSORS, "sensors-not-discovered", "sensors-not-discovered", RadioSettings.SENSORS, SerialOdds.SENSORS, was -> false,
          "The radio has not discovered the board's sensors", elsewhere(SerialSettings.SENSORS, RadioSettings.SENSORS, craft,
              "Discover the sensors at the radio", 2, "Craft and radio on, linked. On the radio's page of telemetry: discover new sensors, wait until no more appear, stop."));
    }
  }

  private void mute(CraftLine receiver) {
    String part = receiver.part().id();
    harmed("no-telemetry-" + part, "receiver-without-telemetry", "sort " + part, SerialOdds.NO_TELEMETRY, "The " + receiver.label()
        + " is a sort without telemetry", e -> e.with(new Harm.NoTelemetry(part)), SerialFixes.harm("telemetry of " + part, "Fit a receiver that sends telemetry back, "
            + "or do without", "sort of the " + receiver.label(), "without telemetry", "with telemetry", 25, Harm.NoTelemetry.slot(part),
            "Without: leave telemetry out and show the values on the screen, or put strength on a spare channel and tell the board which."));
  }

  /** It shows values and can never change a setting; the sheet alone tells. */
  private void oneWay(CraftLine line) {
    String up = Telemetry.upOf(line);
    harmed("one-way-" + line.id(), "one-way-telemetry", "sort " + up, SerialOdds.BY_SHEET, "The one-way stream of the " + line.part().label()
        + " shows values and can never change a setting", e -> e.with(new Harm.CannotWork(line.part().id(), up)), SerialFixes.harm("two ways for " + line.id(),
            "Fit a receiver whose telemetry goes both ways, or change settings at the computer", "telemetry of the " + line.part().label(), "one way", "both ways", 25,
            Harm.CannotWork.slot(up), "One-wire polled telemetry and links that carry it on the receiver's own line go both ways. Enter the new part on the sheet."));
  }

  private void modems() {
    if (Telemetry.way(lines).filter(Telemetry.Way.MODEM::equals).isEmpty()) {
      return;
    }
    told(SerialSettings.ONE_WAY, "modem-one-way", "modem-one-way", ModemSettings.ONE_WAY, SerialOdds.MODEM, was -> true,
        "The modems decode downwards only", elsewhere(SerialSettings.ONE_WAY, ModemSettings.ONE_WAY, craft, "Switch the modems' decode mode off", 5,
            "Decode or long-range mode off at both, then take the power from both and give it back."));
    told(SerialSettings.FLOW, "modem-flow", "modem-flow-control", ModemSettings.FLOW, SerialOdds.MODEM, was -> true,
        "The modem waits for leave to send over lines that are not there", elsewhere(SerialSettings.FLOW, ModemSettings.FLOW, craft,
            "Switch the modem's flow control off", 4, "RTS and CTS are not wired: hardware flow control off, save to the modem."));
    told(SerialSettings.PAIRED, "modem-unpaired", "modems-not-paired", ModemSettings.PAIRED, SerialOdds.MODEM, was -> false,
        "The modems do not know one another as they are set now", elsewhere(SerialSettings.PAIRED, ModemSettings.PAIRED, craft,
            "Bind the modems again", 5, "Same air rate, channel and power at both, bind, then take the power from both and give it back."));
    for (int wrong : otherRates(craft.told(ModemSettings.GROUND), Format.MAVLINK)) {
      told(SerialSettings.GROUND, "ground-modem-" + wrong, "modem-rate-wrong", ModemSettings.GROUND, SerialOdds.MODEM.times(0.5), was -> wrong,
          "The ground modem is set to " + wrong + " baud, and the ground station to " + craft.told(ModemSettings.STATION),
          elsewhere(SerialSettings.GROUND, ModemSettings.GROUND, craft, "Set the ground modem to " + craft.told(ModemSettings.GROUND) + " baud", 4,
              "With the modem's tool: wire rate " + craft.told(ModemSettings.GROUND) + ", save, take its power and give it back."));
      told(SerialSettings.STATION, "station-" + wrong, "modem-rate-wrong", ModemSettings.STATION, SerialOdds.MODEM.times(0.5), was -> wrong,
          "The ground station is told " + wrong + " baud, and the ground modem " + craft.told(ModemSettings.GROUND),
          elsewhere(SerialSettings.STATION, ModemSettings.STATION, craft, "Tell the ground station " + craft.told(ModemSettings.STATION) + " baud", 2,
              "Choose the virtual port that answers, " + craft.told(ModemSettings.STATION) + " baud, and no second ground station."));
    }
    int slowest = Math.min(craft.told(ModemSettings.AIR), craft.told(ModemSettings.STATION));
    told(SerialSettings.BYTES, "too-many-bytes", "too-many-messages", ModemSettings.BYTES, SerialOdds.MODEM.times(0.5), was -> slowest / 6,
        "The board sends more messages than the slowest hop carries", elsewhere(SerialSettings.BYTES, ModemSettings.BYTES, craft,
            "Lower the rates of the messages", 6, "By the byte budget: no more than " + Math.round(ByteBudget.FILL * slowest / 10) + " bytes a second.",
            SettingTrouble.SAVE));
  }

  private void firmware() {
    if (Telemetry.way(lines).isPresent()) {
      told(SerialSettings.VERSION, "version-telemetry-broken", "version-broken", SpokenSettings.TELEMETRY_WORKS, SerialOdds.VERSION, was -> false,
          "The telemetry of this firmware version is broken on this board", elsewhere(SerialSettings.VERSION, SpokenSettings.TELEMETRY_WORKS, craft,
              "Go back to the version that others report good", 25, "Save all settings as text, and note target and version.",
              "Flash that version, enter ports and telemetry, and see it work: that proves the wiring.",
              "Then go forward again one version at a time, and keep what you saw as the proof; a newer one may have mended it."));
    }
    if (!lines.joined().isEmpty()) {
      told(SerialSettings.STALE, "left-behind", "left-behind", SpokenSettings.STALE, SerialOdds.LEFT_BEHIND, was -> true,
          "Something that an older version left behind overrules the ports", elsewhere(SerialSettings.STALE, SpokenSettings.STALE, craft,
              "Flash with a full erase and enter what matters again", 30, "Save all settings as text first.",
              "Flash the same version with a full erase: that takes calibrations too. Enter ports, receiver, modes and calibrations again.",
              SettingTrouble.SAVE));
    }
  }

  private void computer() {
    told(SerialSettings.CABLE, "charge-cable", "charge-cable", SpokenSettings.CABLE, SerialOdds.CABLE, was -> false,
        "The cable to the computer only charges", elsewhere(SerialSettings.CABLE, SpokenSettings.CABLE, craft, "Take a cable that carries data", 1,
            "One that has read another board today. Mark the other."));
    told(SerialSettings.DRIVER, "driver-missing", "driver-missing", SpokenSettings.DRIVER, SerialOdds.DRIVER, was -> false,
        "The computer has no driver for the board", elsewhere(SerialSettings.DRIVER, SpokenSettings.DRIVER, craft, "Install the driver of the board's USB chip", 8,
            "Look at the computer's list of devices: an unknown one comes and goes with the plug. Install its driver, plug in again."));
    String port = lines.board().computer();
    if (!port.isEmpty() && craft.told(PortSettings.jobsOf(port)).isEmpty()) {
      told(SerialSettings.jobs(port), "computer-port-given-away", "computer-port-given-away", PortSettings.jobsOf(port), SerialOdds.PORT_GIVEN_AWAY,
          was -> List.of(Job.GNSS), "Port " + port + ", which is the computer's, was given away", entered(SerialSettings.jobs(port), PortSettings.jobsOf(port),
              craft, "Start the board with its boot button or pads held, or over another port, and take the job from port " + port + "."));
    }
  }

  private Optional<String> portOf(CraftLine line) {
    return line.ends().stream().map(End::boardPad).map(lines::pad).flatMap(Optional::stream).map(SerialPad::port).findFirst();
  }

  private int soundBaud(CraftLine line, String port) {
    int told = craft.told(PortSettings.baud(port));
    return told > 0 ? told : line.format().bauds().get(0);
  }

  /** The usual rates next to the right one. */
  private static List<Integer> otherRates(int right, Format format) {
    List<Integer> sorted = format.bauds().stream().sorted().toList();
    List<Integer> near = new ArrayList<>();
    sorted.stream().filter(rate -> rate < right).reduce((a, b) -> b).ifPresent(near::add);
    sorted.stream().filter(rate -> rate > right).findFirst().ifPresent(near::add);
    return near;
  }

  private static List<Job> without(List<Job> jobs, Job job) {
    return jobs.stream().filter(other -> other != job).toList();
  }

  private static List<Job> with(List<Job> jobs, Job job) {
    return Stream.concat(jobs.stream(), Stream.of(job)).distinct().sorted().toList();
  }

  private String printed(String address) {
    return address.substring(address.indexOf('.') + 1);
  }

  private String label(String address) {
    return craft.electrics().wiring().label(craft.electrics().wiring().node(address));
  }

  private void harmed(String id, String kind, String site, Odds odds, String description, UnaryOperator<Electrics> effect,
      BiFunction<Craft, Craft, List<Fix<Craft>>> fixing) {
    faults.add(new CraftFault(id, kind, "serial " + site, any -> description, odds, any -> any.withElectrics(effect.apply(any.electrics())), fixing));
  }

  private <T> void told(SettingTrouble<T> trouble, String id, String kind, Setting<T> setting, Odds odds, UnaryOperator<T> change, String description,
      BiFunction<Craft, Craft, List<Fix<Craft>>> fixing) {
    faults.add(trouble.wrong(id, kind, "setting " + setting.id(), odds, change, any -> description, fixing));
  }

  /** A name without the marks that paths and files part by. */
  private static String plain(String address) {
    return address.replace('.', '_').replace("+", "p");
  }
}

package ablemedic.power;

import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.HoverPower;
import ablemedic.electrics.Archetype;
import ablemedic.electrics.Electrics;
import ablemedic.electrics.Harm;
import ablemedic.electrics.Inner;
import ablemedic.electrics.Lead;
import ablemedic.electrics.Part;
import ablemedic.electrics.Wiring;
import ablemedic.electrics.Wiring.At;
import ablemedic.reading.Meter;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;

/** How much of its voltage and signal reaches each drive, and so what a fault of the wiring does to the arms. */
final class Feeds {
  /** Ideal hover power over electrical power of motor, controller and prop together. Common practice. */
  private static final double FIGURE_OF_MERIT = 0.45;
  private static final double HOVER_CHARGE = 0.7;
  private static final double SIGNAL_LOST_OHMS = 10_000;
  private static final double SIGNAL_POOR_OHMS = 500;
  /** Feed of a drive whose signal comes through badly. From memory. */
  private static final double STUTTERS = 0.6;

  private Feeds() {}

  /** Current of one drive in a hover, amperes at the pack's nominal voltage. */
  static double hoverA(Craft craft) {
    return HoverPower.ideal(craft.airframe()) / 4 / FIGURE_OF_MERIT / craft.electrics().sheet().pack().nominalV();
  }

  static Powered hovering(Craft craft, double charge, double times) {
    Electrics electrics = craft.electrics();
    double resting = electrics.sheet().pack().restingV(charge);
    return Powered.of(electrics, new Powered.Run(resting, times * hoverA(craft), times));
  }

  /** The craft with its arms as the harm to its wiring leaves them. */
  static Craft settled(Craft craft) {
    Electrics electrics = craft.electrics();
    Map<Integer, At<Inner.Drive>> drives = electrics.wiring().drives();
    if (drives.isEmpty()) {
      return craft;
    }
    Craft whole = craft.withElectrics(electrics.sound());
    Powered sound = hovering(whole, HOVER_CHARGE, 1);
    Powered now = hovering(craft, HOVER_CHARGE, 1);
    boolean commands = board(electrics).map(now::works).orElse(true);
    Craft settled = craft;
    for (Map.Entry<Integer, At<Inner.Drive>> one : drives.entrySet()) {
      At<Inner.Drive> drive = one.getValue();
      double volts = sound.driveV(drive) > 0 ? now.driveV(drive) / sound.driveV(drive) : 1;
      double feed = commands ? Math.max(0, Math.min(1, volts)) * signal(electrics, drive) : 0;
      double rounded = feed > 0.97 ? 1 : Math.round(feed * 100) / 100.0;
      settled = settled.withArm(Corner.ALL.get(one.getKey()), arm -> arm.withFeed(rounded));
    }
    return settled;
  }

  /** The flight board. */
  static Optional<Part> board(Electrics electrics) {
    return electrics.sheet().parts().stream().filter(p -> p.archetype().kind() == Archetype.Kind.BOARD).findFirst();
  }

  /** 1 when the signal reaches a drive, 0 when not, and between when it comes through badly. */
  private static double signal(Electrics electrics, At<Inner.Drive> drive) {
    if (electrics.harm().containsKey(new Harm(Harm.Kind.CROSSED, drive.part().id()))
        || electrics.harm().containsKey(new Harm(Harm.Kind.DRIVE_SHORT, drive.address(drive.of().plus())))) {
      return 0;
    }
    String pad = drive.address(drive.of().signal());
    Optional<Lead> lead = electrics.sheet().leads().stream().filter(l -> l.to().equals(pad) || l.from().equals(pad))
        .findFirst();
    if (lead.isEmpty()) {
      return 1;
    }
    Wiring wiring = electrics.wiring();
    double ohms = PackOut.of(electrics, Meter.USUAL).ohms(wiring.node(lead.get().from()), wiring.node(lead.get().to()));
    boolean mixed = electrics.harm().keySet().stream().anyMatch(h -> h.kind() == Harm.Kind.BRIDGE
        && Arrays.asList(h.where().split("\\|")).stream()
            .anyMatch(end -> end.equals(lead.get().from()) || end.equals(lead.get().to())));
    return ohms > SIGNAL_LOST_OHMS ? 0 : ohms > SIGNAL_POOR_OHMS || mixed ? STUTTERS : 1;
  }
}

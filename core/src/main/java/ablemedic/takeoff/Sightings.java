package ablemedic.takeoff;

import ablemedic.craft.BoardSettings;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Facet;
import ablemedic.electrics.Electrics;
import ablemedic.physics.Drives;
import ablemedic.physics.FedArm;
import ablemedic.physics.Memory;
import ablemedic.told.Told;
import java.util.List;

/**
 * What an ensemble of take-offs of a craft would be seen to do. Remembered, since crafts that differ only in their
 * leads take off alike.
 */
final class Sightings {
  private static final Memory<Flying, List<Sight>> SEEN = new Memory<>(4_000);

  /** All that a take-off depends on: the craft without its wiring, and the arms as that lets them run. */
  record Flying(Craft body, List<FedArm> arms) {}

  static final Facet<Craft, Flying> FLIGHT = Facet.of("how it takes off", craft -> new Flying(
      craft.withElectrics(Electrics.NONE).with(craft.told().taking(BoardSettings::isOfPower, Told.USUAL)),
      Drives.of(craft)));

  private Sightings() {}

  static List<Sight> of(Craft craft) {
    return of(FLIGHT.of(craft));
  }

  static List<Sight> of(Flying flying) {
    return SEEN.of(flying, alike -> new LinearMotion(new Loop(alike.body(), alike.arms())).sights(Disturbance.USUAL));
  }
}

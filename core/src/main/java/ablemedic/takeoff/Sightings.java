package ablemedic.takeoff;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Facet;
import ablemedic.electrics.Electrics;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * What an ensemble of take-offs of a craft would be seen to do. Remembered, since crafts that differ only in their
 * leads take off alike.
 */
final class Sightings {
  private static final int BOUND = 4_000;
  private static final Map<Craft, List<Sight>> SEEN = new ConcurrentHashMap<>();

  /** All that a take-off depends on: the craft without its wiring, whose part in it stands in how each arm is fed. */
  static final Facet<Craft, Craft> FLIGHT = Facet.of("how it takes off", c -> c.withElectrics(Electrics.NONE));

  private Sightings() {}

  static List<Sight> of(Craft craft) {
    if (SEEN.size() > BOUND) {
      SEEN.clear();
    }
    return SEEN.computeIfAbsent(FLIGHT.of(craft),
        alike -> new LinearMotion(alike).sights(Disturbance.USUAL));
  }
}

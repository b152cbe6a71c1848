package ablemedic.takeoff;

import ablemedic.craft.Craft;
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

  private Sightings() {}

  static List<Sight> of(Craft craft) {
    if (SEEN.size() > BOUND) {
      SEEN.clear();
    }
    return SEEN.computeIfAbsent(craft.withElectrics(Electrics.NONE),
        alike -> new LinearMotion(alike).sights(Disturbance.USUAL));
  }
}

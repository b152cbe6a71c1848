package ablemedic.craft;

import java.util.EnumSet;
import java.util.Set;

/**
 * What the pilot's radio sends.
 *
 * @param order    the channel order
 * @param reversed sticks whose sense is turned round
 */
public record Radio(StickOrder order, Set<Stick> reversed) {
  public Radio {
    reversed = Set.copyOf(reversed);
  }

  public Radio withOrder(StickOrder other) {
    return new Radio(other, reversed);
  }

  public Radio withReversed(Stick stick, boolean is) {
    Set<Stick> changed = EnumSet.noneOf(Stick.class);
    changed.addAll(reversed);
    if (is) {
      changed.add(stick);
    } else {
      changed.remove(stick);
    }
    return new Radio(order, changed);
  }
}

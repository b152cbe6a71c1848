package ablemedic.craft;

import ablemedic.electrics.Electrics;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * One quad, as built and as told.
 *
 * @param airframe weights and places
 * @param arms     motor and prop at each corner, in the order of {@link Corner}
 * @param wiring   the corner that each board output, 1 to 4, is wired to
 * @param mounted  how the board sits
 * @param settings what the board was told
 * @param radio    what the radio sends
 * @param electrics its parts, leads and pack
 */
public record Craft(Airframe airframe, List<Arm> arms, List<Corner> wiring, Rotation mounted, Settings settings,
    Radio radio, Electrics electrics) {

  public Craft {
    arms = List.copyOf(arms);
    wiring = List.copyOf(wiring);
    if (arms.size() != 4 || wiring.size() != 4 || wiring.stream().distinct().count() != 4) {
      throw new NoCraftException("wiring", "each of the four outputs drives a motor of its own");
    }
  }

  public Arm arm(Corner corner) {
    return arms.get(corner.ordinal());
  }

  /** The corner that a board output, 1 to 4, is wired to. */
  public Corner wiredTo(int output) {
    return wiring.get(output - 1);
  }

  /** The board output, 1 to 4, that is wired to a corner. */
  public int outputAt(Corner corner) {
    return wiring.indexOf(corner) + 1;
  }

  /** The corner that turns when the board means another. */
  public Corner reached(Corner meant) {
    return wiredTo(settings.order().outputOf(settings.numbering().number(meant)));
  }

  /** What the board takes for a turn of the craft, in craft axes; {@link Rotation#NONE} when it was told right. */
  public Rotation misalignment() {
    return settings.alignment().after(mounted.inverse());
  }

  /** The stick that moves the board's function. */
  public Stick stickFor(Stick function) {
    return radio.order().on(settings.stickOrder().channel(function));
  }

  /** The function that the board moves when this stick is moved. */
  public Stick functionOf(Stick stick) {
    return settings.stickOrder().on(radio.order().channel(stick));
  }

  public Craft withAirframe(Airframe other) {
    return new Craft(other, arms, wiring, mounted, settings, radio, electrics);
  }

  public Craft withArm(Corner corner, UnaryOperator<Arm> change) {
    List<Arm> changed = new ArrayList<>(arms);
    changed.set(corner.ordinal(), change.apply(arm(corner)));
    return new Craft(airframe, changed, wiring, mounted, settings, radio, electrics);
  }

  public Craft withWiring(List<Corner> other) {
    return new Craft(airframe, arms, other, mounted, settings, radio, electrics);
  }

  public Craft withMounted(Rotation other) {
    return new Craft(airframe, arms, wiring, other, settings, radio, electrics);
  }

  public Craft withSettings(UnaryOperator<Settings> change) {
    return new Craft(airframe, arms, wiring, mounted, change.apply(settings), radio, electrics);
  }

  public Craft withRadio(UnaryOperator<Radio> change) {
    return new Craft(airframe, arms, wiring, mounted, settings, change.apply(radio), electrics);
  }

  public Craft withElectrics(Electrics other) {
    return new Craft(airframe, arms, wiring, mounted, settings, radio, other);
  }

  /** The frame's own name of a corner. */
  public String name(Corner corner) {
    return airframe.shape().name(corner);
  }
}

package ablemedic.craft;

import ablemedic.told.Device;
import ablemedic.told.Form.Choice;
import ablemedic.told.Setting;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/** What the pilot's radio can be told. */
public final class RadioSettings {
  private static final String STICKS = "sticks";

  /** The channel order that it sends. */
  public static final Setting<StickOrder> STICK_ORDER = Setting.of(Device.RADIO, STICKS, "radio-stick-order",
      "channel order of the radio", StickOrder.AETR, StickOrder.FORM);

  private static final List<Setting<Boolean>> REVERSED = Arrays.stream(Stick.values())
      .map(stick -> Setting.of(Device.RADIO, STICKS, "radio-reversed-" + stick.label(), "sense of " + stick.label(), false,
          new Choice<>(List.of(false, true), on -> on ? "on" : "off", on -> on ? "reversed" : "normal")))
      .toList();

  /** All of them, in the order in which a person goes over them. */
  public static final List<Setting<?>> ALL = Stream.concat(Stream.of(STICK_ORDER), REVERSED.stream())
      .<Setting<?>>map(setting -> setting).toList();

  private RadioSettings() {}

  /** Whether the sense of a stick is turned round. */
  public static Setting<Boolean> reversed(Stick stick) {
    return REVERSED.get(stick.ordinal());
  }
}

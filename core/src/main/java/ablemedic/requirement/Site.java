package ablemedic.requirement;

import ablemedic.told.Setting;

/**
 * One entry of the record: a setting, how the FC is mounted, a motor, a wire, a mass.
 *
 * @param where the setting's id, the corner, or the pad at the part's end of the wire; empty where there is only one
 */
public record Site(Kind kind, String where) {
  /** What is recorded there. */
  public enum Kind {
    SETTING, MOUNT, MOTOR, WIRE, MASS
  }

  public static final Site MOUNT = new Site(Kind.MOUNT, "");
  public static final Site MASS = new Site(Kind.MASS, "");

  public static Site of(Setting<?> setting) {
    return new Site(Kind.SETTING, setting.id());
  }
}

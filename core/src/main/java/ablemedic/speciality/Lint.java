package ablemedic.speciality;

import ablemedic.told.Setting;
import java.util.List;

/**
 * Something that a craft is told and that does not go with how it is built.
 *
 * @param cause    what does not go together, in a sentence
 * @param remedy   what to enter or do
 * @param settings those that it is about, the one to enter first
 * @param pads     addresses of the pads whose leads it is about
 * @param settles  the complaint that it can be the cause of, by its id; empty where it is none by itself
 */
public record Lint(Severity severity, String cause, String remedy, List<Setting<?>> settings, List<String> pads, String settles) {
  public Lint {
    settings = List.copyOf(settings);
    pads = List.copyOf(pads);
  }

  /** One that is about no lead. */
  public Lint(Severity severity, String cause, String remedy, List<Setting<?>> settings, String settles) {
    this(severity, cause, remedy, settings, List.of(), settles);
  }

  /** How bad it is. */
  public enum Severity {
    /** It hurts somebody or destroys something. */
    HARMS,
    /** It cannot work. */
    WRONG,
    /** It may be meant. */
    DOUBTFUL
  }
}

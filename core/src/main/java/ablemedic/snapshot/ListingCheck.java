package ablemedic.snapshot;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Outlook.Ways;
import ablemedic.diagnosis.Prediction;
import ablemedic.speciality.CraftCheck;
import ablemedic.told.Setting;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A snapshot as a check: whether the craft is told just what the listing holds. A craft that is told otherwise would hardly give this
 * listing, the less so the more settings differ; so a listing settles every suspect that is a setting it holds, and of the settings that
 * it does not hold it says nothing. What the sheet itself has otherwise speaks against all alike.
 */
public final class ListingCheck {
  /** The handbook page of such checks. */
  public static final String KIND = "settings-listing";
  /** The outcome that stands for the listing. */
  public static final String LISTED = "listed";

  /**
   * How often a listing has some setting otherwise than the board that gave it: of another craft, of before the last save, or read
   * through a wrong dictionary. Common practice, no source.
   */
  private static final double OTHERWISE = 0.004;
  /** Wrong values that a setting could have in it besides. */
  private static final int OTHER_VALUES = 2;
  /** A suspect is one wrong number of many; a listing with one so near it bears it out. */
  private static final double ALIKE = 0.03;
  private static final double MINUTES = 1.5;

  private ListingCheck() {}

  /**
   * @param id     of the snapshot among those of all crafts, since what a check predicts is remembered by its id
   * @param number of the snapshot on its craft's chart
   */
  public static Check<Craft> of(long id, int number, Snapshot snapshot) {
    Choices answers = answers(snapshot);
    return new CraftCheck(id(id), KIND, craft -> "Listing of the settings, snapshot " + number,
        craft -> "Let the board list its settings, all of them, and drop the text here.", answers,
        Prediction.from(Facet.of("settings otherwise than in snapshot " + number, craft -> snapshot.differencesFrom(craft.told(), ALIKE).size()),
            differ -> outlook(answers, differ)), MINUTES, 0, BenchNeeds.COMPUTER, false);
  }

  /** This listing, or one of those that have one setting otherwise: as many as there are, so that a guess hardly hits it. */
  private static Choices answers(Snapshot snapshot) {
    List<Outcome> outcomes = new ArrayList<>(List.of(new Outcome(LISTED, "as listed")));
    for (Setting<?> setting : snapshot.held()) {
      for (int n = 1; n <= OTHER_VALUES; n++) {
        outcomes.add(new Outcome(setting.id() + "-" + n, setting.label() + " otherwise"));
      }
    }
    if (outcomes.size() == 1) {
      outcomes.add(new Outcome("other", "otherwise"));
    }
    return Choices.of("Is this what it is told?", outcomes);
  }

  private static Ways outlook(Choices answers, int differ) {
    int others = answers.questions().get(0).outcomes().size() - 1;
    double[] p = new double[others + 1];
    p[0] = (1 - OTHERWISE) * Math.pow(OTHERWISE / others, differ);
    Arrays.fill(p, 1, p.length, (1 - p[0]) / others);
    return Ways.of(answers, p);
  }

  public static String id(long id) {
    return KIND + "-" + id;
  }
}

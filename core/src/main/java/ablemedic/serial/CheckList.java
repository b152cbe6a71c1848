package ablemedic.serial;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Outlook.Spread;
import ablemedic.diagnosis.Prediction;
import ablemedic.speciality.CraftCheck;
import ablemedic.speciality.Place;
import ablemedic.speciality.SettingTrouble;
import ablemedic.told.Setting;
import java.util.ArrayList;
import java.util.List;

/** The checks of one craft's lines as they are gathered. */
final class CheckList {
  private final List<Check<Craft>> checks = new ArrayList<>();

  boolean has(String id) {
    return checks.stream().anyMatch(check -> check.id().equals(id));
  }

  void add(Check<Craft> check) {
    checks.add(check);
  }

  void add(String id, String kind, String title, String instruction, Answers answers, Prediction<Craft, ?> prediction, double minutes, double risk,
      BenchNeeds needs) {
    add(id, kind, title, instruction, answers, prediction, minutes, risk, needs, Place.NOWHERE);
  }

  void add(String id, String kind, String title, String instruction, Answers answers, Prediction<Craft, ?> prediction, double minutes, double risk,
      BenchNeeds needs, Place place) {
    checks.add(new CraftCheck(id, kind, c -> title, c -> instruction, answers, prediction, minutes, risk, needs, true, true, place));
  }

  /** A whole number that is read where it is set. */
  void rate(SettingTrouble<Integer> trouble, Setting<Integer> setting, Craft sound, String id, String kind, String title, String how) {
    Scale scale = new Scale("what is set", "", 0, 3_000_000, 100, List.of());
    add(trouble.read(id, kind, c -> title, c -> how, scale, sound.told(setting), told -> new Spread(scale, told, 1 + 0.005 * told, SerialChecks.MISREAD), 1));
  }

  List<Check<Craft>> all() {
    return List.copyOf(checks);
  }
}

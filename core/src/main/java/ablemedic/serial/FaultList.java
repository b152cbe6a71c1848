package ablemedic.serial;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.electrics.Electrics;
import ablemedic.speciality.CraftFault;
import ablemedic.speciality.Odds;
import ablemedic.speciality.SettingTrouble;
import ablemedic.told.Setting;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;

/** The faults of one craft's lines as they are gathered. */
final class FaultList {
  private final List<Fault<Craft>> faults = new ArrayList<>();

  void add(Fault<Craft> fault) {
    faults.add(fault);
  }

  void harmed(String id, String kind, String site, Odds odds, String description, UnaryOperator<Electrics> effect,
      BiFunction<Craft, Craft, List<Fix<Craft>>> fixing) {
    faults.add(new CraftFault(id, kind, "serial " + site, any -> description, odds, any -> any.withElectrics(effect.apply(any.electrics())), fixing));
  }

  <T> void told(SettingTrouble<T> trouble, String id, String kind, Setting<T> setting, Odds odds, UnaryOperator<T> change, String description,
      BiFunction<Craft, Craft, List<Fix<Craft>>> fixing) {
    faults.add(trouble.wrong(id, kind, "setting " + setting.id(), odds, change, any -> description, fixing));
  }

  List<Fault<Craft>> all() {
    return List.copyOf(faults);
  }
}

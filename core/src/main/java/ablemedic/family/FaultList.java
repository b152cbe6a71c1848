package ablemedic.family;

import ablemedic.catalogue.Words;
import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.wiring.Electrics;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;

/** The faults of one craft as they are gathered. */
public final class FaultList {
    private final List<Fault<Craft>> faults = new ArrayList<>();

    /** The fault of an entry of a catalogue, to be declared. */
    public FaultBuilder add(Words words) {
        return new FaultBuilder(this, words);
    }

    public void add(Fault<Craft> fault) {
        faults.add(fault);
    }

    public void harmed(
            String id,
            String kind,
            String site,
            Odds odds,
            String description,
            UnaryOperator<Electrics> effect,
            BiFunction<Craft, Craft, List<Fix<Craft>>> fixing) {
        faults.add(new CraftFault(
                id,
                kind,
                site,
                any -> description,
                odds,
                any -> any.withElectrics(effect.apply(any.electrics())),
                fixing));
    }

    public <T> void told(
            SettingTrouble<T> trouble,
            String id,
            String kind,
            Setting<T> setting,
            Odds odds,
            UnaryOperator<T> change,
            String description,
            BiFunction<Craft, Craft, List<Fix<Craft>>> fixing) {
        faults.add(trouble.wrong(id, kind, "setting " + setting.id(), odds, change, any -> description, fixing));
    }

    public List<Fault<Craft>> all() {
        return List.copyOf(faults);
    }
}

package ablemedic.power;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fault;
import ablemedic.family.FaultBuilder;
import ablemedic.family.FaultList;
import ablemedic.family.SettingTrouble;
import ablemedic.wiring.Electrics;
import java.util.List;
import java.util.function.UnaryOperator;

/** All faults of power that one craft can have: every link, pad, regulator, part and setting that it has. */
final class PowerFaults {
    private final Craft sound;
    private final FaultList faults = new FaultList();

    private PowerFaults(Craft sound) {
        this.sound = sound;
    }

    /** @param sound a sound craft */
    static List<Fault<Craft>> of(Craft sound) {
        PowerFaults all = new PowerFaults(sound);
        if (!sound.electrics().sheet().isEmpty()) {
            new CopperFaults(all).add();
            new PartFaults(all).add();
            new VoltageFaults(all).add();
            new CurrentFaults(all).add();
            new BatteryFaults(all).add();
        }
        return all.faults.all();
    }

    Craft sound() {
        return sound;
    }

    Electrics electrics() {
        return sound.electrics();
    }

    /**
     * A fault to be declared.
     *
     * @param entry of the catalogue
     * @param id its own, made free of the marks that paths and files part by
     */
    FaultBuilder add(String entry, String id) {
        return faults.add(Power.WORDS.fault(entry)).id(faults.free(id));
    }

    /** A setting that is wrong, to be declared. */
    <T> FaultBuilder wrong(String entry, String id, SettingTrouble<T> trouble, UnaryOperator<T> change) {
        return faults.add(Power.WORDS.fault(entry)).sets(trouble, sound, change).id(faults.free(id));
    }

    /** A name without the marks that paths and files part by. */
    static String plain(String id) {
        return id.replaceAll("[.>|#~]+", "_").replace("+", "p").replaceAll("-(?=_|$)", "m");
    }

    /** A number as it stands in an id: three decimals at most. */
    static String number(double value) {
        return Math.abs(value - Math.rint(value)) < 1e-9
                ? String.valueOf(Math.round(value))
                : String.valueOf(Math.round(value * 1000) / 1000.0);
    }
}

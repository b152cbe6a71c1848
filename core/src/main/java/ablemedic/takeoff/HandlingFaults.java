package ablemedic.takeoff;

import ablemedic.catalogue.Param;
import ablemedic.craft.Craft;
import ablemedic.craft.Point;
import ablemedic.family.Odds;
import ablemedic.family.SettingTrouble;
import java.util.function.UnaryOperator;

/** Gains, filter, balance and weight that don't suit the craft. */
final class HandlingFaults {
    private static final double TUNE_MINUTES = 4;

    private final TakeOffFaults faults;

    HandlingFaults(TakeOffFaults faults) {
        this.faults = faults;
    }

    void add() {
        faults.add("gain-too-high", "gain-too-high")
                .sets(TakeOffSettings.GAIN, Effects::gainTooHigh)
                .site("gain")
                .prior(TakeOffOdds.GAIN)
                .remedy("gain as usual")
                .fix("gain", TUNE_MINUTES);
        filter("filter-too-open", "open", Effects::filterTooOpen);
        filter("filter-too-low", "low", Effects::filterTooLow);
        balance("front", 1, 0);
        balance("rear", -1, 0);
        balance("right", 0, 1);
        balance("left", 0, -1);
        faults.add("overloaded", "overloaded")
                .site("load")
                .prior(TakeOffOdds.OVERLOADED)
                .changes(Effects::overloaded)
                .with("is", (sound, faulty) -> mass(faulty))
                .with("right", (sound, faulty) -> mass(sound))
                .fixedBy(
                        "load",
                        (sound, faulty) -> "mass",
                        (sound, faulty) -> craft -> craft.withAirframe(
                                craft.airframe().withMassG(sound.airframe().massG())),
                        5)
                .add();
    }

    private void filter(String id, String how, UnaryOperator<Double> change) {
        SettingTrouble<Double> filter = TakeOffSettings.FILTER;
        Odds prior = TakeOffOdds.FILTER;
        faults.add("filter-wrong", id)
                .sets(filter, change)
                .site("filter")
                .prior(prior)
                .with("how", new Param.Choice(how))
                .remedy("filter as usual")
                .fix("filter", TUNE_MINUTES);
    }

    private static Param mass(Craft craft) {
        return Param.whole(Math.round(craft.airframe().massG()), "g");
    }

    private void balance(String side, int forward, int right) {
        faults.add("balance-off", "balance-" + side)
                .site("balance")
                .prior(TakeOffOdds.BALANCE)
                .changes(Effects.balanceOff(forward, right))
                .with("side", new Param.Choice(side))
                .with("is", (sound, faulty) -> place(faulty))
                .with("want", (sound, faulty) -> place(sound))
                .with("shift", (sound, faulty) -> Param.written(shift(sound, faulty)))
                .fixedBy(
                        "move",
                        (sound, faulty) -> "balance-point",
                        (sound, faulty) -> craft -> craft.withAirframe(
                                craft.airframe().withBalance(sound.airframe().balance())),
                        4)
                .add();
    }

    private static Param millimetres(double value) {
        return Param.whole(Math.round(value), "mm");
    }

    private static Param place(Craft craft) {
        Point at = craft.airframe().balance();
        return new Param.Nested(TakeOffWords.WORDS
                .fix("shift")
                .with("forward", millimetres(at.forwardMm()))
                .with("right", millimetres(at.rightMm()))
                .line("place"));
    }

    private static String shift(Craft sound, Craft faulty) {
        Point is = faulty.airframe().balance();
        Point want = sound.airframe().balance();
        return shift(want.forwardMm() - is.forwardMm(), "forward", "back")
                + shift(want.rightMm() - is.rightMm(), "right", "left");
    }

    private static String shift(double millimetres, String positive, String negative) {
        return Math.round(Math.abs(millimetres)) == 0
                ? ""
                : " "
                        + TakeOffWords.WORDS
                                .fix("shift")
                                .with("mm", millimetres(Math.abs(millimetres)))
                                .line(millimetres > 0 ? positive : negative)
                                .plain();
    }
}

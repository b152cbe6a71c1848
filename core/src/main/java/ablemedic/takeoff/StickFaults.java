package ablemedic.takeoff;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Text;
import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.Stick;
import ablemedic.craft.StickOrder;
import ablemedic.family.FaultBuilder;
import ablemedic.family.Odds;
import java.util.List;
import java.util.function.UnaryOperator;

/** Channel orders of radio and FC that differ, and sticks that are reversed. */
final class StickFaults {
    private final TakeOffFaults faults;

    StickFaults(TakeOffFaults faults) {
        this.faults = faults;
    }

    void add() {
        Stick[] sticks = Stick.values();
        for (int i = 0; i < sticks.length; i++) {
            for (int j = i + 1; j < sticks.length; j++) {
                exchanged(sticks[i], sticks[j]);
            }
        }
        otherOrder("radio-other-order", RadioSettings.STICK_ORDER, FcSettings.STICK_ORDER);
        otherOrder("board-other-order", FcSettings.STICK_ORDER, RadioSettings.STICK_ORDER);
        for (Stick stick : List.of(Stick.ROLL, Stick.PITCH, Stick.YAW)) {
            faults.add("stick-reversed", "stick-reversed-" + stick.label())
                    .sets(TakeOffSettings.sense(stick), was -> !was)
                    .site("sense " + stick.label())
                    .prior(TakeOffOdds.STICKS)
                    .with("stick", Param.written(stick.label()))
                    .with("positive", Param.written(stick.positive()))
                    .remedy(stick.label() + "-as-expected")
                    .fix("radio", 2);
        }
    }

    private void exchanged(Stick one, Stick other) {
        ordered(order(
                        "sticks",
                        "sticks-" + one.label() + "-" + other.label(),
                        TakeOffOdds.STICKS,
                        RadioSettings.STICK_ORDER,
                        order -> Effects.exchanged(order, one, other))
                .with("one", Param.written(Text.capitalized(one.label())))
                .with("other", Param.written(other.label())));
    }

    private void otherOrder(String entry, Setting<StickOrder> wrong, Setting<StickOrder> right) {
        ordered(order(entry, entry, TakeOffOdds.STICK_ORDER, wrong, Effects::otherUsual)
                .with(
                        "wrong",
                        craft -> Param.written(
                                Effects.otherUsual(craft.setting(wrong)).toString()))
                .with("right", craft -> Param.written(craft.setting(right).toString())));
    }

    private FaultBuilder order(
            String entry, String id, Odds prior, Setting<StickOrder> setting, UnaryOperator<StickOrder> change) {
        return faults.add(entry, id)
                .kind("stick-order")
                .site("stick order")
                .prior(prior)
                .changes(craft -> craft.changing(setting, change));
    }

    /** The FC set to what the radio sends, or the radio set back. */
    private static void ordered(FaultBuilder fault) {
        fault.with("sent", (sound, faulty) -> order(faulty, RadioSettings.STICK_ORDER))
                .with("expected", (sound, faulty) -> order(faulty, FcSettings.STICK_ORDER))
                .with("usual", (sound, faulty) -> order(sound, RadioSettings.STICK_ORDER))
                .fixedBy(
                        TakeOffWords.WORDS.fix("board"),
                        (sound, faulty) -> remedy(faulty),
                        (sound, faulty) ->
                                craft -> craft.with(FcSettings.STICK_ORDER, faulty.setting(RadioSettings.STICK_ORDER)),
                        2)
                .fixedBy(
                        TakeOffWords.WORDS.fix("radio"),
                        (sound, faulty) -> remedy(faulty),
                        (sound, faulty) -> craft ->
                                craft.with(RadioSettings.STICK_ORDER, sound.setting(RadioSettings.STICK_ORDER)),
                        3)
                .onlyIf((sound, faulty) ->
                        !faulty.setting(RadioSettings.STICK_ORDER).equals(sound.setting(RadioSettings.STICK_ORDER)))
                .add();
    }

    private static Param order(Craft craft, Setting<StickOrder> setting) {
        return Param.written(craft.setting(setting).toString());
    }

    private static String remedy(Craft faulty) {
        return "stick-order " + faulty.setting(RadioSettings.STICK_ORDER);
    }
}

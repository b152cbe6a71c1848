package ablemedic.takeoff;

import ablemedic.catalogue.Param;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.Prop;
import ablemedic.family.Odds;
import java.util.function.UnaryOperator;

/** Props of the wrong rotation, upside down or damaged. */
final class PropFaults {
    private final TakeOffFaults faults;

    PropFaults(TakeOffFaults faults) {
        this.faults = faults;
    }

    void add() {
        for (Corner corner : Corner.ALL) {
            prop("prop-wrong-hand", "prop-hand-", corner, TakeOffOdds.PROP_WRONG_HAND, Effects.propOfWrongHand(corner));
            prop(
                    "prop-upside-down",
                    "prop-upside-down-",
                    corner,
                    TakeOffOdds.PROP_UPSIDE_DOWN,
                    Effects.propUpsideDown(corner));
            prop("prop-damaged", "prop-damaged-", corner, TakeOffOdds.PROP_DAMAGED, Effects.propDamaged(corner));
        }
    }

    private void prop(String entry, String prefix, Corner corner, Odds prior, UnaryOperator<Craft> change) {
        faults.add(entry, prefix, corner, change)
                .site("prop " + corner)
                .prior(prior)
                .with(
                        "spin",
                        craft -> Param.written(craft.arm(corner).prop().hand().label()))
                .with("opposite", craft -> Param.written(craft.name(corner.opposite())))
                .with("before", (sound, faulty) -> condition(faulty, corner))
                .with("after", (sound, faulty) -> condition(sound, corner))
                .fixedBy(
                        TakeOffWords.WORDS.fix("fit"),
                        (sound, faulty) -> "prop " + sound.name(corner),
                        (sound, faulty) -> craft -> craft.withArm(
                                corner, arm -> arm.with(Prop.good(arm.motor().spin()))),
                        3)
                .add();
    }

    private static Param condition(Craft craft, Corner corner) {
        Prop prop = craft.arm(corner).prop();
        return new Param.Nested(TakeOffWords.WORDS
                .fix("fit")
                .with("rotation", Param.written(prop.hand().label()))
                .with("upsideDown", Param.when(prop.upsideDown()))
                .with("damaged", Param.when(prop.damaged()))
                .line("state"));
    }
}

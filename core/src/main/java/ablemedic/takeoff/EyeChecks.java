package ablemedic.takeoff;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.Prop;
import ablemedic.craft.Rotation;
import ablemedic.craft.Tilt;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Facet;
import ablemedic.family.CraftCheck;
import ablemedic.family.InOneGo;
import ablemedic.family.Observer;
import ablemedic.family.Place;
import ablemedic.takeoff.BoardOrientation.Arrow;
import java.util.ArrayList;
import java.util.List;

/** What is seen and felt of props, motors and FC with the battery out. */
final class EyeChecks {
    /** How often a gritty bearing is felt by finger. Common practice, no source. */
    private static final double ROUGH_IS_FELT = 0.6;
    /** How often something lay under the frame where level is off, and where it is not. From memory. */
    private static final double STRAP = 0.7;

    private static final double NO_STRAP = 0.15;

    private final TakeOffChecks checks;

    EyeChecks(TakeOffChecks checks) {
        this.checks = checks;
    }

    void add() {
        props();
        checks.ask("motor-by-finger")
                .id("finger")
                .shows(
                        TakeOffChecks::oddCorner,
                        asked -> from(
                                Facet.of("bearings", (Craft c) -> c.arms().stream()
                                        .map(arm -> arm.motor().rough() ? ROUGH_IS_FELT : 0.0)
                                        .toList()),
                                surely -> TakeOffChecks.odd(asked, surely)))
                .needs(BenchNeeds.BATTERY_OUT)
                .minutes(1)
                .add();
        checks.ask("board-arrow")
                .id("arrow")
                .shows(
                        EyeChecks::mounts,
                        asked -> from(
                                Facet.of("mount", Craft::mounted),
                                mounted -> Categorical.expecting(asked, mount(mounted), Observer.READS.slips())))
                .needs(BenchNeeds.BATTERY_OUT)
                .minutes(0.8)
                .add();
        checks.ask("board-by-finger")
                .id("mount")
                .shows(
                        Facet.of("mount-tight", (Craft c) -> c.mount().loose()),
                        loose -> loose ? "loose" : "firm",
                        Observer.READS)
                .needs(BenchNeeds.BATTERY_OUT)
                .minutes(0.5)
                .add();
        checks.ask("strap-under-frame")
                .id("strap")
                .shows(TakeOffSettings.LEVEL.facet(), (asked, off) -> Categorical.of(asked, strap(off), 1 - strap(off)))
                .minutes(0.3)
                .add();
    }

    private static double strap(Tilt off) {
        return off.equals(Tilt.NONE) ? NO_STRAP : STRAP;
    }

    private void props() {
        List<CraftCheck> each = new ArrayList<>();
        for (Corner corner : Corner.ALL) {
            each.add(checks.ask("prop-by-eye")
                    .id("prop-" + TakeOffSeen.id(corner))
                    .with("corner", craft -> Param.written(craft.name(corner)))
                    .shows(
                            Facet.of("prop-" + TakeOffSeen.id(corner), (Craft c) -> c.arm(corner)
                                    .prop()),
                            EyeChecks::prop,
                            Observer.READS)
                    .needs(BenchNeeds.BATTERY_OUT)
                    .minutes(0.4)
                    .place(new Place.Corners(List.of(corner)))
                    .made());
        }
        InOneGo all = new InOneGo(
                TakeOffChecks.words(TakeOffChecks.PROPS),
                Corner.ALL.stream()
                        .map(corner -> Text.of(TakeOffChecks.corner(corner)))
                        .toList(),
                each,
                1);
        checks.add(all);
        all.parts().forEach(checks::add);
    }

    private static String prop(Prop prop) {
        return prop.upsideDown() ? "upside-down" : prop.damaged() ? "damaged" : MotorChecks.rotation(prop.hand());
    }

    private static Choices mounts(Words words) {
        List<Outcome> outcomes = new ArrayList<>();
        for (boolean down : new boolean[] {false, true}) {
            for (Arrow arrow : Arrow.values()) {
                outcomes.add(new Outcome(
                        arrow.id(down),
                        words.with("arrow", Param.written(arrow.label()))
                                .with("down", Param.when(down))
                                .outcome("seat")));
            }
        }
        return Choices.of(words.line("ask"), outcomes);
    }

    private static String mount(Rotation mounted) {
        return Arrow.idOf(mounted).orElse(Arrow.FORWARD.id(false));
    }
}

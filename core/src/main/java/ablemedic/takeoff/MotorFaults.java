package ablemedic.takeoff;

import ablemedic.catalogue.Param;
import ablemedic.craft.Arm;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.Motor;
import ablemedic.craft.Prop;
import ablemedic.craft.Spin;
import ablemedic.craft.SpinConvention;
import ablemedic.family.FaultBuilder;
import ablemedic.family.Odds;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/** Motors that turn the wrong way, one or all, and motors that are dead, weak or late. */
final class MotorFaults {
    private static final double REVERSE_ALL_MINUTES = 12;
    private static final double SET_MINUTES = 2;

    private final TakeOffFaults faults;

    MotorFaults(TakeOffFaults faults) {
        this.faults = faults;
    }

    void addDirections() {
        for (Corner corner : Corner.ALL) {
            reversed("motor-reversed-", corner, TakeOffOdds.MOTOR_REVERSED, false);
            reversed("motor-and-prop-reversed-", corner, TakeOffOdds.MOTOR_AND_PROP_REVERSED, true);
        }
        allReversed();
        conventions();
    }

    private void reversed(String prefix, Corner corner, Odds prior, boolean propToo) {
        FaultBuilder fault = faults.add("motor-reversed", prefix, corner, Effects.motorReversed(corner, propToo))
                .site("spin " + corner)
                .prior(prior)
                .with("prop", Param.when(propToo))
                .with("motor", craft -> Param.whole(craft.motor(corner), ""))
                .with("spin", craft -> Param.written(spin(craft, corner).label()))
                .with(
                        "wrong",
                        craft -> Param.written(spin(craft, corner).reversed().label()));
        reversedBy(fault, "controller", corner, 3);
        reversedBy(fault, "esc", corner, 5);
        reversedBy(fault, "leads", corner, 15);
        fault.add();
    }

    private static void reversedBy(FaultBuilder fault, String fix, Corner corner, double minutes) {
        fault.fixedBy(
                fix,
                (sound, faulty) -> "motor " + sound.name(corner) + " "
                        + spin(sound, corner).label(),
                (sound, faulty) -> craft -> craft.withArm(corner, arm -> turned(arm, spin(sound, corner))),
                minutes);
    }

    private static Spin spin(Craft craft, Corner corner) {
        return craft.arm(corner).motor().spin();
    }

    /** The arm with motor and prop for a rotation. */
    private static Arm turned(Arm arm, Spin spin) {
        return arm.with(arm.motor().turning(spin))
                .with(new Prop(spin, arm.prop().upsideDown(), arm.prop().damaged()));
    }

    private static Craft allTurned(Craft craft, Craft sound) {
        Craft fixed = craft;
        for (Corner corner : Corner.ALL) {
            fixed = fixed.withArm(corner, arm -> turned(arm, spin(sound, corner)));
        }
        return fixed;
    }

    private void allReversed() {
        faults.add("all-reversed", "all-reversed")
                .site("school")
                .prior(TakeOffOdds.ALL_REVERSED)
                .changes(craft -> Effects.allReversed(craft, false))
                .with("right", craft -> Param.written(set(craft).label()))
                .with("wrong", craft -> Param.written(set(craft).other().label()))
                .with("spins", craft -> Param.written(spins(craft, set(craft))))
                .fixedBy(
                        "reverse",
                        (sound, faulty) -> "all-motors",
                        (sound, faulty) -> craft -> allTurned(craft, sound),
                        REVERSE_ALL_MINUTES)
                .add();
    }

    private static SpinConvention set(Craft craft) {
        return craft.setting(FcSettings.SPINS);
    }

    private static String spins(Craft craft, SpinConvention convention) {
        return Corner.ALL.stream()
                .map(corner -> craft.name(corner) + " " + convention.at(corner).label())
                .collect(Collectors.joining(", "));
    }

    /** Motors and props turn one way, and the FC is configured for the other. */
    private void conventions() {
        setTo(faults.add("all-and-props-reversed", "all-and-props-reversed")
                        .kind("other-school")
                        .site("school")
                        .prior(TakeOffOdds.ALL_REVERSED)
                        .changes(craft -> Effects.allReversed(craft, true))
                        .with("right", craft -> Param.written(set(craft).label()))
                        .with("wrong", craft -> Param.written(set(craft).other().label()))
                        .with("spinsBack", (sound, faulty) -> Param.written(spins(sound, set(sound)))))
                .fixedBy(
                        "reverse",
                        (sound, faulty) -> remedy(faulty),
                        (sound, faulty) -> craft -> allTurned(craft, sound),
                        REVERSE_ALL_MINUTES)
                .add();
        setTo(faults.add("school-told-wrong", "school-told-wrong")
                        .kind("other-school")
                        .site("school")
                        .prior(TakeOffOdds.CONVENTION_SET_WRONG)
                        .changes(craft -> craft.changing(FcSettings.SPINS, SpinConvention::other))
                        .with("right", craft -> Param.written(set(craft).label()))
                        .with("wrong", craft -> Param.written(set(craft).other().label())))
                .add();
    }

    private static String remedy(Craft faulty) {
        return "configured " + set(faulty).other().label();
    }

    private static FaultBuilder setTo(FaultBuilder fault) {
        return fault.with(
                        "spins",
                        (sound, faulty) ->
                                Param.written(spins(faulty, set(faulty).other())))
                .fixedBy(
                        "tell",
                        (sound, faulty) -> remedy(faulty),
                        (sound, faulty) -> craft ->
                                craft.with(FcSettings.SPINS, set(faulty).other()),
                        SET_MINUTES);
    }

    void addDrives() {
        for (Corner corner : Corner.ALL) {
            drive("dead", corner, TakeOffOdds.MOTOR_DEAD, Effects.motorDead(corner));
            drive("weak", corner, TakeOffOdds.MOTOR_WEAK, Effects.motorWeak(corner));
            drive("late", corner, TakeOffOdds.MOTOR_LATE, Effects.motorLate(corner));
        }
    }

    private void drive(String how, Corner corner, Odds prior, UnaryOperator<Craft> change) {
        faults.add("motor-" + how, "motor-" + how + "-", corner, change)
                .site("drive " + corner)
                .prior(prior)
                .with("how", new Param.Choice(how))
                .fixedBy(
                        TakeOffWords.WORDS.fix("replace").with("how", new Param.Choice(how)),
                        (sound, faulty) -> "motor " + sound.name(corner) + "-sound",
                        (sound, faulty) -> craft -> craft.withArm(
                                corner, arm -> arm.with(Motor.good(arm.motor().spin()))),
                        30)
                .add();
    }
}

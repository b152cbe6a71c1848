package ablemedic.requirement;

import ablemedic.craft.Arm;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.Motor;
import ablemedic.craft.Prop;
import ablemedic.craft.Spin;
import ablemedic.diagnosis.Fix.Value;
import java.util.List;
import java.util.Set;

/** Motors that turn the other way, with the props for that. */
record ReverseMotors(Set<Corner> corners, List<String> names) implements Edit {
    private static final double MINUTES = 5;

    public ReverseMotors {
        corners = Set.copyOf(corners);
        names = List.copyOf(names);
    }

    @Override
    public List<Site> sites() {
        return corners.stream()
                .sorted()
                .map(corner -> new Site(Site.Kind.MOTOR, corner.name()))
                .toList();
    }

    @Override
    public Craft onSheet(Craft recorded) {
        Craft changed = recorded;
        for (Corner corner : corners) {
            changed = changed.withArm(corner, arm -> Arm.good(arm.motor().spin().reversed()));
        }
        return changed;
    }

    @Override
    public Craft onCraft(Craft craft) {
        Craft changed = craft;
        for (Corner corner : corners) {
            changed = changed.withArm(
                    corner, arm -> turning(arm, arm.motor().spin().reversed()));
        }
        return changed;
    }

    @Override
    public Craft undo(Craft craft, Craft recorded) {
        Craft changed = craft;
        for (Corner corner : corners) {
            changed = changed.withArm(
                    corner, arm -> turning(arm, recorded.arm(corner).motor().spin()));
        }
        return changed;
    }

    private static Arm turning(Arm arm, Spin spin) {
        Motor motor = arm.motor().turning(spin);
        return arm.with(motor)
                .with(new Prop(spin, arm.prop().upsideDown(), arm.prop().damaged()));
    }

    @Override
    public String key() {
        return "reverse=" + corners.stream().sorted().toList();
    }

    @Override
    public String title() {
        return "Reverse the " + String.join(", ", names) + (names.size() == 1 ? " motor" : " motors")
                + " and change the props";
    }

    @Override
    public List<String> steps() {
        return List.of(
                "Props off. Reverse each by the FC's command, in the ESC's settings, or by swapping any two of its three wires.",
                "Spin each alone and look.",
                "Fit each prop with its leading edge into the turn.");
    }

    @Override
    public List<Value> values(Craft recorded) {
        return corners.stream()
                .sorted()
                .map(corner -> new Value(
                        "motor " + recorded.name(corner),
                        recorded.arm(corner).motor().spin().label(),
                        recorded.arm(corner).motor().spin().reversed().label()))
                .toList();
    }

    @Override
    public double minutes() {
        return MINUTES * corners.size();
    }
}

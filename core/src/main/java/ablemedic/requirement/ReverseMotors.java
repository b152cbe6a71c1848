package ablemedic.requirement;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
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

    private Words words() {
        return EditWords.of("reverse")
                .with("corners", Param.written(String.join(", ", names)))
                .with("n", new Param.Count(names.size()));
    }

    @Override
    public Text title() {
        return words().title();
    }

    @Override
    public List<Text> steps() {
        return EditWords.steps(words());
    }

    @Override
    public List<Value> values(Craft recorded) {
        return corners.stream()
                .sorted()
                .map(corner -> new Value(
                        words().with("corner", Param.written(recorded.name(corner)))
                                .line("motor")
                                .plain(),
                        recorded.arm(corner).motor().spin().label(),
                        recorded.arm(corner).motor().spin().reversed().label()))
                .toList();
    }

    @Override
    public double minutes() {
        return MINUTES * corners.size();
    }
}

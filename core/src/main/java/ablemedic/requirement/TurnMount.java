package ablemedic.requirement;

import ablemedic.craft.Craft;
import ablemedic.craft.Rotation;
import ablemedic.diagnosis.Fix.Value;
import java.util.List;

/** The FC turned in its mount. */
record TurnMount(Rotation turned) implements Edit {
    @Override
    public List<Site> sites() {
        return List.of(Site.MOUNT);
    }

    @Override
    public Craft onSheet(Craft recorded) {
        return recorded.withMounted(turned);
    }

    @Override
    public Craft onCraft(Craft craft) {
        return craft.withMounted(turned);
    }

    @Override
    public Craft undo(Craft craft, Craft recorded) {
        return craft.withMounted(recorded.mounted());
    }

    @Override
    public String key() {
        return "mount=" + turned.angles();
    }

    @Override
    public String title() {
        return "Turn the FC to " + turned.angles();
    }

    @Override
    public List<String> steps() {
        return List.of(
                BATTERY_OUT,
                "Undo the stack and turn the FC until its arrow points so. No wire pinched when the plate closes.",
                CHECKS);
    }

    @Override
    public List<Value> values(Craft recorded) {
        return List.of(new Value(
                "mount of the FC",
                recorded.mounted().angles().toString(),
                turned.angles().toString()));
    }

    @Override
    public double minutes() {
        return 25;
    }
}

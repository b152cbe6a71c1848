package ablemedic.requirement;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
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

    private Words words() {
        return EditWords.of("mount").with("to", Param.written(turned.angles().toString()));
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
        return EditWords.values(
                words().with("was", Param.written(recorded.mounted().angles().toString())));
    }

    @Override
    public double minutes() {
        return 25;
    }
}

package ablemedic.requirement;

import ablemedic.catalogue.Text;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fix.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** Several that only help together. */
record Several(Text title, List<Edit> edits) implements Edit {
    public Several {
        edits = List.copyOf(edits);
    }

    @Override
    public String key() {
        return edits.stream().map(Edit::key).collect(Collectors.joining("+"));
    }

    @Override
    public List<Site> sites() {
        return edits.stream().flatMap(edit -> edit.sites().stream()).distinct().toList();
    }

    @Override
    public Craft onSheet(Craft recorded) {
        Craft changed = recorded;
        for (Edit edit : edits) {
            changed = edit.onSheet(changed);
        }
        return changed;
    }

    @Override
    public Craft onCraft(Craft craft) {
        Craft changed = craft;
        for (Edit edit : edits) {
            changed = edit.onCraft(changed);
        }
        return changed;
    }

    @Override
    public Craft undo(Craft craft, Craft recorded) {
        Craft changed = craft;
        for (int i = edits.size() - 1; i >= 0; i--) {
            changed = edits.get(i).undo(changed, recorded);
        }
        return changed;
    }

    @Override
    public List<Text> steps() {
        List<Text> steps = new ArrayList<>();
        edits.forEach(edit -> {
            steps.add(edit.title().asSentence());
            edit.steps().stream().filter(step -> !steps.contains(step)).forEach(steps::add);
        });
        return List.copyOf(steps);
    }

    @Override
    public List<Value> values(Craft recorded) {
        return edits.stream().flatMap(edit -> edit.values(recorded).stream()).toList();
    }

    @Override
    public double minutes() {
        return edits.stream().mapToDouble(Edit::minutes).sum();
    }
}

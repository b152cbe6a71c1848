package ablemedic.requirement;

import ablemedic.catalogue.Text;
import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fix.Value;
import java.util.List;

/** A setting. */
record Enter<T>(Setting<T> setting, T value, Text title, double minutes, List<Text> steps) implements Edit {
    @Override
    public String key() {
        return setting.id() + "=" + setting.form().written(value);
    }

    @Override
    public List<Site> sites() {
        return List.of(Site.of(setting));
    }

    @Override
    public Craft onSheet(Craft recorded) {
        return recorded.with(setting, value);
    }

    @Override
    public Craft onCraft(Craft craft) {
        return craft.with(setting, value);
    }

    @Override
    public Craft undo(Craft craft, Craft recorded) {
        return craft.with(setting, recorded.setting(setting));
    }

    @Override
    public List<Value> values(Craft recorded) {
        return List.of(new Value(
                setting.label(),
                recorded.configuration().said(setting),
                setting.form().said(value)));
    }
}

package ablemedic.app.demo;

import ablemedic.craft.Craft;
import ablemedic.craft.Settings;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The settings that the demo names. */
final class DemoSettings {
    private DemoSettings() {}

    static Craft configured(@Nullable Map<String, String> settings, Craft wired) {
        Craft set = wired;
        for (Map.Entry<String, String> one :
                settings == null ? Map.<String, String>of().entrySet() : settings.entrySet()) {
            set = set.with(
                    set.configuration().withWritten(Settings.find(one.getKey()).orElseThrow(), one.getValue()));
        }
        return set;
    }
}

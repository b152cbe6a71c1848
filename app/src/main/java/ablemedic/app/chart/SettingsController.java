package ablemedic.app.chart;

import ablemedic.configuration.Setting;
import ablemedic.configuration.ValueForm;
import ablemedic.craft.Settings;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Lists what the devices of a craft can be told. */
@RestController
class SettingsController {

    /**
     * A setting.
     *
     * @param usual as it is written on a sheet
     * @param expected what it can be, in words
     * @param values where it is one of a few; else empty
     */
    record SettingView(
            String id,
            String device,
            String group,
            String label,
            String usual,
            String expected,
            List<ValueOf> values) {}

    /** A value as it is written on a sheet, and as a person says it. */
    record ValueOf(String written, String said) {}

    @GetMapping("/api/settings")
    List<SettingView> settings() {
        return Settings.ALL.stream().<SettingView>map(SettingsController::view).toList();
    }

    private static <T> SettingView view(Setting<T> setting) {
        return new SettingView(
                setting.id(),
                setting.device().label(),
                setting.group(),
                setting.label(),
                setting.form().written(setting.usual()),
                setting.form().expected(),
                values(setting.form()));
    }

    private static <T> List<ValueOf> values(ValueForm<T> form) {
        return form instanceof ValueForm.Choice<T> choice
                ? choice.values().stream()
                        .map(value -> new ValueOf(form.written(value), form.said(value)))
                        .toList()
                : List.of();
    }
}

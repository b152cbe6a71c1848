package ablemedic.configuration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import ablemedic.catalogue.Rejected;
import ablemedic.craft.FcSettings;
import ablemedic.craft.OutputOrder;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.Rotation;
import ablemedic.craft.Settings;
import ablemedic.craft.Stick;
import ablemedic.craft.StickOrder;
import ablemedic.craft.Tilt;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** A map of what differs from usual: nothing is lost in it, and nothing stands twice. */
class ConfigurationTest {
    static List<Setting<?>> settings() {
        return Settings.ALL;
    }

    /** Some values that a setting can have; the usual one is among them. */
    private static <T> List<T> some(Setting<T> setting) {
        List<T> values = new ArrayList<>(List.of(setting.usual()));
        for (String text : texts(setting.form())) {
            setting.form().read(text).ifPresent(values::add);
        }
        return values;
    }

    private static List<String> texts(ValueForm<?> form) {
        List<String> texts = new ArrayList<>(
                List.of("4-2-1-3", "TAER", "180/0/90", "2/-1.5", "receiver+telemetry", "none", "7 1700-2100"));
        if (form instanceof ValueForm.Range range) {
            texts.addAll(List.of(String.valueOf(range.least()), String.valueOf(range.most())));
        } else if (form instanceof ValueForm.Count count) {
            texts.addAll(List.of(String.valueOf(count.least()), String.valueOf(count.most())));
        } else if (form instanceof ValueForm.Choice<?> choice) {
            texts.addAll(ids(choice));
        }
        return texts;
    }

    private static <T> List<String> ids(ValueForm.Choice<T> choice) {
        return choice.values().stream().map(choice::written).toList();
    }

    @Test
    void everySettingHasAnIdOfItsOwnAndIsFoundByIt() {
        assertThat(Settings.ALL)
                .extracting(Setting::id)
                .doesNotHaveDuplicates()
                .allMatch(id -> id.matches("[a-z0-9-]+"));
        assertThat(Settings.ALL)
                .allSatisfy(setting -> assertThat(Settings.find(setting.id())).contains(setting));
        assertThat(Settings.find("nothing-of-the-kind")).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("settings")
    <T> void whatIsWrittenIsReadBackAndSaidInWords(Setting<T> setting) {
        assertThat(some(setting)).hasSizeGreaterThan(1).allSatisfy(value -> {
            assertThat(setting.read(setting.form().written(value))).isEqualTo(value);
            assertThat(setting.form().said(value)).isNotBlank();
        });
    }

    @ParameterizedTest
    @MethodSource("settings")
    <T> void aSettingPutBackToUsualLeavesNoTrace(Setting<T> setting) {
        for (T value : some(setting)) {
            Configuration told = Configuration.USUAL.with(setting, value);
            assertThat(told.get(setting)).isEqualTo(value);
            assertThat(told.unusual().contains(setting)).isEqualTo(!value.equals(setting.usual()));
            assertThat(told.with(setting, setting.usual()))
                    .isEqualTo(Configuration.USUAL)
                    .hasSameHashCodeAs(Configuration.USUAL);
        }
    }

    @Test
    void theOrderInWhichItWasToldDoesNotMatter() {
        Random random = new Random(3);
        for (int round = 0; round < 50; round++) {
            Map<Setting<?>, String> all = new java.util.HashMap<>();
            for (Setting<?> setting : Settings.ALL) {
                if (random.nextBoolean()) {
                    all.put(setting, anyText(setting, random));
                }
            }
            List<Setting<?>> order = new ArrayList<>(all.keySet());
            Configuration one = tell(order, all);
            java.util.Collections.shuffle(order, random);
            Configuration other = tell(order, all);
            assertThat(one).isEqualTo(other).hasSameHashCodeAs(other);
            assertThat(one.differencesTo(other)).isEmpty();
        }
    }

    private static <T> String anyText(Setting<T> setting, Random random) {
        List<T> values = some(setting);
        return setting.form().written(values.get(random.nextInt(values.size())));
    }

    private static Configuration tell(List<Setting<?>> order, Map<Setting<?>, String> all) {
        Configuration told = Configuration.USUAL;
        for (Setting<?> setting : order) {
            told = told.withWritten(setting, all.get(setting));
        }
        return told;
    }

    @Test
    void differencesNameEachSettingThatDiffersAndNoOther() {
        Configuration before =
                Configuration.USUAL.with(FcSettings.VOLTAGE_SCALE, 10.0).with(FcSettings.CELLS, 4);
        Configuration after = Configuration.USUAL
                .with(FcSettings.VOLTAGE_SCALE, 10.0)
                .with(FcSettings.OUTPUT_ORDER, OutputOrder.parse("4-2-1-3"));
        assertThat(before.differencesTo(after))
                .containsExactly(
                        new Configuration.Difference(FcSettings.CELLS, "4", "guessed at plug-in"),
                        new Configuration.Difference(FcSettings.OUTPUT_ORDER, "1-2-3-4", "4-2-1-3"));
    }

    @Test
    void apartOfItIsTakenFromAnotherAndTheRestStays() {
        Configuration one = Configuration.USUAL.with(FcSettings.CELLS, 4).with(RadioSettings.reversed(Stick.YAW), true);
        Configuration other =
                Configuration.USUAL.with(FcSettings.CELLS, 6).with(RadioSettings.STICK_ORDER, StickOrder.TAER);
        Configuration mixed = one.taking(FcSettings::isOfPower, other);
        assertThat(mixed.get(FcSettings.CELLS)).isEqualTo(6);
        assertThat(mixed.get(RadioSettings.reversed(Stick.YAW))).isTrue();
        assertThat(mixed.get(RadioSettings.STICK_ORDER)).isEqualTo(StickOrder.AETR);
        assertThat(one.only(FcSettings::isOfPower)).isEqualTo(Configuration.USUAL.with(FcSettings.CELLS, 4));
    }

    @ParameterizedTest
    @CsvSource({
        "voltage-scale, 0",
        "voltage-scale, -1",
        "voltage-scale, NaN",
        "voltage-scale, eleven",
        "cells, -1",
        "cells, 20",
        "cells, 3.5",
        "current-scale, 0",
        "current-at-rest, 500",
        "gain, 0",
        "numbering, left-first",
        "output-order, 1-1-3-4",
        "alignment, 45/0/0",
        "alignment, 90/0",
        "stick-order, AEET",
        "level-off, 3"
    })
    void whatADeviceCannotBeToldIsRefusedWithWhatWouldBeRight(String id, String text) {
        Setting<?> setting = Settings.find(id).orElseThrow();
        assertThatExceptionOfType(Rejected.class)
                .isThrownBy(() -> setting.read(text))
                .satisfies(e -> assertThat(e.where()).isEqualTo(id))
                .withMessageContaining(setting.form().expected())
                .withMessageContaining(text);
    }

    @Test
    void aValueOutsideItsRangeIsNotTakenOverEither() {
        assertThatExceptionOfType(Rejected.class).isThrownBy(() -> Configuration.USUAL.with(FcSettings.CELLS, 15));
        assertThatExceptionOfType(Rejected.class)
                .isThrownBy(() -> Configuration.USUAL.with(FcSettings.VOLTAGE_SCALE, Double.POSITIVE_INFINITY));
        assertThat(Configuration.USUAL
                        .with(FcSettings.LEVEL_OFF, new Tilt(2, -1.5))
                        .written(FcSettings.LEVEL_OFF))
                .isEqualTo("2.0/-1.5");
        assertThat(Rotation.all()).allSatisfy(turn -> assertThat(
                        FcSettings.ALIGNMENT.read(FcSettings.ALIGNMENT.form().written(turn)))
                .isEqualTo(turn));
    }
}

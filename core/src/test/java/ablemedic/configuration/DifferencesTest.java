package ablemedic.configuration;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.firmware.Dictionary;
import ablemedic.firmware.FirmwareDialects;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import com.github.difflib.DiffUtils;
import com.github.difflib.patch.AbstractDelta;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What changed between two tellings is what a line diff finds between their exports. */
class DifferencesTest {
    static Stream<Dictionary> dictionaries() {
        return FirmwareDialects.shipped().stream()
                .flatMap(family -> family.versions().stream().map(version -> new Dictionary(family, version)));
    }

    private static Configuration any(List<? extends Setting<?>> settings, Random random) {
        Configuration told = Configuration.USUAL;
        for (Setting<?> setting : settings) {
            if (random.nextInt(4) == 0) {
                told = otherwise(told, setting, random);
            }
        }
        return told;
    }

    private static <T> Configuration otherwise(Configuration told, Setting<T> setting, Random random) {
        if (setting.form() instanceof ValueForm.Choice<T> choice) {
            return told.with(
                    setting, choice.values().get(random.nextInt(choice.values().size())));
        }
        // Whole numbers that every table writes without rounding.
        return setting.form()
                .read(String.valueOf(2 + random.nextInt(3)))
                .map(value -> told.with(setting, value))
                .orElse(told);
    }

    @ParameterizedTest
    @MethodSource("dictionaries")
    @OutsideCheck(kind = Kind.REFERENCE_LIBRARY, source = "java-diff-utils, the differences of two texts line by line")
    void asALineDiffOfTheListingsFindsThem(Dictionary dictionary) {
        Random random = new Random(9);
        List<? extends Setting<?>> settings = dictionary.family().terms().stream()
                .map(term -> term.setting())
                .distinct()
                .filter(dictionary::names)
                .toList();
        for (int i = 0; i < 200; i++) {
            Configuration before = any(settings, random);
            Configuration after = any(settings, random);
            Set<String> byLines = new HashSet<>();
            for (AbstractDelta<String> delta : DiffUtils.diff(lines(dictionary, before), lines(dictionary, after))
                    .getDeltas()) {
                delta.getSource().getLines().forEach(line -> byLines.add(name(line)));
                delta.getTarget().getLines().forEach(line -> byLines.add(name(line)));
            }
            List<String> here = new ArrayList<>();
            before.differencesTo(after).forEach(one -> dictionary.family().terms().stream()
                    .filter(term -> term.setting().equals(one.setting()))
                    .filter(term -> term.isIn(
                            dictionary.family().version(dictionary.version()).orElseThrow()))
                    .forEach(term -> here.add(term.name())));
            assertThat(here).containsExactlyInAnyOrderElementsOf(byLines);
        }
    }

    private static List<String> lines(Dictionary dictionary, Configuration told) {
        return dictionary.export(told).lines().toList();
    }

    private static String name(String line) {
        return line.replaceFirst("^set ", "").replaceFirst(" = .*", "");
    }
}

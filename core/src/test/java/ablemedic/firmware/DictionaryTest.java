package ablemedic.firmware;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ablemedic.catalogue.Rejected;
import ablemedic.configuration.Configuration;
import ablemedic.configuration.Setting;
import ablemedic.configuration.ValueForm;
import ablemedic.craft.FcSettings;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.SpinConvention;
import ablemedic.craft.UartSettings;
import ablemedic.craft.VoltageSource;
import ablemedic.export.SettingsExport;
import ablemedic.firmware.Understood.Kind;
import ablemedic.wiring.UartFunction;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class DictionaryTest {
    static List<Dictionary> dictionaries() {
        return FirmwareDialects.shipped().stream()
                .flatMap(family -> family.versions().stream().map(version -> new Dictionary(family, version)))
                .toList();
    }

    private static SettingsExport export(String text) {
        return SettingsExport.read(text.getBytes(StandardCharsets.UTF_8));
    }

    /** Any value that the setting can have, written to what a table of a firmware can tell apart. */
    @SuppressWarnings("unchecked")
    private static <T> Configuration any(Configuration told, Setting<T> setting, Random random) {
        if (setting.form() instanceof ValueForm.Choice<T> choice) {
            return told.with(
                    setting, choice.values().get(random.nextInt(choice.values().size())));
        } else if (setting.form() instanceof ValueForm.Count count) {
            return told.with(
                    (Setting<Integer>) setting,
                    count.least() + random.nextInt(Math.min(100_000, count.most() - count.least())));
        } else if (setting.form() instanceof ValueForm.Range range) {
            return told.with(
                    (Setting<Double>) setting,
                    Math.ceil((Math.max(0, range.least())
                                                    + (Math.min(50, range.most()) - Math.max(0, range.least()))
                                                            * random.nextDouble())
                                            * 1000
                                    - 0.5)
                            / 1000.0);
        }
        return told;
    }

    @ParameterizedTest
    @MethodSource("dictionaries")
    void whatIsWrittenAsAListingIsReadBackToTheLastSetting(Dictionary dictionary) {
        Random random = new Random(21);
        List<? extends Setting<?>> settings = dictionary.family().terms().stream()
                .map(Term::setting)
                .distinct()
                .filter(dictionary::names)
                .toList();
        for (int i = 0; i < 100; i++) {
            Configuration told = Configuration.USUAL
                    .withWritten(FcSettings.ALIGNMENT, 90 * random.nextInt(4) + "/0/" + 90 * random.nextInt(4))
                    .with(UartSettings.jobsOf("3"), List.of(UartFunction.RECEIVER, UartFunction.TELEMETRY));
            for (Setting<?> setting : settings) {
                told = any(told, setting, random);
            }
            Understood back = dictionary.read(export(dictionary.export(told)));
            assertThat(back.lines()).allSatisfy(line -> assertThat(line.kind())
                    .as(line.name() + " = " + line.value())
                    .isEqualTo(Kind.KNOWN));
            assertThat(back.held()).containsExactlyInAnyOrderElementsOf(settings);
            assertThat(back.told()).isEqualTo(told);
        }
    }

    @ParameterizedTest
    @MethodSource("dictionaries")
    void aListingIsTakenForItsOwnFamilyAndVersion(Dictionary dictionary) {
        Dictionary.Guess guess = Dictionary.guess(
                        export(dictionary.export(Configuration.USUAL)), FirmwareDialects.shipped())
                .orElseThrow();
        assertThat(guess.family().id()).isEqualTo(dictionary.family().id());
        assertThat(guess.version()).isEqualTo(dictionary.version());
        assertThat(guess.known()).isEqualTo(guess.of());
    }

    @Test
    void ofWhatNoFamilyKnowsNothingIsGuessed() {
        assertThat(Dictionary.guess(export("colour = red\n"), FirmwareDialects.shipped()))
                .isEmpty();
    }

    @Test
    void aNameOfAnotherVersionIsTakenOverAndSaidToBeOne() {
        Dictionary second = new Dictionary(FirmwareDialects.shipped().get(0), "2");
        Understood understood = second.read(
                export("set volt_scale = 110\nset pack_cells = 40\nset start_mode = SPORT\nset led_colour = 3\n"));
        assertThat(understood.lines())
                .extracting(Understood.Line::kind)
                .containsExactly(Kind.OTHER_VERSION, Kind.IMPOSSIBLE, Kind.IMPOSSIBLE, Kind.UNKNOWN);
        assertThat(understood.told().get(FcSettings.VOLTAGE_SCALE)).isEqualTo(11.0);
        assertThat(understood.held())
                .as("what is impossible or unknown is held by nothing")
                .containsExactly(FcSettings.VOLTAGE_SCALE);
        assertThat(understood.lines().get(1).said()).contains("0 to 14");
        assertThat(understood.lines().get(2).said()).contains("RATE, LEVEL");
        assertThat(second.line(FcSettings.VOLTAGE_SCALE, understood.told()))
                .as("pasted by this version's name and unit")
                .contains("set pack_ratio = 11000");
    }

    @Test
    void eachSchoolOfNumberingHasItsFamilyAndValuesAreThoseOfTheFamily() {
        Configuration told = Configuration.USUAL
                .with(FcSettings.NUMBERING, MotorNumbering.FRONT_RIGHT_FIRST)
                .with(FcSettings.SPINS, SpinConvention.OUTWARD)
                .with(FcSettings.VOLTAGE_SOURCE, VoltageSource.CONTROLLERS);
        Dictionary birch = new Dictionary(FirmwareDialects.shipped().get(1), "5");
        assertThat(birch.line(FcSettings.NUMBERING, told)).contains("MOT_SCHOOL = 0");
        assertThat(birch.line(FcSettings.SPINS, told)).contains("MOT_SPIN = 1");
        assertThat(birch.line(UartSettings.SOFT, told))
                .as("came with version 6")
                .isEmpty();
        assertThat(new Dictionary(FirmwareDialects.shipped().get(0), "1").line(FcSettings.VOLTAGE_SOURCE, told))
                .contains("set voltage_from = CONTROLLERS");
        assertThatThrownBy(() -> new Dictionary(FirmwareDialects.shipped().get(0), "9"))
                .hasMessageContaining("it has 1, 2");
    }

    @Test
    void aFamilyIsWrittenAndReadAsATableWithoutLoss() {
        for (FirmwareDialect family : FirmwareDialects.shipped()) {
            assertThat(DialectTable.read(DialectTable.write(family))).isEqualTo(family);
            assertThat(DialectTable.read(DialectTable.rows(family)))
                    .as("row by row")
                    .isEqualTo(family);
        }
    }

    @Test
    void aTableThatIsNoFamilyIsRefusedWithItsRow() {
        String heads = "family,oak,Oak,,1,2\nname,setting,since,until,times,values\n";
        refused("a,b\n", "rows");
        refused("family,Oak,Oak,,1\nname,setting,since,until,times,values\nx,cells,1,,,\n", "id");
        refused("family,oak,Oak,,1,1\nname,setting,since,until,times,values\nx,cells,1,,,\n", "versions");
        refused("family,oak,Oak,,1\nname,value\nx,cells,1,,,\n", "headings");
        refused(heads + "x,nonsense,1,,,\n", "no-setting");
        refused(heads + "x,cells,3,,,\n", "since");
        refused(heads + "x,cells,2,1,,\n", "since");
        refused(heads + "x,cells,1,,-2,\n", "times");
        refused(heads + "x,cells,1,,two,\n", "no-number");
        refused(heads + "x,spins,1,,,sideways=1\n", "not-its-value");
        refused(heads + "x,spins,1,,,inward=1|outward=1\n", "two-values");
        refused(heads + "x,cells,1,,,\nX,gain,1,,,\n", "twice-in");
        refused(heads + "x,cells,1,,,\ny,cells,2,,,\n", "two-names");
        refused(heads + "x,cells,1,,,\n*,job-dance,1,,,\n", "no-ability");
        refused(heads + "x,cells,1,,,\n*,job-gnss,1,,,perhaps\n", "ability-rest");
        refused(heads + "x,cells,1,,,\n*,job-gnss,2,1,,\n", "since");
        refused(heads + "*,job-gnss,1,,,\n", "no-names");
        refused(heads + "x,cells,1,,,\n\"y,cells,2,,,\n", "fields");
        assertThat(DialectTable.read(heads + "x,cells,1,1,,\ny,cells,2,,,\n").terms())
                .hasSize(2);
    }

    private static void refused(String table, String rule) {
        assertThatThrownBy(() -> DialectTable.read(table))
                .isInstanceOfSatisfying(
                        Rejected.class, e -> assertThat(e.rule()).isEqualTo(rule));
    }

    @Test
    void anyBytesAreAFamilyOrRefused() {
        Random random = new Random(22);
        String table = DialectTable.write(FirmwareDialects.shipped().get(1));
        for (int i = 0; i < 1000; i++) {
            StringBuilder spoilt = new StringBuilder(table);
            for (int hits = 0; hits < 5; hits++) {
                spoilt.setCharAt(random.nextInt(Math.min(2000, spoilt.length())), (char) (random.nextInt(95) + 32));
            }
            try {
                DialectTable.read(spoilt.toString());
            } catch (Rejected e) {
                assertThat(e.where()).matches("rows\\[\\d+]");
            }
        }
    }
}

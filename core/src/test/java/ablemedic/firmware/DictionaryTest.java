package ablemedic.firmware;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ablemedic.craft.BoardSettings;
import ablemedic.craft.NumberingSchool;
import ablemedic.craft.PortSettings;
import ablemedic.craft.SpinSchool;
import ablemedic.craft.VoltageSource;
import ablemedic.electrics.Job;
import ablemedic.firmware.Understood.Kind;
import ablemedic.listing.Listing;
import ablemedic.told.Form;
import ablemedic.told.Setting;
import ablemedic.told.Told;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class DictionaryTest {
    static List<Dictionary> dictionaries() {
        return Families.shipped().stream()
                .flatMap(family -> family.versions().stream().map(version -> new Dictionary(family, version)))
                .toList();
    }

    private static Listing listing(String text) {
        return Listing.read(text.getBytes(StandardCharsets.UTF_8));
    }

    /** Any value that the setting can have, written to what a table of a firmware can tell apart. */
    @SuppressWarnings("unchecked")
    private static <T> Told any(Told told, Setting<T> setting, Random random) {
        if (setting.form() instanceof Form.Choice<T> choice) {
            return told.with(
                    setting, choice.values().get(random.nextInt(choice.values().size())));
        } else if (setting.form() instanceof Form.Count count) {
            return told.with(
                    (Setting<Integer>) setting,
                    count.least() + random.nextInt(Math.min(100_000, count.most() - count.least())));
        } else if (setting.form() instanceof Form.Range range) {
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
            Told told = Told.USUAL
                    .withWritten(BoardSettings.ALIGNMENT, 90 * random.nextInt(4) + "/0/" + 90 * random.nextInt(4))
                    .with(PortSettings.jobsOf("3"), List.of(Job.RECEIVER, Job.TELEMETRY));
            for (Setting<?> setting : settings) {
                told = any(told, setting, random);
            }
            Understood back = dictionary.read(listing(dictionary.listing(told)));
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
        Dictionary.Guess guess = Dictionary.guess(listing(dictionary.listing(Told.USUAL)), Families.shipped())
                .orElseThrow();
        assertThat(guess.family().id()).isEqualTo(dictionary.family().id());
        assertThat(guess.version()).isEqualTo(dictionary.version());
        assertThat(guess.known()).isEqualTo(guess.of());
    }

    @Test
    void ofWhatNoFamilyKnowsNothingIsGuessed() {
        assertThat(Dictionary.guess(listing("colour = red\n"), Families.shipped()))
                .isEmpty();
    }

    @Test
    void aNameOfAnotherVersionIsTakenOverAndSaidToBeOne() {
        Dictionary second = new Dictionary(Families.shipped().get(0), "2");
        Understood understood = second.read(
                listing("set volt_scale = 110\nset pack_cells = 40\nset start_mode = SPORT\nset led_colour = 3\n"));
        assertThat(understood.lines())
                .extracting(Understood.Line::kind)
                .containsExactly(Kind.OTHER_VERSION, Kind.IMPOSSIBLE, Kind.IMPOSSIBLE, Kind.UNKNOWN);
        assertThat(understood.told().get(BoardSettings.VOLTAGE_SCALE)).isEqualTo(11.0);
        assertThat(understood.held())
                .as("what is impossible or unknown is held by nothing")
                .containsExactly(BoardSettings.VOLTAGE_SCALE);
        assertThat(understood.lines().get(1).said()).contains("0 to 14");
        assertThat(understood.lines().get(2).said()).contains("RATE, LEVEL");
        assertThat(second.line(BoardSettings.VOLTAGE_SCALE, understood.told()))
                .as("pasted by this version's name and unit")
                .contains("set pack_ratio = 11000");
    }

    @Test
    void eachSchoolOfNumberingHasItsFamilyAndValuesAreThoseOfTheFamily() {
        Told told = Told.USUAL
                .with(BoardSettings.NUMBERING, NumberingSchool.FRONT_RIGHT_FIRST)
                .with(BoardSettings.SPINS, SpinSchool.OUTWARD)
                .with(BoardSettings.VOLTAGE_SOURCE, VoltageSource.CONTROLLERS);
        Dictionary birch = new Dictionary(Families.shipped().get(1), "5");
        assertThat(birch.line(BoardSettings.NUMBERING, told)).contains("MOT_SCHOOL = 0");
        assertThat(birch.line(BoardSettings.SPINS, told)).contains("MOT_SPIN = 1");
        assertThat(birch.line(PortSettings.SOFT, told))
                .as("came with version 6")
                .isEmpty();
        assertThat(new Dictionary(Families.shipped().get(0), "1").line(BoardSettings.VOLTAGE_SOURCE, told))
                .contains("set voltage_from = CONTROLLERS");
        assertThatThrownBy(() -> new Dictionary(Families.shipped().get(0), "9")).hasMessageContaining("it has 1, 2");
    }

    @Test
    void aFamilyIsWrittenAndReadAsATableWithoutLoss() {
        for (Family family : Families.shipped()) {
            assertThat(FamilyTable.read(FamilyTable.write(family))).isEqualTo(family);
            assertThat(FamilyTable.read(FamilyTable.rows(family)))
                    .as("row by row")
                    .isEqualTo(family);
        }
    }

    @Test
    void aTableThatIsNoFamilyIsRefusedWithItsRow() {
        String heads = "family,oak,Oak,,1,2\nname,setting,since,until,times,values\n";
        refused("a,b\n", "Line 2");
        refused("family,Oak,Oak,,1\nname,setting,since,until,times,values\nx,cells,1,,,\n", "small letters");
        refused("family,oak,Oak,,1,1\nname,setting,since,until,times,values\nx,cells,1,,,\n", "each once");
        refused("family,oak,Oak,,1\nname,value\nx,cells,1,,,\n", "headings");
        refused(heads + "x,nonsense,1,,,\n", "Line 3: there is no setting “nonsense”");
        refused(heads + "x,cells,3,,,\n", "versions of this family");
        refused(heads + "x,cells,2,1,,\n", "earlier first");
        refused(heads + "x,cells,1,,-2,\n", "more than 0");
        refused(heads + "x,cells,1,,two,\n", "times is a number");
        refused(heads + "x,spins,1,,,sideways=1\n", "direction of motors");
        refused(heads + "x,spins,1,,,inward=1|outward=1\n", "two values");
        refused(heads + "x,cells,1,,,\nX,gain,1,,,\n", "twice");
        refused(heads + "x,cells,1,,,\ny,cells,2,,,\n", "two names for cells");
        refused(heads + "x,cells,1,,,\n*,job-dance,1,,,\n", "Line 4: there is no ability “job-dance”");
        refused(heads + "x,cells,1,,,\n*,job-gnss,1,,,perhaps\n", "may-be-left-out");
        refused(heads + "x,cells,1,,,\n*,job-gnss,2,1,,\n", "earlier first");
        refused(heads + "*,job-gnss,1,,,\n", "at least one name");
        refused(heads + "x,cells,1,,,\n\"y,cells,2,,,\n", "Line");
        assertThat(FamilyTable.read(heads + "x,cells,1,1,,\ny,cells,2,,,\n").terms())
                .hasSize(2);
    }

    private static void refused(String table, String saying) {
        assertThatThrownBy(() -> FamilyTable.read(table))
                .isInstanceOf(BadFamilyException.class)
                .hasMessageContaining(saying);
    }

    @Test
    void anyBytesAreAFamilyOrRefused() {
        Random random = new Random(22);
        String table = FamilyTable.write(Families.shipped().get(1));
        for (int i = 0; i < 1000; i++) {
            StringBuilder spoilt = new StringBuilder(table);
            for (int hits = 0; hits < 5; hits++) {
                spoilt.setCharAt(random.nextInt(Math.min(2000, spoilt.length())), (char) (random.nextInt(95) + 32));
            }
            try {
                FamilyTable.read(spoilt.toString());
            } catch (BadFamilyException e) {
                assertThat(e.row()).isPositive();
            }
        }
    }
}

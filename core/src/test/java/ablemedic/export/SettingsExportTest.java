package ablemedic.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ablemedic.catalogue.Rejected;
import ablemedic.export.SettingsExport.Entry;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.json.JsonMapper;

@Tag("thorough")
class SettingsExportTest {
    private static SettingsExport read(String text) {
        return SettingsExport.read(text.getBytes(StandardCharsets.UTF_8));
    }

    private static Map<String, String> settings(Random random) {
        Map<String, String> settings = new LinkedHashMap<>();
        int count = 1 + random.nextInt(60);
        for (int i = 0; i < count; i++) {
            String name = "p" + Integer.toString(random.nextInt(1 << 20), 36) + (random.nextBoolean() ? "_x" : "");
            settings.put(
                    name,
                    switch (random.nextInt(4)) {
                        case 0 -> String.valueOf(random.nextInt(2000) - 1000);
                        case 1 -> String.valueOf(Math.round(random.nextDouble() * 1000) / 1000.0);
                        case 2 -> "ON";
                        default -> "A" + random.nextInt(9);
                    });
        }
        return settings;
    }

    /** Written by other means than the readers: plain joining, and a JSON library's own writer. */
    private static String written(ExportForm form, Map<String, String> settings, Random random) {
        return switch (form) {
            case LINES ->
                settings.entrySet().stream()
                        .map(e -> (random.nextBoolean() ? "set " : "") + e.getKey() + " = " + e.getValue())
                        .collect(Collectors.joining(random.nextBoolean() ? "\r\n" : "\n", "# all of it\n\n", "\n"));
            case TABLE ->
                settings.entrySet().stream()
                        .map(e -> "\"" + e.getKey() + "\"," + e.getValue() + ",note")
                        .collect(Collectors.joining("\n", random.nextBoolean() ? "Name,Value,Remark\n" : "", ""));
            case JSON -> JsonMapper.builder().build().writeValueAsString(settings);
            case MESSAGES -> throw new AssertionError("packets are no text; see ParameterMessagesTest");
            case PARAMETERS ->
                settings.entrySet().stream()
                        .map(e -> "1\t1\t" + e.getKey() + "\t" + e.getValue() + "\t9")
                        .collect(Collectors.joining("\n", "# onboard parameters\n#\n", "\n"));
        };
    }

    @ParameterizedTest
    @EnumSource(value = ExportForm.class, mode = EnumSource.Mode.EXCLUDE, names = "MESSAGES")
    void whatIsWrittenInAnyFormIsReadBackInOrder(ExportForm form) {
        Random random = new Random(11);
        for (int i = 0; i < 200; i++) {
            Map<String, String> settings = settings(random);
            SettingsExport export = read(written(form, settings, random));
            assertThat(export.form()).isEqualTo(form);
            assertThat(export.odd()).isEmpty();
            Map<String, String> back = new LinkedHashMap<>();
            export.entries().forEach(entry -> back.put(entry.name(), entry.value()));
            assertThat(back).containsExactlyEntriesOf(settings);
        }
    }

    @ParameterizedTest
    @EnumSource(value = ExportForm.class, mode = EnumSource.Mode.EXCLUDE, names = "MESSAGES")
    void aListingCutAnywhereKeepsWhatStandsBeforeTheCut(ExportForm form) {
        Random random = new Random(12);
        Map<String, String> settings = settings(random);
        settings.put("last", "1");
        String whole = written(form, settings, random);
        int before = 0;
        for (int cut = whole.length() / 2; cut < whole.length(); cut++) {
            try {
                SettingsExport export = read(whole.substring(0, cut));
                assertThat(export.entries().size())
                        .isGreaterThanOrEqualTo(before - 1)
                        .isLessThanOrEqualTo(settings.size());
                assertThat(export.entries()
                                .subList(0, Math.max(0, export.entries().size() - 1)))
                        .allSatisfy(entry -> assertThat(settings).containsEntry(entry.name(), entry.value()));
                before = export.entries().size();
            } catch (Rejected e) {
                assertThat(before).isLessThanOrEqualTo(1);
            }
        }
    }

    @ParameterizedTest
    @EnumSource(value = ExportForm.class, mode = EnumSource.Mode.EXCLUDE, names = "MESSAGES")
    void spoiltBytesAreReadOrRefusedAndNothingElse(ExportForm form) {
        Random random = new Random(13);
        for (int i = 0; i < 2000; i++) {
            byte[] file = written(form, settings(random), random).getBytes(StandardCharsets.UTF_8);
            for (int hits = random.nextInt(20); hits >= 0; hits--) {
                file[random.nextInt(file.length)] = (byte) random.nextInt(256);
            }
            readOrRefused(file);
        }
    }

    @Test
    void randomBytesAreRefusedInWords() {
        Random random = new Random(14);
        for (int i = 0; i < 3000; i++) {
            byte[] file = new byte[random.nextInt(400)];
            random.nextBytes(file);
            readOrRefused(file);
        }
        assertThatThrownBy(() -> read("")).isInstanceOf(Rejected.class).hasMessageContaining("name = value");
        assertThatThrownBy(() -> SettingsExport.read(new byte[SettingsExport.LONGEST + 1]))
                .isInstanceOf(Rejected.class)
                .hasMessageContaining("8 MB");
    }

    private static void readOrRefused(byte[] file) {
        try {
            assertThat(SettingsExport.read(file).entries()).isNotEmpty();
        } catch (Rejected e) {
            assertThat(e).hasMessageContaining("No line");
        }
    }

    @Test
    void aLineThatIsNoSettingIsToldWithItsPlaceAndNothingIsLostForIt() {
        SettingsExport export = read(
                "set a = 1\nwhat is this\nb = \u0007\nset c = two words # kept\n" + "d = " + "x".repeat(3000) + "\n");
        assertThat(export.entries()).containsExactly(new Entry(1, "a", "1"), new Entry(4, "c", "two words # kept"));
        assertThat(export.odd()).extracting(SettingsExport.Odd::line).containsExactly(2, 3, 5);
        assertThat(export.odd().get(1).text())
                .as("control characters are not passed on")
                .isEqualTo("b = ·");
    }

    @Test
    void ofANameThatComesAgainTheLastCounts() {
        SettingsExport export = read("a = 1\nb = 2\na = 3\n");
        assertThat(export.value("a")).contains("3");
        assertThat(export.odd()).singleElement().satisfies(odd -> assertThat(odd.why())
                .contains("line 3"));
    }

    @Test
    void encodingsAreToldApartByTheirMarksAndBytes() {
        for (Map.Entry<String, byte[]> one : Map.of(
                        "UTF-8",
                        "a = é".getBytes(StandardCharsets.UTF_8),
                        "UTF-8 with a byte-order mark",
                        "\uFEFFa = é".getBytes(StandardCharsets.UTF_8),
                        "letters of one byte",
                        "a = é".getBytes(StandardCharsets.ISO_8859_1))
                .entrySet()) {
            assertThat(SettingsExport.read(one.getValue()).encoding()).isEqualTo(one.getKey());
            assertThat(SettingsExport.read(one.getValue()).value("a")).contains("é");
        }
        for (Charset charset : new Charset[] {StandardCharsets.UTF_16LE, StandardCharsets.UTF_16BE}) {
            assertThat(SettingsExport.read("\uFEFFa = é".getBytes(charset)).value("a"))
                    .as(charset.name())
                    .contains("é");
        }
    }

    @Test
    void objectsWithinJsonGiveNamesJoinedByDots() {
        SettingsExport export = read(
                "{\"motors\": {\"order\": \"1234\", \"idle\": 5.5}, \"beeper\": true, \"list\": [1, 2], \"none\": null}");
        assertThat(export.value("motors.order")).contains("1234");
        assertThat(export.value("motors.idle")).contains("5.5");
        assertThat(export.value("beeper")).contains("true");
        assertThat(export.value("none")).contains("");
        assertThat(export.odd()).singleElement().satisfies(odd -> assertThat(odd.why())
                .contains("“list” is a list"));
    }

    @Test
    void moreLinesThanAnyBoardHasAreRefused() {
        String most = "name_%d = 1\n";
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < SettingsExport.MOST_LINES; i++) {
            text.append(String.format(java.util.Locale.ROOT, most, i));
        }
        assertThat(read(text.toString()).entries()).hasSize(SettingsExport.MOST_LINES);
        text.append("one_more = 1\n");
        assertThatThrownBy(() -> read(text.toString()))
                .isInstanceOf(Rejected.class)
                .hasMessageContaining("20000 lines");
    }
}

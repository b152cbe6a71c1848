package ablemedic.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a person reads stands in catalogues; the packages whose words have moved there keep none in their code. */
class NoProseTest {
    /** A comment or a literal; comments go, so that what they quote is not taken for one. */
    private static final Pattern COMMENT_OR_LITERAL =
            Pattern.compile("//[^\n]*|/\\*.*?\\*/|\"\"\"(.*?)\"\"\"|\"((?:\\\\.|[^\"\\\\])*)\"", Pattern.DOTALL);
    /** Two words with a blank between, or one with a capital that ends like a sentence. */
    private static final Pattern PROSE = Pattern.compile("\\p{L}{2,} +\\p{L}{2,}|^\\p{Lu}\\p{Ll}+[.?!]$");
    /** Messages of errors in the program are for us. */
    private static final Pattern OF_A_BUG =
            Pattern.compile("new (?:IllegalArgument|IllegalState)Exception\\((?:[^()]|\\([^()]*\\))*\\)");
    /** Names of sites and remedies are stored keys. */
    private static final Pattern KEYS = Pattern.compile(
            "\\.(?:site|remedy)\\((?:[^()]|\\([^()]*\\))*\\)|\\.fixedBy\\(\\s*\"[^\"]*\",\\s*\"[^\"]*\"");

    @ParameterizedTest
    @ValueSource(
            strings = {
                "catalogue/.*",
                "video/.*",
                "power/.*",
                "serial/.*",
                "uart/.*",
                "takeoff/.*",
                "snapshot/.*",
                "radio/(?!RadioSession|SimulatedReceiver).*",
                "settings/.*(Faults|Checks|Requirements|Plan)",
                "settings/SettingsAndFirmware"
            })
    void noSentenceStandsInItsCode(String place) throws IOException {
        Path source = Path.of("src/main/java/ablemedic");
        List<String> found = new ArrayList<>();
        try (Stream<Path> all = Files.walk(source)) {
            List<Path> files = all.filter(
                            file -> source.relativize(file).toString().matches(place + "\\.java"))
                    .toList();
            assertThat(files).isNotEmpty();
            files.forEach(file -> prose(file, found));
        }
        assertThat(found).isEmpty();
    }

    private static void prose(Path file, List<String> found) {
        String code =
                KEYS.matcher(OF_A_BUG.matcher(read(file)).replaceAll("null")).replaceAll("");
        Matcher literal = COMMENT_OR_LITERAL.matcher(code);
        while (literal.find()) {
            String text = literal.group(1) == null ? literal.group(2) : literal.group(1);
            if (text != null && PROSE.matcher(text).find()) {
                found.add(file.getFileName() + ": " + text);
            }
        }
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

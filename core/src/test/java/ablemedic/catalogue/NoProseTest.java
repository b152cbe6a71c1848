package ablemedic.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What a person reads stands in catalogues; the code keeps none. */
class NoProseTest {
    /** A comment or a literal; comments go, so that what they quote is not taken for one. */
    private static final Pattern COMMENT_OR_LITERAL =
            Pattern.compile("//[^\n]*|/\\*.*?\\*/|\"\"\"(.*?)\"\"\"|\"((?:\\\\.|[^\"\\\\])*)\"", Pattern.DOTALL);
    /** Two words with a blank between, or one with a capital that ends like a sentence. */
    private static final Pattern PROSE = Pattern.compile("\\p{L}{2,} +\\p{L}{2,}|^\\p{Lu}\\p{Ll}+[.?!]$");
    /** Messages of errors in the program are for us. */
    private static final Pattern OF_A_BUG =
            Pattern.compile("new (?:IllegalArgument|IllegalState|Cancellation)Exception\\((?:[^()]|\\([^()]*\\))*\\)");
    /** Names of sites and remedies are stored keys. */
    private static final Pattern KEYS = Pattern.compile(
            "\\.(?:site|remedy)\\((?:[^()]|\\([^()]*\\))*\\)|\\.fixedBy\\(\\s*\"[^\"]*\",\\s*\"[^\"]*\"");

    /** What people write and files hold is read by these words, and a made-up session is written in them. */
    private static final Set<String> READ = Set.of(
            "EnteredNumber.java: over limit",
            "EnteredNumber.java: counting up",
            "EnteredNumber.java: counts up",
            "TableOfNames.java: set to");

    private static final Pattern FORMS_OF_FILES = Pattern.compile("(?:CaptureWriter|SimulatedReceiver)\\.java");

    @Test
    void noSentenceStandsInTheCode() throws IOException {
        List<String> found = new ArrayList<>();
        try (Stream<Path> all = Files.walk(Path.of("src/main/java/ablemedic"))) {
            List<Path> files = all.filter(file -> file.toString().endsWith(".java"))
                    .filter(file -> !FORMS_OF_FILES
                            .matcher(file.getFileName().toString())
                            .matches())
                    .toList();
            assertThat(files).hasSizeGreaterThan(300);
            files.forEach(file -> prose(file, found));
        }
        found.removeAll(READ);
        assertThat(found).isEmpty();
    }

    @Test
    void sentencesAreFoundWhereTheyStand() {
        List<String> found = new ArrayList<>();
        prose(
                "Some.java",
                "say(\"a motor stops\"); throw new IllegalStateException(\"no such thing\"); // a \"quoted remark\"",
                found);
        assertThat(found).containsExactly("Some.java: a motor stops");
    }

    private static void prose(Path file, List<String> found) {
        prose(file.getFileName().toString(), read(file), found);
    }

    private static void prose(String file, String text, List<String> found) {
        String code = KEYS.matcher(OF_A_BUG.matcher(text).replaceAll("null")).replaceAll("");
        Matcher literal = COMMENT_OR_LITERAL.matcher(code);
        while (literal.find()) {
            String said = literal.group(1) == null ? literal.group(2) : literal.group(1);
            if (said != null && PROSE.matcher(said).find()) {
                found.add(file + ": " + said);
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

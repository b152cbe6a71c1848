package ablemedic.testing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Finds what a person would read in the literals of Java files: it belongs in a catalogue. */
public final class Prose {
    /** A comment or a literal; comments go, so that what they quote is not taken for one. */
    private static final Pattern COMMENT_OR_LITERAL =
            Pattern.compile("//[^\n]*|/\\*.*?\\*/|\"\"\"(.*?)\"\"\"|\"((?:\\\\.|[^\"\\\\])*)\"", Pattern.DOTALL);
    /** Two words with a blank between, or one with a capital that ends like a sentence. */
    private static final Pattern SENTENCE = Pattern.compile("\\p{L}{2,} +\\p{L}{2,}|^\\p{Lu}\\p{Ll}+[.?!]$");
    /** Messages of errors in the program, and what it logs, are for us. */
    private static final Pattern FOR_US = Pattern.compile(
            "(?:new (?:IllegalArgument|IllegalState|Cancellation|UncheckedIO|IO|Zip)Exception\\((?:[^()]|\\([^()]*\\))*\\)|LOG\\.\\w+\\(\\s*\"[^\"]*\")");
    /** Names of sites and remedies are stored keys. */
    private static final Pattern KEYS = Pattern.compile(
            "\\.(?:site|remedy)\\((?:[^()]|\\([^()]*\\))*\\)|\\.fixedBy\\(\\s*\"[^\"]*\",\\s*\"[^\"]*\"");
    /** What a database is asked. */
    private static final Pattern SQL = Pattern.compile(
            "\\b(?:SELECT|INSERT|UPDATE|DELETE|CREATE|PRAGMA|VACUUM|BEGIN|WHERE|ORDER BY|ON CONFLICT|NOT LIKE|ALTER TABLE)\\b");

    private Prose() {}

    /** Every sentence in the Java files below a folder, after its file's name. */
    public static List<String> below(Path folder) {
        List<String> found = new ArrayList<>();
        try (Stream<Path> all = Files.walk(folder)) {
            all.filter(file -> file.toString().endsWith(".java"))
                    .sorted()
                    .forEach(file -> found.addAll(in(file.getFileName().toString(), read(file))));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return found;
    }

    /** The sentences in a Java file. */
    public static List<String> in(String file, String code) {
        List<String> found = new ArrayList<>();
        Matcher literal = COMMENT_OR_LITERAL.matcher(
                KEYS.matcher(FOR_US.matcher(code).replaceAll("null")).replaceAll(""));
        while (literal.find()) {
            String said = literal.group(1) == null ? literal.group(2) : literal.group(1);
            if (said != null
                    && SENTENCE.matcher(said).find()
                    && !SQL.matcher(said).find()) {
                found.add(file + ": " + said);
            }
        }
        return found;
    }

    static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

package ablemedic.testing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Whether catalogues of words and refusals, and the code of their packages, name the same lines and gaps: each entry is
 * asked for by its id, each line by its key, each gap is filled.
 */
public final class CatalogueLines {
    private static final Pattern GAP = Pattern.compile("\\{\\s*([a-z][A-Za-z0-9]*)");

    private CatalogueLines() {}

    /**
     * What is written twice or never asked for, or asked for and never filled.
     *
     * @param catalogue a Markdown file
     * @param code the Java files of its package
     */
    public static List<String> unused(Path catalogue, Path code) {
        String sources = sources(code);
        List<String> wrong = new ArrayList<>();
        Set<String> entries = new LinkedHashSet<>();
        String entry = "";
        for (String line : Prose.read(catalogue).split("\n")) {
            if (line.startsWith("## ")) {
                entry = line.substring(3).strip();
                if (!entries.add(entry) || !sources.contains("\"" + entry + "\"")) {
                    wrong.add(catalogue + ": " + entry);
                }
            } else if (line.matches("[a-z][a-z0-9-]*:.*")) {
                String key = line.substring(0, line.indexOf(':'));
                if (!isAsked(sources, key)) {
                    wrong.add(catalogue + ": " + entry + ": " + key);
                }
                gaps(line).stream()
                        .filter(gap -> !sources.contains("\"" + gap + "\""))
                        .forEach(gap -> wrong.add(catalogue + ": " + key + ": {" + gap + "}"));
            }
        }
        return wrong;
    }

    /** A key may be put together of its beginning and what follows. */
    private static boolean isAsked(String sources, String key) {
        return sources.contains("\"" + key + "\"")
                || Stream.iterate(key.lastIndexOf('-'), at -> at > 0, at -> key.lastIndexOf('-', at - 1))
                        .anyMatch(at -> sources.contains("\"" + key.substring(0, at + 1) + "\"")
                                || sources.contains("\"" + key.substring(at) + "\""));
    }

    private static Set<String> gaps(String line) {
        Set<String> gaps = new LinkedHashSet<>();
        Matcher gap = GAP.matcher(line);
        while (gap.find()) {
            gaps.add(gap.group(1));
        }
        return gaps;
    }

    private static String sources(Path code) {
        try (Stream<Path> all = Files.list(code)) {
            return all.filter(file -> file.toString().endsWith(".java"))
                    .map(Prose::read)
                    .collect(Collectors.joining("\n"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

package ablemedic;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What the documents say of the code by name is there: types, their packages, and what they can be asked. */
class DocsTest {
    private static final Path ROOT = Path.of("..");
    private static final Pattern QUOTED = Pattern.compile("`([^`\n]+)`");
    /** A type, with packages before it and members behind it; an ellipsis stands for the rest of a long name. */
    private static final Pattern NAME =
            Pattern.compile("((?:[a-z]+\\.)*)([A-Z][A-Za-z0-9]*[a-z][A-Za-z0-9]*)((?:\\.\\w+)*)(…)?(\\(\\))?");

    private static final Pattern TYPE = Pattern.compile("\\b(?:class|record|interface|enum)\\s+([A-Z]\\w*)");

    /** Sources by the names of the types in them. */
    private final Map<String, List<Source>> sources = new HashMap<>();

    private record Source(Path file, String text) {}

    @Test
    void everyNameInTheDocumentsIsInTheCode() throws IOException {
        for (String module : List.of("core/src", "app/src", "bench/src", "web/src")) {
            read(ROOT.resolve(module));
        }
        List<String> gone = new ArrayList<>();
        int seen = 0;
        try (Stream<Path> docs =
                Stream.concat(Files.list(ROOT.resolve("docs")), Stream.of(ROOT.resolve("README.md")))) {
            for (Path doc : docs.filter(one -> one.toString().endsWith(".md")).toList()) {
                Matcher quoted = QUOTED.matcher(Files.readString(doc));
                while (quoted.find()) {
                    Matcher name = NAME.matcher(quoted.group(1));
                    if (name.matches()) {
                        seen++;
                        if (!isThere(name)) {
                            gone.add(doc.getFileName() + ": " + quoted.group(1));
                        }
                    }
                }
            }
        }
        assertThat(gone).isEmpty();
        assertThat(seen).isGreaterThan(100);
    }

    private boolean isThere(Matcher name) {
        String inPackage = name.group(1).isEmpty() ? "" : "/" + name.group(1).replace('.', '/');
        String last = name.group(3).substring(name.group(3).lastIndexOf('.') + 1);
        Pattern member = Pattern.compile("\\b" + last + (name.group(4) == null ? "\\b" : ""));
        return sources.getOrDefault(name.group(2), List.of()).stream()
                .anyMatch(one -> one.file().toString().contains(inPackage)
                        && member.matcher(one.text()).find());
    }

    private void read(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            files.filter(one -> one.toString().matches(".*\\.(java|svelte|ts)")).forEach(this::take);
        }
    }

    private void take(Path file) {
        try {
            String text = Files.readString(file);
            Source source = new Source(file, text);
            String own = file.getFileName().toString().split("\\.")[0];
            sources.computeIfAbsent(own, name -> new ArrayList<>()).add(source);
            Matcher type = TYPE.matcher(text);
            while (type.find()) {
                sources.computeIfAbsent(type.group(1), name -> new ArrayList<>())
                        .add(source);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

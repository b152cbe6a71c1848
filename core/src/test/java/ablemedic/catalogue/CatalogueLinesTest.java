package ablemedic.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.testing.CatalogueLines;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Catalogues of refusals and of what is said besides, and the code of their packages, name the same lines. */
class CatalogueLinesTest {
    private static final Path WORDS = Path.of("src/main/resources/ablemedic");

    @TempDir
    Path folder;

    static Stream<Path> catalogues() throws IOException {
        try (Stream<Path> all = Files.walk(WORDS)) {
            return all
                    .filter(file -> file.toString().matches(".*/(refusals|frames|verdicts|values)\\.md"))
                    .sorted()
                    .toList()
                    .stream();
        }
    }

    @ParameterizedTest
    @MethodSource("catalogues")
    void everyLineIsAskedForAndEveryGapFilled(Path catalogue) {
        Path code = Path.of("src/main/java/ablemedic")
                .resolve(WORDS.relativize(catalogue.getParent()).toString());
        assertThat(CatalogueLines.unused(catalogue, code)).isEmpty();
    }

    @Test
    void whatNobodyAsksForIsFound() throws IOException {
        Path words = Files.writeString(folder.resolve("words.md"), "## one\nused: a {gap}\nlost: nothing\n");
        Files.writeString(folder.resolve("One.java"), "words.of(\"one\").line(\"used\")");
        assertThat(CatalogueLines.unused(words, folder))
                .containsExactly(words + ": used: {gap}", words + ": one: lost");
    }
}

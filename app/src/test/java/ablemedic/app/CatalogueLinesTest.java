package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.testing.CatalogueLines;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The application's catalogues and its code name the same lines. */
class CatalogueLinesTest {
    private static final Path WORDS = Path.of("src/main/resources/ablemedic/app");

    static Stream<Path> catalogues() throws IOException {
        try (Stream<Path> all = Files.walk(WORDS)) {
            return all
                    .filter(file -> file.toString().matches(".*/(words|refusals|cards)\\.md"))
                    .sorted()
                    .toList()
                    .stream();
        }
    }

    @ParameterizedTest
    @MethodSource("catalogues")
    void everyLineIsAskedForAndEveryGapFilled(Path catalogue) {
        Path code = Path.of("src/main/java/ablemedic/app")
                .resolve(WORDS.relativize(catalogue.getParent()).toString());
        assertThat(CatalogueLines.unused(catalogue, code)).isEmpty();
    }
}

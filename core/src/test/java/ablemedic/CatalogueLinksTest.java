package ablemedic;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** A link in a catalogue leads to something that is there, under the name that it has there. */
class CatalogueLinksTest {
    private static final Pattern LINK = Pattern.compile("\\[([^]]+)]\\(([^)]*)\\)");

    private record Link(String label, String to) {}

    @Test
    void everyLinkLeadsSomewhereByItsName() throws IOException {
        Map<String, String> titles = Stream.concat(
                        Families.ALL.stream()
                                .flatMap(family -> family.instruments().stream())
                                .map(one -> Map.entry("instrument:" + one.id(), one.title())),
                        Families.handbook().pages().stream().map(page -> Map.entry("page:" + page.id(), page.title())))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
        assertThat(links()).isNotEmpty().allSatisfy(link -> assertThat(titles).containsEntry(link.to(), link.label()));
    }

    private static List<Link> links() throws IOException {
        List<Link> links = new ArrayList<>();
        try (Stream<Path> files = Files.walk(Path.of("src/main/resources/ablemedic"))) {
            for (Path file : files.filter(one -> one.toString().endsWith(".md")).toList()) {
                Matcher found = LINK.matcher(Files.readString(file));
                while (found.find()) {
                    links.add(new Link(found.group(1), found.group(2)));
                }
            }
        }
        return links;
    }
}

package ablemedic.handbook;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** All pages, read once. Each file has its pages under headings of the form {@code ## id | title}. */
public final class Handbook {
  private static final Handbook SHIPPED = new Handbook();

  private final Map<String, Page> pages = new LinkedHashMap<>();

  /** What a page is about. */
  public enum Chapter {
    FAULTS, CHECKS, SCHOOLS, CAUTIONS
  }

  /**
   * One page.
   *
   * @param paragraphs in order; never empty
   */
  public record Page(String id, Chapter chapter, String title, List<String> paragraphs) {
    public Page {
      paragraphs = List.copyOf(paragraphs);
    }
  }

  private Handbook() {
    for (Chapter chapter : Chapter.values()) {
      read(chapter);
    }
  }

  public static Handbook shipped() {
    return SHIPPED;
  }

  public List<Page> pages() {
    return List.copyOf(pages.values());
  }

  public Optional<Page> page(String id) {
    return Optional.ofNullable(pages.get(id));
  }

  private void read(Chapter chapter) {
    String file = chapter.name().toLowerCase(Locale.ROOT) + ".md";
    for (String section : text(file).split("(?m)^## ")) {
      if (section.isBlank()) {
        continue;
      }
      String[] parts = section.split("\n", 2);
      String[] heading = parts[0].split("\\|", 2);
      List<String> paragraphs = new ArrayList<>();
      for (String paragraph : parts[1].strip().split("\n\\s*\n")) {
        paragraphs.add(paragraph.replaceAll("\\s+", " ").strip());
      }
      String id = heading[0].strip();
      if (pages.put(id, new Page(id, chapter, heading[1].strip(), paragraphs)) != null) {
        throw new IllegalStateException("two pages named " + id);
      }
    }
  }

  private static String text(String file) {
    try (InputStream in = Handbook.class.getResourceAsStream(file)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}

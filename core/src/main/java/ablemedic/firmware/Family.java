package ablemedic.firmware;

import ablemedic.told.Setting;
import java.util.List;
import java.util.Optional;

/**
 * A firmware family as its names go.
 *
 * @param id       in kebab case
 * @param label    what people call it
 * @param assigns  what a line to paste begins with, such as {@code set}; empty for none
 * @param versions by name, the oldest first
 */
public record Family(String id, String label, String assigns, List<String> versions, List<Term> terms) {
  public Family {
    versions = List.copyOf(versions);
    terms = List.copyOf(terms);
    if (versions.isEmpty() || terms.isEmpty()) {
      throw new IllegalArgumentException("a family has a version and a name");
    }
  }

  /** Where a version stands in the list, counted from 1; nothing where it is none of them. */
  public Optional<Integer> version(String name) {
    int at = versions.indexOf(name);
    return at < 0 ? Optional.empty() : Optional.of(at + 1);
  }

  public String newest() {
    return versions.get(versions.size() - 1);
  }

  /** The versions that have a name for a setting. */
  public List<String> versionsWith(Setting<?> setting) {
    return versions.stream().filter(version -> terms.stream().anyMatch(term -> term.setting().equals(setting) && term.isIn(versions.indexOf(version) + 1))).toList();
  }
}

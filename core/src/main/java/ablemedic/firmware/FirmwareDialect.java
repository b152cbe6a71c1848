package ablemedic.firmware;

import ablemedic.configuration.Setting;
import java.util.List;
import java.util.Optional;

/**
 * A firmware family as its names go.
 *
 * @param id in kebab case
 * @param label what people call it
 * @param assigns what a line to paste begins with, such as {@code set}; empty for none
 * @param versions by name, the oldest first
 * @param abilities what they can do, as far as its table says
 */
public record FirmwareDialect(
        String id, String label, String assigns, List<String> versions, List<Term> terms, List<Ability> abilities) {
    public FirmwareDialect {
        versions = List.copyOf(versions);
        terms = List.copyOf(terms);
        abilities = List.copyOf(abilities);
        if (versions.isEmpty() || terms.isEmpty()) {
            throw new IllegalArgumentException("a family has a version and a name");
        }
    }

    /** Where a version stands in the list, counted from 1; nothing where it is none of them. */
    public Optional<Integer> version(String name) {
        int at = versions.indexOf(name);
        return at < 0 ? Optional.empty() : Optional.of(at + 1);
    }

    /** The versions that are able to do something; nothing where its table does not say. */
    public Optional<List<String>> versionsAble(String what) {
        List<Ability> said = abilities.stream()
                .filter(ability -> ability.what().equals(what))
                .toList();
        return said.isEmpty()
                ? Optional.empty()
                : Optional.of(versions.stream()
                        .filter(version ->
                                said.stream().anyMatch(ability -> ability.isIn(versions.indexOf(version) + 1)))
                        .toList());
    }

    /** Whether builds of a version may leave something out that it is able to do. */
    public boolean mayLeaveOut(String what, String version) {
        return abilities.stream()
                .anyMatch(ability -> ability.what().equals(what)
                        && ability.leftOut()
                        && ability.isIn(versions.indexOf(version) + 1));
    }

    public String newest() {
        return versions.get(versions.size() - 1);
    }

    /** The versions that have a name for a setting. */
    public List<String> versionsWith(Setting<?> setting) {
        return versions.stream()
                .filter(version -> terms.stream()
                        .anyMatch(term -> term.setting().equals(setting) && term.isIn(versions.indexOf(version) + 1)))
                .toList();
    }
}

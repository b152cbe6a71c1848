package ablemedic.catalogue;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a catalogue says of one thing.
 *
 * @param where file and line where it begins
 * @param pageTitle of its page; empty where it has its page elsewhere
 * @param page its paragraphs
 * @param lines by their keys, such as {@code title} or {@code fix put-right}
 * @param steps by the key of the line that they follow
 * @param outcomes by their ids, in their order
 * @param changes what a fix changes, by the key of the fix
 */
public record Entry(
        String id,
        String where,
        String pageTitle,
        List<String> page,
        Map<String, Template> lines,
        Map<String, List<Template>> steps,
        Map<String, Template> outcomes,
        Map<String, List<Change>> changes) {

    /** What is changed, before and after. */
    record Change(Template what, Template before, Template after) {}

    /** The ids of the fixes that it describes. */
    public Set<String> fixes() {
        Set<String> ids = new TreeSet<>();
        lines.keySet().stream()
                .filter(key -> key.startsWith("fix "))
                .forEach(key -> ids.add(key.substring("fix ".length())));
        return ids;
    }

    /** The ids of the outcomes that it names; one with gaps is the wording of several, and no id. */
    public Set<String> outcomeIds() {
        return outcomes.entrySet().stream()
                .filter(one -> one.getValue().names().isEmpty())
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }

    /** All the parameters that any of its lines asks for. */
    public Set<String> params() {
        Set<String> names = new TreeSet<>();
        Stream.of(
                        lines.values().stream(),
                        steps.values().stream().flatMap(List::stream),
                        outcomes.values().stream(),
                        changes.values().stream()
                                .flatMap(List::stream)
                                .flatMap(one -> Stream.of(one.what(), one.before(), one.after())))
                .flatMap(all -> all)
                .forEach(template -> names.addAll(template.names()));
        return names;
    }
}

package ablemedic.catalogue;

import ablemedic.catalogue.Entry.Change;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** An entry with what stands in its gaps. */
public final class Words {
    private final Entry entry;
    private final Map<String, Param> params;

    Words(Entry entry, Map<String, Param> params) {
        this.entry = entry;
        this.params = params;
    }

    /** What is changed, before and after. */
    public record Changed(Text what, Text before, Text after) {}

    public String id() {
        return entry.id();
    }

    /** The same with a gap filled. */
    public Words with(String name, Param param) {
        Map<String, Param> more = new HashMap<>(params);
        more.put(name, param);
        return new Words(entry, Map.copyOf(more));
    }

    /** The same with a gap filled by another text, or a word or a number that is written as it is. */
    public Words with(String name, Object value) {
        return with(
                name,
                value instanceof Param param
                        ? param
                        : value instanceof Text text ? new Param.Nested(text) : Param.written(String.valueOf(value)));
    }

    /** The same with several gaps filled. */
    public Words with(Map<String, Param> more) {
        Map<String, Param> all = new HashMap<>(params);
        all.putAll(more);
        return new Words(entry, Map.copyOf(all));
    }

    /** The line of a key. */
    public Text line(String key) {
        Template template = entry.lines().get(key);
        if (template == null) {
            throw new IllegalStateException(entry.where() + ": " + entry.id() + " has no line “" + key + "”");
        }
        return text(template);
    }

    public Text title() {
        return line("title");
    }

    /** The steps that follow the line of a key; none where it has none. */
    public List<Text> steps(String key) {
        return entry.steps().getOrDefault(key, List.of()).stream()
                .map(this::text)
                .filter(step -> !step.parts().isEmpty())
                .toList();
    }

    /** The same steps as lines. */
    public List<String> plainSteps(String key) {
        return steps(key).stream().map(Text::plain).toList();
    }

    /** The name of an outcome. */
    public Text outcome(String id) {
        Template template = entry.outcomes().get(id);
        if (template == null) {
            throw new IllegalStateException(entry.where() + ": " + entry.id() + " has no outcome “" + id + "”");
        }
        return text(template);
    }

    /** The name of a value of an enum, which has its outcome under its own name in kebab case. */
    public String name(Enum<?> value) {
        return outcome(Names.id(value)).plain();
    }

    /** The ids of the outcomes in their order. */
    public List<String> outcomes() {
        return List.copyOf(entry.outcomes().keySet());
    }

    /** What the fix of a key changes. */
    public List<Changed> changes(String key) {
        return entry.changes().getOrDefault(key, List.<Change>of()).stream()
                .map(one -> new Changed(text(one.what()), text(one.before()), text(one.after())))
                .toList();
    }

    /** Steps as they are written, for an entry that has them in common with others. */
    List<Template> stepsWritten() {
        return entry.steps().getOrDefault("", List.of());
    }

    private Text text(Template template) {
        return new Text(template, params);
    }
}

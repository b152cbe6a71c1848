package ablemedic.export;

import ablemedic.export.SettingsExport.Gathered;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.json.JsonFactory;

/** Settings in JSON: an object of names and values; the names of objects within it are joined by dots. */
final class JsonNames {
    private static final JsonFactory FACTORY = new JsonFactory();

    private JsonNames() {}

    static void read(String text, Gathered gathered) {
        Deque<String> path = new ArrayDeque<>();
        int line = 1;
        String name = "";
        try (JsonParser parser = FACTORY.createParser(ObjectReadContext.empty(), text)) {
            for (JsonToken token = parser.nextToken(); token != null; token = parser.nextToken()) {
                line = parser.currentTokenLocation().getLineNr();
                if (token == JsonToken.PROPERTY_NAME) {
                    name = parser.currentName();
                } else if (token == JsonToken.START_OBJECT) {
                    path.addLast(name);
                    name = "";
                } else if (token == JsonToken.END_OBJECT) {
                    path.removeLast();
                } else if (token == JsonToken.START_ARRAY && !path.isEmpty()) {
                    gathered.odd(line, joined(path, name), ExportWords.line("list", "name", joined(path, name)));
                    parser.skipChildren();
                } else if (token.isScalarValue()) {
                    value(line, joined(path, name), token == JsonToken.VALUE_NULL ? "" : parser.getString(), gathered);
                }
            }
        } catch (JacksonException e) {
            gathered.odd(
                    e.getLocation() == null ? line : Math.max(1, e.getLocation().getLineNr()),
                    "",
                    ExportWords.line("broken-json"));
        }
    }

    private static void value(int line, String name, String value, Gathered gathered) {
        if (SettingsExport.isName(name)) {
            gathered.entry(line, name, value);
        } else {
            gathered.odd(line, name + " = " + value, ExportWords.line("no-name", "name", name));
        }
    }

    private static String joined(Deque<String> path, String name) {
        String before = path.stream().filter(part -> !part.isEmpty()).collect(Collectors.joining("."));
        return before.isEmpty() ? name : before + "." + name;
    }
}

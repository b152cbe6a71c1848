package ablemedic.catalogue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A line of a catalogue, cut into what stands fixed and its gaps. A gap is a name in braces, {@code {sender}}, or a
 * choice by a parameter: {@code {n ? 1: one wire | more: {n} wires}}. Choices go one level deep. What can be opened is
 * named as a link, {@code [Motor map](instrument:motor-map)}.
 */
final class Template {
    private static final Pattern LINK = Pattern.compile("\\[([^]]+)]\\(([a-z]+):([a-z0-9-]+)\\)");

    private final String where;
    private final List<Piece> pieces;

    private sealed interface Piece {}

    private record Fixed(String text) implements Piece {}

    private record Gap(String name) implements Piece {}

    private record Link(Param.Thing thing) implements Piece {}

    private record Cases(String name, Map<String, Template> cases) implements Piece {}

    private Template(String where, List<Piece> pieces) {
        this.where = where;
        this.pieces = pieces;
    }

    /** @param where file and line, for whoever wrote it */
    static Template of(String text, String where) {
        List<Piece> pieces = new ArrayList<>();
        int at = 0;
        while (at < text.length()) {
            int open = text.indexOf('{', at);
            addWords(pieces, text.substring(at, open < 0 ? text.length() : open), where);
            if (open < 0) {
                break;
            }
            int close = closing(text, open, where);
            pieces.add(gap(text.substring(open + 1, close), where));
            at = close + 1;
        }
        return new Template(where, List.copyOf(pieces));
    }

    private static void addWords(List<Piece> pieces, String words, String where) {
        Matcher link = LINK.matcher(words);
        int at = 0;
        while (link.find()) {
            pieces.add(new Fixed(words.substring(at, link.start())));
            pieces.add(new Link(new Param.Thing(kind(link.group(2), where), link.group(3), link.group(1))));
            at = link.end();
        }
        if (at < words.length()) {
            pieces.add(new Fixed(words.substring(at)));
        }
    }

    private static Param.Kind kind(String name, String where) {
        return Arrays.stream(Param.Kind.values())
                .filter(kind -> Names.id(kind).equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException(where + ": a link leads to no “" + name + "”"));
    }

    private static int closing(String text, int open, String where) {
        int depth = 0;
        for (int i = open; i < text.length(); i++) {
            depth += text.charAt(i) == '{' ? 1 : text.charAt(i) == '}' ? -1 : 0;
            if (depth == 0) {
                return i;
            }
        }
        throw new IllegalStateException(where + ": a brace is not closed in “" + text + "”");
    }

    private static Piece gap(String inside, String where) {
        int asks = inside.indexOf('?');
        if (asks < 0) {
            return new Gap(named(inside, where));
        }
        Map<String, Template> cases = new LinkedHashMap<>();
        for (String one : split(inside.substring(asks + 1))) {
            int colon = one.indexOf(':');
            if (colon < 0) {
                throw new IllegalStateException(where + ": a case is “name: text”, not “" + one.strip() + "”");
            }
            String text = one.substring(colon + 1);
            cases.put(one.substring(0, colon).strip(), of(text.startsWith(" ") ? text.substring(1) : text, where));
        }
        // A blank before the bar parts it from the wording; it is not part of it.
        Map<String, Template> trimmed = new LinkedHashMap<>();
        cases.forEach((name, text) -> trimmed.put(name, text.withoutLastBlank()));
        return new Cases(named(inside.substring(0, asks), where), trimmed);
    }

    private Template withoutLastBlank() {
        if (pieces.isEmpty()
                || !(pieces.get(pieces.size() - 1) instanceof Fixed last)
                || !last.text().endsWith(" ")) {
            return this;
        }
        List<Piece> all = new ArrayList<>(pieces.subList(0, pieces.size() - 1));
        all.add(new Fixed(last.text().substring(0, last.text().length() - 1)));
        return new Template(where, all);
    }

    /** Cuts a line at the bars that stand outside of braces. */
    static List<String> split(String text) {
        List<String> parts = new ArrayList<>();
        int depth = 0;
        int from = 0;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            depth += c == '{' ? 1 : c == '}' ? -1 : 0;
            if (c == '|' && depth == 0) {
                parts.add(text.substring(from, i));
                from = i + 1;
            }
        }
        parts.add(text.substring(from));
        return parts;
    }

    private static String named(String name, String where) {
        String stripped = name.strip();
        if (!stripped.matches("[a-z][A-Za-z0-9]*")) {
            throw new IllegalStateException(where + ": “" + stripped + "” is no name of a parameter");
        }
        return stripped;
    }

    /** The parameters that it asks for. */
    Set<String> names() {
        Set<String> names = new TreeSet<>();
        for (Piece piece : pieces) {
            if (piece instanceof Gap gap) {
                names.add(gap.name());
            } else if (piece instanceof Cases cases) {
                names.add(cases.name());
                cases.cases().values().forEach(one -> names.addAll(one.names()));
            }
        }
        return names;
    }

    /** The text in stretches; neighbours that are only words are one. */
    List<Param> parts(Map<String, Param> params) {
        List<Param> parts = new ArrayList<>();
        for (Piece piece : pieces) {
            if (piece instanceof Fixed fixed) {
                add(parts, new Param.Written(fixed.text()));
            } else if (piece instanceof Link link) {
                add(parts, link.thing());
            } else if (piece instanceof Gap gap) {
                Param param = param(gap.name(), params);
                if (param instanceof Param.Nested nested) {
                    nested.text().parts().forEach(one -> add(parts, one));
                } else {
                    add(parts, isOnlyWords(param) ? new Param.Written(param.plain()) : param);
                }
            } else if (piece instanceof Cases cases) {
                chosen(cases, params).parts(params).forEach(one -> add(parts, one));
            }
        }
        return parts;
    }

    private static boolean isOnlyWords(Param param) {
        return param instanceof Param.Count || param instanceof Param.Choice;
    }

    /** Adds a stretch; words behind words are one. */
    static void add(List<Param> parts, Param part) {
        int last = parts.size() - 1;
        if (last >= 0 && parts.get(last) instanceof Param.Written before && part instanceof Param.Written words) {
            parts.set(last, new Param.Written(before.text() + words.text()));
        } else if (!part.plain().isEmpty()) {
            parts.add(part);
        }
    }

    private Param param(String name, Map<String, Param> params) {
        Param param = params.get(name);
        if (param == null) {
            throw new IllegalStateException(where + ": no parameter named " + name + " is given");
        }
        return param;
    }

    private Template chosen(Cases cases, Map<String, Param> params) {
        String key = param(cases.name(), params).plain();
        Template chosen = cases.cases().getOrDefault(key, cases.cases().get("more"));
        if (chosen == null) {
            throw new IllegalStateException(where + ": nothing is said for " + cases.name() + " " + key);
        }
        return chosen;
    }
}

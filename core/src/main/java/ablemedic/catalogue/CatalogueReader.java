package ablemedic.catalogue;

import ablemedic.catalogue.Entry.Change;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads one file of a catalogue. */
final class CatalogueReader {
    private static final Pattern HEADING = Pattern.compile("###? +([a-z0-9-]+)(?: *\\| *(.+))?");
    private static final Pattern LINE = Pattern.compile("([a-z-]+(?: [a-z0-9-]+)?): (.+)");
    private static final Pattern OUTCOME = Pattern.compile("= ([A-Za-z0-9_-]+): (.+)");
    private static final String SHARED = "> ";
    private static final int CHANGE_PARTS = 3;

    private final String file;
    private final Catalogue shared;
    private final List<Entry> entries = new ArrayList<>();
    private Entry entry;
    /** The line that steps belong to. */
    private String key = "";
    /** Whether the page of the entry has begun. */
    private boolean page;
    /** Whether the next line of the page begins a paragraph. */
    private boolean paragraph;

    CatalogueReader(String file, Catalogue shared) {
        this.file = file;
        this.shared = shared;
    }

    List<Entry> entries(String text) {
        int number = 0;
        for (String line : text.split("\n", -1)) {
            number++;
            take(line.strip(), file + ":" + number);
        }
        return entries;
    }

    /** Whether a line of an entry belongs to its words and not to its page. */
    private static boolean isOfWords(String line) {
        return line.startsWith("- ")
                || line.startsWith("= ")
                || LINE.matcher(line).matches();
    }

    private void take(String line, String where) {
        Matcher heading = HEADING.matcher(line);
        if (line.startsWith("#")) {
            if (!heading.matches()) {
                throw new IllegalStateException(where + ": a heading is “## id | Title”, not “" + line + "”");
            }
            entry = new Entry(
                    heading.group(1),
                    where,
                    Optional.ofNullable(heading.group(2)).orElse(""),
                    new ArrayList<>(),
                    new LinkedHashMap<>(),
                    new LinkedHashMap<>(),
                    new LinkedHashMap<>(),
                    new LinkedHashMap<>());
            entries.add(entry);
            key = "";
            page = false;
            paragraph = true;
        } else if (line.isEmpty()) {
            page = true;
            paragraph = true;
        } else if (entry == null) {
            throw new IllegalStateException(where + ": “" + line + "” stands before the first heading");
        } else if (page || !isOfWords(line)) {
            page = true;
            pageLine(line);
        } else {
            word(line, where);
        }
    }

    /** A line of the page: lines of a paragraph are one. */
    private void pageLine(String line) {
        List<String> paragraphs = entry.page();
        String text = line.replaceAll("\\s+", " ");
        if (paragraph) {
            paragraphs.add(text);
        } else {
            int last = paragraphs.size() - 1;
            paragraphs.set(last, paragraphs.get(last) + " " + text);
        }
        paragraph = false;
    }

    private void word(String line, String where) {
        Matcher outcome = OUTCOME.matcher(line);
        if (line.startsWith("= ") && !outcome.matches()) {
            throw new IllegalStateException(where + ": an outcome is “= id: name”, not “" + line + "”");
        } else if (line.startsWith("- ")) {
            step(line.substring(2), where);
        } else if (outcome.matches()) {
            once(entry.outcomes(), outcome.group(1), outcome.group(2), where);
        } else {
            Matcher named = LINE.matcher(line);
            if (!named.matches()) {
                throw new IllegalStateException(where + ": “" + line + "” is no line of an entry");
            }
            if (named.group(1).equals("changes")) {
                change(named.group(2), where);
            } else {
                key = named.group(1);
                once(entry.lines(), key, named.group(2), where);
            }
        }
    }

    private static void once(Map<String, Template> into, String key, String text, String where) {
        if (into.put(key, Template.of(text, where)) != null) {
            throw new IllegalStateException(where + ": " + key + " stands twice");
        }
    }

    private void step(String text, String where) {
        List<Template> steps = entry.steps().computeIfAbsent(key, k -> new ArrayList<>());
        if (text.startsWith(SHARED)) {
            steps.addAll(shared.of(text.substring(SHARED.length()).strip()).stepsWritten());
        } else {
            steps.add(Template.of(text, where));
        }
    }

    private void change(String text, String where) {
        List<String> parts = Template.split(text);
        if (parts.size() != CHANGE_PARTS) {
            throw new IllegalStateException(where + ": a change is “what | before | after”, not “" + text + "”");
        }
        entry.changes()
                .computeIfAbsent(key, k -> new ArrayList<>())
                .add(new Change(
                        Template.of(parts.get(0).strip(), where),
                        Template.of(parts.get(1).strip(), where),
                        Template.of(parts.get(2).strip(), where)));
    }
}

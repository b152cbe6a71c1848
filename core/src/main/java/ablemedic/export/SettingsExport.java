package ablemedic.export;

import ablemedic.catalogue.Rejected;
import ablemedic.protocol.MavlinkParameters;
import ablemedic.protocol.MavlinkParameters.Parameter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A settings export of settings as it was read.
 *
 * @param encoding how its bytes stand for letters
 * @param entries each name once, in the order of the lines; of a name that comes again the last line counts, as it does
 *     on a board
 * @param odd lines that are no setting, each with the reason; they are kept in the file, and the first
 *     {@value #MOST_ODD} are told
 * @param oddLines how many such lines there are
 */
public record SettingsExport(ExportForm form, String encoding, List<Entry> entries, List<Odd> odd, int oddLines) {
    /** The longest settings export that is read, bytes. */
    public static final int LONGEST = 8 * 1024 * 1024;
    /** The most lines, or names, that one has; a board has some hundreds. */
    public static final int MOST_LINES = 20_000;

    static final int MOST_ODD = 200;
    private static final int SHOWN = 80;

    public SettingsExport {
        entries = List.copyOf(entries);
        odd = List.copyOf(odd);
    }

    /** A setting: its line, or its packet, counts from 1. */
    public record Entry(int line, String name, String value) {}

    /** A line that is no setting, or no longer one. */
    public record Odd(int line, String text, String why) {}

    /**
     * Reads a settings export in any form and encoding.
     *
     * @throws Rejected where it holds no setting at all
     */
    public static SettingsExport read(byte[] file) {
        if (file.length > LONGEST) {
            throw new Rejected(
                    "file",
                    ExportWords.FILE
                            .with("most", String.valueOf(LONGEST / 1024 / 1024))
                            .with("given", String.valueOf((file.length + 1024 * 1024 - 1) / 1024 / 1024))
                            .line("too-long"));
        }
        List<Parameter> told = MavlinkParameters.of(file);
        if (!told.isEmpty()) {
            Gathered gathered = new Gathered();
            told.forEach(one -> gathered.entry(one.packet(), one.name(), one.value()));
            return gathered.as(ExportForm.MESSAGES, "packets");
        }
        Decoded decoded = Decoded.of(file);
        ExportForm form = FormDetection.text(decoded.text());
        Gathered gathered = new Gathered();
        switch (form) {
            case LINES -> NameValueLines.read(decoded.text(), gathered);
            case TABLE -> TableOfNames.read(decoded.text(), gathered);
            case JSON -> JsonNames.read(decoded.text(), gathered);
            case PARAMETERS -> ParameterLines.read(decoded.text(), gathered);
            case MESSAGES -> throw new IllegalStateException("packets are no text");
        }
        SettingsExport export = gathered.as(form, decoded.encoding());
        if (export.entries.isEmpty()) {
            throw new Rejected(
                    "file",
                    export.odd.stream()
                            .findFirst()
                            .map(o -> ExportWords.FILE
                                    .with("line", String.valueOf(o.line()))
                                    .with("why", o.why())
                                    .line("no-setting-since"))
                            .orElse(ExportWords.FILE.line("no-setting")));
        }
        return export;
    }

    /** What stands for a kept file that can't be read any more. */
    public static SettingsExport unreadable(String why) {
        return new SettingsExport(ExportForm.LINES, "", List.of(), List.of(new Odd(1, "", why)), 1);
    }

    /** Whether a text could be the name of a setting. */
    public static boolean isName(String text) {
        return NameValueLines.NAME.matcher(text).matches();
    }

    /** What a name is set to. */
    public Optional<String> value(String name) {
        return entries.stream()
                .filter(entry -> entry.name().equals(name))
                .map(Entry::value)
                .findFirst();
    }

    /** Entries and odd lines as the readers come upon them. */
    static final class Gathered {
        private final Map<String, Entry> entries = new LinkedHashMap<>();
        private final List<Odd> odd = new ArrayList<>();
        private int oddLines;
        private int lines;

        private void count() {
            if (++lines > MOST_LINES) {
                throw new Rejected(
                        "file",
                        ExportWords.FILE
                                .with("most", String.valueOf(MOST_LINES))
                                .line("too-many-lines"));
            }
        }

        void entry(int line, String name, String value) {
            count();
            Entry before = entries.remove(name);
            if (before != null) {
                odd(
                        before.line(),
                        before.name() + " = " + before.value(),
                        ExportWords.LINE
                                .with("name", shown(name))
                                .with("line", String.valueOf(line))
                                .line("again")
                                .plain());
            }
            entries.put(name, new Entry(line, name, value));
        }

        void odd(int line, String text, String why) {
            count();
            oddLines++;
            if (odd.size() < MOST_ODD) {
                odd.add(new Odd(line, shown(text), why));
            }
        }

        private static String shown(String text) {
            String plain = text.replaceAll("\\p{Cntrl}", "·");
            return plain.length() <= SHOWN ? plain : plain.substring(0, SHOWN) + "…";
        }

        SettingsExport as(ExportForm form, String encoding) {
            return new SettingsExport(
                    form,
                    encoding,
                    List.copyOf(entries.values()),
                    odd.stream()
                            .sorted((a, b) -> Integer.compare(a.line(), b.line()))
                            .toList(),
                    oddLines);
        }
    }
}

package ablemedic.export;

import ablemedic.export.SettingsExport.Gathered;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Lines of {@code name = value}, often with a word such as {@code set} before. */
final class NameValueLines {
    /** A name as firmwares have them; a longer line than {@link #LONGEST} is none that a board writes. */
    static final Pattern NAME = Pattern.compile("[\\p{Alnum}_][\\p{Alnum}_.:\\[\\]/-]{0,79}");

    private static final int LONGEST = 2000;
    private static final Pattern LINE =
            Pattern.compile("(?:\\p{Alpha}+\\s+)?(" + NAME.pattern() + ")\\s*=\\s*(.*?)\\s*");
    private static final Pattern CONTROL = Pattern.compile("[\\p{Cntrl}&&[^\\t]]");

    private NameValueLines() {}

    static void read(String text, Gathered gathered) {
        int number = 0;
        for (String whole : (Iterable<String>) text.lines()::iterator) {
            number++;
            String line = whole.strip();
            if (line.isEmpty() || isRemark(line)) {
                continue;
            }
            Matcher matcher = line.length() <= LONGEST ? LINE.matcher(line) : LINE.matcher("");
            if (CONTROL.matcher(line).find()) {
                gathered.odd(number, line, ExportWords.line("control"));
            } else if (line.length() > LONGEST) {
                gathered.odd(number, line, ExportWords.line("too-long", "most", LONGEST));
            } else if (matcher.matches()) {
                gathered.entry(number, matcher.group(1), matcher.group(2));
            } else {
                gathered.odd(number, line, ExportWords.line("no-pair"));
            }
        }
    }

    static boolean isRemark(String line) {
        return line.startsWith("#") || line.startsWith("//") || line.startsWith(";");
    }
}

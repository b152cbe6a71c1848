package ablemedic.export;

import ablemedic.export.SettingsExport.Gathered;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The columns of a parameter file as ground stations write it: system, component, name, value and type. */
final class ParameterLines {
    static final Pattern LINE = Pattern.compile(
            "\\d{1,3}[\\t ]+\\d{1,3}[\\t ]+(" + NameValueLines.NAME.pattern() + ")[\\t ]+(\\S+)[\\t ]+\\d{1,2}");

    private ParameterLines() {}

    static void read(String text, Gathered gathered) {
        int number = 0;
        for (String whole : (Iterable<String>) text.lines()::iterator) {
            number++;
            String line = whole.strip();
            if (line.isEmpty() || NameValueLines.isRemark(line)) {
                continue;
            }
            Matcher matcher = LINE.matcher(line);
            if (matcher.matches()) {
                gathered.entry(number, matcher.group(1), matcher.group(2));
            } else {
                gathered.odd(number, line, ExportWords.line("no-parameter"));
            }
        }
    }
}

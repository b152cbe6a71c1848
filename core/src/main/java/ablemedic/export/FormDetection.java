package ablemedic.export;

import java.util.List;
import java.util.function.Predicate;
import java.util.regex.Pattern;

/** Tells in which form a text is written, by its first lines. */
final class FormDetection {
    private static final int LOOKED_AT = 200;
    private static final Pattern SEPARATED = Pattern.compile("[^=]*[,;\\t][^=]*");

    private FormDetection() {}

    static ExportForm text(String text) {
        String begins = text.stripLeading();
        if (begins.startsWith("{")) {
            return ExportForm.JSON;
        }
        List<String> lines = text.lines()
                .map(String::strip)
                .filter(line -> !line.isEmpty() && !NameValueLines.isRemark(line))
                .limit(LOOKED_AT)
                .toList();
        if (most(lines, line -> ParameterLines.LINE.matcher(line).matches())) {
            return ExportForm.PARAMETERS;
        }
        return most(lines, line -> SEPARATED.matcher(line).matches()) ? ExportForm.TABLE : ExportForm.LINES;
    }

    private static boolean most(List<String> lines, Predicate<String> like) {
        return !lines.isEmpty() && 2 * lines.stream().filter(like).count() > lines.size();
    }
}

package ablemedic.app.http;

import java.util.Locale;
import java.util.Set;

/** The name under which something that came from outside is saved again. */
public final class DownloadName {
    /** What a computer opens as a page or runs when somebody double-clicks it. */
    private static final Set<String> OPENED = Set.of(
            "html", "htm", "xhtml", "xht", "shtml", "mht", "mhtml", "svg", "xml", "xsl", "js", "mjs", "vbs", "hta",
            "exe", "com", "bat", "cmd", "ps1", "msi", "scr", "jar", "sh", "desktop", "lnk", "url", "app", "command");

    private static final int LONGEST = 100;

    private DownloadName() {}

    /**
     * A name of plain letters, of a file that nothing opens but as text where its ending says otherwise; never empty.
     */
    public static String of(String name, String otherwise) {
        String file = name.substring(Math.max(name.lastIndexOf('/'), name.lastIndexOf('\\')) + 1)
                .replaceAll("[^A-Za-z0-9._ -]", "_")
                .strip()
                .replaceAll("^\\.+|[. ]+$", "");
        String plain = file.matches("[_ .-]*") ? otherwise : file.substring(Math.max(0, file.length() - LONGEST));
        String ending = plain.substring(plain.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        return OPENED.contains(ending) ? plain + ".txt" : plain;
    }

    /** The header that says so. */
    public static String attachment(String name, String otherwise) {
        return "attachment; filename=\"" + of(name, otherwise) + "\"";
    }
}

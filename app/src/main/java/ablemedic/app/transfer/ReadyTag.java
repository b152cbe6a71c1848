package ablemedic.app.transfer;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import io.nayuki.qrcodegen.QrCode;
import java.util.List;

/** A label that says which craft this is; its code opens the chart. A drawing of 90 by 40 millimetres. */
final class ReadyTag {
    private static final Words SAID = Catalogue.beside(ReadyTag.class, "words").of("ready-tag");
    private static final int QUIET = 4;

    private ReadyTag() {}

    /**
     * The label as SVG.
     *
     * @param chart address of the chart
     * @param state what is said of the craft, such as fit to fly
     * @param unknowns what is not known of it, or may be meant
     */
    static String svg(String craftId, String name, String state, List<String> unknowns, String day, String chart) {
        QrCode code = QrCode.encodeText(chart, QrCode.Ecc.MEDIUM);
        int side = code.size + 2 * QUIET;
        StringBuilder dark = new StringBuilder();
        for (int y = 0; y < code.size; y++) {
            for (int x = 0; x < code.size; x++) {
                if (code.getModule(x, y)) {
                    dark.append('M')
                            .append(x + QUIET)
                            .append(',')
                            .append(y + QUIET)
                            .append("h1v1h-1z");
                }
            }
        }
        return """
        <svg xmlns="http://www.w3.org/2000/svg" width="90mm" height="40mm" viewBox="0 0 900 400" role="img">
        <title>%s</title>
        <rect width="900" height="400" fill="#fff"/>
        <svg x="10" y="10" width="380" height="380" viewBox="0 0 %d %d" shape-rendering="crispEdges"><path d="%s" fill="#000"/></svg>
        <g font-family="sans-serif" fill="#000">
        <text x="410" y="120" font-size="84" font-weight="bold" textLength="%d" lengthAdjust="spacingAndGlyphs">%s</text>
        <text x="410" y="180" font-size="32">%s</text>
        <text x="410" y="300" font-size="44" font-weight="bold">%s</text>
        <text x="410" y="340" font-size="30">%s</text>
        <text x="410" y="378" font-size="20">%s</text>
        </g>
        </svg>
        """.formatted(
                        escaped(SAID.with("craft", craftId).line("title").plain()),
                        side,
                        side,
                        dark,
                        Math.min(470, 56 * craftId.length()),
                        escaped(craftId),
                        escaped(name.length() > 30 ? name.substring(0, 29) + "…" : name),
                        escaped(state),
                        escaped(day),
                        escaped(unknown(unknowns)));
    }

    /** What a label has room for of what is not known. */
    private static String unknown(List<String> unknowns) {
        if (unknowns.isEmpty()) {
            return "";
        }
        String first = unknowns.get(0);
        return SAID.with("what", (first.length() > 38 ? first.substring(0, 37) + "…" : first))
                        .line("unknown")
                        .plain()
                + (unknowns.size() > 1 ? " +" + (unknowns.size() - 1) : "");
    }

    /** A text as it stands in a drawing. */
    static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}

package ablemedic.app.transfer;

import ablemedic.app.chart.PowerMap;
import ablemedic.app.chart.PowerMap.Box;
import ablemedic.app.chart.PowerMap.Spot;
import ablemedic.app.chart.PowerMap.WireRun;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.util.List;
import java.util.Locale;

/**
 * Parts and wires of a craft as a drawing of its own, laid out as on its chart; each wire bears its name for whoever
 * points at it.
 */
final class WiringDrawing {
    private static final Words SAID =
            Catalogue.beside(WiringDrawing.class, "words").of("wiring-drawing");
    private static final double PAD = 5;
    private static final double LETTERS = 13;
    /** From a pad to its name, inside the part. */
    private static final double AWAY = 12;

    private WiringDrawing() {}

    /** The drawing as SVG. */
    static String svg(String craftId, PowerMap map) {
        StringBuilder all = new StringBuilder(String.format(
                Locale.ROOT,
                """
        <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %.1f %.1f" role="img">
        <title>%s</title>
        <g fill="none" stroke="#222" stroke-width="1.5" font-family="sans-serif" font-size="%.0f">
        """,
                map.width(),
                map.height(),
                ReadyTag.escaped(SAID.with("craft", craftId).line("title").plain()),
                LETTERS));
        map.wires().forEach(wire -> all.append(wire(wire)));
        map.boxes().forEach(box -> all.append(box(box)));
        map.points().stream().filter(Spot::pad).forEach(pad -> all.append(pad(pad)));
        return all.append("</g>\n</svg>\n").toString();
    }

    private static String wire(WireRun wire) {
        StringBuilder path = new StringBuilder();
        List<Double> corners = wire.corners();
        for (int i = 0; i + 1 < corners.size(); i += 2) {
            path.append(
                    String.format(Locale.ROOT, "%s%.1f,%.1f", i == 0 ? "M" : " L", corners.get(i), corners.get(i + 1)));
        }
        return String.format(
                Locale.ROOT, "<path d=\"%s\"><title>%s</title></path>%n", path, ReadyTag.escaped(wire.label()));
    }

    private static String box(Box box) {
        return String.format(
                Locale.ROOT,
                """
        <rect x="%.1f" y="%.1f" width="%.1f" height="%.1f" fill="#fff"/>
        <text x="%.1f" y="%.1f" fill="#222" stroke="none" text-anchor="middle" font-weight="bold">%s</text>
        """,
                box.x(),
                box.y(),
                box.width(),
                box.height(),
                box.x() + box.width() / 2,
                box.y() + LETTERS * 1.4,
                ReadyTag.escaped(box.label()));
    }

    private static String pad(Spot pad) {
        return String.format(
                Locale.ROOT,
                """
        <circle cx="%.1f" cy="%.1f" r="%.1f" fill="#fff"/>
        <text x="%.1f" y="%.1f" fill="#222" stroke="none" text-anchor="%s">%s</text>
        """,
                pad.x(),
                pad.y(),
                PAD,
                pad.right() ? pad.x() - AWAY : pad.x() + AWAY,
                pad.y() + LETTERS / 3,
                pad.right() ? "end" : "start",
                ReadyTag.escaped(pad.name()));
    }
}

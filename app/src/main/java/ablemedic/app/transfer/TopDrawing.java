package ablemedic.app.transfer;

import ablemedic.app.chart.CraftDrawing;
import ablemedic.app.chart.CraftDrawing.Drive;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.craft.Spin;
import java.util.Locale;

/** A craft from above as a drawing of its own, front up; lengths are millimetres of the craft. */
final class TopDrawing {
    private static final Words SAID =
            Catalogue.beside(TopDrawing.class, "words").of("top-drawing");
    private static final double MARGIN = 20;
    private static final double LABEL = 0.072;

    private TopDrawing() {}

    /** The drawing as SVG. */
    static String svg(String craftId, CraftDrawing drawing) {
        double reach = drawing.drives().stream()
                        .mapToDouble(one ->
                                Math.max(Math.abs(one.forwardMm()), Math.abs(one.rightMm())) + one.propDiameterMm() / 2)
                        .max()
                        .orElse(1)
                + MARGIN;
        double letters = LABEL * reach;
        StringBuilder all = new StringBuilder(String.format(
                Locale.ROOT,
                """
        <svg xmlns="http://www.w3.org/2000/svg" viewBox="%1$.1f %1$.1f %2$.1f %2$.1f" role="img">
        <title>%3$s</title>
        <g fill="none" stroke="#222" stroke-width="%4$.1f" font-family="sans-serif" font-size="%5$.1f" text-anchor="middle">
        """,
                -reach,
                2 * reach,
                ReadyTag.escaped(SAID.with("craft", craftId).line("title").plain()),
                reach / 90,
                letters));
        for (Drive one : drawing.drives()) {
            double x = one.rightMm();
            double y = -one.forwardMm();
            all.append(String.format(
                    Locale.ROOT,
                    """
          <line x1="0" y1="0" x2="%1$.1f" y2="%2$.1f"/>
          <circle cx="%1$.1f" cy="%2$.1f" r="%3$.1f" stroke-dasharray="4 4"/>
          <text x="%1$.1f" y="%4$.1f" fill="#222" stroke="none">%5$s, motor %6$d, %7$s</text>
          """,
                    x,
                    y,
                    one.propDiameterMm() / 2,
                    y + (y < 0 ? -letters / 2 : letters * 1.4),
                    one.shortName(),
                    one.motor(),
                    one.spin() == Spin.CLOCKWISE ? "cw" : "ccw"));
        }
        all.append(String.format(
                Locale.ROOT,
                "<g transform=\"rotate(%.0f)\"><path d=\"M0,%.1f L0,%.1f M%.1f,%.1f L0,%.1f L%.1f,%.1f\"%s/></g>\n",
                drawing.arrowDeg(),
                reach / 10,
                -reach / 10,
                -reach / 25,
                -reach / 18,
                -reach / 10,
                reach / 25,
                -reach / 18,
                drawing.faceDown() ? " stroke-dasharray=\"6 4\"" : ""));
        return all.append("</g>\n</svg>\n").toString();
    }
}

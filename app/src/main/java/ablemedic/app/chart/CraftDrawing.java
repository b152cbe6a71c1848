package ablemedic.app.chart;

import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.FrameShape;
import ablemedic.craft.Point;
import ablemedic.craft.Spin;
import java.util.List;

/**
 * What the top view of a craft shows.
 *
 * @param arrowDeg where the arrow on the board points, degrees clockwise from the front
 * @param faceDown whether the board's arrow is on its under side
 */
public record CraftDrawing(
        FrameShape shape, List<Drive> drives, double arrowDeg, boolean faceDown, String outputOrder, String numbering) {

    /**
     * A motor on the drawing.
     *
     * @param motor the number the firmware gives it
     * @param output the board output it is wired to
     */
    public record Drive(
            Corner corner,
            String name,
            String shortName,
            double forwardMm,
            double rightMm,
            double propDiameterMm,
            Spin spin,
            String spinLabel,
            int motor,
            int output) {}

    public static CraftDrawing of(Craft craft) {
        List<Drive> drives =
                Corner.ALL.stream().map(corner -> drive(craft, corner)).toList();
        double[] arrow = craft.mounted().turn(new double[] {1, 0, 0});
        boolean faceDown = craft.mounted().at(2, 2) < 0;
        return new CraftDrawing(
                craft.airframe().shape(),
                drives,
                Math.toDegrees(Math.atan2(arrow[1], arrow[0])),
                faceDown,
                craft.configuration().said(FcSettings.OUTPUT_ORDER),
                craft.configuration().said(FcSettings.NUMBERING));
    }

    private static Drive drive(Craft craft, Corner corner) {
        FrameShape shape = craft.airframe().shape();
        Point p = craft.airframe().motor(corner);
        Spin spin = craft.arm(corner).motor().spin();
        return new Drive(
                corner,
                shape.name(corner),
                shape.shortName(corner),
                p.forwardMm(),
                p.rightMm(),
                craft.airframe().propDiameterMm(),
                spin,
                spin.shortLabel(),
                craft.motor(corner),
                craft.outputAt(corner));
    }
}

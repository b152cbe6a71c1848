package ablemedic.craft;

import ablemedic.catalogue.Names;
import ablemedic.configuration.Configuration;
import ablemedic.wiring.Electrics;
import java.util.List;

/**
 * Usual crafts to start from, named by prop size. Sizes and weights are common practice; the build sheet of the craft
 * at hand replaces them.
 */
public enum CraftClass {
    INCH_3(FrameShape.X, new Point(60, 60), 210, 14, 76, 5),
    INCH_5(FrameShape.X, new Point(85, 85), 620, 38, 127, 6),
    INCH_5_STRETCHED(FrameShape.STRETCHED, new Point(100, 78), 640, 38, 127, 6),
    INCH_7(FrameShape.X, new Point(115, 115), 950, 52, 178, 4),
    INCH_10(FrameShape.X, new Point(160, 160), 1900, 105, 254, 2.6),
    INCH_5_PLUS(FrameShape.PLUS, new Point(115, 115), 700, 40, 127, 4);

    private final Airframe airframe;

    CraftClass(FrameShape shape, Point reach, double massG, double motorMassG, double propMm, double thrust) {
        double forwardMm = reach.forwardMm();
        double rightMm = reach.rightMm();
        List<Point> motors = shape == FrameShape.PLUS
                ? List.of(
                        new Point(forwardMm, 0),
                        new Point(0, rightMm),
                        new Point(-forwardMm, 0),
                        new Point(0, -rightMm))
                : List.of(
                        new Point(forwardMm, rightMm),
                        new Point(-forwardMm, rightMm),
                        new Point(-forwardMm, -rightMm),
                        new Point(forwardMm, -rightMm));
        this.airframe = new Airframe(shape, motors, massG, motorMassG, propMm, new Point(0, 0), thrust);
    }

    public String label() {
        return Names.of(this);
    }

    public Airframe airframe() {
        return airframe;
    }

    /** A sound craft of this class, wired, mounted and told alike. */
    public Craft sound(SpinConvention spins, MotorNumbering numbering, Rotation mounted) {
        return sound(airframe, spins, numbering, mounted, FlightMode.RATE);
    }

    /** A sound craft on any airframe, its outputs wired as the firmware numbers them. */
    public static Craft sound(
            Airframe airframe, SpinConvention spins, MotorNumbering numbering, Rotation mounted, FlightMode mode) {
        List<Arm> arms =
                Corner.ALL.stream().map(corner -> Arm.good(spins.at(corner))).toList();
        List<Corner> wiring = java.util.stream.IntStream.rangeClosed(1, 4)
                .mapToObj(numbering::corner)
                .toList();
        Configuration told = Configuration.USUAL
                .with(FcSettings.NUMBERING, numbering)
                .with(FcSettings.SPINS, spins)
                .with(FcSettings.ALIGNMENT, mounted)
                .with(FcSettings.MODE, mode);
        return new Craft(airframe, arms, wiring, BoardMount.firm(mounted), told, Electrics.NONE);
    }
}

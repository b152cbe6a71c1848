package ablemedic.parts;

import ablemedic.wiring.Gauge;
import ablemedic.wiring.InnerCircuit.Picture.Role;
import ablemedic.wiring.Part;
import ablemedic.wiring.VideoPath;
import ablemedic.wiring.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Runs the picture of a sheet from camera to transmitter, through what draws figures into it where there is such a
 * part.
 */
final class VideoWires {
    private static final Gauge THIN = new Gauge(28);
    private static final double LENGTH_MM = 80;

    private VideoWires() {}

    /** All wires of a sheet, with those of the picture that its parts make possible and that were not there yet. */
    static List<Wire> run(List<Part> parts, List<Wire> before) {
        Optional<Part> camera = VideoPath.partOf(parts, Role.CAMERA);
        Optional<Part> overlay = VideoPath.partOf(parts, Role.OVERLAY);
        Optional<Part> transmitter = VideoPath.partOf(parts, Role.TRANSMITTER);
        List<Wire> wires = new ArrayList<>(before);
        if (camera.isPresent() && transmitter.isPresent()) {
            List<Part> way = new ArrayList<>(List.of(camera.get()));
            overlay.ifPresent(way::add);
            way.add(transmitter.get());
            for (int i = 0; i + 1 < way.size(); i++) {
                add(
                        wires,
                        way.get(i).address(VideoPath.pictureOf(way.get(i)).gives()),
                        way.get(i + 1)
                                .address(VideoPath.pictureOf(way.get(i + 1)).takes()));
            }
        }
        return wires;
    }

    private static void add(List<Wire> wires, String from, String to) {
        if (wires.stream()
                .noneMatch(wire -> List.of(from, to).contains(wire.from())
                        || List.of(from, to).contains(wire.to()))) {
            wires.add(new Wire(from, to, THIN, LENGTH_MM, false));
        }
    }
}

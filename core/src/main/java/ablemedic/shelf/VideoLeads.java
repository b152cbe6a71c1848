package ablemedic.shelf;

import ablemedic.electrics.Gauge;
import ablemedic.electrics.Inner.Picture.Role;
import ablemedic.electrics.Lead;
import ablemedic.electrics.Part;
import ablemedic.electrics.VideoPath;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Runs the picture of a sheet from camera to transmitter, through what draws figures into it where there is such a
 * part.
 */
final class VideoLeads {
    private static final Gauge THIN = new Gauge(28);
    private static final double LENGTH_MM = 80;

    private VideoLeads() {}

    /** All leads of a sheet, with those of the picture that its parts make possible and that were not there yet. */
    static List<Lead> run(List<Part> parts, List<Lead> before) {
        Optional<Part> camera = VideoPath.partOf(parts, Role.CAMERA);
        Optional<Part> overlay = VideoPath.partOf(parts, Role.OVERLAY);
        Optional<Part> transmitter = VideoPath.partOf(parts, Role.TRANSMITTER);
        List<Lead> leads = new ArrayList<>(before);
        if (camera.isPresent() && transmitter.isPresent()) {
            List<Part> way = new ArrayList<>(List.of(camera.get()));
            overlay.ifPresent(way::add);
            way.add(transmitter.get());
            for (int i = 0; i + 1 < way.size(); i++) {
                add(
                        leads,
                        way.get(i).address(VideoPath.pictureOf(way.get(i)).gives()),
                        way.get(i + 1)
                                .address(VideoPath.pictureOf(way.get(i + 1)).takes()));
            }
        }
        return leads;
    }

    private static void add(List<Lead> leads, String from, String to) {
        if (leads.stream()
                .noneMatch(lead -> List.of(from, to).contains(lead.from())
                        || List.of(from, to).contains(lead.to()))) {
            leads.add(new Lead(from, to, THIN, LENGTH_MM, false));
        }
    }
}

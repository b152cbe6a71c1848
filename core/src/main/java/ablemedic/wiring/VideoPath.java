package ablemedic.wiring;

import ablemedic.wiring.InnerCircuit.Picture;
import ablemedic.wiring.InnerCircuit.Picture.Role;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The way of the picture on a sheet: what makes it, what draws figures into it, what sends it, and the wires between
 * them. A hop whose wire is not entered is there all the same, and nothing is known of it.
 *
 * @param camera that makes the picture; none where nothing is entered, or where an air unit brings its own
 * @param overlay that draws figures into it on the way
 * @param sender that sends it through the air
 */
public record VideoPath(Optional<Part> camera, Optional<Part> overlay, Part sender, List<Hop> hops) {

    /**
     * From pad to pad.
     *
     * @param wire none where none is entered
     * @param far the end of it that may sit on another pad than it should
     * @param links that the wire is made of
     */
    public record Hop(String from, String to, Optional<Wire> wire, String far, List<String> links) {
        /** Whether the wire lies on another pad than it should. */
        public boolean isMoved(Electrics electrics) {
            return wire.filter(one -> !electrics.movedTo(one.id(), far).equals(far))
                    .isPresent();
        }
    }

    public VideoPath {
        hops = List.copyOf(hops);
    }

    /** That of a craft; nothing where no part sends a picture. */
    public static Optional<VideoPath> of(Electrics electrics) {
        List<Part> parts = electrics.sheet().parts();
        Optional<Part> unit = partOf(parts, Role.AIR_UNIT);
        if (unit.isPresent()) {
            return Optional.of(new VideoPath(Optional.empty(), Optional.empty(), unit.get(), List.of()));
        }
        return partOf(parts, Role.TRANSMITTER).map(sender -> {
            Optional<Part> camera = partOf(parts, Role.CAMERA);
            Optional<Part> overlay = inLine(electrics, camera, sender);
            List<Part> way = new ArrayList<>();
            camera.ifPresent(way::add);
            overlay.ifPresent(way::add);
            way.add(sender);
            List<Hop> hops = new ArrayList<>();
            for (int i = 0; i + 1 < way.size(); i++) {
                hops.add(hop(
                        electrics,
                        way.get(i).address(pictureOf(way.get(i)).gives()),
                        way.get(i + 1).address(pictureOf(way.get(i + 1)).takes())));
            }
            return new VideoPath(camera, overlay, sender, hops);
        });
    }

    /**
     * What draws figures: the part that the wires go through, or else the likeliest, unless the sheet has the camera go
     * past it.
     */
    private static Optional<Part> inLine(Electrics electrics, Optional<Part> camera, Part sender) {
        List<Part> parts = electrics.sheet().parts();
        String to = sender.address(pictureOf(sender).takes());
        Optional<Part> joined = parts.stream()
                .filter(part ->
                        picture(part).filter(one -> one.role() == Role.OVERLAY).isPresent())
                .filter(part -> hop(electrics, part.address(pictureOf(part).gives()), to)
                        .wire()
                        .isPresent())
                .findFirst();
        return joined.or(() -> partOf(parts, Role.OVERLAY))
                .filter(part -> camera.isEmpty()
                        || hop(
                                        electrics,
                                        camera.get()
                                                .address(pictureOf(camera.get()).gives()),
                                        to)
                                .wire()
                                .isEmpty());
    }

    private static Hop hop(Electrics electrics, String from, String to) {
        Optional<Wire> wire = electrics.sheet().wires().stream()
                .filter(one -> one.from().equals(from) && one.to().equals(to)
                        || one.from().equals(to) && one.to().equals(from))
                .findFirst();
        return new Hop(
                from,
                to,
                wire,
                wire.map(electrics.wiring()::farEnd).orElse(""),
                wire.map(one -> electrics.wiring().links().stream()
                                .filter(link -> link.wireId().equals(one.id()))
                                .map(Wiring.Link::id)
                                .toList())
                        .orElse(List.of()));
    }

    /** The part of a role among some: the first that is there for nothing else, before what an FC does besides. */
    public static Optional<Part> partOf(List<Part> parts, Role role) {
        return parts.stream()
                .filter(part -> picture(part).filter(one -> one.role() == role).isPresent())
                .min(Comparator.comparing(part -> part.archetype().kind() == Archetype.Kind.BOARD));
    }

    /** What a part that has to do with the picture does with it. */
    public static Picture pictureOf(Part part) {
        return picture(part).orElseThrow();
    }

    private static Optional<Picture> picture(Part part) {
        return part.archetype().inner().stream()
                .filter(Picture.class::isInstance)
                .map(Picture.class::cast)
                .findFirst();
    }

    /** What is at the end that makes the picture: the camera, or the air unit that brings its own. */
    public Part maker() {
        return camera.orElse(sender);
    }

    public boolean isDigital() {
        return pictureOf(sender).role() == Role.AIR_UNIT;
    }

    public List<Integer> milliwatts() {
        return pictureOf(sender).milliwatts();
    }
}

package ablemedic.app.entry;

import ablemedic.craft.Corner;
import ablemedic.family.Place;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Where on a craft a check acts, for a screen to draw: what belongs to its kind is there, the rest is left out.
 *
 * @param corners those to point at
 * @param question the question that is answered by pressing an edge or corner
 * @param probes the points of a meter's probes
 * @param partId a part of the wire and power map
 * @param stick a stick of the radio, pushed to its positive end
 */
public record PlaceView(
        Kind kind,
        List<Corner> corners,
        @Nullable String question,
        @Nullable Probes probes,
        @Nullable String partId,
        @Nullable StickPushed stick) {

    /** The kinds of places. */
    public enum Kind {
        NOWHERE,
        CORNERS,
        EDGES,
        PROBES,
        PART,
        STICK
    }

    /** The points of the two probes, and whether the craft is powered, so that volts are measured and not ohms. */
    public record Probes(boolean powered, String red, String redLabel, String black, String blackLabel) {}

    /** A stick and the way it is pushed. */
    public record StickPushed(String name, String toward) {}

    public static PlaceView of(Place place) {
        if (place instanceof Place.Corners corners) {
            return new PlaceView(Kind.CORNERS, corners.corners(), null, null, null, null);
        } else if (place instanceof Place.Edges edges) {
            return new PlaceView(Kind.EDGES, List.of(), edges.questionId(), null, null, null);
        } else if (place instanceof Place.Probes probes) {
            return new PlaceView(
                    Kind.PROBES,
                    List.of(),
                    null,
                    new Probes(
                            probes.powered(),
                            probes.red().id(),
                            probes.red().label(),
                            probes.black().id(),
                            probes.black().label()),
                    null,
                    null);
        } else if (place instanceof Place.OnePart part) {
            return new PlaceView(Kind.PART, List.of(), null, null, part.partId(), null);
        } else if (place instanceof Place.OneStick one) {
            return new PlaceView(
                    Kind.STICK,
                    List.of(),
                    null,
                    null,
                    null,
                    new StickPushed(one.stick().label(), one.stick().positive()));
        }
        return new PlaceView(Kind.NOWHERE, List.of(), null, null, null, null);
    }
}

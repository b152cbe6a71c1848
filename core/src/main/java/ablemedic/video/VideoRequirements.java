package ablemedic.video;

import ablemedic.craft.Craft;
import ablemedic.craft.VideoSettings;
import ablemedic.craft.VideoSettings.Fields;
import ablemedic.requirement.Edit;
import ablemedic.requirement.Requirement;
import ablemedic.requirement.Severity;
import ablemedic.requirement.Violation;
import ablemedic.wiring.VideoPath;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What camera, transmitter, goggles and OSD of a craft must satisfy together. */
final class VideoRequirements {
    static final List<Requirement> ALL = List.of(
            new Requirement("video-format", VideoRequirements::format),
            new Requirement("video-levels", VideoRequirements::levels),
            new Requirement("video-channel", VideoRequirements::channel),
            new Requirement("video-power", VideoRequirements::power),
            new Requirement("video-pairing", VideoRequirements::pairing));

    private VideoRequirements() {}

    private static List<Violation> format(Craft craft) {
        VideoChain chain = VideoChain.of(craft);
        Fields camera = craft.told(VideoSettings.CAMERA_FIELDS);
        Fields figures = craft.told(VideoSettings.FIGURES_FIELDS);
        List<Violation> found = new ArrayList<>();
        if (chain.hasFigures()
                && !chain.isDigital()
                && chain.path().flatMap(VideoPath::camera).isPresent()
                && camera != figures) {
            found.add(Violation.cannotWork(
                    "video-format",
                    "The camera gives " + camera.label() + ", the OSD is set for " + figures.label(),
                    "Set both to one",
                    VideoComplaints.ITEMS,
                    List.of(VideoSettings.FIGURES_FIELDS, VideoSettings.CAMERA_FIELDS),
                    Edit.set(VideoSettings.FIGURES_FIELDS, camera),
                    Edit.set(VideoSettings.CAMERA_FIELDS, figures)));
        }
        if (chain.hasFigures()) {
            Violation.unless(
                            craft,
                            VideoSettings.INSIDE,
                            true,
                            "video-items",
                            "Some items of the OSD lie outside what the goggles show",
                            "Move the items inside, with the goggles on",
                            VideoComplaints.ITEMS)
                    .ifPresent(found::add);
        }
        return found;
    }

    private static List<Violation> levels(Craft craft) {
        int levels = craft.told(VideoSettings.LEVELS);
        return VideoChain.of(craft)
                .path()
                .filter(way -> levels != 0 && levels != way.milliwatts().size())
                .map(way -> Violation.cannotWork(
                        "video-levels",
                        "The FC's table has " + levels + " powers, the "
                                + way.sender().label() + " has "
                                + way.milliwatts().size(),
                        "Enter as many as it has, each with its own number",
                        VideoComplaints.CONTROL,
                        List.of(VideoSettings.LEVELS),
                        Edit.set(VideoSettings.LEVELS, 0)))
                .stream()
                .toList();
    }

    private static List<Violation> channel(Craft craft) {
        VideoChain chain = VideoChain.of(craft);
        if (chain.path().filter(way -> !way.isDigital()).isEmpty()) {
            return List.of();
        }
        int sends = craft.told(VideoSettings.CHANNEL);
        int listens = craft.told(VideoSettings.GOGGLES_CHANNEL);
        List<Violation> found = new ArrayList<>();
        if (!chain.isTuned(craft)) {
            found.add(Violation.cannotWork(
                    "video-channel",
                    "The transmitter sends on " + Channels.said(sends) + ", the goggles listen to "
                            + Channels.said(listens),
                    "Set both to one channel",
                    VideoComplaints.NO_PICTURE,
                    List.of(VideoSettings.GOGGLES_CHANNEL, VideoSettings.CHANNEL),
                    Edit.set(VideoSettings.GOGGLES_CHANNEL, sends),
                    Edit.set(VideoSettings.CHANNEL, listens)));
        }
        if (sends < Channels.FREE_FROM || sends > Channels.FREE_TO) {
            found.add(Violation.doubt(
                    "video-free",
                    Channels.said(sends) + " lies outside of " + Channels.FREE_FROM + " to " + Channels.FREE_TO
                            + " MHz, which most places leave to everybody",
                    "Check that this channel is legal where you are",
                    "",
                    VideoSettings.CHANNEL));
        }
        return found;
    }

    /** A transmitter without wind shuts down at powers that it stands in flight. */
    private static List<Violation> power(Craft craft) {
        VideoChain chain = VideoChain.of(craft);
        Optional<VideoPath> path = chain.path();
        if (path.isEmpty()) {
            return List.of();
        }
        if (craft.told(VideoSettings.PIT)) {
            return List.of(Violation.doubt(
                    "video-pit",
                    "The transmitter is in pit mode: its picture ends a few metres away",
                    "Leave pit mode before it flies",
                    VideoComplaints.GOES,
                    VideoSettings.PIT));
        }
        double soonest = chain.heat(craft, false).soonest();
        if (soonest == Double.POSITIVE_INFINITY) {
            return List.of();
        }
        List<Edit> edits = new ArrayList<>();
        path.get().milliwatts().stream()
                .sorted((a, b) -> b - a)
                .filter(mw ->
                        chain.heat(craft.with(VideoSettings.POWER, mw), false).soonest() == Double.POSITIVE_INFINITY)
                .findFirst()
                .ifPresent(mw -> edits.add(Edit.set(VideoSettings.POWER, mw)));
        edits.add(Edit.set(VideoSettings.PIT, true));
        return List.of(Violation.of(
                "video-power",
                Severity.CANNOT_WORK,
                "At " + craft.told(VideoSettings.POWER) + " mW the "
                        + path.get().sender().label() + " shuts itself down on a still bench, from some "
                        + Math.round(soonest) + " minutes on",
                "Least power or pit mode on the bench, and a fan",
                VideoComplaints.GOES,
                List.of(VideoSettings.POWER, VideoSettings.PIT),
                edits));
    }

    private static List<Violation> pairing(Craft craft) {
        Optional<VideoPath> path = VideoChain.of(craft).path();
        List<Violation> found = new ArrayList<>();
        if (path.isEmpty()) {
            return found;
        }
        Violation.unless(
                        craft,
                        VideoSettings.GOGGLES_INPUT,
                        true,
                        "video-input",
                        "The goggles show another input than their own receiver",
                        "Choose the goggles' own receiver",
                        VideoComplaints.NO_PICTURE)
                .ifPresent(found::add);
        Violation.unless(
                        craft,
                        VideoSettings.GOGGLES_HEAR,
                        true,
                        "video-goggles-deaf",
                        "The receiver of the goggles is deaf",
                        "Have the goggles' receiver repaired",
                        VideoComplaints.NO_PICTURE)
                .ifPresent(found::add);
        if (path.get().isDigital()) {
            Violation.unless(
                            craft,
                            VideoSettings.GOGGLES_BOUND,
                            true,
                            "video-bound",
                            "Goggles and air unit are not bound",
                            "Bind goggles and air unit",
                            VideoComplaints.NO_PICTURE)
                    .ifPresent(found::add);
            Violation.unless(
                            craft,
                            VideoSettings.GOGGLES_UNIT,
                            true,
                            "video-unit",
                            "The goggles are set for another sort of air unit",
                            "Choose this sort of air unit in the goggles",
                            VideoComplaints.NO_PICTURE)
                    .ifPresent(found::add);
            Violation.unless(
                            craft,
                            VideoSettings.CAMERA_PAIRED,
                            true,
                            "video-camera",
                            "The camera is not paired with the air unit",
                            "Pair the camera with the air unit, the unit powered",
                            VideoComplaints.NO_PICTURE)
                    .ifPresent(found::add);
        }
        return found;
    }
}

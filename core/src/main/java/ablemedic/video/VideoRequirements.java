package ablemedic.video;

import ablemedic.catalogue.Param;
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
        Fields camera = craft.setting(VideoSettings.CAMERA_FIELDS);
        Fields figures = craft.setting(VideoSettings.FIGURES_FIELDS);
        List<Violation> found = new ArrayList<>();
        if (chain.hasFigures()
                && !chain.isDigital()
                && chain.path().flatMap(VideoPath::camera).isPresent()
                && camera != figures) {
            found.add(Violation.cannotWork(
                    Video.WORDS
                            .requirement("video-format")
                            .with("camera", Param.written(camera.label()))
                            .with("osd", Param.written(figures.label())),
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
                            Video.WORDS.requirement("video-items"),
                            VideoComplaints.ITEMS)
                    .ifPresent(found::add);
        }
        return found;
    }

    private static List<Violation> levels(Craft craft) {
        int levels = craft.setting(VideoSettings.LEVELS);
        return VideoChain.of(craft)
                .path()
                .filter(way -> levels != 0 && levels != way.milliwatts().size())
                .map(way -> Violation.cannotWork(
                        Video.WORDS
                                .requirement("video-levels")
                                .with("n", new Param.Count(levels))
                                .with("has", new Param.Count(way.milliwatts().size()))
                                .with(
                                        "part",
                                        Param.part(
                                                way.sender().id(), way.sender().label())),
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
        int sends = craft.setting(VideoSettings.CHANNEL);
        int listens = craft.setting(VideoSettings.GOGGLES_CHANNEL);
        List<Violation> found = new ArrayList<>();
        if (!chain.isTuned(craft)) {
            found.add(Violation.cannotWork(
                    Video.WORDS
                            .requirement("video-channel")
                            .with("sends", Param.written(Channels.said(sends)))
                            .with("listens", Param.written(Channels.said(listens))),
                    VideoComplaints.NO_PICTURE,
                    List.of(VideoSettings.GOGGLES_CHANNEL, VideoSettings.CHANNEL),
                    Edit.set(VideoSettings.GOGGLES_CHANNEL, sends),
                    Edit.set(VideoSettings.CHANNEL, listens)));
        }
        if (sends < Channels.FREE_FROM || sends > Channels.FREE_TO) {
            found.add(Violation.doubt(
                    Video.WORDS
                            .requirement("video-free")
                            .with("channel", Param.written(Channels.said(sends)))
                            .with("from", Param.whole(Channels.FREE_FROM, ""))
                            .with("to", Param.whole(Channels.FREE_TO, "")),
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
        if (craft.setting(VideoSettings.PIT)) {
            return List.of(
                    Violation.doubt(Video.WORDS.requirement("video-pit"), VideoComplaints.GOES, VideoSettings.PIT));
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
                Video.WORDS
                        .requirement("video-power")
                        .with("power", Param.whole(craft.setting(VideoSettings.POWER), "mW"))
                        .with(
                                "part",
                                Param.part(
                                        path.get().sender().id(),
                                        path.get().sender().label()))
                        .with("minutes", new Param.Count(Math.round(soonest))),
                Severity.CANNOT_WORK,
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
                        Video.WORDS.requirement("video-input"),
                        VideoComplaints.NO_PICTURE)
                .ifPresent(found::add);
        Violation.unless(
                        craft,
                        VideoSettings.GOGGLES_HEAR,
                        true,
                        Video.WORDS.requirement("video-goggles-deaf"),
                        VideoComplaints.NO_PICTURE)
                .ifPresent(found::add);
        if (path.get().isDigital()) {
            Violation.unless(
                            craft,
                            VideoSettings.GOGGLES_BOUND,
                            true,
                            Video.WORDS.requirement("video-bound"),
                            VideoComplaints.NO_PICTURE)
                    .ifPresent(found::add);
            Violation.unless(
                            craft,
                            VideoSettings.GOGGLES_UNIT,
                            true,
                            Video.WORDS.requirement("video-unit"),
                            VideoComplaints.NO_PICTURE)
                    .ifPresent(found::add);
            Violation.unless(
                            craft,
                            VideoSettings.CAMERA_PAIRED,
                            true,
                            Video.WORDS.requirement("video-camera"),
                            VideoComplaints.NO_PICTURE)
                    .ifPresent(found::add);
        }
        return found;
    }
}

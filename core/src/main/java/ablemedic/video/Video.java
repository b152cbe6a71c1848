package ablemedic.video;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.family.Complaint;
import ablemedic.family.Family;
import ablemedic.family.Instrument;
import ablemedic.handbook.Handbook;
import ablemedic.handbook.Handbook.Chapter;
import ablemedic.handbook.Handbook.Page;
import ablemedic.reading.Meter;
import ablemedic.requirement.Requirement;
import java.util.List;

/** The family of video and camera: whether a picture comes, figures on it, and for how long. */
public final class Video {
    private static final String TITLE = "Video and camera";
    private static final List<Page> PAGES = Handbook.read(Video.class, TITLE, Chapter.FAULTS, Chapter.CHECKS);

    public static final Family FAMILY = new Family() {
        @Override
        public String id() {
            return "video";
        }

        @Override
        public String title() {
            return TITLE;
        }

        @Override
        public Book<Craft> book(Craft craft, Meter meter) {
            VideoChain chain = VideoChain.of(craft);
            return chain.isThere()
                    ? new Book<>(VideoFaults.of(chain), VideoChecks.of(chain))
                    : new Book<>(List.of(), List.of());
        }

        @Override
        public List<Complaint> complaints(Craft craft, Meter meter, Check<Craft> flight) {
            VideoChain chain = VideoChain.of(craft);
            return VideoComplaints.of(chain, VideoChecks.of(chain));
        }

        @Override
        public List<Requirement> requirements() {
            return VideoRequirements.ALL;
        }

        @Override
        public List<Instrument> instruments() {
            return List.of(
                    new Instrument(
                            "video-channels",
                            "Channel and frequency",
                            "Which channels several pilots can fly at once: what lies too close, what two transmitters make on a third, and the choice that keeps farthest apart."),
                    new Instrument(
                            "screen-layout",
                            "Screen layout",
                            "Where figures fall in what the goggles show, by format and by how much of it is seen, and the nearest place that is."),
                    new Instrument(
                            "video-heat",
                            "Heat of a transmitter",
                            "How warm it gets by power and moving air, and after how many minutes it shuts itself down, as a range."));
        }

        @Override
        public List<Page> pages() {
            return PAGES;
        }
    };

    private Video() {}
}

package ablemedic.video;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.family.Complaint;
import ablemedic.family.Family;
import ablemedic.family.FamilyWords;
import ablemedic.family.Instrument;
import ablemedic.handbook.Handbook.Chapter;
import ablemedic.handbook.Handbook.Page;
import ablemedic.reading.Meter;
import ablemedic.requirement.Requirement;
import java.util.List;

/** The family of video and camera: whether there is a picture, an OSD on it, and for how long. */
public final class Video {
    static final FamilyWords WORDS = FamilyWords.beside(Video.class);

    private static final String TITLE = WORDS.name("video").title().plain();
    private static final List<Page> PAGES = WORDS.pages(TITLE, Chapter.FAULTS, Chapter.CHECKS);

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
            return WORDS.instruments();
        }

        @Override
        public List<Page> pages() {
            return PAGES;
        }
    };

    private Video() {}
}

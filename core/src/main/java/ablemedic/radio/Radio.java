package ablemedic.radio;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Fault;
import ablemedic.family.CheckList;
import ablemedic.family.Complaint;
import ablemedic.family.Family;
import ablemedic.family.FamilyWords;
import ablemedic.family.FaultList;
import ablemedic.family.Instrument;
import ablemedic.handbook.Handbook.Chapter;
import ablemedic.handbook.Handbook.Page;
import ablemedic.reading.Meter;
import ablemedic.requirement.Requirement;
import java.util.List;

/**
 * The family of radio, modes and failsafe: whether sticks and switches mean what they say, and how a lost link ends.
 */
public final class Radio {
    static final FamilyWords WORDS = FamilyWords.beside(Radio.class);

    private static final String TITLE = WORDS.name("radio").title().plain();
    private static final List<Page> PAGES = WORDS.pages(TITLE, Chapter.FAULTS, Chapter.CHECKS);

    public static final Family FAMILY = new Family() {
        @Override
        public String id() {
            return "radio";
        }

        @Override
        public String title() {
            return TITLE;
        }

        @Override
        public Book<Craft> book(Craft craft, Meter meter) {
            RadioChain chain = RadioChain.of(craft);
            return new Book<>(faults(chain), checks(chain));
        }

        @Override
        public List<Complaint> complaints(Craft craft, Meter meter, Check<Craft> flight) {
            RadioChain chain = RadioChain.of(craft);
            return RadioComplaints.of(chain, checks(chain));
        }

        @Override
        public List<Requirement> requirements() {
            return RadioRequirements.ALL;
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

    private Radio() {}

    private static List<Fault<Craft>> faults(RadioChain chain) {
        FaultList faults = new FaultList();
        BindFaults.addTo(faults, chain.sound());
        StickFaults.addTo(faults, chain.sound());
        SwitchFaults.addTo(faults, chain.sound());
        RangeFaults.addTo(faults, chain.sound(), chain);
        FailsafeFaults.addTo(faults, chain.sound(), chain);
        return faults.all();
    }

    private static List<Check<Craft>> checks(RadioChain chain) {
        CheckList checks = new CheckList();
        BindChecks.addTo(checks, chain);
        StickChecks.addTo(checks, chain);
        SwitchChecks.addTo(checks, chain);
        RangeChecks.addTo(checks, chain);
        FailsafeChecks.addTo(checks, chain);
        return checks.all();
    }
}

package ablemedic.radio;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Fault;
import ablemedic.family.CheckList;
import ablemedic.family.Complaint;
import ablemedic.family.Family;
import ablemedic.family.FaultList;
import ablemedic.family.Instrument;
import ablemedic.handbook.Handbook;
import ablemedic.handbook.Handbook.Chapter;
import ablemedic.handbook.Handbook.Page;
import ablemedic.reading.Meter;
import ablemedic.requirement.Requirement;
import java.util.List;

/**
 * The family of radio, modes and failsafe: whether sticks and switches mean what they say, and how a lost link ends.
 */
public final class Radio {
    private static final String TITLE = "Radio and failsafe";
    private static final List<Page> PAGES = Handbook.read(Radio.class, TITLE, Chapter.FAULTS, Chapter.CHECKS);

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
            return List.of(
                    new Instrument(
                            "channel-order",
                            "Channel order",
                            "Move a stick, press the bar that moved: the order to enter, the sticks to reverse, what does not fit."),
                    new Instrument(
                            "failsafe-timeline",
                            "Failsafe timeline",
                            "A link lost in flight, second by second: who notices when, what is done, how far and how hard. Two schools side by side."),
                    new Instrument(
                            "trim-and-travel",
                            "Trim and travel",
                            "Where the bars stand in the middle and at their ends: what to set at the radio, stick by stick."),
                    new Instrument(
                            "modes",
                            "Switches and modes",
                            "Ranges of every mode beside what each switch sends: gaps, overlaps, what no position reaches, what is on at every combination."),
                    new Instrument(
                            "return-home",
                            "Return home, go or no go",
                            "Every condition of a first return with its value and source; what nobody knows is no go. Then the plan of the try."),
                    new Instrument(
                            "radio-session",
                            "Receiver and board on the bench",
                            "A stand-in: write what is done at the radio, or drop a recording, and see lamp, bars and motors of this craft second by second."),
                    new Instrument(
                            "output-pass",
                            "Outputs through the board",
                            "A spare channel to a spare output: its auxiliary number, what speaks against it, and the steps that prove it up to the pad."),
                    new Instrument(
                            "frame-time",
                            "Frame rate and latency",
                            "How long a frame of channels takes, and how old a stick is when the board has heard of it."));
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

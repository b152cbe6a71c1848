package ablemedic.settings;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.LinkSettings;
import ablemedic.craft.ModeRange;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.Stick;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Question;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Categorical.Way;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Gaussian;
import ablemedic.diagnosis.Prediction;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.family.CheckBuilder;
import ablemedic.family.CheckList;
import ablemedic.family.Complaint;
import ablemedic.family.Observer;
import ablemedic.physics.UsbPower;
import ablemedic.settings.Arming.Reason;
import ablemedic.settings.Arming.State;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLines;
import ablemedic.wiring.UartFunction;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The checks of what keeps a craft from arming. Observers' error rates are common practice. */
final class ArmingChecks {
    static final String TRY = "arm-try";
    static final String COMPLAINT = "will-not-arm";
    /** The questions of the complaint. */
    static final String SEEN = "seen";

    static final String SAYS = "says";

    private static final double MISREAD = Observer.READS.slips();
    private static final double TOLD_WRONG = Observer.TELLS.slips();
    /** What an owner remembers of a text in the goggles or of a lamp that blinked. */
    private static final double SAID_WRONG = 0.2;
    /** A tilt that is told by eye is off by as much, degrees. Common practice, no source. */
    private static final double STANDS_DEG = 4;
    /** How often arming is first tried under a roof. */
    private static final double INDOORS = 0.6;
    /** Those that a board tells when it is asked at the computer, whose own lock is always shut then. */
    private static final List<Reason> ASKED =
            List.of(Reason.FRAMES, Reason.CALIBRATED, Reason.TILT, Reason.THROTTLE, Reason.FIX);

    /** The pages that several of these checks share. */
    private static final String CONDITIONS = "read-arming";

    private static final String HABITS = "ask-how-armed";

    private final Craft sound;
    private final Optional<CraftLines> lines;
    private final CheckList checks = new CheckList();

    private ArmingChecks(Craft sound, Optional<CraftLines> lines) {
        this.sound = sound;
        this.lines = lines;
    }

    static List<Check<Craft>> of(Craft sound, Optional<CraftLines> lines) {
        ArmingChecks all = new ArmingChecks(sound, lines);
        all.tried();
        all.reasons();
        all.bars();
        all.read();
        return all.checks.all();
    }

    private Facet<Craft, Set<Reason>> shut(String name, State state) {
        return Facet.of(name, craft -> Arming.of(lines, craft, state).shut());
    }

    private void tried() {
        checks.ask(SettingsAndFirmware.WORDS.check(TRY))
                .kind("try-to-arm")
                .with("sticks", Param.when(sound.setting(ArmingSettings.BY) == ArmingSettings.Way.STICKS))
                .shows(shut("blockers-bench", State.AT_BENCH), shut -> shut.isEmpty() ? "arms" : "not", Observer.READS)
                .needs(BenchNeeds.POWERED_AND_RADIO_ALONE)
                .minutes(1)
                .risk(0.3)
                .add();
    }

    private void reasons() {
        checks.ask(SettingsAndFirmware.WORDS.check("arm-reasons"))
                .kind("arming-reasons")
                .with("battery", Param.when(radioNeedsBattery()))
                .shows(
                        ArmingChecks::asked,
                        asked -> from(shut("blockers-computer", State.AT_COMPUTER), shut -> given(asked, shut)))
                .needs(radio())
                .minutes(0.8)
                .risk(0.05)
                .add();
    }

    private static Choices asked(Words words) {
        List<Outcome> outcomes = CheckBuilder.named(words, words.outcomes());
        return new Choices(ASKED.stream()
                .map(reason -> new Question(reason.id(), words.line("ask " + reason.id()), outcomes))
                .toList());
    }

    private static Distribution given(Choices answers, Set<Reason> shut) {
        double[][] each = ASKED.stream()
                .map(reason -> shut.contains(reason)
                        ? new double[] {1 - MISREAD, MISREAD}
                        : new double[] {MISREAD / 2, 1 - MISREAD / 2})
                .toArray(double[][]::new);
        return new Categorical(answers, List.of(new Way(1, each)));
    }

    private boolean radioNeedsBattery() {
        Optional<CraftLine> receiver = lines.flatMap(all -> all.of(UartFunction.RECEIVER));
        return receiver.isPresent()
                && !UsbPower.feeds(sound.electrics(), receiver.get().part());
    }

    private BenchNeeds radio() {
        return radioNeedsBattery() ? BenchNeeds.POWERED_COMPUTER_AND_RADIO : BenchNeeds.COMPUTER_AND_RADIO;
    }

    /** What the bars of the receiver's page show of throttle and arm switch. */
    private void bars() {
        checks.ask(SettingsAndFirmware.WORDS.check("throttle-bar"))
                .with("limit", new Param.Count(sound.setting(ArmingSettings.THROTTLE_LOW)))
                .shows(
                        words -> new Scale(words.line("measure").plain(), "", 800, 2200),
                        pulse -> from(Facet.of("throttle-bar", this::throttleUs), us -> us.<Distribution>map(
                                        at -> new Gaussian(pulse, at, 3, MISREAD))
                                .orElseGet(() -> new Gaussian(pulse, 1500, 400, 0.5))))
                .needs(radio())
                .minutes(0.5)
                .risk(0.05)
                .add();
        checks.ask(SettingsAndFirmware.WORDS.check("arm-switch-mark"))
                .shows(Facet.of("arm-switch-marker", this::mark), seen -> seen, Observer.READS)
                .needs(radio())
                .minutes(0.6)
                .risk(0.05)
                .add();
    }

    private boolean isHeard(Craft craft) {
        return !Arming.of(lines, craft, State.AT_COMPUTER).shut().contains(Reason.FRAMES);
    }

    private Optional<Integer> throttleUs(Craft craft) {
        if (!isHeard(craft)) {
            return Optional.empty();
        }
        Stick stick = craft.stickFor(Stick.THROTTLE);
        int sent = stick == Stick.THROTTLE ? craft.setting(ArmingSettings.RADIO_THROTTLE_DOWN) : 1500;
        return Optional.of(craft.setting(RadioSettings.reversed(stick)) ? 3000 - sent : sent);
    }

    private String mark(Craft craft) {
        ModeRange range = craft.setting(ArmingSettings.ARM);
        int channel = craft.setting(ArmingSettings.RADIO_CHANNEL);
        if (!isHeard(craft)) {
            return range.isNone() ? "no-range" : "none";
        } else if (range.isNone()) {
            return "no-range";
        } else if (channel != range.channel() || !LinkSettings.carries(craft, channel)) {
            return range.holds(1500) ? "stays-in" : "none";
        }
        boolean on = range.holds(craft.setting(ArmingSettings.RADIO_ON));
        boolean off = range.holds(1000);
        return on && off ? "stays-in" : on ? "enters" : off ? "other-end" : "outside";
    }

    private void read() {
        checks.ask(SettingsAndFirmware.WORDS.check("fix-setting"))
                .kind(CONDITIONS)
                .needs(BenchNeeds.COMPUTER)
                .minutes(0.5)
                .reads(ArmingFaults.WAITS);
        checks.ask(SettingsAndFirmware.WORDS.check("calibrated-setting"))
                .kind(CONDITIONS)
                .needs(BenchNeeds.COMPUTER)
                .minutes(0.4)
                .reads(ArmingFaults.CALIBRATED);
        int channel = sound.setting(ArmingSettings.RADIO_CHANNEL);
        checks.ask(SettingsAndFirmware.WORDS.check("radio-arm-channel-setting"))
                .kind("read-at-radio")
                .with("range", Param.written(sound.setting(ArmingSettings.ARM).toString()))
                .needs(BenchNeeds.RADIO)
                .minutes(0.6)
                .reads(ArmingFaults.CHANNEL, is -> is == channel ? "as-told" : "other", Observer.READS);
        checks.ask(SettingsAndFirmware.WORDS.check("switch-at-power"))
                .kind(HABITS)
                .minutes(0.2)
                .reads(ArmingFaults.AT_POWER, (asked, on) -> Categorical.of(asked, on ? 0.15 : 0.8, on ? 0.85 : 0.2));
        Words tilt = SettingsAndFirmware.WORDS
                .check("stands-tilt")
                .with("limit", Param.whole(Math.round(sound.setting(ArmingSettings.TILT)), ""));
        Scale degrees = new Scale(tilt.line("measure").plain(), "deg", 0, 180);
        checks.ask(tilt)
                .kind("ask-how-it-stands")
                .minutes(0.3)
                .reads(ArmingFaults.STANDS, degrees, stands -> new Gaussian(degrees, stands, STANDS_DEG, TOLD_WRONG));
        checks.ask(SettingsAndFirmware.WORDS.check("computer-at-arming"))
                .kind(HABITS)
                .minutes(0.2)
                .reads(ArmingFaults.COMPUTER, (asked, in) -> Categorical.of(asked, in ? 0.1 : 0.92, in ? 0.9 : 0.08));
    }

    /** “Won't arm”, with what the FC reported. */
    static Complaint complaint(Optional<CraftLines> lines, List<Check<Craft>> checks) {
        Words words = SettingsAndFirmware.WORDS.complaint(COMPLAINT);
        Choices answers = new Choices(List.of(
                new Question(SEEN, words.line("ask " + SEEN), CheckBuilder.named(words, List.of("arms", "not"))),
                new Question(
                        SAYS,
                        words.line("ask " + SAYS),
                        CheckBuilder.named(
                                words,
                                Arrays.stream(Reason.values()).map(Reason::id).toList()))));
        Facet<Craft, Tried> facet = Facet.of(
                "blockers-pilot",
                craft -> new Tried(
                        Arming.of(lines, craft, State.ofPilot(craft, true)).shut(),
                        Arming.of(lines, craft, State.ofPilot(craft, false)).shut()));
        Prediction<Craft, Tried> seen =
                from(facet, tried -> told(answers, tried.outdoors()).or(INDOORS, told(answers, tried.indoors())));
        Reading fine = new Chosen(Map.of(SEEN, "arms"));
        return Complaint.told(
                COMPLAINT,
                words.title(),
                answers,
                seen,
                Optional.of(fine),
                List.of(checks.stream()
                        .filter(check -> check.id().equals(TRY))
                        .findFirst()
                        .orElseThrow()));
    }

    /** What keeps it from arming outdoors and indoors; where it was tried nobody says. */
    private record Tried(Set<Reason> outdoors, Set<Reason> indoors) {}

    private static Categorical told(Choices answers, Set<Reason> shut) {
        double[] says = new double[Reason.values().length];
        Arrays.fill(says, shut.isEmpty() ? 1.0 / says.length : SAID_WRONG / says.length);
        shut.forEach(reason -> says[reason.ordinal()] += (1 - SAID_WRONG) / shut.size());
        return new Categorical(answers, List.of(new Way(1, new double[][] {
            shut.isEmpty() ? new double[] {1 - TOLD_WRONG, TOLD_WRONG} : new double[] {TOLD_WRONG, 1 - TOLD_WRONG}, says
        })));
    }
}

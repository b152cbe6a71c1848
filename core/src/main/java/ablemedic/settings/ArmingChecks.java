package ablemedic.settings;

import static ablemedic.diagnosis.Prediction.from;

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
import ablemedic.family.Complaint;
import ablemedic.family.CraftCheck;
import ablemedic.physics.UsbPower;
import ablemedic.settings.Arming.Reason;
import ablemedic.settings.Arming.State;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLines;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
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

    private static final double MISREAD = 0.05;
    private static final double TOLD_WRONG = 0.08;
    /** What an owner remembers of a text in the goggles or of a lamp that blinked. */
    private static final double SAID_WRONG = 0.2;
    /** A tilt that is told by eye is off by as much, degrees. Common practice, no source. */
    private static final double STANDS_DEG = 4;
    /** How often arming is first tried under a roof. */
    private static final double INDOORS = 0.6;
    /** Those that a board tells when it is asked at the computer, whose own lock is always shut then. */
    private static final List<Reason> ASKED =
            List.of(Reason.FRAMES, Reason.CALIBRATED, Reason.TILT, Reason.THROTTLE, Reason.FIX);

    private static final Choices ARMS =
            Choices.of("Does it arm?", List.of(new Outcome("arms", "it arms"), new Outcome("not", "it does not")));

    private final Craft sound;
    private final Optional<CraftLines> lines;
    private final List<Check<Craft>> checks = new ArrayList<>();

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
        return List.copyOf(all.checks);
    }

    private Facet<Craft, Set<Reason>> shut(String name, State state) {
        return Facet.of(name, craft -> Arming.of(lines, craft, state).shut());
    }

    private void tried() {
        add(new CraftCheck(
                TRY,
                "try-to-arm",
                c -> "Try to arm it at the bench, computer out",
                c -> "Props off, computer out. Arm switch off, pack in, radio on, throttle all "
                        + "the way down; wait ten seconds. "
                        + (c.told(ArmingSettings.BY) == ArmingSettings.Way.STICKS
                                ? "Hold yaw to the right"
                                : "Flip the arm switch")
                        + ". Idling motors, or the word on the screen, say that it is armed. Disarm at once.",
                ARMS,
                from(
                        shut("locks at the bench", State.AT_BENCH),
                        shut -> Categorical.expecting(ARMS, shut.isEmpty() ? "arms" : "not", MISREAD)),
                1,
                0.3,
                BenchNeeds.POWERED_AND_RADIO_ALONE,
                true));
    }

    private void reasons() {
        List<Question> asked = ASKED.stream()
                .map(reason -> new Question(
                        reason.id(),
                        switch (reason) {
                            case FRAMES -> "No receiver, or failsafe?";
                            case CALIBRATED -> "Not calibrated?";
                            case TILT -> "Tilted too far?";
                            case THROTTLE -> "Throttle not down?";
                            default -> "Waiting for a fix?";
                        },
                        List.of(new Outcome("given", "it says so"), new Outcome("not", "it does not"))))
                .toList();
        Choices answers = new Choices(asked);
        add(new CraftCheck(
                "arm-reasons",
                "arming-reasons",
                c -> "Ask the board what keeps it from arming",
                c -> "Computer joined, radio on, throttle down, craft level"
                        + (radioNeedsPack()
                                ? ", pack in and props off, since the receiver gets no power from the computer"
                                : "")
                        + ". The board lists its reasons. That the computer "
                        + "itself is one, and the switch another while it is off, says nothing.",
                answers,
                from(shut("reasons at the computer", State.AT_COMPUTER), shut -> given(answers, shut)),
                0.8,
                0.05,
                radio(),
                true));
    }

    private static Distribution given(Choices answers, Set<Reason> shut) {
        double[][] each = ASKED.stream()
                .map(reason -> shut.contains(reason)
                        ? new double[] {1 - MISREAD, MISREAD}
                        : new double[] {MISREAD / 2, 1 - MISREAD / 2})
                .toArray(double[][]::new);
        return new Categorical(answers, List.of(new Way(1, each)));
    }

    private boolean radioNeedsPack() {
        Optional<CraftLine> receiver = lines.flatMap(all -> all.of(UartFunction.RECEIVER));
        return receiver.isPresent()
                && !UsbPower.feeds(sound.electrics(), receiver.get().part());
    }

    private BenchNeeds radio() {
        return radioNeedsPack() ? BenchNeeds.POWERED_COMPUTER_AND_RADIO : BenchNeeds.COMPUTER_AND_RADIO;
    }

    /** What the bars of the receiver's page show of throttle and arm switch. */
    private void bars() {
        Scale pulse = new Scale("throttle's bar with the stick down, µs", "", 800, 2200);
        add(new CraftCheck(
                "throttle-bar",
                "throttle-bar",
                c -> "Throttle stick all the way down: where does its bar stand?",
                c -> "On the receiver's page, in microseconds. It counts as down below "
                        + c.told(ArmingSettings.THROTTLE_LOW) + " µs.",
                pulse,
                from(Facet.of("throttle bar", this::throttleUs), us -> us.<Distribution>map(
                                at -> new Gaussian(pulse, at, 3, MISREAD))
                        .orElseGet(() -> new Gaussian(pulse, 1500, 400, 0.5))),
                0.5,
                0.05,
                radio(),
                true));
        Choices answers = Choices.of(
                "What does the arm switch do on the page of modes?",
                List.of(
                        new Outcome("enters", "its mark enters the range, and leaves it"),
                        new Outcome("outside", "a mark moves, and stays outside"),
                        new Outcome("other-end", "its mark leaves the range when it is switched on"),
                        new Outcome("stays-in", "its mark stands in the range whatever the switch does"),
                        new Outcome("none", "no mark moves with it"),
                        new Outcome("no-range", "no range is there that arms")));
        add(new CraftCheck(
                "arm-switch-mark",
                "arm-switch-mark",
                c -> "Flip the arm switch and watch the page of modes",
                c -> "Computer joined, radio on. Does the mark of its channel go into " + "the range that arms?",
                answers,
                from(
                        Facet.of("mark of the arm switch", this::mark),
                        seen -> Categorical.expecting(answers, seen, MISREAD)),
                0.6,
                0.05,
                radio(),
                true));
    }

    private boolean isHeard(Craft craft) {
        return !Arming.of(lines, craft, State.AT_COMPUTER).shut().contains(Reason.FRAMES);
    }

    private Optional<Integer> throttleUs(Craft craft) {
        if (!isHeard(craft)) {
            return Optional.empty();
        }
        Stick stick = craft.stickFor(Stick.THROTTLE);
        int sent = stick == Stick.THROTTLE ? craft.told(ArmingSettings.RADIO_THROTTLE_DOWN) : 1500;
        return Optional.of(craft.told(RadioSettings.reversed(stick)) ? 3000 - sent : sent);
    }

    private String mark(Craft craft) {
        ModeRange range = craft.told(ArmingSettings.ARM);
        int channel = craft.told(ArmingSettings.RADIO_CHANNEL);
        if (!isHeard(craft)) {
            return range.isNone() ? "no-range" : "none";
        } else if (range.isNone()) {
            return "no-range";
        } else if (channel != range.channel() || !LinkSettings.carries(craft, channel)) {
            return range.holds(1500) ? "stays-in" : "none";
        }
        boolean on = range.holds(craft.told(ArmingSettings.RADIO_ON));
        boolean off = range.holds(1000);
        return on && off ? "stays-in" : on ? "enters" : off ? "other-end" : "outside";
    }

    private void read() {
        add(ArmingFaults.WAITS.read(
                "fix-setting",
                "read-arming",
                "Does it wait for a fix before it arms?",
                "Among the board's settings of arming or positioning.",
                0.5));
        add(ArmingFaults.CALIBRATED.read(
                "calibrated-setting",
                "read-arming",
                "Was level calibrated since the last erase?",
                "The board says so, or its level stands at nothing at all.",
                0.4));
        Choices channel = Choices.of(
                "Which channel is it on?",
                List.of(
                        new Outcome("as-told", "the one that the board is told"),
                        new Outcome("other", "another, or none")));
        add(ArmingFaults.CHANNEL
                .read(
                        "radio-arm-channel-setting",
                        "read-at-radio",
                        c -> "On which channel has the radio its arm switch?",
                        c -> "In the radio's model, its page of " + "channels. The board arms on "
                                + c.told(ArmingSettings.ARM) + ".",
                        channel,
                        told -> Categorical.expecting(
                                channel,
                                told.equals(sound.told(ArmingSettings.RADIO_CHANNEL)) ? "as-told" : "other",
                                MISREAD),
                        0.6)
                .needing(BenchNeeds.RADIO));
        Choices stood = Choices.of(
                "Where did it stand?", List.of(new Outcome("off", "off"), new Outcome("on", "on, or nobody knows")));
        add(ArmingFaults.AT_POWER
                .read(
                        "switch-at-power",
                        "ask-how-armed",
                        c -> "Where did the arm switch stand when the pack went in?",
                        c -> "Ask or remember.",
                        stood,
                        on -> Categorical.of(stood, on ? 0.15 : 0.8, on ? 0.85 : 0.2),
                        0.2)
                .needing(BenchNeeds.NOTHING));
        Scale tilt = new Scale("how far from level it stands", "deg", 0, 180);
        add(ArmingFaults.STANDS
                .read(
                        "stands-tilt",
                        "ask-how-it-stands",
                        c -> "How far from level does it stand when it is to arm?",
                        c ->
                                "On the ground where it is flown: grass, a slope, something under it? 0 for level; lay a phone or "
                                        + "a protractor beside it. It arms up to "
                                        + Math.round(c.told(ArmingSettings.TILT)) + "°.",
                        tilt,
                        stands -> new Gaussian(tilt, stands, STANDS_DEG, TOLD_WRONG),
                        0.3)
                .needing(BenchNeeds.NOTHING));
        Choices joined = Choices.of("Was it?", List.of(new Outcome("out", "out"), new Outcome("in", "in")));
        add(ArmingFaults.COMPUTER
                .read(
                        "computer-at-arming",
                        "ask-how-armed",
                        c -> "Was the computer joined when it was to arm?",
                        c -> "Ask or remember. Most boards arm only without its program.",
                        joined,
                        in -> Categorical.of(joined, in ? 0.1 : 0.92, in ? 0.9 : 0.08),
                        0.2)
                .needing(BenchNeeds.NOTHING));
    }

    private void add(Check<Craft> check) {
        checks.add(check);
    }

    /** “It will not arm”, with what the board said of it. */
    static Complaint complaint(Optional<CraftLines> lines, List<Check<Craft>> checks) {
        List<Outcome> says = new ArrayList<>();
        for (Reason reason : Reason.values()) {
            says.add(new Outcome(
                    reason.id(),
                    switch (reason) {
                        case BOARD -> "nothing, it is dead";
                        case COMPUTER -> "the computer";
                        case FRAMES -> "no receiver, or failsafe";
                        case CALIBRATED -> "not calibrated";
                        case TILT -> "tilt, or not level";
                        case THROTTLE -> "throttle";
                        case FIX -> "waits for a fix";
                        case SWITCH -> "nothing, as if the switch were not there";
                        case AT_POWER -> "the switch";
                    }));
        }
        Choices answers = new Choices(List.of(
                new Question(
                        SEEN,
                        "What comes of it?",
                        List.of(new Outcome("arms", "it arms"), new Outcome("not", "it does not arm"))),
                new Question(SAYS, "What does it give as the reason, by text, lamp or sounder?", says)));
        Facet<Craft, Tried> facet = Facet.of(
                "locks when the pilot tries",
                craft -> new Tried(
                        Arming.of(lines, craft, State.ofPilot(craft, true)).shut(),
                        Arming.of(lines, craft, State.ofPilot(craft, false)).shut()));
        Prediction<Craft, Tried> seen =
                from(facet, tried -> told(answers, tried.outdoors()).or(INDOORS, told(answers, tried.indoors())));
        Reading fine = new Chosen(Map.of(SEEN, "arms"));
        return Complaint.told(
                COMPLAINT,
                "It will not arm",
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

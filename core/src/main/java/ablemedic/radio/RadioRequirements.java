package ablemedic.radio;

import ablemedic.configuration.Setting;
import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FailsafeSettings.HomeAt;
import ablemedic.craft.FailsafeSettings.Stage2;
import ablemedic.craft.LinkSettings;
import ablemedic.craft.ModeRange;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.ReceiverSettings;
import ablemedic.craft.ReceiverSettings.WhenLost;
import ablemedic.requirement.Edit;
import ablemedic.requirement.Requirement;
import ablemedic.requirement.Severity;
import ablemedic.requirement.Violation;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** What link, switches, failsafe and return home of a craft must satisfy. Limits are common practice with no source. */
final class RadioRequirements {
    private static final double LONG_GUARD_S = 3;
    private static final double LONG_NOTICE_S = 1.5;
    private static final double IDLING = 5;
    private static final double BRIEF_S = 10;
    private static final double USUAL_LANDING_S = 60;
    /** A landing throttle sinks well when it is this share of the hover throttle. */
    private static final double SINKS = 0.85;

    private static final int MANY = 15;
    private static final double FAR_M = 100;
    private static final double LOW_M = 10;
    private static final double MUCH_MW = 1000;
    private static final String BIND = "will-not-bind";
    private static final String SWITCH = "switch-wrong";
    private static final String WRONG = "failsafe-wrong";
    private static final String AWAY = "flew-away";
    private static final String HOME = "no-return";
    private static final String RANGE = "poor-range";

    static final List<Requirement> ALL = List.of(
            new Requirement("link", RadioRequirements::link),
            new Requirement("radio", RadioRequirements::radio),
            new Requirement("switch", RadioRequirements::switches),
            new Requirement("receiver-failsafe", RadioRequirements::receiver),
            new Requirement("failsafe", RadioRequirements::failsafe),
            new Requirement("return-home", RadioRequirements::home));

    private RadioRequirements() {}

    private static String said(Craft craft, Setting<?> setting) {
        return craft.told().said(setting);
    }

    private static List<Violation> link(Craft craft) {
        List<Violation> found = new ArrayList<>();
        int radio = craft.told(LinkSettings.RADIO_GENERATION);
        int receiver = craft.told(LinkSettings.RECEIVER_GENERATION);
        if (radio != receiver) {
            found.add(Violation.cannotWork(
                    "link-generation",
                    "The module is of generation " + radio + ", the receiver of " + receiver,
                    "Bring both to one, or they do not bind",
                    BIND,
                    List.of(LinkSettings.RECEIVER_GENERATION, LinkSettings.RADIO_GENERATION),
                    Edit.set(LinkSettings.RECEIVER_GENERATION, radio),
                    Edit.set(LinkSettings.RADIO_GENERATION, receiver)));
        }
        Violation.unless(
                        craft,
                        RadioSettings.MODULE,
                        true,
                        "link-module",
                        "The module that the receiver listens to is off at the radio",
                        "Switch the module on",
                        BIND)
                .ifPresent(found::add);
        Violation.unless(
                        craft,
                        RadioSettings.BOUND,
                        true,
                        "link-bound",
                        "The receiver is not bound to this radio",
                        "Bind the receiver",
                        BIND)
                .ifPresent(found::add);
        Violation.unless(
                        craft,
                        LinkSettings.PROTOCOL,
                        true,
                        "link-protocol",
                        "The module speaks another protocol than the receiver",
                        "Set the module to the receiver's protocol",
                        BIND)
                .ifPresent(found::add);
        Violation.unless(
                        craft,
                        LinkSettings.MODEL,
                        true,
                        "link-model",
                        "Another craft's model is chosen at the radio",
                        "Choose this craft's model at the radio",
                        BIND)
                .ifPresent(found::add);
        Violation.unless(
                        craft,
                        LinkSettings.BESIDE,
                        false,
                        "link-beside",
                        "The radio stands right beside the receiver and swamps it",
                        "Step back two metres with the radio",
                        BIND)
                .ifPresent(found::add);
        Violation.unless(
                        craft,
                        LinkSettings.OUTPUT,
                        true,
                        "link-output",
                        "The output stage of the radio is weak",
                        "Have the radio's output stage repaired",
                        RANGE)
                .ifPresent(found::add);
        if (craft.told(LinkSettings.POWER) > MUCH_MW) {
            found.add(Violation.doubt(
                    "link-power",
                    "The module sends with " + said(craft, LinkSettings.POWER),
                    "Check that this power is legal where you fly",
                    "",
                    LinkSettings.POWER));
        }
        return found;
    }

    private static List<Violation> radio(Craft craft) {
        return !craft.told(LinkSettings.MODEL_TYPE).mixes()
                ? List.of()
                : List.of(Violation.cannotWork(
                        "radio-model-type",
                        "The radio takes the model for a " + said(craft, LinkSettings.MODEL_TYPE)
                                + " and mixes its sticks",
                        "Multi-rotor, or no mixing: the FC mixes by itself",
                        "sticks-wrong",
                        List.of(LinkSettings.MODEL_TYPE),
                        Edit.set(LinkSettings.MODEL_TYPE, LinkSettings.ModelType.MULTI_ROTOR)));
    }

    private static List<Violation> switches(Craft craft) {
        List<Violation> found = new ArrayList<>();
        Map.of(
                        ArmingSettings.ARM,
                        ArmingSettings.RADIO_CHANNEL,
                        ArmingSettings.LEVEL,
                        ArmingSettings.RADIO_LEVEL_CHANNEL)
                .entrySet()
                .stream()
                .sorted((a, b) -> a.getKey().compareTo(b.getKey()))
                .forEach(one -> carried(craft, one.getKey(), one.getValue(), found));
        ModeRange level = craft.told(ArmingSettings.LEVEL);
        int channel = craft.told(ArmingSettings.RADIO_LEVEL_CHANNEL);
        if (level.isNone()) {
            found.add(Violation.doubt(
                    "switch-level-none",
                    "No switch levels it: it flies in rate mode all the time",
                    "Set a range of self-level, unless it is meant",
                    SWITCH,
                    ArmingSettings.LEVEL));
        } else if (level.channel() != channel) {
            found.add(Violation.cannotWork(
                    "switch-level-channel",
                    "It levels itself on " + level + ", and the radio has that switch on "
                            + said(craft, ArmingSettings.RADIO_LEVEL_CHANNEL),
                    "Put both on one channel",
                    SWITCH,
                    List.of(ArmingSettings.LEVEL, ArmingSettings.RADIO_LEVEL_CHANNEL),
                    channel == 0
                            ? new Edit[] {Edit.set(ArmingSettings.RADIO_LEVEL_CHANNEL, level.channel())}
                            : new Edit[] {
                                Edit.set(ArmingSettings.RADIO_LEVEL_CHANNEL, level.channel()),
                                Edit.set(ArmingSettings.LEVEL, new ModeRange(channel, level.fromUs(), level.toUs()))
                            }));
        }
        return found;
    }

    private static void carried(Craft craft, Setting<ModeRange> mode, Setting<Integer> radio, List<Violation> found) {
        ModeRange range = craft.told(mode);
        if (range.isNone() || LinkSettings.carries(craft, range.channel())) {
            return;
        }
        List<Edit> edits = new ArrayList<>();
        if (craft.told(LinkSettings.FRAMES) == LinkSettings.Frames.SHORT_WITHOUT_SWITCHES) {
            edits.add(Edit.set(LinkSettings.FRAMES, LinkSettings.Frames.FULL));
        } else {
            edits.add(Edit.set(LinkSettings.CHANNELS, Math.max(16, range.channel())));
        }
        if (LinkSettings.carries(craft, 5)) {
            edits.add(Edit.all(
                    "Put it on channel 5 at both ends",
                    Edit.set(mode, new ModeRange(5, range.fromUs(), range.toUs())),
                    Edit.set(radio, 5)));
        }
        found.add(Violation.of(
                "switch-carried-" + mode.id(),
                Severity.CANNOT_WORK,
                "The " + mode.label() + " is on channel " + range.channel() + ", which the link does not carry",
                "More channels or the full frame mode at the radio, or a lower channel",
                SWITCH,
                List.of(mode, LinkSettings.CHANNELS, LinkSettings.FRAMES),
                edits));
    }

    private static List<Violation> receiver(Craft craft) {
        WhenLost lost = craft.told(ReceiverSettings.WHEN_LOST);
        List<Violation> found = new ArrayList<>();
        Edit noFrames = Edit.set(ReceiverSettings.WHEN_LOST, WhenLost.NO_FRAMES);
        Edit flag = Edit.set(ReceiverSettings.WHEN_LOST, WhenLost.FLAG);
        if (lost == WhenLost.HOLD) {
            found.add(Violation.of(
                    "receiver-hold",
                    Severity.HAZARD,
                    "The receiver holds its last values, so the FC never learns that the link is lost: it flies away",
                    "No-signal failsafe, or its failsafe flag",
                    AWAY,
                    List.of(ReceiverSettings.WHEN_LOST),
                    List.of(noFrames, flag)));
        } else if (lost == WhenLost.PRESETS && craft.told(ReceiverSettings.PRESET_ARM)) {
            double throttle = craft.told(ReceiverSettings.PRESET_THROTTLE);
            found.add(Violation.of(
                    "receiver-presets-armed",
                    Severity.HAZARD,
                    "The receiver's failsafe values keep the arm switch on and the throttle at "
                            + said(craft, ReceiverSettings.PRESET_THROTTLE)
                            + (throttle > IDLING ? ": it flies on" : ": it falls, armed"),
                    "No-signal failsafe, or its failsafe flag",
                    WRONG,
                    List.of(ReceiverSettings.WHEN_LOST, ReceiverSettings.PRESET_ARM, ReceiverSettings.PRESET_THROTTLE),
                    List.of(noFrames, flag, Edit.set(ReceiverSettings.PRESET_ARM, false))));
        } else if (lost == WhenLost.PRESETS && craft.told(FailsafeSettings.STAGE_2) != Stage2.DROP) {
            found.add(Violation.cannotWork(
                    "receiver-presets",
                    "The receiver's failsafe values switch it off, so the FC never comes to: "
                            + said(craft, FailsafeSettings.STAGE_2),
                    "No-signal failsafe, or its failsafe flag: one box decides, not two",
                    WRONG,
                    List.of(ReceiverSettings.WHEN_LOST, FailsafeSettings.STAGE_2),
                    noFrames,
                    flag,
                    Edit.set(FailsafeSettings.STAGE_2, Stage2.DROP)));
        }
        if (craft.told(ReceiverSettings.NOTICES) > LONG_NOTICE_S) {
            found.add(Violation.doubt(
                    "receiver-notices",
                    "The receiver takes " + said(craft, ReceiverSettings.NOTICES) + " to notice",
                    "0.1 to 1 s is usual",
                    "",
                    ReceiverSettings.NOTICES));
        }
        return found;
    }

    private static List<Violation> failsafe(Craft craft) {
        List<Violation> found = new ArrayList<>();
        Stage2 then = craft.told(FailsafeSettings.STAGE_2);
        long hover = Math.round(100 * craft.airframe().hoverThrottle());
        if (then != Stage2.DROP && craft.told(FailsafeSettings.LANDING_THROTTLE) >= hover) {
            found.add(Violation.of(
                    "failsafe-climbs",
                    Severity.HAZARD,
                    "Its landing throttle of " + said(craft, FailsafeSettings.LANDING_THROTTLE)
                            + " climbs: this craft hovers at about " + hover + " %",
                    "Well below " + hover + " %",
                    WRONG,
                    List.of(FailsafeSettings.LANDING_THROTTLE, FailsafeSettings.STAGE_2),
                    List.of(
                            Edit.set(FailsafeSettings.LANDING_THROTTLE, (double) Math.round(SINKS * hover)),
                            Edit.set(FailsafeSettings.STAGE_2, Stage2.DROP))));
        }
        if (then != Stage2.DROP && craft.told(FailsafeSettings.LANDING_TIME) < BRIEF_S) {
            found.add(Violation.cannotWork(
                    "failsafe-landing-time",
                    "Its landing ends after " + said(craft, FailsafeSettings.LANDING_TIME) + ", with the motors off",
                    "Longer than it sinks from the greatest height that is flown",
                    WRONG,
                    List.of(FailsafeSettings.LANDING_TIME),
                    Edit.set(FailsafeSettings.LANDING_TIME, USUAL_LANDING_S)));
        }
        if (craft.told(FailsafeSettings.GUARD) > LONG_GUARD_S) {
            found.add(Violation.doubt(
                    "failsafe-guard",
                    "It flies blind for " + said(craft, FailsafeSettings.GUARD) + " before it does anything",
                    "1 to 1.5 s is usual",
                    "",
                    FailsafeSettings.GUARD));
        }
        if (craft.told(FailsafeSettings.DETECTS) > LONG_NOTICE_S) {
            found.add(Violation.doubt(
                    "failsafe-detects",
                    "The FC takes " + said(craft, FailsafeSettings.DETECTS) + " to notice",
                    "0.1 to 0.3 s is usual",
                    "",
                    FailsafeSettings.DETECTS));
        }
        return found;
    }

    private static List<Violation> home(Craft craft) {
        if (craft.told(FailsafeSettings.STAGE_2) != Stage2.RETURN_HOME) {
            return List.of();
        }
        List<Violation> found = new ArrayList<>();
        RadioChain chain = RadioChain.of(craft);
        if (chain.lines().isPresent() && !chain.hasPositioning()) {
            found.add(Violation.cannotWork(
                    "return-gnss",
                    "When the link stays lost it is to return home, and it has no GNSS module",
                    "Choose to land or to drop",
                    WRONG,
                    List.of(FailsafeSettings.STAGE_2),
                    Edit.set(FailsafeSettings.STAGE_2, Stage2.LAND),
                    Edit.set(FailsafeSettings.STAGE_2, Stage2.DROP)));
        }
        if (Math.abs(craft.told(FailsafeSettings.COMPASS_OFF)) > LostLink.Home.CIRCLES) {
            found.add(Violation.of(
                    "return-north",
                    Severity.HAZARD,
                    "What it takes for north is off by " + said(craft, FailsafeSettings.COMPASS_OFF)
                            + ": a return flies off",
                    "Enter how the compass is mounted",
                    HOME,
                    List.of(FailsafeSettings.COMPASS_OFF),
                    List.of(Edit.doing(
                            FailsafeSettings.COMPASS_OFF,
                            0.0,
                            "Enter how the compass is mounted and calibrate it",
                            6))));
        }
        int satellites = craft.told(FailsafeSettings.LEAST_SATELLITES);
        if (satellites < LostLink.Home.ENOUGH || satellites > MANY) {
            found.add(Violation.doubt(
                    "return-satellites",
                    "It returns with " + satellites + " satellites" + (satellites > MANY ? " only" : ""),
                    LostLink.Home.ENOUGH + " are common",
                    HOME,
                    FailsafeSettings.LEAST_SATELLITES));
        }
        if (craft.told(FailsafeSettings.LEAST_DISTANCE) > FAR_M) {
            found.add(Violation.doubt(
                    "return-distance",
                    "Nearer than " + said(craft, FailsafeSettings.LEAST_DISTANCE) + " it lands instead of returning",
                    "10 m for a first try",
                    HOME,
                    FailsafeSettings.LEAST_DISTANCE));
        }
        if (craft.told(FailsafeSettings.CLIMB_TO) < LOW_M) {
            found.add(Violation.doubt(
                    "return-height",
                    "It returns at " + said(craft, FailsafeSettings.CLIMB_TO),
                    "30 m for a first try, and above what stands around",
                    HOME,
                    FailsafeSettings.CLIMB_TO));
        }
        if (craft.told(FailsafeSettings.HOME_AT) == HomeAt.POWER) {
            found.add(Violation.doubt(
                    "return-home-at",
                    "Home is where it got its fix, not where it was armed",
                    "Each time it is armed, unless it always gets its power where it flies",
                    HOME,
                    FailsafeSettings.HOME_AT));
        }
        return found;
    }
}

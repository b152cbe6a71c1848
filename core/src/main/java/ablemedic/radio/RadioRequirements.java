package ablemedic.radio;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Setting;
import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FailsafeSettings.AfterGuardTime;
import ablemedic.craft.FailsafeSettings.HomeAt;
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
        return craft.configuration().said(setting);
    }

    private static List<Violation> link(Craft craft) {
        List<Violation> found = new ArrayList<>();
        int radio = craft.setting(LinkSettings.RADIO_GENERATION);
        int receiver = craft.setting(LinkSettings.RECEIVER_GENERATION);
        if (radio != receiver) {
            found.add(Violation.cannotWork(
                    Radio.WORDS
                            .requirement("link-generation")
                            .with("module", Param.whole(radio, ""))
                            .with("receiver", Param.whole(receiver, "")),
                    BIND,
                    List.of(LinkSettings.RECEIVER_GENERATION, LinkSettings.RADIO_GENERATION),
                    Edit.set(LinkSettings.RECEIVER_GENERATION, radio),
                    Edit.set(LinkSettings.RADIO_GENERATION, receiver)));
        }
        Violation.unless(craft, RadioSettings.MODULE, true, Radio.WORDS.requirement("link-module"), BIND)
                .ifPresent(found::add);
        Violation.unless(craft, RadioSettings.BOUND, true, Radio.WORDS.requirement("link-bound"), BIND)
                .ifPresent(found::add);
        Violation.unless(craft, LinkSettings.PROTOCOL, true, Radio.WORDS.requirement("link-protocol"), BIND)
                .ifPresent(found::add);
        Violation.unless(craft, LinkSettings.MODEL, true, Radio.WORDS.requirement("link-model"), BIND)
                .ifPresent(found::add);
        Violation.unless(craft, LinkSettings.BESIDE, false, Radio.WORDS.requirement("link-beside"), BIND)
                .ifPresent(found::add);
        Violation.unless(craft, LinkSettings.OUTPUT, true, Radio.WORDS.requirement("link-output"), RANGE)
                .ifPresent(found::add);
        if (craft.setting(LinkSettings.POWER) > MUCH_MW) {
            found.add(Violation.doubt(
                    Radio.WORDS.requirement("link-power").with("power", Param.written(said(craft, LinkSettings.POWER))),
                    "",
                    LinkSettings.POWER));
        }
        return found;
    }

    private static List<Violation> radio(Craft craft) {
        return !craft.setting(LinkSettings.MODEL_TYPE).mixes()
                ? List.of()
                : List.of(Violation.cannotWork(
                        Radio.WORDS
                                .requirement("radio-model-type")
                                .with("type", Param.written(said(craft, LinkSettings.MODEL_TYPE))),
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
        ModeRange level = craft.setting(ArmingSettings.LEVEL);
        int channel = craft.setting(ArmingSettings.RADIO_LEVEL_CHANNEL);
        if (level.isNone()) {
            found.add(Violation.doubt(Radio.WORDS.requirement("switch-level-none"), SWITCH, ArmingSettings.LEVEL));
        } else if (level.channel() != channel) {
            found.add(Violation.cannotWork(
                    Radio.WORDS
                            .requirement("switch-level-channel")
                            .with("range", Param.written(level.toString()))
                            .with("channel", Param.written(said(craft, ArmingSettings.RADIO_LEVEL_CHANNEL))),
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
        ModeRange range = craft.setting(mode);
        if (range.isNone() || LinkSettings.carries(craft, range.channel())) {
            return;
        }
        Words words = Radio.WORDS
                .requirement("switch-carried")
                .with("mode", Param.written(mode.label()))
                .with("channel", new Param.Count(range.channel()));
        List<Edit> edits = new ArrayList<>();
        if (craft.setting(LinkSettings.FRAMES) == LinkSettings.Frames.SHORT_WITHOUT_SWITCHES) {
            edits.add(Edit.set(LinkSettings.FRAMES, LinkSettings.Frames.FULL));
        } else {
            edits.add(Edit.set(LinkSettings.CHANNELS, Math.max(16, range.channel())));
        }
        if (LinkSettings.carries(craft, 5)) {
            edits.add(Edit.all(
                    words.line("edit"),
                    Edit.set(mode, new ModeRange(5, range.fromUs(), range.toUs())),
                    Edit.set(radio, 5)));
        }
        found.add(Violation.of(
                "switch-carried-" + mode.id(),
                words,
                Severity.CANNOT_WORK,
                SWITCH,
                List.of(mode, LinkSettings.CHANNELS, LinkSettings.FRAMES),
                edits));
    }

    private static List<Violation> receiver(Craft craft) {
        WhenLost lost = craft.setting(ReceiverSettings.WHEN_LOST);
        List<Violation> found = new ArrayList<>();
        Edit noFrames = Edit.set(ReceiverSettings.WHEN_LOST, WhenLost.NO_FRAMES);
        Edit flag = Edit.set(ReceiverSettings.WHEN_LOST, WhenLost.FLAG);
        if (lost == WhenLost.HOLD) {
            found.add(Violation.of(
                    Radio.WORDS.requirement("receiver-hold"),
                    Severity.HAZARD,
                    AWAY,
                    List.of(ReceiverSettings.WHEN_LOST),
                    List.of(noFrames, flag)));
        } else if (lost == WhenLost.PRESETS && craft.setting(ReceiverSettings.PRESET_ARM)) {
            double throttle = craft.setting(ReceiverSettings.PRESET_THROTTLE);
            found.add(Violation.of(
                    Radio.WORDS
                            .requirement("receiver-presets-armed")
                            .with("throttle", Param.written(said(craft, ReceiverSettings.PRESET_THROTTLE)))
                            .with("flies", Param.when(throttle > IDLING)),
                    Severity.HAZARD,
                    WRONG,
                    List.of(ReceiverSettings.WHEN_LOST, ReceiverSettings.PRESET_ARM, ReceiverSettings.PRESET_THROTTLE),
                    List.of(noFrames, flag, Edit.set(ReceiverSettings.PRESET_ARM, false))));
        } else if (lost == WhenLost.PRESETS && craft.setting(FailsafeSettings.STAGE_2) != AfterGuardTime.DROP) {
            found.add(Violation.cannotWork(
                    Radio.WORDS
                            .requirement("receiver-presets")
                            .with("action", Param.written(said(craft, FailsafeSettings.STAGE_2))),
                    WRONG,
                    List.of(ReceiverSettings.WHEN_LOST, FailsafeSettings.STAGE_2),
                    noFrames,
                    flag,
                    Edit.set(FailsafeSettings.STAGE_2, AfterGuardTime.DROP)));
        }
        if (craft.setting(ReceiverSettings.NOTICES) > LONG_NOTICE_S) {
            found.add(Violation.doubt(
                    Radio.WORDS
                            .requirement("receiver-notices")
                            .with("time", Param.written(said(craft, ReceiverSettings.NOTICES))),
                    "",
                    ReceiverSettings.NOTICES));
        }
        return found;
    }

    private static List<Violation> failsafe(Craft craft) {
        List<Violation> found = new ArrayList<>();
        AfterGuardTime then = craft.setting(FailsafeSettings.STAGE_2);
        long hover = Math.round(100 * craft.airframe().hoverThrottle());
        if (then != AfterGuardTime.DROP && craft.setting(FailsafeSettings.LANDING_THROTTLE) >= hover) {
            found.add(Violation.of(
                    Radio.WORDS
                            .requirement("failsafe-climbs")
                            .with("throttle", Param.written(said(craft, FailsafeSettings.LANDING_THROTTLE)))
                            .with("hover", Param.whole(hover, "")),
                    Severity.HAZARD,
                    WRONG,
                    List.of(FailsafeSettings.LANDING_THROTTLE, FailsafeSettings.STAGE_2),
                    List.of(
                            Edit.set(FailsafeSettings.LANDING_THROTTLE, (double) Math.round(SINKS * hover)),
                            Edit.set(FailsafeSettings.STAGE_2, AfterGuardTime.DROP))));
        }
        if (then != AfterGuardTime.DROP && craft.setting(FailsafeSettings.LANDING_TIME) < BRIEF_S) {
            found.add(Violation.cannotWork(
                    Radio.WORDS
                            .requirement("failsafe-landing-time")
                            .with("time", Param.written(said(craft, FailsafeSettings.LANDING_TIME))),
                    WRONG,
                    List.of(FailsafeSettings.LANDING_TIME),
                    Edit.set(FailsafeSettings.LANDING_TIME, USUAL_LANDING_S)));
        }
        if (craft.setting(FailsafeSettings.GUARD) > LONG_GUARD_S) {
            found.add(Violation.doubt(
                    Radio.WORDS
                            .requirement("failsafe-guard")
                            .with("time", Param.written(said(craft, FailsafeSettings.GUARD))),
                    "",
                    FailsafeSettings.GUARD));
        }
        if (craft.setting(FailsafeSettings.DETECTS) > LONG_NOTICE_S) {
            found.add(Violation.doubt(
                    Radio.WORDS
                            .requirement("failsafe-detects")
                            .with("time", Param.written(said(craft, FailsafeSettings.DETECTS))),
                    "",
                    FailsafeSettings.DETECTS));
        }
        return found;
    }

    private static List<Violation> home(Craft craft) {
        if (craft.setting(FailsafeSettings.STAGE_2) != AfterGuardTime.RETURN_HOME) {
            return List.of();
        }
        List<Violation> found = new ArrayList<>();
        RadioChain chain = RadioChain.of(craft);
        if (chain.lines().isPresent() && !chain.hasPositioning()) {
            found.add(Violation.cannotWork(
                    Radio.WORDS.requirement("return-gnss"),
                    WRONG,
                    List.of(FailsafeSettings.STAGE_2),
                    Edit.set(FailsafeSettings.STAGE_2, AfterGuardTime.LAND),
                    Edit.set(FailsafeSettings.STAGE_2, AfterGuardTime.DROP)));
        }
        if (Math.abs(craft.setting(FailsafeSettings.COMPASS_OFF)) > LostLink.Home.CIRCLES) {
            Words words = Radio.WORDS
                    .requirement("return-north")
                    .with("off", Param.written(said(craft, FailsafeSettings.COMPASS_OFF)));
            found.add(Violation.of(
                    words,
                    Severity.HAZARD,
                    HOME,
                    List.of(FailsafeSettings.COMPASS_OFF),
                    List.of(Edit.doing(FailsafeSettings.COMPASS_OFF, 0.0, words.line("edit"), 6))));
        }
        int satellites = craft.setting(FailsafeSettings.LEAST_SATELLITES);
        if (satellites < LostLink.Home.ENOUGH || satellites > MANY) {
            found.add(Violation.doubt(
                    Radio.WORDS
                            .requirement("return-satellites")
                            .with("n", new Param.Count(satellites))
                            .with("many", Param.when(satellites > MANY))
                            .with("enough", new Param.Count(LostLink.Home.ENOUGH)),
                    HOME,
                    FailsafeSettings.LEAST_SATELLITES));
        }
        if (craft.setting(FailsafeSettings.LEAST_DISTANCE) > FAR_M) {
            found.add(Violation.doubt(
                    Radio.WORDS
                            .requirement("return-distance")
                            .with("distance", Param.written(said(craft, FailsafeSettings.LEAST_DISTANCE))),
                    HOME,
                    FailsafeSettings.LEAST_DISTANCE));
        }
        if (craft.setting(FailsafeSettings.CLIMB_TO) < LOW_M) {
            found.add(Violation.doubt(
                    Radio.WORDS
                            .requirement("return-height")
                            .with("height", Param.written(said(craft, FailsafeSettings.CLIMB_TO))),
                    HOME,
                    FailsafeSettings.CLIMB_TO));
        }
        if (craft.setting(FailsafeSettings.HOME_AT) == HomeAt.POWER) {
            found.add(Violation.doubt(Radio.WORDS.requirement("return-home-at"), HOME, FailsafeSettings.HOME_AT));
        }
        return found;
    }
}

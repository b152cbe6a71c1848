package ablemedic.radio;

import ablemedic.catalogue.Names;
import ablemedic.catalogue.Param;
import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FailsafeSettings.AfterGuardTime;
import ablemedic.craft.FailsafeSettings.HomeAt;
import ablemedic.craft.ReceiverSettings;
import ablemedic.craft.ReceiverSettings.WhenLost;
import ablemedic.family.FaultBuilder;
import ablemedic.family.FaultList;
import ablemedic.family.Odds;
import ablemedic.family.SettingTrouble;

/** The faults of what receiver and board do when the link is lost. */
final class FailsafeFaults {
    static final SettingTrouble<WhenLost> WHEN_LOST = SettingTrouble.of(ReceiverSettings.WHEN_LOST);
    static final SettingTrouble<AfterGuardTime> STAGE_2 = SettingTrouble.of(FailsafeSettings.STAGE_2);
    static final SettingTrouble<Double> GUARD = SettingTrouble.of(FailsafeSettings.GUARD);
    static final SettingTrouble<Double> LANDING_THROTTLE = SettingTrouble.of(FailsafeSettings.LANDING_THROTTLE);
    static final SettingTrouble<Double> LANDING_TIME = SettingTrouble.of(FailsafeSettings.LANDING_TIME);
    static final SettingTrouble<Double> LEAST_DISTANCE = SettingTrouble.of(FailsafeSettings.LEAST_DISTANCE);
    static final SettingTrouble<Integer> LEAST_SATELLITES = SettingTrouble.of(FailsafeSettings.LEAST_SATELLITES);
    static final SettingTrouble<HomeAt> HOME_AT = SettingTrouble.of(FailsafeSettings.HOME_AT);
    static final SettingTrouble<Double> COMPASS = SettingTrouble.of(FailsafeSettings.COMPASS_OFF);

    /** A guard time that was set far too long, seconds. */
    private static final double LONG_GUARD_S = 10;

    /** The page that what keeps a return from starting shares. */
    private static final String RETURN = "return-terms";

    private static final double FAR_M = 500;
    private static final int MANY = 25;
    private static final double SOON_S = 2;

    private final Craft sound;
    private final RadioChain chain;
    private final FaultList faults;

    private FailsafeFaults(FaultList faults, Craft sound, RadioChain chain) {
        this.faults = faults;
        this.sound = sound;
        this.chain = chain;
    }

    static void addTo(FaultList faults, Craft sound, RadioChain chain) {
        FailsafeFaults all = new FailsafeFaults(faults, sound, chain);
        all.receiver();
        all.board();
        if (sound.setting(FailsafeSettings.STAGE_2) == AfterGuardTime.RETURN_HOME && chain.hasPositioning()) {
            all.home();
        }
    }

    private void receiver() {
        if (sound.setting(ReceiverSettings.WHEN_LOST) != WhenLost.HOLD) {
            whenLost("receiver-holds", WhenLost.HOLD).prior(RadioOdds.HOLDS).fix("set", 3);
        }
        double hover = 100 * sound.airframe().hoverThrottle();
        presets("presets-armed", RadioOdds.PRESETS_ARMED, true, Math.min(100, Math.rint(hover * 1.2)));
        presets("presets-switch-off", RadioOdds.PRESETS_OFF, false, 0);
    }

    private FaultBuilder whenLost(String kind, WhenLost wrong) {
        Param right = choice(sound.setting(ReceiverSettings.WHEN_LOST));
        return faults.add(Radio.WORDS.fault(kind))
                .sets(WHEN_LOST, sound, was -> wrong)
                .with(
                        "right",
                        new Param.Nested(
                                Radio.WORDS.name("when-lost").with("is", right).line("as")))
                .with(
                        "how",
                        new Param.Nested(
                                Radio.WORDS.name("when-lost").with("is", right).line("how")));
    }

    private void presets(String kind, Odds prior, boolean armed, double throttle) {
        if (sound.setting(ReceiverSettings.WHEN_LOST) != WhenLost.PRESETS) {
            whenLost(kind, WhenLost.PRESETS)
                    .also(craft -> craft.with(ReceiverSettings.PRESET_ARM, armed)
                            .with(ReceiverSettings.PRESET_THROTTLE, throttle))
                    .prior(prior)
                    .fix("set", 3);
        }
    }

    private static Param choice(Enum<?> value) {
        return new Param.Choice(Names.id(value));
    }

    private <T> Param right(SettingTrouble<T> trouble) {
        return Param.written(sound.configuration().said(trouble.setting()));
    }

    private void board() {
        AfterGuardTime right = sound.setting(FailsafeSettings.STAGE_2);
        for (AfterGuardTime other : AfterGuardTime.values()) {
            if (other != right
                    && (other != AfterGuardTime.RETURN_HOME
                            || right == AfterGuardTime.DROP && chain.hasPositioning())) {
                faults.add(Radio.WORDS.fault("stage-2-other"))
                        .id("stage-2-" + choice(other).plain())
                        .sets(STAGE_2, sound, was -> other)
                        .prior(RadioOdds.STAGE_2.times(0.5))
                        .with("wrong", choice(other))
                        .with("right", choice(right))
                        .fix("set", 2);
            }
        }
        if (sound.setting(FailsafeSettings.GUARD) < LONG_GUARD_S / 2) {
            faults.add(Radio.WORDS.fault("guard-long"))
                    .sets(GUARD, sound, was -> LONG_GUARD_S)
                    .prior(RadioOdds.GUARD)
                    .with("wrong", Param.whole(Math.round(LONG_GUARD_S), ""))
                    .with("right", right(GUARD))
                    .fix("set", 2);
        }
        if (right == AfterGuardTime.LAND) {
            landing();
        }
    }

    private void landing() {
        double hover = 100 * sound.airframe().hoverThrottle();
        if (sound.setting(FailsafeSettings.LANDING_THROTTLE) >= hover) {
            return;
        }
        double high = Math.min(100, Math.rint(hover * 1.15));
        faults.add(Radio.WORDS.fault("landing-throttle-off"))
                .id("landing-throttle-high")
                .sets(LANDING_THROTTLE, sound, was -> high)
                .prior(RadioOdds.LANDING)
                .with("wrong", Param.whole(Math.round(high), ""))
                .with("hover", Param.whole(Math.round(hover), ""))
                .with("right", right(LANDING_THROTTLE))
                .fix("set", 2);
        faults.add(Radio.WORDS.fault("landing-time-short"))
                .sets(LANDING_TIME, sound, was -> SOON_S)
                .prior(RadioOdds.LANDING.times(0.5))
                .with("wrong", Param.whole(Math.round(SOON_S), ""))
                .with("right", right(LANDING_TIME))
                .fix("set", 2);
    }

    private void home() {
        faults.add(Radio.WORDS.fault("return-distance-large"))
                .kind(RETURN)
                .sets(LEAST_DISTANCE, sound, was -> FAR_M)
                .prior(RadioOdds.RETURN.times(0.5))
                .with("wrong", Param.whole(Math.round(FAR_M), ""))
                .with("right", right(LEAST_DISTANCE))
                .fix("set", 2);
        faults.add(Radio.WORDS.fault("return-satellites-many"))
                .kind(RETURN)
                .sets(LEAST_SATELLITES, sound, was -> MANY)
                .prior(RadioOdds.RETURN.times(0.3))
                .with("wrong", new Param.Count(MANY))
                .with("right", right(LEAST_SATELLITES))
                .fix("set", 2);
        if (sound.setting(FailsafeSettings.HOME_AT) == HomeAt.ARMING) {
            faults.add(Radio.WORDS.fault("home-elsewhere"))
                    .id("home-at-power")
                    .sets(HOME_AT, sound, was -> HomeAt.POWER)
                    .prior(RadioOdds.RETURN)
                    .fix("set", 2);
        }
        faults.add(Radio.WORDS.fault("compass-turned"))
                .sets(COMPASS, sound, was -> 180.0)
                .prior(RadioOdds.COMPASS)
                .fix("set", 8);
    }
}

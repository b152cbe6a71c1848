package ablemedic.settings;

import ablemedic.catalogue.Param;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.FirmwareSettings;
import ablemedic.craft.FirmwareSettings.Image;
import ablemedic.diagnosis.Fault;
import ablemedic.family.FaultBuilder;
import ablemedic.family.FaultList;
import ablemedic.family.SettingTrouble;
import ablemedic.snapshot.ReadBack;
import ablemedic.uart.CraftLines;
import ablemedic.wiring.UartFunction;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What a flash leaves behind: a board that does not start, settings that are as new, a job that was not built in. */
final class FlashFaults {
    static final SettingTrouble<Image> IMAGE = SettingTrouble.of(FirmwareSettings.IMAGE);
    private static final SettingTrouble<Boolean> COMPASS = SettingTrouble.of(FirmwareSettings.COMPASS_BUILT);
    private static final Map<UartFunction, SettingTrouble<Boolean>> BUILT = new EnumMap<>(UartFunction.class);

    static {
        Arrays.stream(UartFunction.values())
                .filter(FirmwareSettings::canBeLeftOut)
                .forEach(job -> BUILT.put(job, SettingTrouble.of(FirmwareSettings.built(job))));
    }

    private final Craft sound;
    private final FaultList faults = new FaultList();

    private FlashFaults(Craft sound) {
        this.sound = sound;
    }

    static SettingTrouble<Boolean> compassBuilt() {
        return COMPASS;
    }

    static SettingTrouble<Boolean> built(UartFunction job) {
        return BUILT.get(job);
    }

    static List<Fault<Craft>> of(Craft sound, Optional<CraftLines> lines) {
        FlashFaults all = new FlashFaults(sound);
        all.image("image-half", Image.HALF);
        all.image("image-of-another-board", Image.OF_ANOTHER_BOARD);
        all.erased();
        all.compass();
        lines.ifPresent(all::leftOut);
        return all.faults.all();
    }

    private void image(String kind, Image image) {
        faults.add(SettingsAndFirmware.WORDS.fault(kind))
                .sets(IMAGE, sound, was -> image)
                .site("image")
                .remedy("board starts")
                .prior(SettingsOdds.IMAGE)
                .fix("write", 15);
    }

    /** A full erase: the board is as new. */
    private void erased() {
        if (!ReadBack.erased(sound).equals(sound)) {
            faults.add(SettingsAndFirmware.WORDS.fault("settings-erased"))
                    .site("settings")
                    .prior(SettingsOdds.ERASED)
                    .changes(ReadBack::erased)
                    .fixedBy(
                            "put-back",
                            "settings as before",
                            craft -> craft.with(
                                    craft.configuration().taking(ReadBack::isOfBoard, sound.configuration())),
                            12)
                    .add();
        }
    }

    private FaultBuilder leftOut(String id, String words, SettingTrouble<Boolean> built) {
        return faults.add(SettingsAndFirmware.WORDS.fault(words))
                .id("left-out-" + id)
                .kind("job-left-out")
                .sets(built, sound, was -> false)
                .site("build " + id)
                .remedy("build with " + id)
                .prior(SettingsOdds.LEFT_OUT);
    }

    private void compass() {
        if (sound.setting(FcSettings.COMPASS) && FirmwareSettings.readsCompass(sound)) {
            leftOut("compass", "left-out-compass", COMPASS).fix("flash", 15);
        }
    }

    private void leftOut(CraftLines lines) {
        BUILT.forEach((job, built) -> {
            if (lines.of(job).isPresent() && FirmwareSettings.holds(sound, job)) {
                leftOut(job.id(), "left-out", built)
                        .with("function", Param.written(job.label()))
                        .fix("flash", 15);
            }
        });
    }
}

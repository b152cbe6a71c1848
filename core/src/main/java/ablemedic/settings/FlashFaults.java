package ablemedic.settings;

import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.FirmwareSettings;
import ablemedic.craft.FirmwareSettings.Image;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Fix.Value;
import ablemedic.family.CraftFault;
import ablemedic.family.SettingTrouble;
import ablemedic.snapshot.ReadBack;
import ablemedic.uart.CraftLines;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

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
    private final List<Fault<Craft>> faults = new ArrayList<>();

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
        all.image(
                Image.HALF,
                "image-half",
                "The last flash was written in part: the board does not start, and its boot device answers");
        all.image(
                Image.OF_ANOTHER_BOARD,
                "image-of-another-board",
                "What was flashed is for another board: it does not start");
        all.erased();
        all.compass();
        lines.ifPresent(all::leftOut);
        return List.copyOf(all.faults);
    }

    private void image(Image image, String id, String description) {
        List<String> steps = Stream.concat(
                        Stream.of(
                                "Props off. What was there stands in the chip no more; its boot device does, for good.",
                                "Read the target off the board or its papers, not off what somebody flashed."),
                        Stream.concat(
                                FlashPlan.REMEDIES.stream().map(one -> one.text() + "."),
                                Stream.of(
                                        "Write the version for this target with a full erase; then put the settings back.")))
                .toList();
        faults.add(IMAGE.wrong(
                id,
                id,
                "image",
                SettingsOdds.IMAGE,
                was -> image,
                any -> description,
                IMAGE.entered(
                        "write",
                        "board starts",
                        "Bring up its boot device and write again, for this target",
                        steps,
                        15)));
    }

    /** A full erase: the board is as new. */
    private void erased() {
        Craft erased = ReadBack.erased(sound);
        if (!erased.equals(sound)) {
            faults.add(new CraftFault(
                    "settings-erased",
                    "settings-erased",
                    "settings",
                    any -> "The board's settings are as new: a full erase took them",
                    SettingsOdds.ERASED,
                    ReadBack::erased,
                    (whole, faulty) -> List.of(new Fix<>(
                            "put-back",
                            "settings as before",
                            "Put the settings back",
                            List.of(
                                    "From the last listing before, under the names of the version that is on it now.",
                                    "What a listing does not hold is done anew: level on a flat surface, ends of the throttle where it speaks pulses.",
                                    SettingTrouble.SAVE),
                            List.of(new Value("settings of the board", "as new", "as on its sheet")),
                            12,
                            craft -> craft.with(craft.told().taking(ReadBack::isOfBoard, sound.told()))))));
        }
    }

    private void compass() {
        if (sound.told(FcSettings.COMPASS) && FirmwareSettings.readsCompass(sound)) {
            faults.add(COMPASS.wrong(
                    "left-out-compass",
                    "job-left-out",
                    "build compass",
                    SettingsOdds.LEFT_OUT,
                    was -> false,
                    any -> "The build on the FC leaves the compass out",
                    COMPASS.entered(
                            "flash",
                            "build with compass",
                            "Flash a build that can read the compass",
                            List.of(
                                    "Export the settings first.",
                                    "Choose a build of the same version with the compass in it, and flash.",
                                    "Restore the settings; calibrate the compass outdoors."),
                            15)));
        }
    }

    private void leftOut(CraftLines lines) {
        for (Map.Entry<UartFunction, SettingTrouble<Boolean>> one : BUILT.entrySet()) {
            UartFunction job = one.getKey();
            if (lines.of(job).isPresent() && FirmwareSettings.holds(sound, job)) {
                faults.add(one.getValue()
                        .wrong(
                                "left-out-" + job.id(),
                                "job-left-out",
                                "build " + job.id(),
                                SettingsOdds.LEFT_OUT,
                                was -> false,
                                any -> "The build on the board leaves " + job.label() + " out",
                                one.getValue()
                                        .entered(
                                                "flash",
                                                "build with " + job.id(),
                                                "Flash a build that holds " + job.label(),
                                                List.of(
                                                        "Let the board list its settings and keep that: a job that is left out takes its settings with it.",
                                                        "Choose a build of the same version with " + job.label()
                                                                + " in it, and flash.",
                                                        "Put back what got lost, and give the job to its port."),
                                                15)));
            }
        }
    }
}

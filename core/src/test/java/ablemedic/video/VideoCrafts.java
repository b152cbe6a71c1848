package ablemedic.video;

import ablemedic.craft.Craft;
import ablemedic.craft.VideoSettings;
import ablemedic.serial.SerialCrafts;
import java.util.List;

/** Crafts with a picture to test on. */
public final class VideoCrafts {
    private VideoCrafts() {}

    /** Figures drawn on the FC, all fed from its regulators, a capacitor at the battery's wires. */
    public static Craft analog() {
        return SerialCrafts.with("board-f7", "receiver", "camera", "video", "capacitor-470");
    }

    /** A display board in the line of the picture. */
    public static Craft inLine() {
        return SerialCrafts.with("board-f3", "receiver-polled", "display", "camera", "video-5v", "capacitor-470");
    }

    /** An air unit with its camera. */
    public static Craft digital() {
        return SerialCrafts.with("board-f7", "receiver", "air-unit", "capacitor-470");
    }

    /** A transmitter that flies with all the power that it has. */
    public static Craft strong() {
        return analog().with(VideoSettings.POWER, 400);
    }

    /** Without a capacitor at the battery's wires. */
    public static Craft bare() {
        return SerialCrafts.with("board-f7", "receiver", "camera", "video");
    }

    public static List<Craft> all() {
        return List.of(analog(), inLine(), digital(), strong(), bare());
    }
}

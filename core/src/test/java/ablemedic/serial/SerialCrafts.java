package ablemedic.serial;

import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinConvention;
import ablemedic.parts.PartsLibrary;
import ablemedic.parts.WiringLayout;
import ablemedic.uart.UartsFromWiring;
import ablemedic.wiring.BatteryType;
import ablemedic.wiring.Chemistry;
import ablemedic.wiring.ElectricSheet;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Gauge;
import ablemedic.wiring.Wire;
import java.util.ArrayList;
import java.util.List;

/** Crafts with serial lines to test on. */
public final class SerialCrafts {
    private SerialCrafts() {}

    /** A 5-inch craft with a board and parts of the parts library, its UARTs told as the wires lie. */
    public static Craft with(String board, String... parts) {
        Craft craft = CraftClass.INCH_5.sound(SpinConvention.INWARD, MotorNumbering.REAR_RIGHT_FIRST, Rotation.NONE);
        WiringLayout layout = WiringLayout.STACK.takes(PartsLibrary.find(board).orElseThrow())
                ? WiringLayout.STACK
                : WiringLayout.SEPARATE;
        ElectricSheet sheet = layout.bare(
                craft.outputs().stream().map(Corner::ordinal).toList(),
                Corner.ALL.stream().map(craft.airframe().shape()::shortName).toList(),
                craft.airframe().reachMm(),
                new BatteryType(4, Chemistry.LIPO, 1500, 4),
                PartsLibrary.find(board).orElseThrow());
        for (String part : parts) {
            sheet = WiringLayout.withPart(sheet, PartsLibrary.find(part).orElseThrow());
        }
        return UartsFromWiring.told(craft.withElectrics(new Electrics(sheet)));
    }

    /**
     * Receiver with its telemetry, positioning, video: everything shared or joined on a board that turns lines in the
     * chip.
     */
    public static Craft shared() {
        return with("board-f7", "receiver", "gnss", "video", "display");
    }

    /** A one-way receiver on the inverted pad, its telemetry wire on a UART of its own. */
    public static Craft polled() {
        return with("board-f3", "receiver-polled", "gnss");
    }

    /** Telemetry over a pair of modems. */
    public static Craft modem() {
        return with("board-f4-pad", "receiver-one-way", "modem", "gnss");
    }

    /** A polled telemetry wire on a pad of an F4 board that nothing turns round: it cannot work as it is joined. */
    public static Craft plainPad() {
        Craft craft = with("board-f4-pad", "receiver-polled", "gnss");
        ElectricSheet sheet = craft.electrics().sheet();
        List<Wire> wires = new ArrayList<>(sheet.wires());
        wires.add(new Wire("FC.T4", "RX.TEL", new Gauge(28), 80, false));
        return UartsFromWiring.told(
                craft.withElectrics(new Electrics(new ElectricSheet(sheet.parts(), wires, sheet.battery()))));
    }

    /** The same with a video transmitter's control wire on that pad as well. */
    static Craft crowded() {
        Craft craft = plainPad();
        ElectricSheet sheet = WiringLayout.withPart(
                craft.electrics().sheet(), PartsLibrary.find("video").orElseThrow());
        List<Wire> wires = new ArrayList<>(sheet.wires());
        wires.add(new Wire("FC.T4", "VTX.C", new Gauge(28), 80, false));
        return UartsFromWiring.told(
                craft.withElectrics(new Electrics(new ElectricSheet(sheet.parts(), wires, sheet.battery()))));
    }

    public static List<Craft> all() {
        return List.of(
                shared(),
                polled(),
                modem(),
                plainPad(),
                crowded(),
                with("board-f4-jumper", "receiver-one-way", "gnss"),
                with("board-f1", "receiver-satellite", "gnss", "video-5v"),
                with("board-f1", "receiver-satellite"),
                with("board-f4-switch", "receiver-one-way", "gnss"),
                with("board-h7", "receiver-stream", "gnss-3v3", "video-5v"));
    }
}

package ablemedic.serial;

import ablemedic.craft.Craft;
import ablemedic.craft.ModemSettings;
import ablemedic.craft.RadioSettings;
import ablemedic.protocol.Format;
import ablemedic.serial.SerialDefect.NoTelemetry;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLines;
import ablemedic.uart.JoinedPart;
import ablemedic.uart.Reach;
import ablemedic.wiring.UartFunction;
import java.util.Optional;

/**
 * What comes back to the pilot or the ground station.
 *
 * @param shown of what the board measures, and whether it goes on
 * @param strength whether the receiver's own strength shows
 * @param up whether settings can be changed from the ground
 */
record Telemetry(Reach shown, boolean strength, boolean up) {
    private static final double SIGNAL_V = 3.3;

    /** By which way telemetry goes. */
    enum Way {
        /** Over the receiver's own line. */
        SHARED("radio"),
        /** Over a line of its own to the receiver. */
        OWN_LINE("radio"),
        /** Over a pair of modems. */
        MODEM("ground-station");

        private final String screen;

        Way(String screen) {
            this.screen = screen;
        }

        /** Where it shows. */
        String screen() {
            return Serial.WORDS.name("screen").outcome(screen).plain();
        }
    }

    /** The way that a craft has; nothing where it has none. */
    static Optional<Way> way(CraftLines lines) {
        Optional<CraftLine> own = lines.of(UartFunction.TELEMETRY);
        if (own.isPresent()) {
            return Optional.of(own.get().format() == Format.MAVLINK ? Way.MODEM : Way.OWN_LINE);
        }
        return lines.isShared() ? Optional.of(Way.SHARED) : Optional.empty();
    }

    /** Whether settings go up it on a sound craft. */
    static boolean goesUp(CraftLines lines) {
        return way(lines).isPresent() && !isStream(lines);
    }

    /**
     * Whether it goes one way by what it is, so that whoever wants to change settings over it has the wrong receiver.
     */
    static boolean isStream(CraftLines lines) {
        return lines.of(UartFunction.TELEMETRY)
                .filter(line -> line.format() == Format.STREAM)
                .isPresent();
    }

    /** The name under which it is kept that a line can never carry settings up. */
    static String upOf(CraftLine line) {
        return line.id() + "-up";
    }

    static Telemetry of(CraftLines lines, Craft craft) {
        return switch (way(lines).orElseThrow()) {
            case SHARED -> {
                CraftLines.Now line = lines.now(lines.of(UartFunction.RECEIVER).orElseThrow(), craft, false);
                Reach down = CraftLines.telemetryOn(craft) ? line.spoken() : Reach.NONE;
                yield atRadio(lines, craft, down, line.heard() != Reach.NONE);
            }
            case OWN_LINE -> {
                CraftLine own = lines.of(UartFunction.TELEMETRY).orElseThrow();
                CraftLines.Now line = lines.now(own, craft, false);
                yield atRadio(lines, craft, line.spoken(), !craft.electrics().cannotWork(upOf(own)));
            }
            case MODEM -> overModems(lines, craft);
        };
    }

    private static Telemetry atRadio(CraftLines lines, Craft craft, Reach down, boolean up) {
        boolean mute = lines.of(UartFunction.RECEIVER)
                .filter(line -> NoTelemetry.isAt(craft, line.part()))
                .isPresent();
        if (!lines.linked(craft) || !craft.setting(RadioSettings.TELEMETRY) || mute) {
            return new Telemetry(Reach.NONE, false, false);
        }
        Reach shown = craft.setting(RadioSettings.SENSORS) ? down : Reach.NONE;
        return new Telemetry(shown, true, up && down != Reach.NONE);
    }

    private static Telemetry overModems(CraftLines lines, Craft craft) {
        CraftLines.Now line = lines.now(lines.of(UartFunction.TELEMETRY).orElseThrow(), craft, false);
        boolean comesDown = holds(chain(craft, line.joined(), false));
        boolean goesUp = holds(chain(craft, line.joined(), true));
        Reach shown = comesDown ? line.spoken() : Reach.NONE;
        return new Telemetry(shown, false, goesUp && shown != Reach.NONE && line.heard() != Reach.NONE);
    }

    private static boolean holds(ModemChain chain) {
        return chain.found().stream().noneMatch(found -> found.grade().compareTo(ModemChain.Grade.WRONG) <= 0);
    }

    /** The way over the modems of a craft, as its boxes are told; nothing where it has no modem. */
    static Optional<ModemChain> chain(Craft craft) {
        return CraftLines.of(craft)
                .filter(lines -> way(lines).filter(Way.MODEM::equals).isPresent())
                .map(lines -> chain(
                        craft, lines.joined(lines.of(UartFunction.TELEMETRY).orElseThrow(), craft, false), true));
    }

    /** The way from the board over its modems to the ground station, as its boxes are told. */
    static ModemChain chain(Craft craft, JoinedPart joined, boolean twoWay) {
        int board = joined.told().map(JoinedPart.Told::baud).orElse(joined.baud());
        return new ModemChain(
                new ModemChain.Wire(board, joined.baud(), craft.setting(ModemSettings.FLOW), false, SIGNAL_V, SIGNAL_V),
                new ModemChain.Air(
                        craft.setting(ModemSettings.AIR),
                        craft.setting(ModemSettings.ONE_WAY),
                        !craft.setting(ModemSettings.PAIRED),
                        true,
                        false,
                        1,
                        1),
                new ModemChain.Wire(
                        craft.setting(ModemSettings.GROUND),
                        craft.setting(ModemSettings.STATION),
                        false,
                        false,
                        SIGNAL_V,
                        SIGNAL_V),
                craft.setting(ModemSettings.BYTES),
                twoWay);
    }
}

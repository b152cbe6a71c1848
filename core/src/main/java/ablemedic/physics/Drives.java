package ablemedic.physics;

import ablemedic.craft.Arm;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.DriveSettings;
import ablemedic.craft.FirmwareSettings;
import ablemedic.craft.HoverPower;
import ablemedic.craft.MotorProtocol;
import ablemedic.reading.Meter;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Wire;
import ablemedic.wiring.Wiring;
import ablemedic.wiring.Wiring.At;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** How much of its voltage and signal reaches each drive, and so how the arms run. */
public final class Drives {
    /** Ideal hover power over electrical power of motor, controller and prop together. Common practice. */
    private static final double FIGURE_OF_MERIT = 0.45;

    private static final double HOVER_CHARGE = 0.7;
    private static final double SIGNAL_LOST_OHMS = 10_000;
    private static final double SIGNAL_POOR_OHMS = 500;
    /** Feed of a drive whose signal comes through badly. From memory. */
    private static final double STUTTERS = 0.6;
    /** Idle under which some motors do not keep on, percent. From memory. */
    private static final double KEEPS_ON = 3;

    private static final Memory<Fed, List<Double>> KNOWN = new Memory<>(4_000);

    private record Fed(Electrics electrics, double hoverA) {}

    private Drives() {}

    /** Current of one drive in a hover, amperes at the battery's nominal voltage. */
    public static double hoverA(Craft craft) {
        return HoverPower.ideal(craft.airframe())
                / 4
                / FIGURE_OF_MERIT
                / craft.electrics().sheet().battery().nominalV();
    }

    /**
     * A craft in flight.
     *
     * @param charge of the battery, 0 to 1
     * @param times current of the drives over that of a hover
     */
    public static Powered flying(Craft craft, double charge, double times) {
        return flying(craft.electrics(), hoverA(craft), charge, times);
    }

    private static Powered flying(Electrics electrics, double hoverA, double charge, double times) {
        double resting = electrics.sheet().battery().restingV(charge);
        return Powered.of(electrics, new Powered.Run(resting, times * hoverA, times));
    }

    /** The arms as they run, in the order of the corners. */
    public static List<FedArm> of(Craft craft) {
        List<Double> feeds = feeds(craft);
        double understood = understood(craft);
        return Corner.ALL.stream()
                .map(corner -> fed(craft, corner, feeds.get(corner.ordinal()) * understood))
                .toList();
    }

    public static FedArm at(Craft craft, Corner corner) {
        return fed(craft, corner, feeds(craft).get(corner.ordinal()) * understood(craft));
    }

    private static FedArm fed(Craft craft, Corner corner, double feed) {
        Arm arm = craft.arm(corner);
        return new FedArm(startsUnevenly(craft) ? arm.with(arm.motor().startingLate()) : arm, feed);
    }

    /**
     * How much of what the board says its speed controllers understand: 1 all, 0 none. Controllers without any digital
     * protocol take its frames for pulses and stutter; a faster one than they know, or one that waits for an answer
     * they do not give, they let pass.
     */
    public static double understood(Craft craft) {
        MotorProtocol spoken = craft.setting(DriveSettings.PROTOCOL);
        MotorProtocol known = craft.setting(DriveSettings.KNOWN);
        if (!FirmwareSettings.starts(craft)
                || spoken.isDigital()
                        && craft.setting(DriveSettings.TWO_WAY)
                        && !craft.setting(DriveSettings.ANSWERS)) {
            return 0;
        }
        return spoken.isKnownTo(known) ? 1 : spoken.isDigital() && !known.isDigital() ? STUTTERS : 0;
    }

    /**
     * Whether each motor starts at a throttle of its own: ends never taught, or an idle under which some do not keep
     * on.
     */
    public static boolean startsUnevenly(Craft craft) {
        return craft.setting(DriveSettings.PROTOCOL).needsEndPoints() && !craft.setting(DriveSettings.ENDS)
                || craft.setting(DriveSettings.IDLE) < KEEPS_ON;
    }

    /** How much reaches the drive at each corner, 0 to 1; 1 where its wires are not entered. */
    public static List<Double> feeds(Craft craft) {
        if (craft.electrics().defects().isEmpty()) {
            return Collections.nCopies(4, 1.0);
        }
        return KNOWN.of(new Fed(craft.electrics(), hoverA(craft)), Drives::worked);
    }

    private static List<Double> worked(Fed fed) {
        Electrics electrics = fed.electrics();
        List<Double> feeds = new ArrayList<>(Collections.nCopies(4, 1.0));
        Map<Integer, At<InnerCircuit.Drive>> drives = electrics.wiring().drives();
        if (drives.isEmpty()) {
            return feeds;
        }
        Powered sound = flying(electrics.sound(), fed.hoverA(), HOVER_CHARGE, 1);
        Powered now = flying(electrics, fed.hoverA(), HOVER_CHARGE, 1);
        boolean commands = electrics.sheet().flightBoard().map(now::works).orElse(true);
        for (Map.Entry<Integer, At<InnerCircuit.Drive>> one : drives.entrySet()) {
            At<InnerCircuit.Drive> drive = one.getValue();
            double volts = sound.driveV(drive) > 0 ? now.driveV(drive) / sound.driveV(drive) : 1;
            double feed = commands ? Math.max(0, Math.min(1, volts)) * signal(electrics, drive) : 0;
            feeds.set(one.getKey(), feed > 0.97 ? 1 : Math.round(feed * 100) / 100.0);
        }
        return List.copyOf(feeds);
    }

    /** 1 when the signal reaches a drive, 0 when not, and between when it comes through badly. */
    private static double signal(Electrics electrics, At<InnerCircuit.Drive> drive) {
        if (electrics.isDriveOff(drive.address(drive.of().plus()))) {
            return 0;
        }
        String pad = drive.address(drive.of().signal());
        Optional<Wire> wire = electrics.sheet().wires().stream()
                .filter(l -> l.to().equals(pad) || l.from().equals(pad))
                .findFirst();
        return wire.map(one -> reaches(electrics, one)).orElse(1.0);
    }

    private static double reaches(Electrics electrics, Wire wire) {
        Wiring wiring = electrics.wiring();
        double ohms = BatteryOut.of(electrics, Meter.USUAL).ohms(wiring.node(wire.from()), wiring.node(wire.to()));
        boolean mixed = electrics.bridged(wire.from()) || electrics.bridged(wire.to());
        return ohms > SIGNAL_LOST_OHMS ? 0 : ohms > SIGNAL_POOR_OHMS || mixed ? STUTTERS : 1;
    }
}

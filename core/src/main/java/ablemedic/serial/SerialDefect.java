package ablemedic.serial;

import ablemedic.craft.Craft;
import ablemedic.wiring.Defect;
import ablemedic.wiring.Effect;
import ablemedic.wiring.Effect.SkyHidden;
import ablemedic.wiring.Effect.UartPadDead;
import ablemedic.wiring.Effect.UartPadInverted;
import ablemedic.wiring.Part;
import ablemedic.wiring.Wiring;
import java.util.List;
import java.util.Optional;

/** What can be wrong with UARTs and with what hangs on them. */
public sealed interface SerialDefect extends Defect {

    /** A side of a UART that is dead in the chip, by its pad. */
    record DeadUartPad(String pad) implements SerialDefect {
        @Override
        public Slot slot() {
            return slot(pad);
        }

        static Slot slot(String pad) {
            return new Slot("uart-pad", pad);
        }

        @Override
        public List<Effect> effects(Wiring wiring) {
            return List.of(new UartPadDead(pad));
        }
    }

    /** A solder jumper that inverts the line at a pad the other way than what is joined there wants. */
    record OtherJumper(String pad) implements SerialDefect {
        @Override
        public Slot slot() {
            return slot(pad);
        }

        static Slot slot(String pad) {
            return new Slot("jumper", pad);
        }

        @Override
        public List<Effect> effects(Wiring wiring) {
            return List.of(new UartPadInverted(pad));
        }
    }

    /** A GNSS module that does not see the sky as it should. */
    record NoSky(String partId, Why why) implements SerialDefect {
        /** What keeps it from seeing satellites. */
        enum Why {
            FACE_DOWN,
            BESIDE_TRANSMITTER,
            NO_TIME_YET
        }

        @Override
        public Slot slot() {
            return new Slot("sky", partId);
        }

        /** Why a module does not see the sky; nothing where it does. */
        static Optional<Why> why(Craft craft, Part module) {
            return craft.electrics().defect(NoSky.class, module.id()).map(NoSky::why);
        }

        @Override
        public Culprit culprit() {
            return Culprit.PLACING;
        }

        @Override
        public List<Effect> effects(Wiring wiring) {
            return List.of(new SkyHidden(partId));
        }
    }

    /** A receiver of the type that sends no telemetry back. */
    record NoTelemetry(String partId) implements SerialDefect {
        @Override
        public Slot slot() {
            return new Slot("part-type", partId);
        }

        static boolean isAt(Craft craft, Part receiver) {
            return craft.electrics().defect(NoTelemetry.class, receiver.id()).isPresent();
        }
    }
}

package ablemedic.video;

import ablemedic.craft.Craft;
import ablemedic.wiring.Defect;
import ablemedic.wiring.Effect;
import ablemedic.wiring.Effect.RippleStays;
import ablemedic.wiring.Effect.Seen;
import ablemedic.wiring.Effect.Sign;
import ablemedic.wiring.Part;
import ablemedic.wiring.Wiring;
import java.util.List;
import java.util.Optional;

/** What can be wrong with the parts that make, pass and send video. */
public sealed interface VideoDefect extends Defect {
    /** Common practice, no source: the top of few dried capacitors bulges. */
    double BULGE_SEEN = 0.3;

    /** A part that gives, passes or sends no video though it has its supply. */
    record NoPicture(String partId, Why why) implements VideoDefect {
        /** What keeps it from that. */
        enum Why {
            DEAD,
            LOOSE_CABLE
        }

        @Override
        public Slot slot() {
            return slot(partId);
        }

        static Slot slot(String partId) {
            return new Slot("video", partId);
        }

        /** Why a part gives no video though it has its supply; nothing where it does. */
        static Optional<Why> why(Craft craft, Part part) {
            return craft.electrics().defect(NoPicture.class, part.id()).map(NoPicture::why);
        }
    }

    /** A part that no air reaches. */
    record NoAir(String partId) implements VideoDefect {
        @Override
        public Slot slot() {
            return new Slot("air", partId);
        }

        static boolean isAt(Craft craft, Part part) {
            return craft.electrics().defect(NoAir.class, part.id()).isPresent();
        }

        @Override
        public Culprit culprit() {
            return Culprit.PLACING;
        }
    }

    /** A bulky capacitor that has dried out and takes next to nothing up, by its plus pad. */
    record DriedCapacitor(String plusPad) implements VideoDefect {
        @Override
        public Slot slot() {
            return new Slot("capacitor", plusPad);
        }

        @Override
        public List<Effect> effects(Wiring wiring) {
            return List.of(new RippleStays(plusPad), new Seen(places(), Sign.BURST, BULGE_SEEN));
        }
    }
}

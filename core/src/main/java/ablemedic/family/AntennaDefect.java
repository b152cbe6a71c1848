package ablemedic.family;

import ablemedic.craft.Craft;
import ablemedic.wiring.Defect;
import ablemedic.wiring.Effect;
import ablemedic.wiring.Effect.AntennaLoss;
import ablemedic.wiring.Part;
import ablemedic.wiring.Wiring;
import java.util.List;
import java.util.Optional;

/** An antenna that gives and hears less than it should; of the radio link and of the video link alike. */
public record AntennaDefect(String partId, Why why) implements Defect {
    /** What is wrong with it, and what it loses against a whole one in the open, dB. Common practice, no source. */
    public enum Why {
        BROKEN(20),
        BESIDE_CARBON(12);

        private final double lossDb;

        Why(double lossDb) {
            this.lossDb = lossDb;
        }

        public double lossDb() {
            return lossDb;
        }
    }

    /** What is wrong with the antenna of a part; nothing where it is whole and free. */
    public static Optional<Why> why(Craft craft, Part part) {
        return craft.electrics().defect(AntennaDefect.class, part.id()).map(AntennaDefect::why);
    }

    @Override
    public Slot slot() {
        return new Slot("antenna", partId);
    }

    @Override
    public List<Effect> effects(Wiring wiring) {
        return List.of(new AntennaLoss(partId, why.lossDb()));
    }
}

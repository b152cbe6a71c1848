package ablemedic.craft;

import ablemedic.configuration.ValueForm;
import java.util.List;

/**
 * Which stick goes on which of the first four channels, as four letters: A roll, E pitch, T throttle, R yaw. The radio
 * sends in one order and the board expects one; they must be the same.
 */
public record StickOrder(String letters) {
    public static final StickOrder AETR = new StickOrder("AETR");
    public static final StickOrder TAER = new StickOrder("TAER");

    static final ValueForm<StickOrder> FORM = new ValueForm.Words<>(
            SettingWords.of("stick-order").line("expected").plain(),
            StickOrder::letters,
            StickOrder::new,
            StickOrder::letters);

    public StickOrder {
        if (letters == null
                || letters.length() != 4
                || !List.of("A", "E", "T", "R").stream().allMatch(letters::contains)) {
            throw CraftRefusals.rejected("", "stick-order", letters);
        }
    }

    /** The channel, counted from 0, of a stick. */
    public int channel(Stick stick) {
        return letters.indexOf(stick.letter());
    }

    /** The stick on a channel, counted from 0. */
    public Stick on(int channel) {
        return Stick.of(letters.charAt(channel));
    }

    @Override
    public String toString() {
        return letters;
    }
}

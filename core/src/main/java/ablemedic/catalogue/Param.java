package ablemedic.catalogue;

import java.util.Locale;

/** What stands in a gap of a text. */
public sealed interface Param {
    int MOST_DECIMALS = 3;

    /** What a person reads. */
    String plain();

    /** The same with the names that things have on one craft. */
    default String plain(Naming naming) {
        return plain();
    }

    /** A corner of the craft; how it is called follows the frame. */
    record Corner(String id) implements Param {
        @Override
        public String plain() {
            return plain(Naming.USUAL);
        }

        @Override
        public String plain(Naming naming) {
            return naming.corner(id);
        }
    }

    /** A thing that a screen can point at or lead to. */
    record Thing(Kind kind, String id, String label) implements Param {
        @Override
        public String plain() {
            return label;
        }
    }

    /** What kind of thing it is. */
    enum Kind {
        PART,
        PAD,
        WIRE,
        UART,
        SETTING,
        CHECK,
        INSTRUMENT,
        PAGE
    }

    /**
     * A measured or computed value.
     *
     * @param unit as it is written behind the number; empty for none
     * @param decimals so many are shown
     */
    record Quantity(double value, String unit, int decimals) implements Param {
        public Quantity {
            if (!Double.isFinite(value)) {
                throw new IllegalArgumentException("a quantity is a number, not " + value);
            }
        }

        @Override
        public String plain() {
            String number = String.format(Locale.ROOT, "%." + decimals + "f", value);
            return unit.isEmpty() ? number : number + " " + unit;
        }
    }

    /** How many: it also decides between one and more. */
    record Count(long n) implements Param {
        @Override
        public String plain() {
            return Long.toString(n);
        }
    }

    /** One of a few cases, of which a text has a wording each; it does not stand in a text by itself. */
    record Choice(String id) implements Param {
        @Override
        public String plain() {
            return id;
        }
    }

    /** A name or a value that is written as it is: what somebody entered, or a name that stands on a part. */
    record Written(String text) implements Param {
        @Override
        public String plain() {
            return text;
        }
    }

    /** Another text in its place. */
    record Nested(Text text) implements Param {
        @Override
        public String plain() {
            return text.plain();
        }

        @Override
        public String plain(Naming naming) {
            return text.plain(naming);
        }
    }

    static Param part(String id, String label) {
        return new Thing(Kind.PART, id, label);
    }

    static Param pad(String id, String label) {
        return new Thing(Kind.PAD, id, label);
    }

    static Param wire(String id, String label) {
        return new Thing(Kind.WIRE, id, label);
    }

    /** A whole number with its unit. */
    static Param whole(long value, String unit) {
        return new Quantity(value, unit, 0);
    }

    /** A number with its unit and no more decimals than it has, three at most. */
    static Param number(double value, String unit) {
        int decimals = 0;
        while (decimals < MOST_DECIMALS
                && Math.abs(Math.round(value * Math.pow(10, decimals)) / Math.pow(10, decimals) - value) > 1e-9) {
            decimals++;
        }
        return new Quantity(value, unit, decimals);
    }

    static Param written(String text) {
        return new Written(text);
    }

    static Param when(boolean is) {
        return new Choice(is ? "yes" : "no");
    }
}

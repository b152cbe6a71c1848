package ablemedic.app.entry;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.reading.Dimension;
import java.util.Locale;

/** The units that a bench uses, and numbers as it shows them. */
public final class Units {
    private static final Words SAID = Catalogue.beside(Units.class, "words").of("units");

    private Units() {}

    static Dimension of(Scale scale) {
        return Dimension.ofUnit(scale.unit());
    }

    /** The unit meant where none is written. */
    public static String handy(Scale scale) {
        return switch (of(scale)) {
            case MASS -> "g";
            case LENGTH -> "mm";
            case CHARGE -> "mAh";
            default -> scale.unit();
        };
    }

    /** A number of a scale, for people: in the bench's unit, with a prefix where it is large or small. */
    public static String shown(Scale scale, double value) {
        double size = Math.abs(value);
        return switch (of(scale)) {
            case MASS, LENGTH, CHARGE -> String.format(Locale.ROOT, "%.0f %s", value * 1000, handy(scale));
            case RESISTANCE ->
                size >= 1e6
                        ? figures(value / 1e6) + " M"
                        : size >= 1e3
                                ? figures(value / 1e3) + " k"
                                : size > 0 && size < 0.1 ? figures(value * 1000) + " mohm" : figures(value) + " ohm";
            case VOLTAGE -> size > 0 && size < 0.1 ? figures(value * 1000) + " mV" : figures(value) + " V";
            default -> figures(value) + (scale.unit().isEmpty() ? "" : " " + scale.unit());
        };
    }

    /** Something that could be written. */
    public static String example(Scale scale) {
        return switch (of(scale)) {
            case MASS -> "640 g";
            case LENGTH -> "-12 mm";
            case RESISTANCE ->
                scale.words().isEmpty() ? "20 mohm" : SAID.line("ohms").plain();
            case VOLTAGE -> "15.2 V";
            case CURRENT -> "0.4 A";
            case CHARGE -> "980 mAh";
            default -> scale.low() <= 11 && scale.high() >= 11 ? "11" : figures((scale.low() + scale.high()) / 2);
        };
    }

    private static String figures(double value) {
        double size = Math.abs(value);
        String text = String.format(Locale.ROOT, size >= 100 ? "%.0f" : size >= 10 ? "%.1f" : "%.2f", value);
        return text.contains(".") ? text.replaceAll("0+$", "").replaceAll("\\.$", "") : text;
    }
}

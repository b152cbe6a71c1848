package ablemedic.configuration;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Names;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Rejected;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * How the values of a setting look: which there are, how one is written so that it can be read back, and how a person
 * says it.
 *
 * @param <T> the values, equal by value
 */
public sealed interface ValueForm<T> {
    Catalogue WORDS = Catalogue.beside(ValueForm.class, "values");

    /** The value as text that {@link #read} takes back. */
    String written(T value);

    /** The value that a text stands for; nothing where it stands for none that this setting can have. */
    Optional<T> read(String text);

    /** The value as a person says it. */
    String said(T value);

    /** What values there are, in words that follow "is". */
    String expected();

    /** Whether this is a value that the setting can have. */
    boolean allows(T value);

    /** The value nearest to this one that the setting can have. */
    default T nearest(T value) {
        return value;
    }

    /** A number from least to most. */
    record Range(double least, double most, String unit) implements ValueForm<Double> {
        public Range {
            if (!(least < most)) {
                throw new IllegalArgumentException("a range runs from less to more, not from " + least + " to " + most);
            }
        }

        @Override
        public String written(Double value) {
            return plain(value);
        }

        @Override
        public Optional<Double> read(String text) {
            try {
                return Optional.of(Double.parseDouble(text.strip())).filter(this::allows);
            } catch (NumberFormatException e) {
                return Optional.empty();
            }
        }

        @Override
        public String said(Double value) {
            return plain(value) + (unit.isEmpty() ? "" : " " + unit);
        }

        @Override
        public String expected() {
            return between("number", plain(least), unit.isEmpty() ? plain(most) : plain(most) + " " + unit);
        }

        @Override
        public boolean allows(Double value) {
            return value >= least && value <= most;
        }

        @Override
        public Double nearest(Double value) {
            return Math.max(least, Math.min(most, value));
        }
    }

    /** A whole number from least to most, of which some have a name. */
    record Count(int least, int most, Function<Integer, Optional<String>> name) implements ValueForm<Integer> {
        public Count {
            if (least >= most) {
                throw new IllegalArgumentException("a count runs from less to more, not from " + least + " to " + most);
            }
        }

        @Override
        public String written(Integer value) {
            return String.valueOf(value);
        }

        @Override
        public Optional<Integer> read(String text) {
            try {
                return Optional.of(Integer.parseInt(text.strip())).filter(this::allows);
            } catch (NumberFormatException e) {
                return Optional.empty();
            }
        }

        @Override
        public String said(Integer value) {
            return name.apply(value).orElse(written(value));
        }

        @Override
        public String expected() {
            return between("whole-number", String.valueOf(least), String.valueOf(most));
        }

        @Override
        public boolean allows(Integer value) {
            return value >= least && value <= most;
        }

        @Override
        public Integer nearest(Integer value) {
            return Math.max(least, Math.min(most, value));
        }
    }

    /** One of a few values, each with an id. */
    record Choice<T>(List<T> values, Function<T, String> id, Function<T, String> label) implements ValueForm<T> {
        public Choice {
            values = List.copyOf(values);
        }

        /** The constants of an enumeration, in its order. */
        public static <E extends Enum<E>> Choice<E> of(Class<E> all, Function<E, String> label) {
            return new Choice<>(Arrays.asList(all.getEnumConstants()), Names::id, label);
        }

        @Override
        public String written(T value) {
            return id.apply(value);
        }

        @Override
        public Optional<T> read(String text) {
            return values.stream()
                    .filter(value -> id.apply(value).equals(text.strip()))
                    .findFirst();
        }

        @Override
        public String said(T value) {
            return label.apply(value);
        }

        @Override
        public String expected() {
            return WORDS.of("expected")
                    .with(
                            "values",
                            Param.written(
                                    String.join(", ", values.stream().map(id).toList())))
                    .line("one-of")
                    .plain();
        }

        @Override
        public boolean allows(T value) {
            return values.contains(value);
        }
    }

    /** Values with a way of writing of their own, such as an order of letters. */
    record Words<T>(
            String expected, Function<T, String> writing, Function<String, T> reading, Function<T, String> saying)
            implements ValueForm<T> {
        @Override
        public String written(T value) {
            return writing.apply(value);
        }

        @Override
        public Optional<T> read(String text) {
            try {
                return Optional.of(reading.apply(text.strip()));
            } catch (Rejected e) {
                return Optional.empty();
            }
        }

        @Override
        public String said(T value) {
            return saying.apply(value);
        }

        @Override
        public boolean allows(T value) {
            return true;
        }
    }

    private static String between(String line, String least, String most) {
        return WORDS.of("expected")
                .with("least", Param.written(least))
                .with("most", Param.written(most))
                .line(line)
                .plain();
    }

    /** A number without a tail that says nothing. */
    private static String plain(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15
                ? String.valueOf((long) value)
                : String.valueOf(value);
    }
}

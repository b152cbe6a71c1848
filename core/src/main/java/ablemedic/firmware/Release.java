package ablemedic.firmware;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** A version as numbers with points between them, such as 3.2.1; what is left away counts as nothing. */
public record Release(List<Integer> numbers) implements Comparable<Release> {
    private static final Pattern FORM = Pattern.compile("\\d{1,6}(\\.\\d{1,6}){0,4}");

    public Release {
        numbers = List.copyOf(numbers);
    }

    /** The version that a text stands for, a leading v and spaces aside; nothing where it stands for none. */
    public static Optional<Release> read(String text) {
        String plain = text.strip().replaceFirst("^[vV]", "");
        return FORM.matcher(plain).matches()
                ? Optional.of(new Release(
                        Arrays.stream(plain.split("\\.")).map(Integer::valueOf).toList()))
                : Optional.empty();
    }

    /** The first of its numbers. */
    public int major() {
        return numbers.get(0);
    }

    @Override
    public int compareTo(Release other) {
        for (int i = 0; i < Math.max(numbers.size(), other.numbers.size()); i++) {
            int order = Integer.compare(at(i), other.at(i));
            if (order != 0) {
                return order;
            }
        }
        return 0;
    }

    private int at(int i) {
        return i < numbers.size() ? numbers.get(i) : 0;
    }

    @Override
    public String toString() {
        return numbers.stream().map(String::valueOf).collect(Collectors.joining("."));
    }
}

package ablemedic.craft;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Where on a channel of the radio a mode is on.
 *
 * @param channel of the radio, counted from 1; 0 where nothing switches it
 * @param fromUs the least pulse that switches it on, microseconds
 * @param toUs the greatest
 */
public record ModeRange(int channel, int fromUs, int toUs) {
    /** No switch at all. */
    public static final ModeRange NONE = new ModeRange(0, 0, 0);
    /** What a mode range looks like in writing. */
    static final String FORM = SettingWords.of("mode-range").line("expected").plain();

    private static final Pattern WRITTEN = Pattern.compile("(\\d{1,2}) +(\\d{3,4}) *- *(\\d{3,4})");
    /** The first four are the sticks. */
    private static final int FIRST = 5;

    private static final int LAST = 18;
    private static final int LEAST_US = 800;
    private static final int MOST_US = 2200;

    public ModeRange {
        boolean none = channel == 0 && fromUs == 0 && toUs == 0;
        if (!none && (channel < FIRST || channel > LAST || fromUs < LEAST_US || toUs > MOST_US || fromUs >= toUs)) {
            throw CraftRefusals.rejected("", "mode-range", channel + " " + fromUs + "-" + toUs);
        }
    }

    static ModeRange parse(String text) {
        if (text.equals("none")) {
            return NONE;
        }
        Matcher parts = WRITTEN.matcher(text);
        if (!parts.matches()) {
            throw CraftRefusals.rejected("", "mode-range", text);
        }
        return new ModeRange(
                Integer.parseInt(parts.group(1)), Integer.parseInt(parts.group(2)), Integer.parseInt(parts.group(3)));
    }

    public boolean isNone() {
        return channel == 0;
    }

    /** Whether a pulse on its channel switches it on. */
    public boolean holds(int us) {
        return !isNone() && us >= fromUs && us <= toUs;
    }

    /** Whether some pulse of one channel switches both on. */
    public boolean overlaps(ModeRange other) {
        return !isNone() && channel == other.channel && fromUs <= other.toUs && other.fromUs <= toUs;
    }

    String written() {
        return isNone() ? "none" : channel + " " + fromUs + "-" + toUs;
    }

    @Override
    public String toString() {
        return isNone()
                ? SettingWords.of("mode-range").line("none").plain()
                : "channel " + channel + ", " + fromUs + " to " + toUs + " µs";
    }
}

package ablemedic.radio;

import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;
import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.ModeRange;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.Stick;
import ablemedic.protocol.Heard.Moment;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a person does with radio and battery, second by second: one line for each, as in {@code 2.5 radio off}. Lines
 * that begin with # are remarks.
 *
 * @param acts in the order of their times
 */
public record RadioSession(List<Act> acts) {
    private static final Words WORDS = Radio.WORDS.name("session");

    private static final int MOST = 500;
    private static final double LONGEST_S = 3600;
    /** A recording begins with a link that is there already. */
    private static final double LINKED_S = 1;

    private static final Pattern LINE =
            Pattern.compile("(\\d{1,4}(?:\\.\\d{1,3})?)\\s+([a-z]+)\\s+(in|out|on|off|-?\\d{1,3})");

    /** What is done. */
    public enum What {
        BATTERY,
        RADIO,
        ARM,
        LEVEL,
        STICK
    }

    /**
     * One act.
     *
     * @param stick that is moved; nothing for all else
     * @param value percent of a stick; 1 or 0 for on or off
     */
    public record Act(double atS, What what, Optional<Stick> stick, double value) {}

    public RadioSession {
        acts = acts.stream().sorted(Comparator.comparingDouble(Act::atS)).toList();
    }

    /** @throws Rejected saying which line, and what would be right */
    public static RadioSession parse(String text) {
        List<Act> acts = new ArrayList<>();
        String[] lines = text.split("\\R", -1);
        for (int i = 0; i < lines.length; i++) {
            String line = lines[i].strip().toLowerCase(Locale.ROOT);
            if (line.isEmpty() || line.startsWith("#")) {
                continue;
            }
            if (acts.size() == MOST) {
                throw new Rejected(
                        "session", WORDS.with("most", String.valueOf(MOST)).line("too-long"));
            }
            int number = i + 1;
            acts.add(act(line)
                    .orElseThrow(() -> new Rejected(
                            "session",
                            WORDS.with("line", String.valueOf(number))
                                    .with("given", line.substring(0, Math.min(40, line.length())))
                                    .line("bad-line"))));
        }
        if (acts.isEmpty()) {
            throw new Rejected("session", WORDS.line("empty"));
        }
        return new RadioSession(acts);
    }

    /**
     * What a recording of a receiver's line tells of a session on a craft: sticks and switches from the channels, a
     * radio that is off from frames that stop or say that nothing is heard.
     */
    public static RadioSession of(List<Moment> moments, Craft craft) {
        List<Act> acts = new ArrayList<>(
                List.of(new Act(0, What.RADIO, Optional.empty(), 1), new Act(0, What.BATTERY, Optional.empty(), 1)));
        double from = moments.isEmpty() ? 0 : moments.get(0).atS() - LINKED_S;
        Map<Stick, Double> stood = new EnumMap<>(Stick.class);
        boolean heard = true;
        boolean armed = false;
        for (Moment moment : moments) {
            double at = Math.round((moment.atS() - from) * 1000) / 1000.0;
            boolean now = !moment.silent() && !moment.failsafe();
            if (now != heard) {
                acts.add(new Act(at, What.RADIO, Optional.empty(), now ? 1 : 0));
                heard = now;
            }
            for (Stick function : now ? Stick.values() : new Stick[0]) {
                double percent = percent(craft, function, moment.us());
                if (Math.abs(percent - stood.getOrDefault(function, 0.0)) >= 1) {
                    stood.put(function, percent);
                    acts.add(new Act(at, What.STICK, Optional.of(craft.stickFor(function)), percent));
                }
            }
            ModeRange range = craft.setting(ArmingSettings.ARM);
            boolean on = now
                    && !range.isNone()
                    && range.channel() <= moment.us().size()
                    && range.holds((int) Math.round(moment.us().get(range.channel() - 1)));
            if (now && on != armed) {
                acts.add(new Act(at, What.ARM, Optional.empty(), on ? 1 : 0));
                armed = on;
            }
        }
        return new RadioSession(acts.subList(0, Math.min(MOST, acts.size())));
    }

    private static double percent(Craft craft, Stick function, List<Double> us) {
        int channel = craft.setting(FcSettings.STICK_ORDER).channel(function);
        double pushed = channel >= us.size() ? 0 : (us.get(channel) - 1500) / 5;
        double side = craft.setting(RadioSettings.reversed(craft.stickFor(function))) ? -pushed : pushed;
        double percent = craft.stickFor(function) == Stick.THROTTLE ? (side + 100) / 2 : side;
        return Math.max(craft.stickFor(function) == Stick.THROTTLE ? 0 : -100, Math.min(100, Math.rint(percent)));
    }

    /** The session as text that {@link #parse} takes back. */
    public String written() {
        StringBuilder text = new StringBuilder();
        acts.forEach(act -> text.append(String.format(
                Locale.ROOT,
                "%.3f %s %s%n",
                act.atS(),
                act.stick()
                        .map(Stick::label)
                        .orElse(
                                act.what() == What.BATTERY
                                        ? "battery"
                                        : act.what().name().toLowerCase(Locale.ROOT)),
                act.what() == What.STICK
                        ? String.valueOf(Math.round(act.value()))
                        : act.what() == What.BATTERY
                                ? act.value() > 0 ? "in" : "out"
                                : act.value() > 0 ? "on" : "off")));
        return text.toString();
    }

    private static Optional<Act> act(String line) {
        Matcher parts = LINE.matcher(line);
        if (!parts.matches()) {
            return Optional.empty();
        }
        double at = Double.parseDouble(parts.group(1));
        String value = parts.group(3);
        if (at > LONGEST_S) {
            return Optional.empty();
        }
        return switch (parts.group(2)) {
            case "battery", "pack" -> switched(at, What.BATTERY, value, "in", "out");
            case "radio" -> switched(at, What.RADIO, value, "on", "off");
            case "arm" -> switched(at, What.ARM, value, "on", "off");
            case "level" -> switched(at, What.LEVEL, value, "on", "off");
            case "throttle" -> moved(at, Stick.THROTTLE, value, 0);
            case "roll" -> moved(at, Stick.ROLL, value, -100);
            case "pitch" -> moved(at, Stick.PITCH, value, -100);
            case "yaw" -> moved(at, Stick.YAW, value, -100);
            default -> Optional.empty();
        };
    }

    private static Optional<Act> switched(double at, What what, String value, String on, String off) {
        return value.equals(on) || value.equals(off)
                ? Optional.of(new Act(at, what, Optional.empty(), value.equals(on) ? 1 : 0))
                : Optional.empty();
    }

    private static Optional<Act> moved(double at, Stick stick, String value, int least) {
        return value.matches("-?\\d{1,3}") && Integer.parseInt(value) >= least && Integer.parseInt(value) <= 100
                ? Optional.of(new Act(at, What.STICK, Optional.of(stick), Integer.parseInt(value)))
                : Optional.empty();
    }
}

package ablemedic.capture;

import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.Reader;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.UnaryOperator;

/**
 * Reads changes of levels as IEEE 1364 writes them (a VCD file): a time scale, names of wires, then {@code #time} and
 * the level of each wire that changed.
 */
final class VcdReader {
    private static final Map<String, Double> UNITS =
            Map.of("s", 1.0, "ms", 1e-3, "us", 1e-6, "ns", 1e-9, "ps", 1e-12, "fs", 1e-15);
    private static final int LONGEST_LINE = 10_000;
    private static final int LONGEST_PART = 10_000;
    private static final double LONGEST_S = 1e6;

    private final BufferedReader in;
    private final Signals signals;
    private final Recorded to;
    private final List<String> names = new ArrayList<>();
    private final List<String> codes = new ArrayList<>();
    private long line;
    private double unitS;

    VcdReader(Reader in, Signals signals, Recorded to) {
        this.in = new BufferedReader(in, 1 << 16);
        this.signals = signals;
        this.to = to;
    }

    private static UnaryOperator<Words> runsBack(double from, double to) {
        return words -> words.with("from", from + " s").with("to", to + " s");
    }

    private Rejected wrong(String key) {
        return CaptureRefusals.inLine(line, key);
    }

    private Rejected wrong(String key, Object given) {
        return CaptureRefusals.inLine(line, key, "given", given);
    }

    void read() throws IOException {
        header();
        String code = codes.get(signals.choose(names, line));
        changes(code);
    }

    private String next() throws IOException {
        line++;
        String text = in.readLine();
        if (text != null && text.length() > LONGEST_LINE) {
            throw wrong("long-line");
        }
        return text;
    }

    private void header() throws IOException {
        List<String> part = new ArrayList<>();
        while (true) {
            String text = next();
            if (text == null) {
                throw wrong("cut-off");
            }
            for (String word : text.replace("\uFEFF", "").strip().split("\\s+")) {
                if (!word.equals("$end")) {
                    part.add(word);
                } else if (part.contains("$enddefinitions")) {
                    if (unitS == 0) {
                        throw wrong("no-timescale");
                    }
                    return;
                } else {
                    declare(part);
                    part.clear();
                }
            }
            if (part.size() > LONGEST_PART) {
                throw wrong("no-end");
            }
        }
    }

    private void declare(List<String> words) {
        String part = String.join(" ", words);
        if (words.get(0).equals("$timescale")) {
            String scale =
                    part.substring(words.get(0).length()).replace(" ", "").toLowerCase(Locale.ROOT);
            Double unit = UNITS.get(scale.replaceFirst("^(1|10|100)(?=[a-z])", ""));
            if (unit == null || !scale.matches("(1|10|100)[a-z]+")) {
                throw wrong("bad-timescale", part);
            }
            unitS = unit * Double.parseDouble(scale.replaceAll("[a-z]", ""));
        } else if (words.get(0).equals("$var")) {
            if (words.size() < 5) {
                throw wrong("no-wire", part);
            }
            if (words.get(2).equals("1")) {
                codes.add(words.get(3));
                names.add(words.get(4));
            }
        }
    }

    private void changes(String code) throws IOException {
        double now = 0;
        double since = Double.NaN;
        boolean known = false;
        boolean level = false;
        boolean begun = false;
        for (String text = next(); text != null; text = next()) {
            if (text.isEmpty() || text.charAt(0) == '$') {
                continue;
            }
            char first = text.charAt(0);
            if (first == '#') {
                double then = time(text);
                if (begun && then < now) {
                    throw CaptureRefusals.inLine(line, "runs-back", runsBack(now, then));
                }
                now = then;
                begun = true;
            } else if (first == '0' || first == '1') {
                for (String word : text.split("\\s+")) {
                    if (word.length() == 1 + code.length() && word.endsWith(code)) {
                        boolean high = word.charAt(0) == '1';
                        if (!known || high != level) {
                            if (known) {
                                to.stands(level, now - since);
                            }
                            level = high;
                            since = now;
                            known = true;
                        }
                    }
                }
            } else if ("xXzZbBrR".indexOf(first) < 0) {
                throw wrong("no-change", text.substring(0, Math.min(40, text.length())));
            }
            Captures.cancelled();
        }
        if (known) {
            to.stands(level, now - since);
        }
    }

    private double time(String text) {
        try {
            double time = Long.parseLong(text.substring(1).strip()) * unitS;
            if (Math.abs(time) > LONGEST_S) {
                throw wrong("bad-time", time);
            }
            return time;
        } catch (NumberFormatException e) {
            throw wrong("no-time", text.substring(0, Math.min(40, text.length())));
        }
    }
}

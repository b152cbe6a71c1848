package ablemedic.video;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.IntStream;

/**
 * The channels of analog video between 5.3 and 5.95 GHz as they are tabled everywhere, in MHz, and what two of them
 * make that falls on a third: 2 f1 − f2. The tables are from memory; each but E is an even row of steps, which is a
 * second route to it.
 */
public final class Channels {
    /** What belongs to everybody's use in most places, Radio Regulations no. 5.150: 5725 to 5875 MHz. */
    public static final int FREE_FROM = 5725;

    public static final int FREE_TO = 5875;
    /** Two pictures closer than this are seen in each other; common practice. */
    public static final int BESIDE_MHZ = 30;
    /** A product this close to a picture shows in it; common practice. */
    public static final int PRODUCT_MHZ = 12;

    private static final int EACH = 8;

    /** A channel by its band and its number, counted from 1. */
    public record Channel(String band, int number, int megahertz) {
        public String name() {
            return band + number;
        }

        /** Whether it lies where most places let everybody send; the law of the place decides. */
        public boolean isFree() {
            return megahertz >= FREE_FROM && megahertz <= FREE_TO;
        }
    }

    /** All of them, band by band. */
    public static final List<Channel> ALL = table();

    /**
     * What disturbs a picture.
     *
     * @param pilot whose picture, counted from 0
     * @param one whose transmitter does it, alone or with another
     * @param other that other; the same as {@code one} where one is simply too close
     * @param onMhz where it falls
     * @param awayMhz how far that is from the picture
     */
    public record Disturbs(int pilot, int one, int other, int onMhz, int awayMhz) {
        /** Whether one transmitter alone is too close. */
        public boolean isBeside() {
            return one == other;
        }
    }

    private Channels() {}

    private static List<Channel> table() {
        List<Channel> all = new ArrayList<>();
        row(all, "A", 5865, -20);
        row(all, "B", 5733, 19);
        int[] e = {5705, 5685, 5665, 5645, 5885, 5905, 5925, 5945};
        for (int n = 0; n < EACH; n++) {
            all.add(new Channel("E", n + 1, e[n]));
        }
        row(all, "F", 5740, 20);
        row(all, "R", 5658, 37);
        row(all, "L", 5362, 37);
        return List.copyOf(all);
    }

    private static void row(List<Channel> all, String band, int first, int step) {
        for (int n = 0; n < EACH; n++) {
            all.add(new Channel(band, n + 1, first + n * step));
        }
    }

    /** The channel of a name such as R4. */
    public static Optional<Channel> find(String name) {
        return ALL.stream()
                .filter(one -> one.name().equalsIgnoreCase(name.strip()))
                .findFirst();
    }

    /** Those that are sent on a frequency. */
    public static List<Channel> on(int megahertz) {
        return ALL.stream().filter(one -> one.megahertz() == megahertz).toList();
    }

    /** A frequency with the names of its channels. */
    public static String said(int megahertz) {
        List<Channel> named = on(megahertz);
        return megahertz + " MHz"
                + (named.isEmpty()
                        ? ""
                        : " ("
                                + String.join(
                                        ", ", named.stream().map(Channel::name).toList()) + ")");
    }

    /** Everything that disturbs anybody, the closest first. */
    public static List<Disturbs> among(List<Integer> megahertz) {
        List<Disturbs> found = new ArrayList<>();
        int n = megahertz.size();
        for (int pilot = 0; pilot < n; pilot++) {
            for (int one = 0; one < n; one++) {
                if (one != pilot) {
                    int away = Math.abs(megahertz.get(one) - megahertz.get(pilot));
                    if (away < BESIDE_MHZ) {
                        found.add(new Disturbs(pilot, one, one, megahertz.get(one), away));
                    }
                    for (int other = 0; other < n; other++) {
                        int product = 2 * megahertz.get(one) - megahertz.get(other);
                        int off = Math.abs(product - megahertz.get(pilot));
                        if (other != one && other != pilot && off < PRODUCT_MHZ) {
                            found.add(new Disturbs(pilot, one, other, product, off));
                        }
                    }
                }
            }
        }
        found.sort(Comparator.comparing(Disturbs::awayMhz)
                .thenComparing(Disturbs::pilot)
                .thenComparing(Disturbs::one)
                .thenComparing(Disturbs::other));
        return List.copyOf(found);
    }

    /**
     * How far the closest disturbance is, MHz: the smaller of distance less what two pictures need and of product less
     * what one needs.
     */
    static int margin(List<Integer> megahertz) {
        int margin = Integer.MAX_VALUE;
        for (int pilot = 0; pilot < megahertz.size(); pilot++) {
            for (int one = 0; one < megahertz.size(); one++) {
                for (int other = 0; one != pilot && other < megahertz.size(); other++) {
                    int off = one == other
                            ? Math.abs(megahertz.get(one) - megahertz.get(pilot)) - BESIDE_MHZ
                            : Math.abs(2 * megahertz.get(one) - megahertz.get(other) - megahertz.get(pilot))
                                    - PRODUCT_MHZ;
                    margin = one != other && other == pilot ? margin : Math.min(margin, off);
                }
            }
        }
        return margin;
    }

    /**
     * The channels for so many pilots that keep farthest apart, products and all: every choice is looked at.
     *
     * @param bands that all of them have
     * @param free only those where most places let everybody send
     */
    public static List<Channel> best(List<String> bands, int pilots, boolean free) {
        TreeSet<Integer> taken = new TreeSet<>();
        List<Channel> from = ALL.stream()
                .filter(one -> bands.contains(one.band()) && (!free || one.isFree()))
                .sorted(Comparator.comparingInt(Channel::megahertz))
                .filter(one -> taken.add(one.megahertz()))
                .toList();
        return new Choice(from, pilots).best();
    }

    /**
     * The choice of so many of some channels, by branch and bound: a part of a choice is never better than the part
     * alone.
     */
    private static final class Choice {
        private final List<Channel> from;
        private final int pilots;
        private List<Channel> best = List.of();
        private int margin = Integer.MIN_VALUE;

        Choice(List<Channel> from, int pilots) {
            this.from = from;
            this.pilots = pilots;
        }

        List<Channel> best() {
            if (pilots <= from.size()) {
                add(new ArrayList<>(), 0);
            }
            return best;
        }

        private void add(List<Channel> so, int next) {
            int now = so.size() < 2
                    ? Integer.MAX_VALUE
                    : margin(so.stream().map(Channel::megahertz).toList());
            if (now <= margin) {
                return;
            }
            if (so.size() == pilots) {
                margin = now;
                best = List.copyOf(so);
                return;
            }
            IntStream.rangeClosed(next, from.size() - (pilots - so.size())).forEach(i -> {
                so.add(from.get(i));
                add(so, i + 1);
                so.remove(so.size() - 1);
            });
        }
    }
}

package ablemedic.craft;

/**
 * A motor with its speed controller as it runs.
 *
 * @param spin which way it turns
 * @param strength thrust over that of a good one, 0 (dead) to 1
 * @param late whether it starts after the others
 * @param rough whether it feels rough when turned by finger
 */
public record Motor(Spin spin, double strength, boolean late, boolean rough) {
    public static Motor good(Spin spin) {
        return new Motor(spin, 1, false, false);
    }

    public Motor turning(Spin way) {
        return new Motor(way, strength, late, rough);
    }

    public Motor startingLate() {
        return new Motor(spin, strength, true, rough);
    }
}

package ablemedic.diagnosis;

/**
 * What a story predicts of a finding and of those found before that bear on the same guess. Two are equal when each
 * prediction is the very same: predictions are kept once, and comparing what they hold takes longer than weighing them.
 */
final class Foreseen {
    private final Distribution[] outlooks;
    private final int hash;

    Foreseen(Distribution... outlooks) {
        this.outlooks = outlooks;
        int hash = 1;
        for (Distribution outlook : outlooks) {
            hash = 31 * hash + System.identityHashCode(outlook);
        }
        this.hash = hash;
    }

    @Override
    public boolean equals(Object other) {
        if (!(other instanceof Foreseen that) || hash != that.hash || outlooks.length != that.outlooks.length) {
            return false;
        }
        for (int i = 0; i < outlooks.length; i++) {
            if (outlooks[i] != that.outlooks[i]) {
                return false;
            }
        }
        return true;
    }

    @Override
    public int hashCode() {
        return hash;
    }
}

package ablemedic.wiring;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class PadTest {
    @Test
    void aLeadRunsOnlyBetweenPadsThatFitWhicheverEndIsNamedFirst() {
        for (Pad.Kind one : Pad.Kind.values()) {
            for (Pad.Kind other : Pad.Kind.values()) {
                assertThat(Pad.fit(one, other)).as(one + " to " + other).isEqualTo(Pad.fit(other, one));
            }
        }
        assertThat(Pad.fit(Pad.Kind.GROUND, Pad.Kind.FEED)).isFalse();
        assertThat(Pad.fit(Pad.Kind.OUTPUT, Pad.Kind.SIGNAL)).isTrue();
        assertThat(Pad.fit(Pad.Kind.OUTPUT, Pad.Kind.OUTPUT)).isFalse();
    }
}

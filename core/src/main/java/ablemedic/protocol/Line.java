package ablemedic.protocol;

/** Takes a line as it goes: how long it stands at a level. Levels alternate. */
public interface Line {
    /**
     * @param high the level
     * @param seconds how long it stands there
     */
    void stands(boolean high, double seconds);
}

package ablemedic.diagnosis;

/**
 * How the bench stands.
 *
 * @param propsOn   propellers fitted
 * @param packIn    flight pack connected
 * @param limiterIn a current limiter between pack and craft
 * @param usbIn     computer connected
 * @param antennaOn every transmitter has its antenna
 * @param radioOn   the pilot's radio is switched on
 * @param atField   outdoors, clear of people, instead of at the bench
 * @param shortTest the pre-power routine, which begins with the short test, since anything was last soldered, opened or hit
 */
public record BenchState(
    boolean propsOn,
    boolean packIn,
    boolean limiterIn,
    boolean usbIn,
    boolean antennaOn,
    boolean radioOn,
    boolean atField,
    ShortTest shortTest) {

  /** What the pre-power routine has shown. */
  public enum ShortTest {
    NOT_DONE, PASSED, FAILED
  }

  /** A craft as it comes in: props still on, nothing connected, nothing proven. */
  public static final BenchState AT_INTAKE =
      new BenchState(true, false, false, false, true, false, false, ShortTest.NOT_DONE);

  /** The same bench after another result of the short test; with anything but a pass the pack is out. */
  public BenchState with(ShortTest result) {
    return new BenchState(propsOn, packIn && result == ShortTest.PASSED, limiterIn, usbIn, antennaOn, radioOn, atField, result);
  }

  /** What makes this state dangerous or impossible, in words; empty when nothing does. */
  public String objection() {
    if (packIn && shortTest == ShortTest.FAILED) {
      return "The pre-power routine failed: find the trouble before the pack goes in.";
    }
    if (packIn && shortTest != ShortTest.PASSED) {
      return "The pack goes in only after the pre-power routine, which begins with the short test, has passed.";
    }
    if (packIn && propsOn && !atField) {
      return "With the pack in at the bench the props are off.";
    }
    if (packIn && !antennaOn) {
      return "The antenna goes on before power.";
    }
    return "";
  }
}

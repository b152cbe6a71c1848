package ablemedic.diagnosis;

/**
 * A fix that was made, and the fault it was made for.
 *
 * @param <S> the system
 */
public record Repair<S>(Fault<S> fault, Fix<S> fix) {

  public String remedy() {
    return fix.remedy();
  }
}

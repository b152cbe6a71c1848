package ablemedic.diagnosis;

import java.util.Objects;

/**
 * A fix that was made, and the fault it was made for. Known by its names and by what it changed: what a fix does is
 * worked out anew each time that a work-up is read, and can't be compared.
 *
 * @param <S> the system
 */
public record Repair<S>(Fault<S> fault, Fix<S> fix) {

    public String remedy() {
        return fix.remedy();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Repair<?> that
                && fault.id().equals(that.fault.id())
                && fix.id().equals(that.fix.id())
                && remedy().equals(that.remedy())
                && fix.values().equals(that.fix.values());
    }

    @Override
    public int hashCode() {
        return Objects.hash(fault.id(), fix.id());
    }
}

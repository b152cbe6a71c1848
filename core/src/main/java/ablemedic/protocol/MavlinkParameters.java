package ablemedic.protocol;

import io.dronefleet.mavlink.common.MavParamType;
import io.dronefleet.mavlink.common.ParamValue;
import io.dronefleet.mavlink.serialization.payload.reflection.ReflectionPayloadDeserializer;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** The parameters that a recording of MAVLink holds: what a board answers when a ground station asks for its list. */
public final class MavlinkParameters {
    /** PARAM_VALUE, MAVLink common message set. */
    private static final int PARAM_VALUE = 22;

    private MavlinkParameters() {}

    /** One, with the packet that told it, counted from 1. */
    public record Parameter(int packet, String name, String value) {}

    /** Those of a recording in their order, a name as often as it was told; empty where there are none. */
    public static List<Parameter> of(byte[] recording) {
        MavlinkLayout layout = new MavlinkLayout();
        List<Parameter> all = new ArrayList<>();
        int packet = 0;
        int at = 0;
        while (at < recording.length) {
            int length = layout.frame(recording, at, recording.length);
            if (length <= 0 || at + length > recording.length) {
                at++;
                continue;
            }
            packet++;
            parameter(recording, at, packet).ifPresent(all::add);
            at += length;
        }
        return List.copyOf(all);
    }

    private static Optional<Parameter> parameter(byte[] bytes, int at, int packet) {
        if (MavlinkLayout.id(bytes, at) != PARAM_VALUE) {
            return Optional.empty();
        }
        int head = at + ((bytes[at] & 0xFF) == MavlinkLayout.V1 ? MavlinkLayout.V1_HEAD : MavlinkLayout.V2_HEAD);
        byte[] payload = Arrays.copyOf(
                Arrays.copyOfRange(bytes, head, head + (bytes[at + 1] & 0xFF)),
                MavlinkMessage.of(PARAM_VALUE).orElseThrow().mostLength());
        ParamValue told = new ReflectionPayloadDeserializer().deserialize(payload, ParamValue.class);
        String name = told.paramId().replace("\0", "").strip();
        return name.isEmpty() || !Float.isFinite(told.paramValue())
                ? Optional.empty()
                : Optional.of(new Parameter(packet, name, value(told)));
    }

    /**
     * A whole number comes either as the number itself or as its bits in the place of a float, as the sender likes.
     * Bits of the numbers that parameters have make floats that are no whole numbers, so the two are told apart.
     */
    private static String value(ParamValue told) {
        float value = told.paramValue();
        boolean whole = told.paramType().entry() != null
                && told.paramType().entry() != MavParamType.MAV_PARAM_TYPE_REAL32
                && told.paramType().entry() != MavParamType.MAV_PARAM_TYPE_REAL64;
        if (whole && value != Math.rint(value)) {
            return String.valueOf(Float.floatToRawIntBits(value));
        }
        return value == 0
                ? "0"
                : new BigDecimal(Float.toString(value)).stripTrailingZeros().toPlainString();
    }
}

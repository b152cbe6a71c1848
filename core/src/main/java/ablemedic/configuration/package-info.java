/**
 * What devices are told: settings, each with its usual value and the way it is written, and maps of what differs from
 * usual. What was told stands here once, for every device and every family of troubles; comparing, checking against a
 * craft and putting back are work on such maps. It knows no device of its own and no trade.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.configuration;

/**
 * Radio, modes and failsafe: whether sticks and switches mean what they say. {@link ablemedic.radio.ChannelOrder} finds
 * the order in which a radio sends from the bars that moved, {@link ablemedic.radio.TrimAndTravel} what to set at it,
 * {@link ablemedic.radio.FrameTime} how old a stick is when the board hears of it,
 * {@link ablemedic.radio.FailsafeTimeline} what becomes of a craft whose link is lost. Its faults and checks are still
 * those of sticks, lines and settings.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.radio;

/**
 * Video and camera: whether the goggles show a picture, figures on it, and for how long.
 * {@link ablemedic.video.VideoChain} follows the picture from camera to goggles on a craft as it is,
 * {@link ablemedic.video.VideoHeat} says when a transmitter shuts itself down, {@link ablemedic.video.Channels} which
 * pilots disturb one another, {@link ablemedic.video.ScreenGrid} where figures fall in what is shown.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.video;

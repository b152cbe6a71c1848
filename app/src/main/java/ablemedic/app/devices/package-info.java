/**
 * Other devices over the network of the workshop, off until they are asked for. They come in by a connector of their
 * own, over TLS, and are let in once somebody at the bench has read them a pairing code; the bench itself stays on
 * loopback and needs none. Who is paired, and every code, is in memory alone: a restart ends all of it.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.app.devices;

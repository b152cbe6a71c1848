/**
 * Ill-treats the real program, as a process of its own on this computer, and says what it stood: killed while it
 * writes, locked out of its file, out of disk, with a wrong clock, asked nonsense, asked by fifty at once. Each trial
 * is bounded in time, asks 127.0.0.1 only and works on files of its own. What the table says is what the reliability
 * page promises.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.torture;

/**
 * A routine in a room: what it uses of each side, where it would hit something, how large the room must be, and where a
 * corner could be turned.
 */
package fluidframe.core.room;

/** Where bodies and feet are, in metres. Both parts of a figure are solved together, held by the position. */
package fluidframe.core.geometry;

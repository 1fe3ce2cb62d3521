/** How the two dancers stand to each other: parts, positions and holds. */
package fluidframe.core.couple;

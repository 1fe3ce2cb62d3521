/** Figures that are taught together as one thing, and where a routine can go on with them. */
package fluidframe.core.amalgamation;

/** What figures ask of those who dance them, and in which order they are learned. */
package fluidframe.core.learning;

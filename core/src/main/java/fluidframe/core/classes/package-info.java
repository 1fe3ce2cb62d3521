/** A class planned from a figure or a short chain: what is done, how long, and what is said. */
package fluidframe.core.classes;

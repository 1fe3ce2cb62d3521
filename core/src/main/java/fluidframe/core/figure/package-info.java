/** A figure as the coach describes it, and what follows from its charts: turn account, free feet, relations. */
package fluidframe.core.figure;

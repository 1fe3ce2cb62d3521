/**
 * What was practised and how it went; what is due and why; how far a couple have come and what will not fit before an
 * event.
 */
package fluidframe.core.practice;

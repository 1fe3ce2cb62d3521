/** A chart read out in plain language, for a student who does not know the shorthand. */
package fluidframe.core.card;

/** Figures told in running sentences: read into charts, corrected by talk, and told again. */
package fluidframe.core.talk;

/** Reading and writing the short words coaches use: terms, lexicons, fractions, and what could not be read. */
package fluidframe.core.text;

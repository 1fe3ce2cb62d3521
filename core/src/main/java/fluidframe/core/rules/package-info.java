/** What the organiser of an event asks of a routine, as data. */
package fluidframe.core.rules;

/** How a routine stands against the rules of an event, and what mends it. */
package fluidframe.core.standing;

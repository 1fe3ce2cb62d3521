/** How well what was practised is remembered, and when it should come again. */
package fluidframe.core.memory;

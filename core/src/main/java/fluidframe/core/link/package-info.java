/** Whether one figure may follow another, and why. */
package fluidframe.core.link;

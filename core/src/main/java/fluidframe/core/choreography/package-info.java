/**
 * Routines composed as coaches set them: whole amalgamations on sides and phrases, with a joining figure where needed.
 */
package fluidframe.core.choreography;

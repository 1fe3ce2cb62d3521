/** Who dances with whom when a class changes partners. */
package fluidframe.core.partners;

/**
 * What the core checks in a figure. One class for each rule; a finding explains itself and, where it can, mends itself.
 */
package fluidframe.core.audit;

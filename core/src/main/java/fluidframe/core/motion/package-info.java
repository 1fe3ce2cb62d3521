/** Both dancers between the steps: how feet travel, weight passes, and bodies swing, turn and rise. */
package fluidframe.core.motion;

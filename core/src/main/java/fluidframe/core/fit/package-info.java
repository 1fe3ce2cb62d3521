/** A routine laid on its piece of music: what fits, what does not, and how to mend it. */
package fluidframe.core.fit;

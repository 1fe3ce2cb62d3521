/** Charts made from other charts: the natural opposite, the partner's part, the mirror image, another count. */
package fluidframe.core.derive;

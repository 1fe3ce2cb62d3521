/** In which order figures are taught. */
package fluidframe.app.teaching;

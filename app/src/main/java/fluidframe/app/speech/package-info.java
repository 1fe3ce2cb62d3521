/** In which words the program answers. */
package fluidframe.app.speech;

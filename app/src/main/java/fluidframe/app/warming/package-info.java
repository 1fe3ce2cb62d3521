/** What is done once after a start, so that those who come first wait no longer than those who come later. */
package fluidframe.app.warming;

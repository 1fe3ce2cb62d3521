/**
 * The books that come with the program: how they get in, stay apart from the coach's own changes, and can be brought
 * back.
 */
package fluidframe.app.shipped;

/** The dances as the studio holds them: the catalogue's, with what it has changed of them. */
package fluidframe.app.dances;

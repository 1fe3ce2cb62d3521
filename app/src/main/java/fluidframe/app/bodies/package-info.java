/** What is sent: taken in whole, in time and within bounds, before anything is made of it. */
package fluidframe.app.bodies;

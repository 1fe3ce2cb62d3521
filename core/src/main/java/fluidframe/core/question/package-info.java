/** Questions that are asked of the charts, and answers read as charts are read. */
package fluidframe.core.question;

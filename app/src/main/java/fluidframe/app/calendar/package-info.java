/** Days and lessons as files that calendars read. */
package fluidframe.app.calendar;

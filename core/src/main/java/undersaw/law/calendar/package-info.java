/** Tax periods, legal holidays and due dates: begin with Period, LegalHolidays and DueDate. */
@org.jspecify.annotations.NullMarked
package undersaw.law.calendar;

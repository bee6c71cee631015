/** Payments of the tax of the year, and what earlier years left: the page behind the return and what it keeps. */
package undersaw.web.payments;

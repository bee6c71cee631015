/** The return of an S corporation: begin with SCorporationReturn and SCorporationForms. */
@org.jspecify.annotations.NullMarked
package undersaw.us.scorporation;

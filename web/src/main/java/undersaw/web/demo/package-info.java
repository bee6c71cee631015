/** The first start: demo data, or the first administrator: begin with DemoOffice and FirstAdministrator. */
@org.jspecify.annotations.NullMarked
package undersaw.web.demo;

/** All engagements computed anew after the law or the forms were updated, with a report of what moved. */
package undersaw.web.batch;

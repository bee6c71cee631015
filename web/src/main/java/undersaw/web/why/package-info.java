/** Why a figure is not what it was: between two years, or between two revisions. */
package undersaw.web.why;

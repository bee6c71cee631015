/** Station Return: begin with ReturnController, Sheet and LineageView. */
@org.jspecify.annotations.NullMarked
package undersaw.web.sheets;

/** Lists of rows: registers of assets and owners, sales, officers and other lists of a return; begin with ListPage. */
@org.jspecify.annotations.NullMarked
package undersaw.web.lists;

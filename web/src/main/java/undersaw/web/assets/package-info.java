/** Station Assets: the year for tax, one asset over its life, and what is elected divided by hand. */
@org.jspecify.annotations.NullMarked
package undersaw.web.assets;

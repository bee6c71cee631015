/** Depreciation of property for federal tax, asset by asset: begin with YearOfAsset. */
@org.jspecify.annotations.NullMarked
package undersaw.us.depreciation;

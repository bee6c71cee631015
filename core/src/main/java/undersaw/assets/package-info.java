/** The register of assets and what it is held against: begin with AssetRegister. */
@org.jspecify.annotations.NullMarked
package undersaw.assets;

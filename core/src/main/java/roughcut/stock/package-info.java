/** Wood as a field of heights, and cutters of their true shape moved through it. */
package roughcut.stock;

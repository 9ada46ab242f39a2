/**
 * Files in and out: builds and shops as JSON, drawings as SVG, DXF and PDF, tables as CSV. Never
 * loses what was there.
 */
package roughcut.file;

/**
 * Files in and out: attune-job, attune-shelf and attune-plan, validated against their JSON Schemas.
 */
package attune.app.format;

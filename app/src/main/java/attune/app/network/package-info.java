/**
 * The shop's own network: certificates, the way in without one, and the devices that were let in.
 */
package attune.app.network;

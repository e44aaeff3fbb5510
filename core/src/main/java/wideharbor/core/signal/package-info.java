/** Who sees, hears and controls what: picture, sound, time and control as one directed graph of sockets. */
package wideharbor.core.signal;

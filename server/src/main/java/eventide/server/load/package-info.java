/** How much is done at once, and for how long: no request makes the others wait. */
package eventide.server.load;

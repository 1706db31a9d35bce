/** The ground the salon's file stands on: what is written stays written, and what is wrong with it is said in plain words. */
package eventide.server.ground;

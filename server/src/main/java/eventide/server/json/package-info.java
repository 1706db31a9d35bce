/** How core's shapes cross the wire: one reader that lists every fault, one module that writes words. */
package eventide.server.json;

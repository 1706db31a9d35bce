/** What files that go out and come in have in common. */
package eventide.server.files;

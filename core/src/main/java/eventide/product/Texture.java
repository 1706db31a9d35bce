package eventide.product;

/** How a product runs. */
public enum Texture {
    RUNNY,
    MEDIUM,
    THICK
}

/** Follows the pointer from pressing down to letting go, wherever it is by then. */
export function follow(moved: (event: PointerEvent) => void, released: (event: PointerEvent) => void): void {
    window.addEventListener('pointermove', moved);
    window.addEventListener(
        'pointerup',
        (event) => {
            window.removeEventListener('pointermove', moved);
            released(event);
        },
        { once: true },
    );
}

import jsQR from 'jsqr';

/** Wider pictures are made smaller before they are looked at. */
const WIDEST = 1200;

/** What the square code in a picture says; null where none is seen. */
export function codeIn(
    source: CanvasImageSource,
    width: number,
    height: number,
    canvas: HTMLCanvasElement,
): string | null {
    const scale = Math.min(1, WIDEST / Math.max(width, height));
    canvas.width = Math.max(1, Math.round(width * scale));
    canvas.height = Math.max(1, Math.round(height * scale));
    const drawn = canvas.getContext('2d', { willReadFrequently: true });
    if (drawn === null) return null;
    drawn.drawImage(source, 0, 0, canvas.width, canvas.height);
    const pixels = drawn.getImageData(0, 0, canvas.width, canvas.height);
    return jsQR(pixels.data, pixels.width, pixels.height)?.data ?? null;
}

/** The address that a label of ours names, whatever the shop is called from where it was printed; null for any other code. */
export function labelled(code: string): { kind: string; name: string } | null {
    const found = /^(?:https?:\/\/[^/\s]+)?\/label\/([a-z]{1,12})\/([^/\s]{1,240})$/.exec(code.trim());
    if (found === null) return null;
    try {
        return { kind: found[1] ?? '', name: decodeURIComponent(found[2] ?? '') };
    } catch {
        return null;
    }
}

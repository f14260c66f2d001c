/** The text of a file in UTF-8 or, as its mark says, UTF-16. */
export async function textOf(file: File): Promise<string> {
    const bytes = new Uint8Array(await file.arrayBuffer());
    const marked =
        bytes[0] === 0xff && bytes[1] === 0xfe
            ? 'utf-16le'
            : bytes[0] === 0xfe && bytes[1] === 0xff
              ? 'utf-16be'
              : 'utf-8';
    // What the text says of its encoding is over once it is text.
    return new TextDecoder(marked).decode(bytes).replace(/^<\?xml[^>]*\?>\s*/, '');
}

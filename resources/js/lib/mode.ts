const KEY = 'regimen-mode';

export type Mode = 'light' | 'dark';

function apply(mode: Mode): void {
    document.documentElement.dataset.mode = mode;
}

/** The theme that was chosen last, or the one the system asks for. */
export function rememberedMode(): void {
    const kept = localStorage.getItem(KEY);
    apply(
        kept === 'dark' || kept === 'light'
            ? kept
            : matchMedia('(prefers-color-scheme: dark)').matches
              ? 'dark'
              : 'light',
    );
}

export function switchMode(): void {
    const mode: Mode = document.documentElement.dataset.mode === 'dark' ? 'light' : 'dark';
    localStorage.setItem(KEY, mode);
    apply(mode);
}

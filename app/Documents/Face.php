<?php

declare(strict_types=1);

namespace App\Documents;

use RuntimeException;
use TCPDF_FONTS;

/** The faces of the house, on paper as on the screen. */
enum Face: string
{
    case Heading = 'bricolage-grotesque';
    case Text = 'atkinson-hyperlegible-next';
    case Figures = 'atkinson-hyperlegible-mono';

    /** What has no letter in a face of the house is set in this one: marks, fractions, other alphabets. */
    public const OTHERS = 'dejavusans';

    private function weight(): int
    {
        return $this === self::Heading ? 600 : 400;
    }

    /**
     * Words in runs that are each set in one font.
     *
     * @return list<array{string, string}> the font’s name and the words
     */
    public function runs(string $words): array
    {
        $runs = [];
        foreach (mb_str_split($words) as $letter) {
            $font = $this->fontOf((int) mb_ord($letter));
            $last = count($runs) - 1;
            if ($last >= 0 && $runs[$last][0] === $font) {
                $runs[$last][1] .= $letter;
            } else {
                $runs[] = [$font, $letter];
            }
        }

        return $runs;
    }

    /** Where a document finds a font of the house; empty for one that its library brings. */
    public static function file(string $font): string
    {
        return $font === self::OTHERS ? '' : self::folder().$font.'.php';
    }

    private function fontOf(int $letter): string
    {
        foreach (['latin', 'latin-ext'] as $part) {
            $name = $this->font($part);
            if (isset(self::letters($name)[$letter])) {
                return $name;
            }
        }

        return self::OTHERS;
    }

    /** Unpacks a part of the face the first time that it is wanted. */
    private function font(string $part): string
    {
        $name = str_replace('-', '', "{$this->value}{$part}{$this->weight()}");
        if (! is_file(self::folder()."{$name}.php")) {
            $woff = base_path("node_modules/@fontsource/{$this->value}/files/{$this->value}-{$part}-{$this->weight()}-normal.woff");
            self::make($name, (string) file_get_contents($woff));
        }

        return $name;
    }

    /** Made beside its place and put there whole, since others may print at the same time. */
    private static function make(string $name, string $woff): void
    {
        $beside = self::folder().bin2hex(random_bytes(6)).'/';
        if (! mkdir($beside, 0o755, true)) {
            throw new RuntimeException("The folder {$beside} cannot be made, so that nothing can be printed.");
        }
        file_put_contents("{$beside}{$name}.ttf", Woff::unpack($woff));
        // The library measures the height of x and H, which a part without them does not have; it goes on without.
        set_error_handler(static fn (): bool => true, E_WARNING | E_DEPRECATED);
        try {
            TCPDF_FONTS::addTTFfont("{$beside}{$name}.ttf", 'TrueTypeUnicode', '', 32, $beside);
        } finally {
            restore_error_handler();
        }
        unlink("{$beside}{$name}.ttf");
        foreach (["{$name}.z", "{$name}.ctg.z", "{$name}.php"] as $file) {
            rename($beside.$file, self::folder().$file);
        }
        rmdir($beside);
    }

    /** @return array<int, int> widths by letter */
    private static function letters(string $name): array
    {
        static $known = [];

        return $known[$name] ??= (static function () use ($name): array {
            $cw = [];
            include self::folder()."{$name}.php";

            return $cw;
        })();
    }

    private static function folder(): string
    {
        return storage_path('regimen/faces/');
    }
}

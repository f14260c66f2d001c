<?php

declare(strict_types=1);

namespace App\Documents\Clients;

use App\Pages\Build\Inked;
use App\Pages\Clients\ClientSheet;
use App\Pages\Worked\Drawing;
use App\Pages\Worked\Shape;
use App\Support\PhotographFiles;
use Illuminate\Support\Facades\Vite;

/** The client’s sheet as a page of its own: at its private address, or whole in one file to send. */
final readonly class ClientHtml
{
    private const NAMED = ['paper' => '#f8f5ed', 'ink' => '#22201b', 'rust' => '#a8391b', 'none' => 'none'];

    public function __construct(private PhotographFiles $files)
    {
    }

    /**
     * @param  string  $address  of the page
     * @param  string  $said  what became of what was pressed
     */
    public function page(ClientSheet $sheet, string $address, string $said): string
    {
        return $this->made($sheet, array_map(static fn (array $one): array => ["{$address}/photographs/{$one['id']}.jpg", $one['words']], $sheet->photographs), "{$address}/decisions", $said, null);
    }

    /** Styles and photographs within it: it needs nothing but itself. */
    public function file(ClientSheet $sheet): string
    {
        $photographs = [];
        foreach ($sheet->photographs as $one) {
            $bytes = $this->files->read($one['sha'], true) ?? $this->files->read($one['sha'], false);
            $bytes === null || $photographs[] = ['data:image/jpeg;base64,'.base64_encode($bytes), $one['words']];
        }

        return $this->made($sheet, $photographs, null, '', self::style());
    }

    /** @param  list<array{string, string}>  $photographs  source and words */
    private function made(ClientSheet $sheet, array $photographs, ?string $answer, string $said, ?string $style): string
    {
        return view('client', [
            'sheet' => $sheet, 'photographs' => $photographs, 'answer' => $answer, 'said' => $said, 'style' => $style, 'drawing' => $sheet->drawing === null ? '' : self::svg($sheet->drawing, $sheet->inked, $sheet->instrument),
        ])->render();
    }

    /** The styles with the fonts in them. */
    private static function style(): string
    {
        return (string) preg_replace_callback('#url\(([^)]+\.woff2)\)#', static function (array $found): string {
            $font = public_path('build/assets/'.basename($found[1]));

            return is_file($font) ? 'url(data:font/woff2;base64,'.base64_encode((string) file_get_contents($font)).')' : $found[0];
        }, Vite::content('resources/css/client.css'));
    }

    /** The instrument as far as it is: what is not made yet is paper with a dashed line. */
    private static function svg(Drawing $drawing, Inked $inked, string $words): string
    {
        $svg = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="'.e(implode(' ', $drawing->box)).'" role="img" aria-label="'.e($words).'">';
        foreach ($drawing->shapes as $shape) {
            if ($shape->words !== null || $shape->style === 'dimension' || $shape->part === 'strings') {
                continue;
            }
            $share = match ($shape->part) {
                'neck' => $inked->neck, 'fretboard' => $inked->fretboard, 'body' => $inked->body, 'electronics' => $inked->body >= 1 ? 1.0 : 0.0, default => 1.0,
            };
            $svg .= self::shape($shape, $share);
        }

        return "{$svg}</svg>";
    }

    private static function shape(Shape $shape, float $share): string
    {
        $colour = $shape->fill ?? 'none';
        $fill = $share <= 0 && $colour !== 'none' ? self::NAMED['paper'] : (self::NAMED[$colour] ?? $colour);
        $class = trim(($share <= 0 ? 'bare ' : '').($shape->style === 'plain' ? 'plain' : ''));
        $common = ' fill="'.e($fill).'"'.($share > 0 && $share < 1 ? ' fill-opacity="'.round(0.25 + 0.75 * $share, 2).'"' : '').($class === '' ? '' : ' class="'.$class.'"');

        return $shape->r !== null ? '<circle cx="'.$shape->x.'" cy="'.$shape->y.'" r="'.$shape->r.'"'.$common.'/>' : '<path d="'.e((string) $shape->d).'"'.$common.'/>';
    }
}

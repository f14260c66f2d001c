<?php

declare(strict_types=1);

namespace App\Documents;

use App\Planning\Stores\CutTable;
use App\Planning\Stores\Cutting;
use App\Planning\Stores\CuttingAsked;
use App\Support\Clock;
use Regimen\Drawing\View;
use Regimen\Formats\Drawings\DxfR12;
use Regimen\Formats\Drawings\SvgFile;
use Regimen\Stores\Cutting\Marked;
use Regimen\Stores\Cutting\MarkedView;

/** A cutting plan to take along: each board at full size or 1:20. */
final readonly class CuttingFiles
{
    /** Of the small drawing. */
    private const SCALE = 20;

    public function __construct(private Cutting $cutting, private Clock $clock)
    {
    }

    /**
     * @param  string  $name  `board-14.svg`, `board-14-1to20.dxf`, `board-14-full-a4.pdf`, `cuts-letter.pdf` with all boards 1:20
     * @return array{string, string}|null content and media type; null for a file that there is not
     */
    public function file(CuttingAsked $asked, string $name): ?array
    {
        $table = $this->cutting->table($asked);
        $marked = $table->marked($this->cutting->laid($table, $asked));
        $stamp = $this->clock->now()->getTimestamp();
        if (preg_match('/^cuts-(a4|letter)\.pdf$/', $name, $parts) === 1) {
            $views = array_map(static fn (Marked $one): array => [self::view($table, $one, self::SCALE), self::cuts($table, $one)], $marked);

            return $views === [] ? null : [CutsPdf::write($views, Paper::from($parts[1]), $stamp), 'application/pdf'];
        }
        if (preg_match('/^board-([0-9]{1,9})(-1to20)?\.(svg|dxf)$/', $name, $parts) === 1) {
            $view = self::found($table, $marked, (int) $parts[1], $parts[2] === '' ? 1 : self::SCALE);

            return $view === null ? null : ($parts[3] === 'svg' ? [SvgFile::write($view), 'image/svg+xml'] : [DxfR12::write($view->template()), 'image/vnd.dxf']);
        }
        if (preg_match('/^board-([0-9]{1,9})-full-(a4|letter)\.pdf$/', $name, $parts) === 1) {
            $view = self::found($table, $marked, (int) $parts[1], 1);

            return $view === null ? null : [TemplatePdf::write($view, $view->title, Paper::from($parts[2]), $stamp), 'application/pdf'];
        }

        return null;
    }

    /** @param  list<Marked>  $marked */
    private static function found(CutTable $table, array $marked, int $board, int $scale): ?View
    {
        foreach ($marked as $one) {
            if ($one->face->number === $board) {
                return self::view($table, $one, $scale);
            }
        }

        return null;
    }

    private static function view(CutTable $table, Marked $marked, int $scale): View
    {
        $wanted = array_map($table->wanted(...), array_combine(array_keys($table->needs), array_keys($table->needs)));

        return MarkedView::draw($marked, $wanted, array_map(CutTable::words(...), $table->needs), ($table->boards[$marked->face->number] ?? null)?->name() ?? '', $scale);
    }

    /** @return list<string> the order of the cuts */
    private static function cuts(CutTable $table, Marked $marked): array
    {
        return MarkedView::order($marked, array_map(CutTable::words(...), $table->needs));
    }
}

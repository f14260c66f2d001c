<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Build\Build;
use App\Models\Build\SpecificationRevision;
use Regimen\Drawing\BoardView;
use Regimen\Drawing\FrontView;
use Regimen\Drawing\LayersView;
use Regimen\Drawing\SectionsView;
use Regimen\Drawing\SideView;
use Regimen\Drawing\View;
use Regimen\Figures\Figure;
use Regimen\Figures\FigureBook;
use Regimen\Figures\Workings;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Instrument\Reading\SpecificationFields;

/** The specification on two sheets: drawings and figures first, then everything that was agreed. */
final class SheetPdf
{
    private const LEFT = 14.0;

    private const COLUMN = 62.0;

    private const LINE = 3.9;

    public static function write(
        Build $build,
        SpecificationRevision $revision,
        ReadSpecification $read,
        Workings $workings,
        Paper $paper,
        int $timestamp,
    ): string {
        $canvas = new Canvas("{$build->name()}, specification revision {$revision->number}", $paper, 'P', $timestamp);
        [$width, $height] = $paper->size();
        $canvas->pdf->AddPage();
        self::head($canvas, $build, $revision, $workings);
        $y = 30.0;
        foreach ([FrontView::draw($workings), SideView::draw($workings), BoardView::draw($workings)] as $view) {
            $y += self::place($canvas, $view, self::LEFT, $y, $width - 2 * self::LEFT) + 4;
        }
        $half = ($width - 2 * self::LEFT - 6) / 2;
        $used = max(
            self::place($canvas, SectionsView::draw($workings), self::LEFT, $y, $half * 1.2),
            self::place($canvas, LayersView::draw($workings), self::LEFT + $half * 1.2 + 6, $y, $half * 0.8),
        );
        self::figures($canvas, $workings, $y + $used + 6, $height);
        $canvas->pdf->AddPage();
        self::values($canvas, $read, $height);

        return $canvas->output();
    }

    private static function head(
        Canvas $canvas,
        Build $build,
        SpecificationRevision $revision,
        Workings $workings,
    ): void {
        $canvas->words($build->name(), self::LEFT, 18, 16);
        $standing = $revision->isReleased() ? 'released '.$revision->released_at?->format('j M Y') : 'not released';
        $canvas->words(
            "Specification, revision {$revision->number}, {$standing}: {$workings->specification->inOneLine()}",
            self::LEFT,
            24,
            8,
        );
    }

    /** @return float how high it became, in mm */
    private static function place(Canvas $canvas, View $view, float $x, float $y, float $room): float
    {
        $along = $view->along();
        $across = $view->across();
        $scale = min($room / $along->length(), 62.0 / $across->length());
        $canvas->draw($view, $x - $along->from * $scale, $y - $across->from * $scale, $scale, true);

        return $across->length() * $scale;
    }

    private static function figures(Canvas $canvas, Workings $workings, float $top, float $height): void
    {
        $shown = array_values(
            array_filter(
                FigureBook::figures($workings),
                static fn (Figure $figure): bool => ! in_array($figure->group, ['', 'brief'], true),
            ),
        );
        $column = 0;
        $y = $top;
        foreach ($shown as $figure) {
            if ($y > $height - 12) {
                $column++;
                $y = $top;
            }
            if ($column > 2) {
                return;
            }
            $x = self::LEFT + $column * self::COLUMN;
            $canvas->words($figure->name, $x, $y, 5.6);
            $canvas->words(
                $figure->shown().($figure->unit === 'mm' ? ' mm' : ''), $x + self::COLUMN - 5, $y, 5.6, 'end',
            );
            $y += 3.0;
        }
    }

    private static function values(Canvas $canvas, ReadSpecification $read, float $height): void
    {
        $marks = [
            ReadSpecification::CLIENT => '●', ReadSpecification::HOUSE => '○', ReadSpecification::COMPUTED => '=',
        ];
        $canvas->words('● client   ○ house   = computed', self::LEFT, 14, 7);
        $column = 0;
        $y = 20.0;
        foreach (SpecificationFields::groups() as $group) {
            foreach ($group->fields as $index => $field) {
                $words = $field->key === 'outlineSvg' ? '' : $read->printed($field);
                $lines = $words === '' ? [] : explode(
                    "\n", wordwrap($words, mb_strlen($field->label) > 24 ? 34 : 22, "\n", true),
                );
                if ($y + self::LINE * max(1, count($lines)) > $height - 12) {
                    $column++;
                    $y = 20.0;
                }
                $x = self::LEFT + $column * self::COLUMN;
                if ($index === 0) {
                    $canvas->words($group->name, $x, $y + 1, 8.5);
                    $y += self::LINE + 1.5;
                }
                if ($lines === []) {
                    continue;
                }
                $canvas->words(($marks[$read->sources[$field->key] ?? ''] ?? '').' '.$field->label, $x, $y, 6);
                foreach ($lines as $at => $line) {
                    $y += $at > 0 || mb_strlen($field->label) > 24 ? self::LINE * 0.75 : 0.0;
                    $canvas->words($line, $x + self::COLUMN - 5, $y, 6, 'end');
                }
                $y += self::LINE * 0.85;
            }
            $y += 2.0;
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Build\Build;
use App\Models\Build\SpecificationRevision;
use App\Planning\Specification\Judgement;
use Regimen\Drawing\BoardView;
use Regimen\Drawing\FrontView;
use Regimen\Drawing\LayersView;
use Regimen\Drawing\SectionsView;
use Regimen\Drawing\SideView;
use Regimen\Drawing\View;
use Regimen\Figures\FigureBook;
use Regimen\Figures\Workings;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Instrument\Reading\SpecificationFields;

/** The specification on paper: the drawings, everything that was agreed, what was accepted, all figures. */
final class SheetPdf
{
    private const LEFT = 14.0;

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
        $views = [
            FrontView::draw($workings), SideView::draw($workings), BoardView::draw($workings), SectionsView::draw($workings),
            LayersView::draw($workings),
        ];
        foreach ($views as $view) {
            $scale = self::scale($view, $width - 2 * self::LEFT);
            if ($y + $view->across()->length() * $scale > $height - self::LEFT) {
                $canvas->pdf->AddPage();
                $y = 20.0;
            }
            $canvas->draw($view, self::LEFT - $view->along()->from * $scale, $y - $view->across()->from * $scale, $scale, true);
            $y += $view->across()->length() * $scale + 5;
        }
        $columns = new Columns(
            $canvas, $paper, "{$build->name()} · specification, revision {$revision->number} · ".gmdate('j M Y', $timestamp),
        );
        self::values($columns, $read);
        self::accepted($columns, Judgement::judge($build, $workings));
        self::figures($columns, $workings);

        return $canvas->output();
    }

    private static function head(
        Canvas $canvas,
        Build $build,
        SpecificationRevision $revision,
        Workings $workings,
    ): void {
        $canvas->heading($build->name(), self::LEFT, 18, 16);
        $standing = $revision->isReleased() ? 'released '.$revision->released_at?->format('j M Y') : 'not released';
        $canvas->words(
            "Specification, revision {$revision->number}, {$standing}: {$workings->specification->inOneLine()}",
            self::LEFT,
            24.5,
            Columns::TEXT,
        );
    }

    /** As large as the sheet is wide, if it does not become too high for the others. */
    private static function scale(View $view, float $room): float
    {
        return min($room / $view->along()->length(), 72.0 / $view->across()->length());
    }

    private static function figures(Columns $columns, Workings $workings): void
    {
        $columns->heading('Figures');
        foreach (FigureBook::figures($workings) as $figure) {
            if (! in_array($figure->group, ['', 'brief'], true)) {
                $other = $figure->other() === '' ? '' : " ({$figure->other()})";
                $columns->figure($figure->name, $figure->shown().($figure->unit === 'mm' ? ' mm' : '').$other);
            }
        }
    }

    private static function values(Columns $columns, ReadSpecification $read): void
    {
        $marks = [
            ReadSpecification::CLIENT => '●', ReadSpecification::HOUSE => '○', ReadSpecification::COMPUTED => '=',
        ];
        $columns->heading('What was agreed');
        $columns->sentence('● client   ○ house   = computed');
        foreach (SpecificationFields::groups() as $group) {
            $columns->heading($group->name);
            foreach ($group->fields as $field) {
                $words = $field->key === 'outlineSvg' ? '' : $read->printedInBoth($field);
                if ($words !== '') {
                    $columns->line(($marks[$read->sources[$field->key] ?? ''] ?? '').' '.$field->label, $words);
                }
            }
        }
    }

    /** What the rule book found and somebody answers for. */
    private static function accepted(Columns $columns, Judgement $judgement): void
    {
        $accepted = array_filter($judgement->findings, static fn (array $one): bool => $one[1] !== null);
        if ($accepted === []) {
            return;
        }
        $columns->heading('Accepted findings');
        foreach ($accepted as [$finding, $by]) {
            $columns->sentence("{$finding->title}: {$finding->figures} Accepted because: {$by->reason}");
        }
    }
}

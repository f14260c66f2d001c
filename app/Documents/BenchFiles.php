<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Build\Build;
use App\Models\Build\SpecificationRevision;
use App\Planning\House\House;
use App\Planning\Specification\Revisions;
use App\Support\Clock;
use Regimen\Drawing\Drawings;
use Regimen\Figures\Workings;
use Regimen\Formats\Drawings\DxfR12;
use Regimen\Formats\Drawings\SvgFile;
use Regimen\Formats\Json\SpecificationFile;
use Regimen\Formats\Tables;

/** What goes out to the bench: templates, sheet and tables of a revision, in open formats. */
final readonly class BenchFiles
{
    public function __construct(private Clock $clock, private House $house)
    {
    }

    /** @return array{string, string}|null content and media type; null for a file that there is not */
    public function file(Build $build, SpecificationRevision $revision, string $name): ?array
    {
        $read = Revisions::read($revision);
        $workings = Workings::from($read, null, $this->house->methods($build)->slots());
        $stamp = $this->clock->now()->getTimestamp();

        return match ($name) {
            'frets.csv' => [Tables::csv(Tables::frets($workings)), 'text/csv; charset=UTF-8'],
            'strings.csv' => [Tables::csv(Tables::strings($workings)), 'text/csv; charset=UTF-8'],
            'specification.json' => [SpecificationFile::write($revision->client, $revision->house), 'application/json'],
            'sheet-a4.pdf' => [
                SheetPdf::write($build, $revision, $read, $workings, Paper::A4, $stamp),
                'application/pdf',
            ],
            'sheet-letter.pdf' => [
                SheetPdf::write($build, $revision, $read, $workings, Paper::Letter, $stamp),
                'application/pdf',
            ],
            default => $this->template($build, $workings, $name, $stamp),
        };
    }

    /** @return array{string, string}|null */
    private function template(Build $build, Workings $workings, string $name, int $stamp): ?array
    {
        if (preg_match('/^([a-z-]+?)(?:-(a4|letter))?\.(svg|dxf|pdf)$/', $name, $parts) !== 1) {
            return null;
        }
        $view = Drawings::templates($workings)[$parts[1]] ?? null;
        $paper = Paper::tryFrom($parts[2]);

        return match (true) {
            $view === null => null,
            $parts[3] === 'svg' && $paper === null => [SvgFile::write($view), 'image/svg+xml'],
            $parts[3] === 'dxf' && $paper === null => [DxfR12::write($view), 'image/vnd.dxf'],
            $parts[3] === 'pdf' && $paper !== null => [
                TemplatePdf::write($view, "{$build->name()}, {$view->title}", $paper, $stamp),
                'application/pdf',
            ],
            default => null,
        };
    }
}

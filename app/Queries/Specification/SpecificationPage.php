<?php

declare(strict_types=1);

namespace App\Queries\Specification;

use App\Models\Build\Build;
use App\Models\Build\SpecificationRevision;
use App\Pages\Dict;
use App\Pages\Shop\BuildName;
use App\Pages\Specification\BenchFile;
use App\Pages\Specification\BenchTable;
use App\Pages\Specification\RevisionHead;
use App\Pages\Specification\RevisionName;
use App\Pages\Specification\SpecificationProps;
use App\Planning\Specification\Revisions;
use App\Queries\Parts\InStockFor;
use Regimen\Electronics\ElectricWords;
use Regimen\Figures\TapPosition;
use Regimen\Figures\TapTest;
use Regimen\Figures\Workings;
use Regimen\Formats\Tables;

/** A revision of a build's specification, to be written or to be read. */
final readonly class SpecificationPage
{
    public const FILES = [
        'fretboard' => 'Fretboard', 'headstock' => 'Headstock', 'neck-side' => 'Neck from the side',
        'body' => 'Body and cavities',
    ];

    public function __construct(private WorkedOut $workedOut, private Revisions $revisions, private InStockFor $inStock)
    {
    }

    public function data(Build $build, SpecificationRevision $revision, bool $manager): SpecificationProps
    {
        $build->load(['client', 'revisions', 'acceptedFindings.person']);
        $read = Revisions::read($revision);
        $workings = $this->revisions->workings($read, $build);

        return new SpecificationProps(
            build: new BuildName(number: $build->number, title: $build->title),
            revision: new RevisionHead(
                number: $revision->number,
                version: $revision->version,
                released: $revision->released_at?->toIso8601ZuluString(),
                editable: $manager && ! $revision->isReleased()
                    && $build->status === \App\Models\Build\BuildStatus::Open,
                latest: $revision->number === $build->revisions->max('number'),
            ),
            revisions: array_values($build->revisions
                ->map(
                    static fn (SpecificationRevision $one): RevisionName => new RevisionName(
                        number: $one->number,
                        released: $one->isReleased(),
                    ),
                )
                ->all()),
            client: new Dict($revision->client),
            fields: WorkedOut::fields(),
            worked: $this->workedOut->of($revision->client, $revision->house, $build),
            tables: self::tables($workings),
            files: array_map(
                static fn (string $key, string $name): BenchFile => new BenchFile(key: $key, name: $name),
                array_keys(self::FILES),
                self::FILES,
            ),
            parts: $manager && ! $revision->isReleased() ? $this->inStock->specification() : [],
        );
    }

    /** @return list<BenchTable> */
    private static function tables(Workings $workings): array
    {
        $table = static fn (string $key, string $name, array $table): BenchTable => new BenchTable(
            key: $key,
            name: $name,
            heads: $table[0],
            rows: $table[1],
        );
        $taps = array_map(static fn (TapPosition $test): array => [
            (string) $test->number, $test->sounds->inWords(), implode(', ', $test->silent) ?: '–',
            $test->atJack === null ? '–' : ElectricWords::resistance(round($test->atJack, 2)).' ± 10 %',
        ], TapTest::from($workings->specification));

        return [
            $table('frets', 'Frets', Tables::frets($workings)),
            $table('strings', 'Strings', Tables::strings($workings)),
            $table('taps', 'Tap test', [['position', 'must sound', 'must stay silent', 'meter at the jack'], $taps]),
        ];
    }
}

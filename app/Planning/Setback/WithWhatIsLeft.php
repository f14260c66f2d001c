<?php

declare(strict_types=1);

namespace App\Planning\Setback;

use App\Models\Build\Build;
use App\Models\Build\SpecificationRevision;
use App\Models\Setback\Setback;
use App\Planning\Pieces\RouteSoFar;
use App\Planning\Specification\Judgement;
use App\Planning\Specification\Revisions;
use Regimen\Findings\Finding;
use Regimen\Findings\Fix;
use Regimen\Inspection\AsMeasured;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Setback\Mishap;
use Regimen\Setback\PieceKind;
use Regimen\Setback\Remedy;
use Regimen\Setback\RemedyKind;
use Regimen\Setback\Step;
use Regimen\Setback\WhatIsLeft;
use Regimen\Units\Duration;

/** Specifications that make do with what is left of a piece: judged as any other revision is before it is released. */
final readonly class WithWhatIsLeft
{
    public function __construct(private Revisions $revisions, private RouteSoFar $routes)
    {
    }

    /** @return list<Remedy> */
    public function offers(Setback $setback): array
    {
        return array_map(fn (WhatIsLeft $one): Remedy => new Remedy(
            RemedyKind::TakeWhatIsLeft, $one->key, $one->words, Duration::zero(), cannot: $this->cannot($setback->build, $one), shows: ['the specification changes: '.self::changed($one)],
        ), $this->of($setback));
    }

    /** @return list<WhatIsLeft> */
    public function of(Setback $setback): array
    {
        $read = Revisions::read($setback->build->specification);
        if ($read->specification === null) {
            return [];
        }
        $left = [];
        if ($setback->fret !== null && $setback->piece === PieceKind::Fretboard && $setback->mishap === Mishap::SlotOff) {
            $done = array_filter($this->routes->of($setback->build), static fn (Step $step): bool => $step->isBegun());
            $left = WhatIsLeft::ofBoard(
                $this->revisions->workings($read, $setback->build), $setback->fret, array_values(array_map(static fn (Step $step): string => $step->key, $done)),
            );
        }
        if ($setback->field !== '') {
            $left[] = WhatIsLeft::asItIs($setback->field, AsMeasured::label($setback->field), $setback->value);
        }

        return $left;
    }

    /** The specification with what is left, read. */
    public static function read(SpecificationRevision $revision, WhatIsLeft $left): ReadSpecification
    {
        return SpecificationReader::read((new Fix('', $left->changes))->appliedTo($revision->client, $revision->house), $revision->house);
    }

    /** @return list<string> */
    private function cannot(Build $build, WhatIsLeft $left): array
    {
        $revision = $build->specification;
        if ($left->cannot !== '') {
            return [$left->cannot];
        }
        if (! $revision->isReleased() || SpecificationRevision::query()->where('build_id', $build->id)->whereNull('released_at')->exists()) {
            return ['a revision of the specification is still being written: release it, or discard it'];
        }
        $read = self::read($revision, $left);
        if ($read->specification === null) {
            return array_values($read->problems);
        }
        $before = array_map(
            static fn (Finding $stop): string => $stop->key, Judgement::judge($build, $this->revisions->workings(Revisions::read($revision), $build))->openStops(),
        );
        $stops = array_filter(
            Judgement::judge($build, $this->revisions->workings($read, $build))->openStops(), static fn (Finding $stop): bool => ! in_array($stop->key, $before, true),
        );

        return array_values(array_map(static fn (Finding $stop): string => lcfirst($stop->title).($stop->figures === '' ? '' : ": {$stop->figures}"), $stops));
    }

    private static function changed(WhatIsLeft $left): string
    {
        return implode(', ', array_map(static fn (string $field, string $value): string => lcfirst(AsMeasured::label($field))." {$value}", array_keys($left->changes), $left->changes));
    }
}

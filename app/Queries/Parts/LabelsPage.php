<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Devices\LabelPrinter;
use App\Models\Parts\Part;
use App\Models\Setback\MadePiece;
use App\Models\Setback\PieceState;
use App\Models\Stores\Blank;
use App\Models\Stores\Board;
use App\Pages\Parts\Label;
use App\Pages\Parts\LabelLine;
use App\Pages\Parts\LabelsProps;

/** Whatever in the stores can have a label, and where a code leads. */
final readonly class LabelsPage
{
    /** Boards that are offered for a label: whoever looks for an older one opens it. */
    private const SHOWN = 200;

    public function __construct(private LabelPrinter $printer)
    {
    }

    public function data(): LabelsProps
    {
        return new LabelsProps(array_map(static fn (Label $one): LabelLine => new LabelLine($one->key(), $one->kind, $one->words, $one->under), $this->all(self::SHOWN)), $this->printer->name());
    }

    /**
     * @param  list<string>  $keys
     * @return list<Label> those of them that there are, in the order of the stores
     */
    public function named(array $keys): array
    {
        return array_values(array_filter($this->all(), static fn (Label $one): bool => in_array($one->key(), $keys, true)));
    }

    /**
     * @param  int|null  $boards  so many of them, the latest; null: all
     * @return list<Label>
     */
    private function all(?int $boards = null): array
    {
        $parts = Part::query()->kept()->orderBy('name')->get();
        $drawers = $parts->pluck('place')->filter()->unique()->sort()->values();

        return [
            ...Board::query()->there()->orderByDesc('id')->limit($boards ?? PHP_INT_MAX)->get()->map(static fn (Board $one): Label => new Label('board', (string) $one->id, "board {$one->id}", trim("{$one->species}, {$one->cut->words()}, ".($one->length_tenths / 10).' × '.($one->width_tenths / 10).' × '.($one->thickness_tenths / 10), ', ')))->all(),
            ...Blank::query()->inBuild()->with(['board', 'build'])->orderBy('id')->get()->map(static fn (Blank $one): Label => new Label('blank', (string) $one->id, "blank {$one->id}, No. {$one->build->number}", "{$one->board->species} for the {$one->kind()}"))->all(),
            ...MadePiece::query()->with('madeFor')->where('state', PieceState::InStock->value)->orderBy('id')->get()->map(static fn (MadePiece $one): Label => new Label('piece', (string) $one->id, "piece {$one->id}", $one->name()))->all(),
            ...$drawers->map(static fn (string $place): Label => new Label('drawer', $place, $place, $parts->where('place', $place)->pluck('name')->take(3)->implode(', ')))->all(),
            ...$parts->map(static fn (Part $one): Label => new Label('part', (string) $one->id, $one->name, $one->place))->all(),
        ];
    }

    /** Where a label leads; null for one that is not known any more. */
    public static function leadsTo(string $kind, string $name): ?string
    {
        $number = ctype_digit($name) && strlen($name) < 10 ? (int) $name : 0;

        return match ($kind) {
            'board' => Board::query()->whereKey($number)->exists() ? route('timber.one', $number) : null,
            'blank' => self::ofBlank(Blank::query()->with('build')->find($number)),
            'piece' => MadePiece::query()->whereKey($number)->exists() ? route('pieces') : null,
            'part' => Part::query()->whereKey($number)->exists() ? route('stores.parts.one', $number) : null,
            // Typed by hand it is “drawer A1”, whatever the house calls its drawers.
            'drawer' => Part::query()->where(static fn ($part) => $part->where('place', $name)->orWhereLike('place', "% {$name}"))->exists() ? route('stores.parts', ['find' => $name]) : null,
            default => null,
        };
    }

    private static function ofBlank(?Blank $blank): ?string
    {
        return $blank === null ? null : route('builds.show', $blank->build->number).'#kit';
    }
}

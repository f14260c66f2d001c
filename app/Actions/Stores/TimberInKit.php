<?php

declare(strict_types=1);

namespace App\Actions\Stores;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Stores\Blank;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Refused;
use Regimen\Costing\KitState;
use Regimen\Parts\PartGroup;
use Regimen\Stores\Blank as Need;
use Regimen\Stores\BlankKind;

/** What was cut for a build takes the place of the timber in its kit, at what it has cost. */
final readonly class TimberInKit
{
    public function __construct(private House $house, private Clock $clock)
    {
    }

    /** The line that a need stands for; a new one where none is left, or where what was ordered is still to come. */
    public function lineFor(Build $build, Need $need): KitLine
    {
        $lines = KitLine::query()->where('build_id', $build->id)->where('group', self::group($need->kind)->value)->where('surplus', false)->whereNull('piece_id')
            ->where('used', 0)->where('written_off', 0)->orderBy('id')->get();
        $named = $lines->filter(static fn (KitLine $one): bool => self::isFor($one, $need))->first();
        if ($named !== null && $named->state !== KitState::Ordered) {
            return $named;
        }
        // What was ordered goes to stock when it comes.
        $named?->update(['surplus' => true, 'version' => $named->version + 1]);

        return KitLine::query()->create($named !== null
            ? [...$named->only(['build_id', 'group', 'name', 'quantity', 'unit', 'supplier', 'estimated_minor', 'lead_days']), 'state' => KitState::Needed]
            : [
                'build_id' => $build->id, 'group' => self::group($need->kind), 'name' => self::name($need), 'quantity' => 1, 'unit' => KitLine::CUT_HERE, 'supplier' => '',
                'estimated_minor' => 0, 'lead_days' => 0, 'state' => KitState::Needed,
            ])->refresh();
    }

    /** @param  list<Blank>  $blanks */
    public function putIn(KitLine $line, array $blanks, int $cost): void
    {
        $line->update(['state' => KitState::Arrived, 'arrived_on' => $this->clock->today($this->house->zone()), 'cost_minor' => $cost, 'version' => $line->version + 1]);
        foreach ($blanks as $blank) {
            $blank->update(['kit_line_id' => $line->id]);
        }
    }

    public function takeOut(Blank $blank): void
    {
        $line = $blank->kitLine;
        if ($line->used > 0 || $line->written_off > 0 || $line->piece_id !== null) {
            throw Refused::because("Of “{$line->name}” something is used already; it cannot go back into stock.");
        }
        $rest = (int) Blank::query()->reserved()->where('kit_line_id', $line->id)->whereKeyNot($blank->id)->sum('cost_minor');
        if ($line->surplus || $line->unit === KitLine::CUT_HERE && $rest === 0) {
            $line->update(['surplus' => true, 'cost_minor' => $rest, 'version' => $line->version + 1]);

            return;
        }
        $line->update(['state' => KitState::Needed, 'arrived_on' => null, 'cost_minor' => $rest > 0 ? $rest : null, 'version' => $line->version + 1]);
    }

    private static function group(BlankKind $kind): PartGroup
    {
        return match ($kind) {
            BlankKind::Body, BlankKind::Top, BlankKind::Back, BlankKind::Sides, BlankKind::Cover => PartGroup::BodyTimber,
            BlankKind::Neck, BlankKind::Veneer => PartGroup::NeckTimber,
            BlankKind::Fretboard => PartGroup::FretboardTimber,
        };
    }

    private static function isFor(KitLine $line, Need $need): bool
    {
        return match (true) {
            $need->kind === BlankKind::Top => str_contains($line->name, 'for the top'),
            $need->kind === BlankKind::Body && $need->layer > 0 => str_contains($line->name, 'for layer '.($need->layer + 1)),
            $need->kind === BlankKind::Body => str_contains($line->name, 'for the body'),
            $need->kind === BlankKind::Fretboard => str_contains($line->name, 'fretboard blank'),
            $need->kind === BlankKind::Cover => $line->name === self::name($need),
            default => str_contains($line->name, "for the {$need->kind->value}"),
        };
    }

    private static function name(Need $need): string
    {
        return $need->timber->name.match (true) {
            $need->kind === BlankKind::Fretboard => ' fretboard blank',
            $need->kind === BlankKind::Cover => ' for the cover '.($need->layer + 1),
            $need->kind === BlankKind::Body && $need->layer > 0 => ' for layer '.($need->layer + 1),
            default => " for the {$need->kind->value}",
        };
    }
}

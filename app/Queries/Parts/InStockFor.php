<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\Parts\Part;
use App\Models\Parts\StockLot;
use App\Pages\Shop\Option;
use App\Pages\Specification\PartToPick;
use App\Planning\House\House;
use App\Planning\Parts\Catalogue;
use App\Planning\Parts\PartFigures;
use App\Support\Clock;
use App\Support\Say;
use Illuminate\Support\Collection;
use Regimen\Costing\KitState;
use Regimen\Parts\PartGroup;
use Regimen\Route\Air\HoldKind;

/** What of the catalogue a kit or a specification can pick from. */
final readonly class InStockFor
{
    public function __construct(private House $house, private Clock $clock)
    {
    }

    /**
     * Parts that lie in stock for lines of a kit that are not there yet.
     *
     * @param  Collection<int, KitLine>  $lines
     * @return array<int, list<Option>> by the line
     */
    public function kit(Collection $lines): array
    {
        $wanting = $lines->filter(static fn (KitLine $one): bool => ! $one->surplus && ! $one->state->isInTheShop() && $one->state !== KitState::Used && Catalogue::isPart($one->group, $one->unit));
        if ($wanting->isEmpty()) {
            return [];
        }
        $today = $this->clock->today($this->house->zone());
        $parts = Part::query()->kept()->with('lots')->whereIn('group', $wanting->map(static fn (KitLine $one): string => $one->group->value)->unique())->orderBy('name')->get();
        $options = [];
        foreach ($wanting as $line) {
            foreach ($parts as $part) {
                $free = $part->group === $line->group && $part->unit === $line->unit ? $part->free($today) : 0.0;
                if ($free > 0) {
                    $options[$line->id][] = new Option((string) $part->id, "{$part->name}, ".Say::amount($free, $part->unit).' free'.($part->place === '' ? '' : ", {$part->place}"));
                }
            }
        }

        return $options;
    }

    /** @return list<string> glue or finish in the shop that has gone by and that the operation would be done with */
    public function goneBy(Operation $operation): array
    {
        $groups = array_values(array_filter([
            ...$operation->hold_kind === HoldKind::Glue ? [PartGroup::Consumables] : [], ...$operation->hold_kind === HoldKind::Finish ? [PartGroup::Finish] : [], ...$operation->needs,
        ], static fn (PartGroup $one): bool => in_array($one, [PartGroup::Finish, PartGroup::Consumables], true)));
        if ($groups === []) {
            return [];
        }
        $lots = StockLot::query()->with('part')->where('left', '>', 0)->where('best_before', '<', $this->clock->today($this->house->zone()))
            ->whereHas('part', static fn ($part) => $part->whereIn('group', array_map(static fn (PartGroup $one): string => $one->value, $groups)))->orderBy('best_before')->limit(5)->get();

        return array_values($lots->map(static fn (StockLot $one): string => "{$one->part->name}".($one->part->place === '' ? '' : " in {$one->part->place}").': best before '.Say::dayAndYear((string) $one->best_before).', gone by')->all());
    }

    /** @return list<PartToPick> whose figures are known */
    public function specification(): array
    {
        $picks = [];
        foreach (Part::query()->kept()->where('figures', '<>', '[]')->where('figures', '<>', '{}')->orderBy('name')->get() as $part) {
            $fields = $words = [];
            foreach ($part->group->figures() as $field) {
                $value = $part->figure($field);
                if ($value !== null) {
                    $fields[$part->group->path($field)] = $value;
                    $words[] = PartFigures::label($part->group, $field)." {$value}".(isset($part->figures[$field]['measured']) ? '' : ' (data sheet)');
                }
            }
            $fields === [] || $picks[] = new PartToPick($part->id, $part->name, implode(', ', $words), $fields);
        }

        return $picks;
    }
}

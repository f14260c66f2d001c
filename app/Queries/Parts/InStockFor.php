<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Models\Build\KitLine;
use App\Models\Parts\Part;
use App\Pages\Shop\Option;
use App\Pages\Specification\PartToPick;
use App\Planning\House\House;
use App\Planning\Parts\Catalogue;
use App\Planning\Parts\PartFigures;
use App\Support\Clock;
use App\Support\Say;
use Illuminate\Support\Collection;
use Regimen\Costing\KitState;

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

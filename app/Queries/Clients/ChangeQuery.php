<?php

declare(strict_types=1);

namespace App\Queries\Clients;

use App\Models\Build\Build;
use App\Models\Build\SpecificationRevision;
use App\Models\Client\ChangeOrder;
use App\Models\Client\QuoteState;
use App\Pages\Clients\ChangeShown;
use App\Pages\Clients\OrderLine;
use App\Pages\Worked\Change;
use App\Planning\Clients\ChangeReckoning;
use App\Planning\House\House;
use App\Planning\Specification\Revisions;
use App\Queries\Specification\Drawings;
use App\Support\Say;
use Regimen\Costing\UnknownPrice;
use Regimen\Revision\Comparison;
use Regimen\Revision\RevisedValue;
use Regimen\Route\Standards\UnknownStandard;

/** A change while it is worked out, and those that were offered. */
final readonly class ChangeQuery
{
    public function __construct(private ChangeReckoning $reckoning, private House $house)
    {
    }

    public function shown(Build $build, SpecificationRevision $draft): ChangeShown
    {
        $before = Revisions::read($build->specification);
        $after = Revisions::read($draft);
        $values = array_map(static fn (RevisedValue $one): Change => new Change($one->name, $one->before, $one->after), Comparison::values($before, $after));
        $drawn = static fn ($read) => $read->specification === null ? null : Drawings::of($read);
        try {
            $one = $this->reckoning->of($build, $draft);
        } catch (UnknownPrice|UnknownStandard|\InvalidArgumentException $wrong) {
            return new ChangeShown($values, $drawn($before), $drawn($after), [], [], [], '', '', $wrong->getMessage());
        }
        $hours = static fn (int $minutes, string $more, string $fewer): string => $minutes === 0 ? 'none' : Say::duration(abs($minutes)).' '.($minutes > 0 ? $more : $fewer);
        $money = fn (int $minor): string => ($minor < 0 ? '−' : '').$this->house->money(abs($minor));

        return new ChangeShown($values, $drawn($before), $drawn($after), [
            ['Work still to do', $hours($one->toDo, 'more', 'fewer')],
            ['Work that is lost', $hours($one->lost, 'were worked for nothing', '')],
            ['Material and parts', $one->material->minor === 0 ? 'the same' : $money($one->material->minor)],
            ['Bought and not needed any more', $one->lostMaterial->minor === 0 ? 'nothing' : (string) $one->lostMaterial],
            ['Ready by the plan', ($one->after === null ? 'not known' : Say::dayAndYear($one->after)).($one->after === $one->before ? ', as before' : ($one->before === null ? '' : ', now '.Say::day($one->before)))],
            ['Price by the house’s rule', $money($one->price->minor)],
        ], [...$one->useless, ...$one->others], $one->impossible, ($one->price->minor < 0 ? '-' : '').$this->house->money(abs($one->price->minor))->plain(), $this->promise($build, $one->before, $one->after), '');
    }

    /** @return list<OrderLine> the latest first */
    public function orders(Build $build): array
    {
        return array_values(ChangeOrder::query()->where('build_id', $build->id)->orderByDesc('number')->get()->map(fn (ChangeOrder $one): OrderLine => new OrderLine(
            $one->id, $one->version, $one->number, $one->what, implode(', ', array_filter([
                ($one->price_minor < 0 ? '−' : '').$this->house->money(abs($one->price_minor)), $one->promised_on === null ? '' : 'then for '.Say::dayAndYear($one->promised_on),
                match ($one->state) {
                    QuoteState::Open => 'waits for the client since '.Say::day($one->at->setTimezone($this->house->zone())->toDateString()), QuoteState::Accepted => "accepted by {$one->accepted_by}, {$one->accepted_how}", default => 'withdrawn',
                },
            ])).'.', $one->follows, $one->state === QuoteState::Open,
        ))->all());
    }

    /** A promise moves by as much as its plan does, and not where there is slack enough. */
    private function promise(Build $build, ?string $before, ?string $after): string
    {
        if ($build->promised_on === null || $before === null || $after === null || $after <= $before || $after <= $build->promised_on) {
            return '';
        }
        $days = (int) (new \DateTimeImmutable($before))->diff(new \DateTimeImmutable($after))->format('%a');

        return (new \DateTimeImmutable($build->promised_on))->modify("+{$days} days")->format('Y-m-d');
    }
}

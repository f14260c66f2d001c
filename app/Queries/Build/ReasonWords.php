<?php

declare(strict_types=1);

namespace App\Queries\Build;

use App\Models\Build\Operation;
use App\Models\Plan\PlanEntry;
use App\Support\Say;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Regimen\Schedule\Plan\ReasonKind;
use Regimen\Schedule\Problem\PieceId;

/** Why an operation is not planned earlier, in a sentence. */
final readonly class ReasonWords
{
    /**
     * @param  Collection<int, Operation>  $operations  by id, with build; at least those that reasons name
     * @param  Collection<string, string>  $resources  names by key
     */
    public function __construct(
        private Collection $operations,
        private Collection $resources,
        private \DateTimeZone $zone,
    ) {
    }

    public function of(PlanEntry $entry, ?string $person): string
    {
        $other = $entry->reason_operation_id === null ? null : $this->operations->get($entry->reason_operation_id);
        $that = $other === null ? 'another operation' : $this->named($other, $entry->build_id);
        $until = $this->until($other, $entry);
        $ends = $this->ends($other, $entry);
        $who = $person ?? 'Whoever does it';
        $what = ucfirst($this->resource((string) $entry->reason_resource));
        $start = $entry->start === null ? 'then' : Say::moment($entry->start, $this->zone);

        return match (ReasonKind::tryFrom($entry->reason_kind)) {
            ReasonKind::Now => 'Can start now.',
            ReasonKind::Started => 'Under way.',
            ReasonKind::Link => "Follows {$that}{$ends}.",
            ReasonKind::Lag => "Waits for {$entry->reason_text} ({$that}).",
            ReasonKind::Release => "Waits for {$entry->reason_text}.",
            ReasonKind::Person => "{$who} is busy with {$that}{$until}.",
            ReasonKind::Resource => PieceId::pieceOf((string) $entry->reason_resource) === null
                ? "{$what} is in use for {$that}{$until}."
                : "{$what} is being worked on{$until}: {$that}.",
            ReasonKind::Calendar => $other === null
                ? 'Starts with the next working hours.'
                : "Follows {$that}{$ends}; {$who} is back at work {$start}.",
            ReasonKind::Outage => "{$what} is out of use: {$entry->reason_text}.",
            ReasonKind::Hours => "{$what} opens {$start}.",
            ReasonKind::Sitting => "Has to be done in one sitting; {$who} is not free for that long any sooner.",
            ReasonKind::Hands => $other === null
                ? 'Needs a second pair of hands; nobody else is in the shop any sooner.'
                : "Needs a second pair of hands; whoever is free first is busy with {$that}{$until}.",
            ReasonKind::Climate => ucfirst($entry->reason_text).'.',
            ReasonKind::Pin => $other === null ? 'Fixed to this day.' : "Fixed to come after {$that}{$ends}.",
            ReasonKind::Announced => 'Already announced for this time, so it stays.',
            ReasonKind::Window => 'Starts later so that the next coat is in time for its recoat window.',
            ReasonKind::SetUp => "{$what} is already set up for it after {$that}{$ends}.",
            null => $entry->reason_text,
        };
    }

    private function named(Operation $operation, int $build): string
    {
        return $operation->build_id === $build
            ? $operation->name
            : "No. {$operation->build->number} {$operation->name}";
    }

    private function until(?Operation $other, PlanEntry $entry): string
    {
        $end = $this->end($other, $entry);

        return $end === null ? '' : ' until '.Say::moment($end, $this->zone);
    }

    /** When what comes before is over: its labour, or its hold where that is waited for. */
    private function ends(?Operation $other, PlanEntry $entry): string
    {
        $end = $this->end($other, $entry);
        $holds = $end !== null && $end->isAfter($other?->planned->work_end ?? $end);

        return $end === null ? '' : ($holds ? ', whose hold ends ' : ', which ends ').Say::moment($end, $this->zone);
    }

    private function end(?Operation $other, PlanEntry $entry): ?CarbonImmutable
    {
        $planned = $other?->planned;
        $kind = ReasonKind::tryFrom($entry->reason_kind);

        return in_array($kind, [ReasonKind::Person, ReasonKind::Pin, ReasonKind::SetUp], true)
            ? $planned?->work_end
            : $planned?->finish;
    }

    private function resource(string $key): string
    {
        if (PieceId::pieceOf($key) !== null) {
            return 'the '.PieceId::pieceOf($key);
        }

        return 'the '.$this->resources->get($key, $key);
    }
}

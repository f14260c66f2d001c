<?php

declare(strict_types=1);

namespace App\Queries\Build;

use App\Models\Build\Operation;
use App\Models\Plan\PlanEntry;
use App\Support\Say;
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

        return match (ReasonKind::tryFrom($entry->reason_kind)) {
            ReasonKind::Now => 'Nothing holds it back: it can begin now.',
            ReasonKind::Started => 'It is under way.',
            ReasonKind::Link => "It comes after {$that}{$until}.",
            ReasonKind::Lag => "It waits for {$entry->reason_text}; the order is “{$that}”.",
            ReasonKind::Release => "It waits for {$entry->reason_text}.",
            ReasonKind::Person => ($person ?? 'The person')." does {$that} first{$until}.",
            ReasonKind::Resource => ucfirst($this->resource((string) $entry->reason_resource))
                ." is taken by {$that}{$until}.",
            ReasonKind::Calendar => $other === null
                ? 'It begins with the next working hours.'
                : 'It comes after '.$that.$until.'; '.($person ?? 'the person').' is not there before '
                .($entry->start === null ? 'then' : Say::moment($entry->start, $this->zone)).'.',
            ReasonKind::Outage => ucfirst($this->resource((string) $entry->reason_resource))
                ." is not to be had before: {$entry->reason_text}.",
            ReasonKind::Hours => ucfirst($this->resource((string) $entry->reason_resource)).' is not open before '
                .($entry->start === null ? 'then' : Say::moment($entry->start, $this->zone)).', by its own hours.',
            ReasonKind::Sitting => 'It is done in one sitting, and '.($person ?? 'the person')
                .' has no time for all of it in one go before then.',
            ReasonKind::Hands => $other === null
                ? 'A second pair of hands is there only then.'
                : "A second pair of hands is needed; {$that} comes first{$until}.",
            ReasonKind::Climate => "The air is waited for: {$entry->reason_text}.",
            ReasonKind::Pin => $other === null ? 'It is pinned to this day.' : "It is pinned behind {$that}{$until}.",
            ReasonKind::Announced => 'It was told so for the next hours, and stays.',
            ReasonKind::Window => 'It is held back so that the next coat comes before its window closes.',
            ReasonKind::SetUp => ucfirst($this->resource((string) $entry->reason_resource))
                ." is set up for it by {$that}{$until}: nothing has to be set up again.",
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
        $entryOfOther = $other?->planned;
        $kind = ReasonKind::tryFrom($entry->reason_kind);
        $end = in_array($kind, [ReasonKind::Person, ReasonKind::Pin, ReasonKind::SetUp], true)
            ? $entryOfOther?->work_end
            : $entryOfOther?->finish;

        return $end === null ? '' : ' until '.Say::moment($end, $this->zone);
    }

    private function resource(string $key): string
    {
        if (PieceId::pieceOf($key) !== null) {
            return 'the '.PieceId::pieceOf($key);
        }

        return 'the '.$this->resources->get($key, $key);
    }
}

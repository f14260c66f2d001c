<?php

declare(strict_types=1);

namespace Regimen\Stores\Cutting;

/** Pieces laid onto boards, in the order in which they are sawn. */
final readonly class Layout
{
    /**
     * @param  list<Laid>  $laid
     * @param  list<Wanted>  $without  what finds no place
     * @param  list<int>  $boards  numbers of those that are opened
     * @param  Area|null  $offcut  the largest sound piece along the grain that is left of them
     */
    public function __construct(public array $laid, public array $without, public array $boards, public ?Area $offcut, public ?int $offcutOf)
    {
    }

    /** Whether it serves more, lays less across the grain, opens fewer boards, or leaves a more useful offcut (CALCULATIONS I1). */
    public function isBetterThan(self $other): bool
    {
        return $this->rank() < $other->rank();
    }

    /** @return list<Laid> what lies across the grain */
    public function across(): array
    {
        return array_values(array_filter($this->laid, static fn (Laid $one): bool => $one->turn === Turn::Across));
    }

    /** What it costs to leave a need without a place: its surface, up to half as much again where it is needed first. */
    private function missed(Wanted $one): float
    {
        $last = max($one->number, ...array_map(static fn (Wanted $other): int => $other->number, $this->without), ...array_map(static fn (Laid $laid): int => $laid->wanted, $this->laid));

        return $one->square() * (1.5 - 0.5 * $one->number / ($last + 1));
    }

    /** @return array{float, int, int, float} */
    private function rank(): array
    {
        return [round(array_sum(array_map($this->missed(...), $this->without)), 3), count($this->across()), count($this->boards), -round($this->offcut?->square() ?? 0.0, 3)];
    }
}

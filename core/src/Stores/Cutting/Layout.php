<?php

declare(strict_types=1);

namespace Regimen\Stores\Cutting;

/** Pieces laid onto boards, in the order in which they are sawn. */
final readonly class Layout
{
    /**
     * @param  list<Laid>  $laid
     * @param  list<Wanted>  $without  what finds no place
     * @param  list<SawCut>  $cuts  in their order, every one from edge to edge of what is left
     * @param  list<int>  $boards  numbers of those that are opened
     * @param  Area|null  $offcut  the largest sound piece along the grain that is left of them
     */
    public function __construct(public array $laid, public array $without, public array $cuts, public array $boards, public ?Area $offcut, public ?int $offcutOf)
    {
    }

    /** Whether it serves more, opens fewer boards, or leaves a more useful offcut (CALCULATIONS I1). */
    public function isBetterThan(self $other): bool
    {
        return $this->rank() < $other->rank();
    }

    /**
     * Share of the opened boards' faces that is in the pieces, 0 to 1.
     *
     * @param  list<Face>  $faces
     */
    public function used(array $faces): float
    {
        $whole = array_sum(array_map(fn (Face $one): float => in_array($one->number, $this->boards, true) ? $one->length * $one->width : 0.0, $faces));

        return $whole > 0 ? array_sum(array_map(static fn (Laid $one): float => $one->area->square(), $this->laid)) / $whole : 0.0;
    }

    /** @return array{float, int, float} */
    private function rank(): array
    {
        return [round(array_sum(array_map(static fn (Wanted $one): float => $one->square(), $this->without)), 3), count($this->boards), -round($this->offcut?->square() ?? 0.0, 3)];
    }
}

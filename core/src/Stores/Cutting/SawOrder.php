<?php

declare(strict_types=1);

namespace Regimen\Stores\Cutting;

use Regimen\Timber\Resawing;

/**
 * In which order a board with pieces marked on it is sawn: straight cuts from edge to edge of what is left, so that the most useful
 * offcut comes out of it. Lengths in mm.
 */
final class SawOrder
{
    /** More parts than this are not compared; then the cut that frees most is made. */
    private const MOST_COMPARED = 600;

    /** Nor among so many pieces in one part. */
    private const MOST_AT_ONCE = 20;

    private int $compared = 0;

    /** @var array<string, array{float, list<SawCut>, list<Area>, list<int>}> */
    private array $known = [];

    /**
     * @param  list<Area>  $boxes
     */
    private function __construct(private readonly Face $face, private readonly array $boxes, private readonly float $kerf)
    {
    }

    /**
     * @param  list<Area>  $boxes  between the trimmed ends, not on each other, with a kerf between them
     * @return array{list<SawCut>, list<Area>, list<int>} the cuts in their order, the sound offcuts of the least size at least with the
     *   largest first, and the boxes that no straight cut frees
     */
    public static function of(Face $face, array $boxes, float $kerf = Resawing::KERF): array
    {
        [, $cuts, $offcuts, $stuck] = (new self($face, $boxes, $kerf))->sawn($face->trimmed(), array_keys($boxes));
        usort($offcuts, static fn (Area $a, Area $b): int => $b->square() <=> $a->square());

        return [$cuts, $offcuts, $stuck];
    }

    /**
     * @param  list<int>  $in  the boxes in that part
     * @return array{float, list<SawCut>, list<Area>, list<int>} the largest offcut first, in mm²
     */
    private function sawn(Area $part, array $in): array
    {
        if ($in === []) {
            $sound = Left::of($this->face, $part)->sound(CuttingPlan::LEAST_LENGTH, CuttingPlan::LEAST_WIDTH);

            return $sound === null ? [0.0, [], [], []] : [$sound->square(), [], [$sound], []];
        }
        $key = implode(' ', array_map(static fn (float $one): string => (string) round($one, 3), [$part->from, $part->across, $part->length, $part->width]));

        return $this->known[$key] ??= $this->best($part, $in);
    }

    /**
     * @param  list<int>  $in
     * @return array{float, list<SawCut>, list<Area>, list<int>}
     */
    private function best(Area $part, array $in): array
    {
        $cuts = $this->cuts($part, $in);
        if ($cuts === []) {
            return [0.0, [], [], count($in) === 1 ? [] : $in];
        }
        $best = null;
        foreach (count($in) > self::MOST_AT_ONCE || $this->compared > self::MOST_COMPARED ? array_slice($cuts, 0, 1) : $cuts as [$cut, $before, $after, $inBefore, $inAfter]) {
            $this->compared++;
            $one = $before === null ? [0.0, [], [], []] : $this->sawn($before, $inBefore);
            $two = $after === null ? [0.0, [], [], []] : $this->sawn($after, $inAfter);
            $value = max($one[0], $two[0]);
            $stuck = [...$one[3], ...$two[3]];
            if ($best === null || [count($stuck), -$value] < [count($best[3]), -$best[0] - 1e-6]) {
                $best = [$value, [$cut, ...$one[1], ...$two[1]], [...$one[2], ...$two[2]], $stuck];
            }
        }

        return $best;
    }

    /**
     * Every straight cut beside a piece that goes through none, the one that frees most first.
     *
     * @param  list<int>  $in
     * @return list<array{SawCut, Area|null, Area|null, list<int>, list<int>}>
     */
    private function cuts(Area $part, array $in): array
    {
        $cuts = [];
        foreach ([true, false] as $isAcross) {
            [$from, $to] = $isAcross ? [$part->from, $part->from + $part->length] : [$part->across, $part->across + $part->width];
            foreach ($in as $box) {
                [$begin, $end] = $this->span($box, $isAcross);
                foreach ([$begin - $from > 1e-6 ? $begin - $this->kerf : null, $to - $end > 1e-6 ? $end : null] as $at) {
                    $parts = $at === null ? null : $this->parted($part, $in, $isAcross, $at);
                    if ($parts !== null) {
                        $freed = max(array_map(static fn (?Area $one, array $boxes): float => $boxes === [] ? $one?->square() ?? 0.0 : 0.0, [$parts[1], $parts[2]], [$parts[3], $parts[4]]));
                        $cuts[($isAcross ? 'x' : 'y').round($at, 3)] = [$freed, $parts];
                    }
                }
            }
        }
        uasort($cuts, static fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return array_column($cuts, 1);
    }

    /**
     * @param  list<int>  $in
     * @return array{SawCut, Area|null, Area|null, list<int>, list<int>}|null where it goes through a piece
     */
    private function parted(Area $part, array $in, bool $isAcross, float $at): ?array
    {
        $before = $after = [];
        foreach ($in as $box) {
            [$begin, $end] = $this->span($box, $isAcross);
            if ($end <= $at + 1e-6) {
                $before[] = $box;
            } elseif ($begin >= $at + $this->kerf - 1e-6) {
                $after[] = $box;
            } else {
                return null;
            }
        }
        [$from, $to] = $isAcross ? [$part->from, $part->from + $part->length] : [$part->across, $part->across + $part->width];
        $area = static fn (float $one, float $two): ?Area => $two - $one <= 1e-6 ? null : ($isAcross
            ? new Area($one, $part->across, $two - $one, $part->width) : new Area($part->from, $one, $part->length, $two - $one));
        $cut = $isAcross
            ? new SawCut($this->face->number, true, $at, $part->across, $part->across + $part->width)
            : new SawCut($this->face->number, false, $at, $part->from, $part->from + $part->length);

        return [$cut, $area($from, $at), $area($at + $this->kerf, $to), $before, $after];
    }

    /** @return array{float, float} */
    private function span(int $box, bool $isAcross): array
    {
        $area = $this->boxes[$box];

        return $isAcross ? [$area->from, $area->from + $area->length] : [$area->across, $area->across + $area->width];
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Stores\Cutting;

use Regimen\Timber\Resawing;

/** Pieces marked on one board, by a search or by hand, judged: whether they can be sawn so, in which order, and what is left. Lengths in mm. */
final readonly class Marked
{
    /**
     * @param  list<Laid>  $laid
     * @param  list<list<string>>  $faults  of each piece; cut so it would not come out whole
     * @param  list<SawCut>  $cuts  in their order; none while there are faults
     * @param  list<Area>  $offcuts  of the house's least size at least, the largest first
     * @param  list<int>  $curved  pieces that straight cuts alone do not free: they lie into each other, or around each other
     * @param  float  $used  share of the face that is in the pieces, 0 to 1
     * @param  float  $kept  that is in offcuts
     */
    private function __construct(
        public Face $face,
        public array $laid,
        public array $faults,
        public array $cuts,
        public array $offcuts,
        public array $curved,
        public float $used,
        public float $kept,
    ) {
    }

    /**
     * @param  list<Laid>  $laid  on this board
     * @param  array<int, Wanted>  $wanted  by their numbers
     * @param  array<int, string>  $names  by the same
     */
    public static function of(Face $face, array $laid, array $wanted, array $names, float $kerf = Resawing::KERF): self
    {
        $parts = array_map(static fn (Laid $one): Part => new Part($wanted[$one->wanted], $one->area, $one->turn), $laid);
        $faults = array_map(static fn (Part $one): array => self::alone($face, $one), $parts);
        $group = array_keys($parts);
        foreach ($parts as $at => $one) {
            foreach (array_slice($parts, $at + 1, null, true) as $other => $two) {
                if (self::meet($one->area, $two->area, $kerf)) {
                    if (! self::areClear($one, $two, $kerf)) {
                        $faults[$at][] = 'on '.($names[$two->wanted->number] ?? 'another piece').', or with less than a kerf between them';
                        $faults[$other][] = 'on '.($names[$one->wanted->number] ?? 'another piece').', or with less than a kerf between them';
                    }
                    $group = array_map(static fn (int $of): int => $of === $group[$other] ? $group[$at] : $of, $group);
                }
            }
        }
        [$cuts, $offcuts, $curved] = array_filter($faults) === [] ? self::sawn($face, $parts, $group, $kerf) : [[], [], []];
        $whole = $face->length * $face->width;

        return new self(
            $face, $laid, $faults, $cuts, $offcuts, $curved,
            array_sum(array_map(static fn (Part $one): float => $one->wanted->surface(), $parts)) / $whole,
            array_sum(array_map(static fn (Area $one): float => $one->square(), $offcuts)) / $whole,
        );
    }

    public function isSound(): bool
    {
        return array_filter($this->faults) === [];
    }

    /** @return list<string> */
    private static function alone(Face $face, Part $part): array
    {
        $faults = $part->wanted->isOf($face) ? [] : ['of another timber than this board, or thicker'];
        $room = $face->trimmed();
        if ($part->area->from < $room->from - 1e-6 || $part->area->across < $room->across - 1e-6
            || $part->area->from + $part->area->length > $room->from + $room->length + 1e-6 || $part->area->across + $part->area->width > $room->across + $room->width + 1e-6) {
            $faults[] = 'outside of the board or in its trimmed ends';
        }
        foreach ($face->defects as $defect) {
            if ($part->hits($defect)) {
                $faults[] = sprintf('on what is marked at %.0f / %.0f', $defect->from, $defect->across);
            }
        }

        return $faults;
    }

    /** Whether their boxes come nearer to each other than a kerf. */
    private static function meet(Area $one, Area $two, float $kerf): bool
    {
        return $one->overlaps(new Area($two->from - $kerf + 1e-6, $two->across - $kerf + 1e-6, $two->length + 2 * $kerf - 2e-6, $two->width + 2 * $kerf - 2e-6));
    }

    private static function areClear(Part $one, Part $two, float $kerf): bool
    {
        [$along, $across] = [$two->area->from - $one->area->from, $two->area->across - $one->area->across];

        return match (true) {
            $one->outline !== null && $two->outline !== null => $one->outline->clearsOutline($two->outline, $along, $across, $kerf),
            $one->outline !== null => $one->outline->clears(new Area($along, $across, $two->area->length, $two->area->width), $kerf),
            $two->outline !== null => $two->outline->clears(new Area(-$along, -$across, $one->area->length, $one->area->width), $kerf),
            default => false,
        };
    }

    /**
     * What lies into each other comes off the saw as one and is parted along its line.
     *
     * @param  list<Part>  $parts
     * @param  list<int>  $group  the first piece of each piece's group
     * @return array{list<SawCut>, list<Area>, list<int>}
     */
    private static function sawn(Face $face, array $parts, array $group, float $kerf): array
    {
        $members = [];
        foreach ($group as $at => $of) {
            $members[$of][] = $at;
        }
        $members = array_values($members);
        $boxes = array_map(static function (array $some) use ($parts): Area {
            $areas = array_map(static fn (int $at): Area => $parts[$at]->area, $some);
            $from = min(array_map(static fn (Area $one): float => $one->from, $areas));
            $across = min(array_map(static fn (Area $one): float => $one->across, $areas));

            return new Area(
                $from, $across, max(array_map(static fn (Area $one): float => $one->from + $one->length, $areas)) - $from,
                max(array_map(static fn (Area $one): float => $one->across + $one->width, $areas)) - $across,
            );
        }, $members);
        [$cuts, $offcuts, $stuck] = SawOrder::of($face, $boxes, $kerf);
        $curved = [];
        foreach ($members as $at => $some) {
            $curved = [...$curved, ...(count($some) > 1 || in_array($at, $stuck, true) ? $some : [])];
        }

        return [$cuts, $offcuts, $curved];
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Stores\Cutting;

use Regimen\Timber\Resawing;

/** What is sawn out of a board as one rectangle: a piece, or two outlines that lie into each other. Lengths in mm. */
final readonly class Parcel
{
    /** Less than this is not worth a curved cut between two pieces (common practice). */
    private const WORTH_IT = 10.0;

    /** @param  list<Part>  $parts */
    private function __construct(public float $length, public float $width, public array $parts)
    {
    }

    public static function of(Wanted $one, Turn $turn = Turn::Along): self
    {
        [$length, $width] = $turn === Turn::Across ? [$one->width, $one->length] : [$one->length, $one->width];

        return new self($length, $width, [new Part($one, new Area(0.0, 0.0, $length, $width), $turn)]);
    }

    /**
     * Two outlines laid into each other, the second one turned round where that is shorter.
     *
     * @param  float  $room  the widest that it may be
     * @return self|null where that wins nothing over one behind the other
     */
    public static function nested(Wanted $one, Wanted $two, float $room, float $kerf = Resawing::KERF): ?self
    {
        [$best, $line, $second] = [null, $one->outline, $two->outline];
        if ($line === null || $second === null) {
            return null;
        }
        foreach ([[Turn::Half, $second->turned()], [Turn::Along, $second]] as [$turn, $other]) {
            foreach (self::offsets($one->width, $two->width, $room) as $across) {
                $from = self::nearest($line, $other, $one->length, $across, $kerf);
                $length = max($one->length, $from + $two->length);
                if ($length < ($best->length ?? $one->length + $two->length + $kerf - self::WORTH_IT) - 1e-9) {
                    $up = max(0.0, -$across);
                    $best = new self($length, max($up + $one->width, $up + $across + $two->width), [
                        new Part($one, new Area(0.0, $up, $one->length, $one->width), Turn::Along),
                        new Part($two, new Area($from, $up + $across, $two->length, $two->width), $turn),
                    ]);
                }
            }
        }

        return $best;
    }

    /**
     * Whether a piece of it would lie on what is marked.
     *
     * @param  list<Area>  $defects
     */
    public function hits(float $from, float $across, array $defects): bool
    {
        foreach ($defects as $defect) {
            foreach ($this->parts as $part) {
                if ($part->hits($defect->moved(-$from, -$across))) {
                    return true;
                }
            }
        }

        return false;
    }

    public function isOf(Face $face): bool
    {
        return array_filter($this->parts, static fn (Part $one): bool => ! $one->wanted->isOf($face)) === [];
    }

    /** Whether it is more than boxes. */
    public function isOutlined(): bool
    {
        return $this->parts[0]->outline !== null;
    }

    /** @return list<Laid> */
    public function laid(int $face, Area $place): array
    {
        return array_map(static fn (Part $one): Laid => new Laid(
            $one->wanted->number, $face, $one->area->moved($place->from, $place->across), $one->turn,
        ), $this->parts);
    }

    /** @return list<float> how far the second one may lie across from the first */
    private static function offsets(float $one, float $two, float $room): array
    {
        $most = max(0.0, $room - $two);
        $least = -max(0.0, $room - $one);

        return array_values(array_unique(array_filter(
            array_map(static fn (float $at): float => round($at < 0 ? ceil($at * 10) : floor($at * 10)) / 10, [0.0, $one - $two, $most, $most / 2, $least, $least / 2]), static fn (float $at): bool => $at >= $least - 1e-9 && $at <= $most + 1e-9,
        )));
    }

    /** In long steps first. */
    private static function nearest(Outline $one, Outline $two, float $length, float $across, float $kerf): float
    {
        $from = ceil(($length + $kerf) / Outline::STEP) * Outline::STEP;
        foreach ([8 * Outline::STEP, Outline::STEP] as $step) {
            while ($from > $step && $one->clearsOutline($two, $from - $step, $across, $kerf)) {
                $from -= $step;
            }
        }

        return $from;
    }
}

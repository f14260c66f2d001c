<?php

declare(strict_types=1);

namespace Regimen\Inspection\SetUp;

/**
 * Frets along one string, by their heights over a straight line (CALCULATIONS B6): which of them rock on their
 * neighbours, the least that has to come off so that none does, and what crown is left.
 */
final readonly class FretHeights
{
    /** A crown lower than this is not levelled any more, in mm. Common practice, no single source. */
    public const LEAST_CROWN = 0.8;

    private const ENOUGH = 1e-7;

    /**
     * @param  array<int, float>  $heights  in mm, by fret, in order
     * @param  array<int, float>  $positions  of the same frets from the nut, in mm
     * @param  float  $rocks  a fret rocks that stands higher over its neighbours’ line, in mm, zero or more
     */
    private function __construct(private array $heights, private array $positions, private float $rocks)
    {
    }

    /**
     * @param  array<int, float>  $heights
     * @param  array<int, float>  $positions
     *
     * @throws \InvalidArgumentException for fewer than three frets, or a position that is missing or not behind the one before
     */
    public static function of(array $heights, array $positions, float $rocks): self
    {
        ksort($heights);
        $before = -INF;
        foreach (array_keys($heights) as $fret) {
            if (! isset($positions[$fret]) || $positions[$fret] <= $before) {
                throw new \InvalidArgumentException("Fret {$fret} has no place behind the one before it.");
            }
            $before = $positions[$fret];
        }
        if (count($heights) < 3 || $rocks < 0) {
            throw new \InvalidArgumentException('Three frets and a limit of zero or more tell whether one rocks.');
        }

        return new self($heights, $positions, $rocks);
    }

    /** @return array<int, float> how far each fret with two neighbours stands over their line, in mm; lower below zero */
    public function over(): array
    {
        return self::overLine($this->heights, $this->positions);
    }

    /** @return list<int> */
    public function rocking(): array
    {
        return array_keys(array_filter($this->over(), fn (float $over): bool => $over > $this->rocks + 1e-9));
    }

    /**
     * What has to come off each at least. Of all heights under the present ones with which nothing rocks there are
     * highest ones for all frets at once: the higher of two that will do will do as well. They are come to from above.
     *
     * @return array<int, float> in mm, by fret; only those that lose something
     */
    public function toTakeOff(): array
    {
        $frets = array_keys($this->heights);
        $level = array_values($this->heights);
        $places = array_values(array_intersect_key($this->positions, $this->heights));
        do {
            $lowered = 0.0;
            for ($at = 1, $last = count($level) - 1; $at < $last; $at++) {
                $share = ($places[$at] - $places[$at - 1]) / ($places[$at + 1] - $places[$at - 1]);
                $most = $level[$at - 1] + $share * ($level[$at + 1] - $level[$at - 1]) + $this->rocks;
                $lowered = max($lowered, $level[$at] - $most);
                $level[$at] = min($level[$at], $most);
            }
        } while ($lowered > self::ENOUGH);
        $off = [];
        foreach ($frets as $at => $fret) {
            $off[$fret] = round($this->heights[$fret] - $level[$at], 4);
        }

        return array_filter($off, static fn (float $mm): bool => $mm > 0.0);
    }

    /**
     * @param  float  $crown  height of the frets over the board now, in mm
     * @return float the least that is left of a crown
     */
    public function crownLeft(float $crown): float
    {
        $off = $this->toTakeOff();

        return $crown - ($off === [] ? 0.0 : max($off));
    }

    /**
     * @param  array<int, float>  $heights
     * @param  array<int, float>  $positions
     * @return array<int, float>
     */
    private static function overLine(array $heights, array $positions): array
    {
        $frets = array_keys($heights);
        $over = [];
        for ($at = 1; $at < count($frets) - 1; $at++) {
            [$before, $fret, $after] = array_slice($frets, $at - 1, 3);
            $share = ($positions[$fret] - $positions[$before]) / ($positions[$after] - $positions[$before]);
            $over[$fret] = $heights[$fret] - $heights[$before] - $share * ($heights[$after] - $heights[$before]);
        }

        return $over;
    }
}

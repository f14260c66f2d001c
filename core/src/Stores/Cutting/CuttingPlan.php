<?php

declare(strict_types=1);

namespace Regimen\Stores\Cutting;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Regimen\Timber\Resawing;

/**
 * Pieces laid onto boards (CALCULATIONS I1): grain along each, cut from edge to edge, the kerf kept, around what is marked. A search
 * over a fixed number of tries: the same seed gives the same plan, and more tries never a worse one.
 */
final class CuttingPlan
{
    /** The least offcut that is worth keeping: longer than 150 mm (TRADE section 9); the width is common practice. */
    public const LEAST_LENGTH = 150.0;

    public const LEAST_WIDTH = 50.0;

    /** Of the places that fit best, how many a try draws from. */
    private const DRAWN_FROM = 3;

    /** How rarely a try goes on from a worse one, to come out of a dead end. */
    private const ONE_IN = 10;

    /** @var list<Left> */
    private array $left = [];

    /** @var list<Laid> */
    private array $laid = [];

    /** @var array<string, Parcel|false> by the numbers of both */
    private array $nests = [];

    /** @param  list<Face>  $faces */
    private function __construct(private readonly array $faces, private readonly Randomizer $dice, private readonly float $kerf, private readonly bool $mayTurn)
    {
    }

    /**
     * @param  list<Face>  $faces  the boards, those to be used first in front
     * @param  list<Wanted>  $wanted  what is needed first has the lowest numbers
     * @param  int  $tries  1 or more
     * @param  bool  $mayTurn  whether what finds no place along the grain may lie across it
     * @param  float  $kerf  in mm
     *
     * @throws \InvalidArgumentException without a try
     */
    public static function of(array $faces, array $wanted, int $tries, int $seed, bool $mayTurn = false, float $kerf = Resawing::KERF): Layout
    {
        if ($tries < 1) {
            throw new \InvalidArgumentException('A cutting plan needs one try at least.');
        }
        $plan = new self($faces, new Randomizer(new Mt19937($seed)), $kerf, $mayTurn);
        usort($wanted, static fn (Wanted $a, Wanted $b): int => [$b->square(), $a->number] <=> [$a->square(), $b->number]);
        $best = $now = $plan->tried($wanted, true);
        for ($try = 1; $try < $tries; $try++) {
            $order = $plan->changed($wanted);
            $next = $plan->tried($order, false);
            if (! $now->isBetterThan($next) || $plan->dice->getInt(1, self::ONE_IN) === 1) {
                [$now, $wanted] = [$next, $order];
            }
            $best = $now->isBetterThan($best) ? $now : $best;
        }

        return $best;
    }

    /** @param  list<Wanted>  $wanted  in the order in which they are laid */
    private function tried(array $wanted, bool $isFirst): Layout
    {
        [$this->left, $this->laid] = [[], []];
        $faces = $isFirst || $this->dice->getInt(0, 1) === 0 ? $this->faces : $this->dice->shuffleArray($this->faces);
        $without = [];
        foreach ($isFirst ? array_map(static fn (Wanted $one): array => [$one], $wanted) : $this->together($wanted) as $some) {
            $nest = count($some) === 2 ? $this->nest(...$some) : null;
            if ($nest === null || ! $this->serves([$nest], $faces, $isFirst)) {
                $without = [...$without, ...array_filter($some, fn (Wanted $one): bool => ! $this->serves(self::parcels($one), $faces, $isFirst))];
            }
        }
        if ($this->mayTurn) {
            $without = array_filter($without, fn (Wanted $one): bool => ! $this->serves(self::parcels($one, Turn::Across), $faces, $isFirst));
        }

        return $this->layout(array_values($without));
    }

    /** @return non-empty-list<Parcel> a place for each of its pieces */
    private static function parcels(Wanted $one, Turn $turn = Turn::Along): array
    {
        return array_fill(0, max(1, $one->pieces), Parcel::of($one, $turn));
    }

    /**
     * Outlines by two, as they are drawn; everything else by itself.
     *
     * @param  list<Wanted>  $wanted
     * @return list<non-empty-list<Wanted>>
     */
    private function together(array $wanted): array
    {
        $together = [];
        while ($wanted !== []) {
            $one = array_shift($wanted);
            $others = $one->outline === null || $one->pieces > 1 ? [] : array_filter($wanted, static fn (Wanted $other): bool => $other->outline !== null && $other->pieces === 1);
            if ($others === [] || $this->dice->getInt(0, 1) === 0) {
                $together[] = [$one];

                continue;
            }
            $at = (int) array_key_first($others);
            $together[] = [$one, $wanted[$at]];
            array_splice($wanted, $at, 1);
        }

        return $together;
    }

    private function nest(Wanted $one, Wanted $two): ?Parcel
    {
        $room = max(0.0, ...array_map(static fn (Face $face): float => $face->width, $this->faces));

        return ($this->nests["{$one->number} {$two->number}"] ??= Parcel::nested($one, $two, $room, $this->kerf) ?? false) ?: null;
    }

    /**
     * @param  list<Wanted>  $wanted  the best order so far
     * @return list<Wanted> with up to three of them moved
     */
    private function changed(array $wanted): array
    {
        for ($moved = $this->dice->getInt(1, 3); $moved > 0 && $wanted !== []; $moved--) {
            $taken = array_splice($wanted, $this->dice->getInt(0, count($wanted) - 1), 1);
            array_splice($wanted, $this->dice->getInt(0, count($wanted)), 0, $taken);
        }

        return $wanted;
    }

    /**
     * All of them, or none.
     *
     * @param  non-empty-list<Parcel>  $parcels
     * @param  list<Face>  $faces
     */
    private function serves(array $parcels, array $faces, bool $isFirst): bool
    {
        $before = [$this->left, $this->laid];
        foreach ($parcels as $parcel) {
            if (! $this->lays($parcel, $isFirst) && ! $this->opens($parcel, $faces, $isFirst)) {
                [$this->left, $this->laid] = $before;

                return false;
            }
        }

        return true;
    }

    /**
     * On the first of the boards not opened yet that takes it.
     *
     * @param  list<Face>  $faces
     */
    private function opens(Parcel $parcel, array $faces, bool $isFirst): bool
    {
        $opened = array_map(static fn (Left|Laid $one): int => $one instanceof Left ? $one->face->number : $one->face, [...$this->left, ...$this->laid]);
        foreach ($faces as $face) {
            $whole = Left::of($face, $face->trimmed());
            if (! in_array($face->number, $opened, true) && $parcel->isOf($face) && $whole->places($parcel) !== []) {
                $this->left[] = $whole;

                return $this->lays($parcel, $isFirst);
            }
        }

        return false;
    }

    private function lays(Parcel $parcel, bool $isFirst): bool
    {
        $places = [];
        foreach ($this->left as $at => $left) {
            foreach ($parcel->isOf($left->face) ? $left->places($parcel) : [] as $place) {
                $tight = min($left->area->length - ($place->from - $left->area->from) - $parcel->length, $left->area->width - ($place->across - $left->area->across) - $parcel->width);
                $places[] = [$tight, $at, $place];
            }
        }
        if ($places === []) {
            return false;
        }
        usort($places, static fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);
        [, $at, $place] = $places[$isFirst || $this->dice->getInt(1, 10) <= 7 ? 0 : $this->dice->getInt(0, min(self::DRAWN_FROM, count($places)) - 1)];
        $left = $this->left[$at];
        // A cut across first where more is left behind the piece than beside it, as most sawyers would; a try may do otherwise.
        $isAcrossFirst = $left->area->length - $parcel->length > $left->area->width - $parcel->width;
        $isAcrossFirst = $isFirst || $this->dice->getInt(1, 10) <= 7 ? $isAcrossFirst : ! $isAcrossFirst;
        array_splice($this->left, $at, 1, $this->cut($left, $place, $isAcrossFirst));
        array_push($this->laid, ...$parcel->laid($left->face->number, $place));

        return true;
    }

    /** @return list<Left> what is left around the piece when it was sawn out */
    private function cut(Left $left, Area $piece, bool $isAcrossFirst): array
    {
        [$middle, $outer] = $this->sawn($left->area, $piece, $isAcrossFirst);
        [, $inner] = $this->sawn($middle, $piece, ! $isAcrossFirst);

        return array_map(static fn (Area $one): Left => Left::of($left->face, $one), [...$outer, ...$inner]);
    }

    /** @return array{Area, list<Area>} the stretch with the piece in it, and what falls off before and behind it */
    private function sawn(Area $area, Area $piece, bool $isAcross): array
    {
        [$from, $long, $at, $size] = $isAcross ? [$area->from, $area->length, $piece->from, $piece->length] : [$area->across, $area->width, $piece->across, $piece->width];
        $part = static fn (float $one, float $two): Area => $isAcross ? new Area($one, $area->across, $two - $one, $area->width) : new Area($area->from, $one, $area->length, $two - $one);
        $off = [];
        foreach ([[$from, $at - $this->kerf], [$at + $size + $this->kerf, $from + $long]] as [$one, $two]) {
            if ($two - $one > 1e-9) {
                $off[] = $part($one, $two);
            }
        }

        return [$part($at, $at + $size), $off];
    }

    /** @param  list<Wanted>  $without */
    private function layout(array $without): Layout
    {
        $boards = array_values(array_unique(array_map(static fn (Laid $one): int => $one->face, $this->laid)));
        sort($boards);
        $offcut = $of = null;
        foreach ($this->left as $left) {
            $sound = in_array($left->face->number, $boards, true) ? $left->sound(self::LEAST_LENGTH, self::LEAST_WIDTH) : null;
            if ($sound !== null && $sound->square() > ($offcut?->square() ?? 0.0)) {
                [$offcut, $of] = [$sound, $left->face->number];
            }
        }

        return new Layout($this->laid, $without, $boards, $offcut, $of);
    }
}

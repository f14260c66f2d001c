<?php

declare(strict_types=1);

namespace Regimen\Stores;

use Regimen\Stores\Cutting\Face;
use Regimen\Timber\BoardFeet;
use Regimen\Timber\Species;
use Regimen\Units\Length;

/**
 * What a blank needs from a yard: its rough size, what may stand in for its timber, what to look for. Allowances as in a cutting plan:
 * planing 3 mm a face, 25 mm off each end; slices with kerf and sanding (CALCULATIONS I1, I2).
 */
final readonly class ToBuy
{
    /** How near another timber lies in density, and in hardness, to be proposed (common practice). */
    private const DENSITY_NEAR = 0.12;

    private const HARDNESS_NEAR = 0.4;

    private const MOST_STAND_INS = 3;

    /**
     * @param  Length  $length  of each piece, rough, whole millimetres rounded up
     * @param  int  $pieces  to be bought
     * @param  list<string>  $standIns  nearest in density first; none of them protected
     */
    private function __construct(public Length $length, public Length $width, public Length $thickness, public int $pieces, public array $standIns)
    {
    }

    public static function of(Blank $blank): self
    {
        return new self(
            self::whole($blank->length + 2 * Face::END_TRIM), self::whole($blank->width), self::whole($blank->roughThickness()),
            $blank->isSliced ? 1 : $blank->pieces, self::standIns($blank->timber),
        );
    }

    /** All of its pieces, by rough size. */
    public function boardFeet(): float
    {
        return $this->pieces * BoardFeet::of($this->thickness, $this->width, $this->length)->value;
    }

    /**
     * What to look for at the yard (common practice).
     *
     * @return list<string>
     */
    public static function lookFor(BlankKind $kind): array
    {
        return match ($kind) {
            BlankKind::Neck => ['straight grain from end to end, seen on face and edge', 'no twist: sight along it', 'no knot, no run-out where the head begins'],
            BlankKind::Fretboard => ['straight, close grain', 'growth rings upright at its end', 'no checks at its ends'],
            BlankKind::Back => ['figure that mirrors well, judged wet', 'straight along the joint', 'quarter-sawn, or nearly so, from edge to edge'],
            BlankKind::Sides => ['straight grain without run-out: it breaks on the iron', 'from one board with the back', 'no knot, no figure across a bend'],
            BlankKind::Top => ['figure judged wet, on both faces', 'colour even across the width', 'thick enough to saw both halves from one place'],
            BlankKind::Veneer, BlankKind::Cover => ['an offcut will do', 'figure and colour beside the piece that it lies on'],
            BlankKind::Body => ['sound over the whole length, no checks beyond the ends', 'its weight: lift two and take the lighter', 'pieces of one colour where they are joined'],
        };
    }

    /** @return list<string> */
    private static function standIns(Species $wanted): array
    {
        $near = [];
        foreach (Species::names() as $name) {
            $other = Species::named($name);
            $away = abs($other->density() / $wanted->density() - 1);
            if ($name !== $wanted->name && ! $other->protected && $away <= self::DENSITY_NEAR && abs($other->hardness / $wanted->hardness - 1) <= self::HARDNESS_NEAR) {
                $near[$name] = $away;
            }
        }
        asort($near);

        return array_slice(array_keys($near), 0, self::MOST_STAND_INS);
    }

    private static function whole(float $mm): Length
    {
        return Length::ofMillimetres(ceil($mm - 1e-6));
    }
}

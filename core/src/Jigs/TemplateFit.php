<?php

declare(strict_types=1);

namespace Regimen\Jigs;

use Regimen\Figures\Workings;
use Regimen\Geometry\Point;
use Regimen\Geometry\Polygon;
use Regimen\Units\Words;

/** Whether a template that was made for one instrument serves another. */
final readonly class TemplateFit
{
    /** A line that differs by no more is the same line, in mm: less than what a sanding takes (house convention). */
    public const SAME_MM = 0.3;

    /** A line that differs by no more is still within the finished outline's tolerance, in mm (house convention). */
    public const NEAR_MM = 1.0;

    /** Halves that differ by less are each other's mirror image, in mm. */
    private const SYMMETRIC_MM = 0.3;

    /** How finely lines are compared, in mm, unless they are brought along with more points than are compared in a moment. */
    private const COARSE_MM = 0.05;

    private const MOST_POINTS = 400;

    /**
     * @param  float|null  $most  the greatest deviation in mm; null where hands differ
     * @param  Point|null  $at  where it is, from the nut or from where the body begins
     */
    private function __construct(public bool $fits, public string $words, public ?float $most, public ?Point $at)
    {
    }

    public static function of(TemplateShape $shape, Workings $made, Workings $wanted): self
    {
        $line = self::coarse($shape->line($made));
        $hand = $wanted->specification->brief->hand;
        if ($made->specification->brief->hand !== $hand && $shape !== TemplateShape::Neck && $line->asymmetry() > self::SYMMETRIC_MM) {
            return new self(false, "It is made for the {$made->specification->brief->hand->value} hand and this is for the {$hand->value}: turned over, its marks, its bevels and whatever is screwed to it lie on the wrong face. It takes a template of its own.", null, null);
        }
        $deviation = Deviation::between($line, self::coarse($shape->line($wanted)));
        $by = Words::mm($deviation->most, 2);

        return match (true) {
            $deviation->most <= self::SAME_MM => new self(true, "It fits: {$by} at the most between its line and what is drawn.", $deviation->most, $deviation->at),
            $deviation->most <= self::NEAR_MM => new self(false, "Nearly: its line is off by up to {$by}. File it, or draw the instrument to it.", $deviation->most, $deviation->at),
            default => new self(false, "It does not fit: its line is off by up to {$by}.", $deviation->most, $deviation->at),
        };
    }

    private static function coarse(Polygon $line): Polygon
    {
        for ($by = self::COARSE_MM; $by < self::SAME_MM && count($line->points) > self::MOST_POINTS; $by *= 1.6) {
            $line = $line->simplified($by);
        }

        return $line;
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Route\Standards;

/** The twelve stages of the work (common practice), in the order in which they usually begin. */
enum Stage: string
{
    case Brief = 'brief';
    case Design = 'design';
    case Parts = 'parts';
    case Neck = 'neck';
    case Fretboard = 'fretboard';
    case Body = 'body';
    case Joint = 'joint';
    case Finish = 'finish';
    case Electronics = 'electronics';
    case Assembly = 'assembly';
    case SetUp = 'set-up';
    case Delivery = 'delivery';

    public function words(): string
    {
        return match ($this) {
            self::Parts => 'parts and timber',
            self::Joint => 'joint and layout',
            self::Delivery => 'inspection and delivery',
            default => $this->value,
        };
    }

    /** Whether it comes before timber is cut, so that a specification may still be in the making. */
    public function isBeforeTheCut(): bool
    {
        return in_array($this, [self::Brief, self::Design, self::Parts], true);
    }

    /**
     * Which of the three thin layers of a build's strip in time the stage belongs to; null for the whole instrument.
     */
    public function ply(): ?int
    {
        return match ($this) {
            self::Neck => 0,
            self::Fretboard => 1,
            self::Body => 2,
            default => null,
        };
    }
}

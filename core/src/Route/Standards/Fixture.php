<?php

declare(strict_types=1);

namespace Regimen\Route\Standards;

/** The fixtures that a new shop starts with: what a hold keeps occupied. A shop may add its own. */
enum Fixture: string
{
    case NeckClamps = 'neck-clamps';
    case HeadstockClamps = 'headstock-clamps';
    case FlatBeam = 'flat-beam';
    case BodyClamps = 'body-clamps';
    case JointClamp = 'joint-clamp';
    case Mould = 'mould';
    case GoBarDeck = 'go-bar-deck';
    case HangingRail = 'hanging-rail';
    case SettlingRack = 'settling-rack';

    public function words(): string
    {
        return str_replace('-', ' ', $this->value);
    }

    /** How many a new shop has; house defaults. */
    public function capacity(): int
    {
        return match ($this) {
            self::NeckClamps, self::FlatBeam, self::JointClamp, self::Mould, self::GoBarDeck => 1,
            self::HeadstockClamps, self::BodyClamps => 2,
            self::SettlingRack => 4,
            self::HangingRail => 8,
        };
    }
}

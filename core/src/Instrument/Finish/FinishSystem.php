<?php

declare(strict_types=1);

namespace Regimen\Instrument\Finish;

use Regimen\Instrument\Fields\Option;

/** The finish systems of the trade. */
enum FinishSystem: string implements Option
{
    case WipingOil = 'wiping-oil';
    case HardWaxOil = 'hard-wax-oil';
    case BrushedVarnish = 'brushed-varnish';
    case WaterBorne = 'water-borne';
    case Nitrocellulose = 'nitrocellulose';
    case TwoPart = 'two-part';
    case Shellac = 'shellac';

    public function words(): string
    {
        return match ($this) {
            self::WipingOil => 'wiping oil',
            self::HardWaxOil => 'hard-wax oil',
            self::BrushedVarnish => 'brushed varnish',
            self::WaterBorne => 'water-borne lacquer',
            self::Nitrocellulose => 'nitrocellulose lacquer',
            self::TwoPart => 'two-part polyurethane or polyester',
            self::Shellac => 'shellac, French polish',
        };
    }

    /** Whether it stands on the timber as a film that is levelled and polished, rather than soaking in. */
    public function isLacquer(): bool
    {
        return match ($this) {
            self::WipingOil, self::HardWaxOil => false,
            default => true,
        };
    }

    public function isSprayed(): bool
    {
        return match ($this) {
            self::WaterBorne, self::Nitrocellulose, self::TwoPart => true,
            default => false,
        };
    }
}

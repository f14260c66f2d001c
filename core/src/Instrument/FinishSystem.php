<?php

declare(strict_types=1);

namespace Regimen\Instrument;

enum FinishSystem: string
{
    case WipingOil = 'wiping-oil';
    case Nitrocellulose = 'nitrocellulose';

    public function words(): string
    {
        return match ($this) {
            self::WipingOil => 'wiping oil',
            self::Nitrocellulose => 'nitrocellulose lacquer',
        };
    }

    /** Whether it stands on the timber as a film that is sprayed, rather than soaking in. */
    public function isLacquer(): bool
    {
        return $this === self::Nitrocellulose;
    }
}

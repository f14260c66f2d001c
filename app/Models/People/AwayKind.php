<?php

declare(strict_types=1);

namespace App\Models\People;

use App\Pages\Shop\Option;

/** Why somebody is not at the bench: off, or at work that no build is charged with and that is a block of its own. */
enum AwayKind: string
{
    case Off = 'off';
    case Errand = 'errand';
    case Supervision = 'supervision';
    case Teaching = 'teaching';
    case Repair = 'repair';
    case Upkeep = 'upkeep';

    public function words(): string
    {
        return match ($this) {
            self::Off => 'off',
            self::Errand => 'errand',
            self::Supervision => 'supervising only',
            self::Teaching => 'teaching',
            self::Repair => 'repairs',
            self::Upkeep => 'upkeep of the shop',
        };
    }

    /** @return list<Option> */
    public static function choices(): array
    {
        return array_map(
            static fn (self $kind): Option => new Option(value: $kind->value, words: $kind->words()),
            self::cases(),
        );
    }
}

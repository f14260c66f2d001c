<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

/** The timber of one piece; its value is the group of the kit it stands in. */
enum Blank: string
{
    case Neck = 'neck-timber';
    case Fretboard = 'fretboard-timber';
    case Body = 'body-timber';

    /** @return list<string> */
    public static function keys(): array
    {
        return array_map(static fn (self $blank): string => $blank->value, self::cases());
    }

    /** The operation that selects it, where each is selected when it is there. */
    public function selected(): string
    {
        return 'parts.timber.'.strtolower($this->name);
    }

    public function words(): string
    {
        return match ($this) {
            self::Neck => 'timber for the neck',
            self::Fretboard => 'timber for the fretboard',
            self::Body => 'timber for the body',
        };
    }

    /** @return list<string> the first cuts into it */
    public function cuts(): array
    {
        return match ($this) {
            self::Neck => ['neck.laminate', 'neck.square'],
            self::Fretboard => ['fretboard.thickness'],
            self::Body => ['body.joint', 'body.thickness', 'body.layers'],
        };
    }
}

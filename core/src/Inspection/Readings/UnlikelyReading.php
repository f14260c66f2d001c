<?php

declare(strict_types=1);

namespace Regimen\Inspection\Readings;

use DomainException;

/** A reading that cannot be meant as it stands. */
final class UnlikelyReading extends DomainException
{
    /**
     * @param  string  $meant  what was probably meant, as it can be typed; empty where nothing is likely
     * @param  bool  $canBe  whether it is recorded all the same by somebody who is sure
     */
    private function __construct(string $message, public readonly string $meant, public readonly bool $canBe)
    {
        parent::__construct($message);
    }

    public static function unreadable(string $typed, string $unit): self
    {
        $shown = mb_strimwidth(trim((string) preg_replace('/[^\PC ]/u', ' ', mb_scrub($typed))), 0, 40, '…');
        $like = match ($unit) {
            'mm' => '21.5, 21.5 mm or 0.846 in',
            '' => 'yes or no',
            default => "7.2 or 7.2 {$unit}",
        };

        return new self("“{$shown}” is no reading. Write it like {$like}.", '', false);
    }

    public static function inAnotherUnit(string $typed, string $unit): self
    {
        return new self("“{$typed}” is in another unit: this is measured in {$unit}.", '', false);
    }

    public static function farOff(string $shown, string $wanted, string $meant): self
    {
        return new self(
            "{$shown} where {$wanted} is wanted"
                .($meant === '' ? ': look at the tool again.' : ": did you mean {$meant}?"),
            $meant, true,
        );
    }
}

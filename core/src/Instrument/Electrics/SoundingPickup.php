<?php

declare(strict_types=1);

namespace Regimen\Instrument\Electrics;

use Regimen\Units\InvalidQuantity;

/** A pickup at a switch position, by its name in lower case, and what of it sounds. */
final readonly class SoundingPickup
{
    private function __construct(public string $name, public CoilUse $coils)
    {
    }

    /**
     * `bridge`, `bridge split`, `bridge coils in parallel`
     *
     * @throws InvalidQuantity
     */
    public static function parse(string $typed): self
    {
        $text = (string) preg_replace('/\s+/u', ' ', trim($typed));
        $coils = CoilUse::Whole;
        foreach ([CoilUse::Split, CoilUse::CoilsInParallel] as $use) {
            if (str_ends_with($text, " {$use->value}")) {
                [$text, $coils] = [substr($text, 0, -strlen($use->value) - 1), $use];
            }
        }
        if (
            preg_match('/^[\p{L}\d -]{1,24}$/u', $text) !== 1
            || preg_match('/\b(?:series|in parallel|with)\b/', $text) === 1
        ) {
            throw InvalidQuantity::unreadable(trim($typed), ...SwitchPosition::EXAMPLES);
        }

        return new self($text, $coils);
    }

    public function inWords(): string
    {
        return trim("{$this->name} {$this->coils->value}");
    }
}

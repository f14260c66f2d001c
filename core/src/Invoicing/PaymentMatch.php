<?php

declare(strict_types=1);

namespace Regimen\Invoicing;

use Regimen\Units\Money;

/** Which invoice money that came is meant for: by its number, by the name and the amount. Only what is named and fits is taken as certain. */
final readonly class PaymentMatch
{
    private function __construct(public ?OpenItem $item, public bool $isCertain, public string $because)
    {
    }

    /**
     * @param  list<OpenItem>  $items
     * @param  string  $said  what stands with the payment: whose it is, and what for
     */
    public static function find(Money $came, string $said, array $items): self
    {
        $words = self::plain($said);
        $named = array_values(array_filter($items, static fn (OpenItem $item): bool => preg_match('/(?<![a-z0-9])'.str_replace(' ', ' ?', preg_quote(self::plain($item->number), '/')).'(?![a-z0-9])/', $words) === 1));
        if (count($named) === 1) {
            $left = $named[0]->left;

            return new self($named[0], $left->minor === $came->minor, match (true) {
                $left->minor === $came->minor => "names {$named[0]->number} and pays what is left of it",
                $left->minor > $came->minor => "names {$named[0]->number}, and is less than the {$left} that is left of it",
                default => "names {$named[0]->number}, and is more than the {$left} that is left of it",
            });
        }
        $fits = array_values(array_filter($items, static fn (OpenItem $item): bool => $item->left->minor === $came->minor && self::isOf($item, $words)));
        if (count($fits) === 1) {
            return new self($fits[0], false, "is from {$fits[0]->client} and as much as is left of {$fits[0]->number}");
        }
        $amount = array_values(array_filter($items, static fn (OpenItem $item): bool => $item->left->minor === $came->minor));

        return match (true) {
            count($named) > 1 => new self(null, false, 'names several invoices'),
            count($amount) === 1 => new self($amount[0], false, "is as much as is left of {$amount[0]->number}, but names neither it nor {$amount[0]->client}"),
            count($fits) > 1 || count($amount) > 1 => new self(null, false, 'is as much as is left of several invoices'),
            default => new self(null, false, 'fits no open invoice'),
        };
    }

    /** Every part of the name stands there as a word. */
    private static function isOf(OpenItem $item, string $words): bool
    {
        $parts = array_filter(explode(' ', self::plain($item->client)), static fn (string $part): bool => strlen($part) > 1);

        return $parts !== [] && array_filter($parts, static fn (string $part): bool => ! str_contains(" {$words} ", " {$part} ")) === [];
    }

    /** Letters without their marks and figures, one space between. */
    private static function plain(string $text): string
    {
        $ascii = \Transliterator::create('Any-Latin; Latin-ASCII; Lower()')?->transliterate($text);

        return trim((string) preg_replace('/[^a-z0-9]+/', ' ', is_string($ascii) ? $ascii : mb_strtolower($text)));
    }
}

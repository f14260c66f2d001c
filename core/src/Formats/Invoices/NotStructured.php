<?php

declare(strict_types=1);

namespace Regimen\Formats\Invoices;

use Regimen\Invoicing\BrokenRule;

/** An invoice that EN 16931 does not admit, with every rule it breaks. */
final class NotStructured extends \DomainException
{
    /** @param  non-empty-list<BrokenRule>  $rules */
    private function __construct(string $message, public readonly array $rules)
    {
        parent::__construct($message);
    }

    /** @param  non-empty-list<BrokenRule>  $rules */
    public static function because(array $rules): self
    {
        return new self('It cannot be written as structured data: '.implode(' ', array_map(static fn (BrokenRule $one): string => "{$one->sentence} ({$one->rule})", $rules)), $rules);
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Invoicing;

/** Why a tax is as it is, in the codes of UNCL 5305 that EN 16931 admits. */
enum TaxCategory: string
{
    case Standard = 'S';
    case Zero = 'Z';
    case Exempt = 'E';
    case ReverseCharge = 'AE';
    case WithinUnion = 'K';
    case Export = 'G';
    case OutOfScope = 'O';

    public function words(): string
    {
        return match ($this) {
            self::Standard => 'taxed',
            self::Zero => 'zero rated',
            self::Exempt => 'exempt',
            self::ReverseCharge => 'owed by the client (reverse charge)',
            self::WithinUnion => 'to a business in another state of the union',
            self::Export => 'exported, free of tax',
            self::OutOfScope => 'outside the scope of the tax',
        };
    }

    /** Whether an invoice has to say why no tax is on it. */
    public function needsReason(): bool
    {
        return ! in_array($this, [self::Standard, self::Zero], true);
    }

    /** How the standard names its rules for it. */
    public function rule(): string
    {
        return $this === self::WithinUnion ? 'IC' : $this->value;
    }
}

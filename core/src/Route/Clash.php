<?php

declare(strict_types=1);

namespace Regimen\Route;

use Regimen\Findings\Finding;

/** Two rules that no order can satisfy together; the first had to give way for the route to be shown at all. */
final readonly class Clash
{
    public function __construct(public Link $dropped, public Link $against)
    {
    }

    public function words(): string
    {
        return "“{$this->dropped->rule}” and “{$this->against->rule}” cannot both be kept.";
    }

    public function finding(): Finding
    {
        return Finding::stop(
            'route-clash-'.md5($this->dropped->rule.$this->against->rule),
            'No order of work satisfies two rules',
        )
            ->says($this->words())
            ->because(
                "{$this->dropped->rule}: {$this->dropped->reason} {$this->against->rule}: {$this->against->reason} "
                    .'Change '
                .'one of the methods on the route page, or the specification.',
            );
    }
}

<?php

declare(strict_types=1);

namespace Regimen\Route\Judge;

use Regimen\Findings\Severity;
use Regimen\Route\Link;
use Regimen\Units\Duration;

/** A link of the derived route that a changed one no longer keeps: what is spoiled by it, and when. */
final readonly class Broken implements Damage
{
    /** @param  Duration  $stake  labour in the pieces that are touched by then */
    public function __construct(
        public Link $link,
        public string $before,
        public string $after,
        public bool $dropped,
        public Duration $stake,
    ) {
    }

    public function severity(): Severity
    {
        return $this->link->spoils === '' ? Severity::Warn : Severity::Stop;
    }

    public function key(): string
    {
        return "{$this->link->before} {$this->link->after}";
    }

    public function title(): string
    {
        return $this->dropped
            ? "“{$this->after}” without “{$this->before}”"
            : "“{$this->after}” before “{$this->before}”";
    }

    public function rule(): string
    {
        return $this->link->rule;
    }

    public function words(): string
    {
        $when = $this->dropped
            ? "When “{$this->after}” is done"
            : "When “{$this->after}” is done and “{$this->before}” is still to come";
        $what = $this->link->spoils === ''
            ? 'nothing is lost for good, but: '.lcfirst($this->link->reason)
            : lcfirst($this->link->spoils);

        return "{$when}: {$what}".(
            $this->stake->minutes > 0 && $this->link->spoils !== ''
                ? ' '.round($this->stake->hours(), 1).' h of work are in it by then.'
                : ''
        );
    }
}

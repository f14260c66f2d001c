<?php

declare(strict_types=1);

namespace Regimen\Route\Judge;

use Regimen\Findings\Severity;
use Regimen\Route\Air\HoldKind;
use Regimen\Route\Operation;
use Regimen\Units\Duration;

/** A hold that is shorter than its glue or its finish needs. */
final readonly class ShortHold implements Damage
{
    public function __construct(public Operation $operation, public Duration $needed)
    {
    }

    public function severity(): Severity
    {
        return Severity::Stop;
    }

    public function key(): string
    {
        return "hold {$this->operation->key} {$this->operation->hold->minutes}";
    }

    public function title(): string
    {
        return "“{$this->operation->name}” is left alone too short";
    }

    public function words(): string
    {
        $needs = $this->operation->holdKind === HoldKind::Finish ? 'the finish needs' : 'the glue needs';
        $harm = $this->operation->holdKind === HoldKind::Finish
            ? 'what is sprayed or sanded over it sinks in, wrinkles or stays soft'
            : 'the joint creeps or opens when it is handled';

        return "It would hold {$this->operation->hold->byTheClock()}; {$needs} {$this->needed->byTheClock()}. Before "
            ."that {$harm}. The data sheet decides.";
    }

    public function rule(): string
    {
        return 'Glue and finish take their time';
    }
}
